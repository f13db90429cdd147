package app.unimetric.core.stated;

import static app.unimetric.core.quantity.TorqueUnit.NEWTON_METRE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.Seeded;
import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.thread.ScrewThread;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * The rules by which stated values come to one band and one aim (field guide, section 4). In the
 * tables a value reads "manual 20 Nm"; "new kit …" speaks for the part being fitted; a joint is
 * told by its traits, aim, tool deviation ("a 4") and tolerance ("tol 3").
 */
class ResolverTest {
  private static final ScrewThread M6 = ScrewThread.parse("M6");

  static List<StatedValue> values(String table) {
    return Arrays.stream(table.split(";")).map(v -> value(v.strip())).toList();
  }

  private static StatedValue value(String row) {
    boolean newPart = row.startsWith("new ");
    String[] words = (newPart ? row.substring(4) : row).split(" ", 2);
    Source source =
        switch (words[0]) {
          case "manual" -> Source.MANUAL;
          case "kit" -> Source.KIT_SHEET;
          case "mark" -> Source.PART_MARKING;
          case "sister" -> Source.SISTER_SHEET;
          case "estimate" -> Source.ESTIMATE;
          default -> Source.RECOLLECTION;
        };
    StatedValue read = TorqueText.parse(words[1]).from(source);
    return newPart ? read.ofNewPart() : read;
  }

  static JointContext joint(String table) {
    Set<Trait> traits = EnumSet.noneOf(Trait.class);
    Role role = Role.CLAMP;
    Aim aim = Aim.MIDDLE;
    Double deviation = null;
    Tolerances tolerance = Tolerances.USUAL;
    ScrewThread thread = null;
    boolean pinned = false;
    for (String word : table.split(", *")) {
      String upper = word.toUpperCase(Locale.ROOT).replace(' ', '_');
      if (word.startsWith("a ")) {
        deviation = Double.valueOf(word.substring(2));
      } else if (word.startsWith("tol ")) {
        tolerance = Tolerances.same(Double.parseDouble(word.substring(4)));
      } else if (word.startsWith("M")) {
        thread = ScrewThread.parse(word);
      } else if (Arrays.stream(Aim.values()).anyMatch(a -> a.name().equals(upper))) {
        aim = Aim.valueOf(upper);
      } else if (Arrays.stream(Role.values()).anyMatch(r -> r.name().equals(upper))) {
        role = Role.valueOf(upper);
      } else if (word.equals("pinned")) {
        pinned = true;
      } else if (!word.equals("plain")) {
        traits.add(Trait.valueOf(upper));
      }
    }
    PropertyClass material = thread == null ? null : PropertyClass.C8_8;
    return new JointContext(
        thread,
        material,
        Head.HEX,
        new Duty(role, traits, null),
        aim,
        deviation,
        tolerance,
        pinned);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        // bands by form: VALUE ± 10 %, ± 5 % critical; MAXIMUM 0.8·m … m; MINIMUM m … 1.1·m
        "manual 20 Nm                    | plain              | 18   | 22   | 20",
        "manual 20 Nm                    | critical           | 19   | 21   | 20",
        "manual 20 Nm                    | critical, tol 3    | 19.4 | 20.6 | 20",
        "manual 20 Nm                    | pinned             | 20   | 22   | 20.833333333",
        "manual 20 Nm                    | pinned, critical   | 20   | 22   | 20.833333333",
        "manual 5 Nm                     | pinned             | 5    | 5.5  | 5.319148936",
        "manual 20-24 Nm                 | pinned             | 20   | 24   | 22",
        "mark max 5 Nm                   | pinned             | 4    | 5    | 4.716981132",
        "manual 20 Nm                    | tol 0              | 20   | 20   | 20",
        "mark max 5 Nm                   | plain              | 4    | 5    | 4.716981132",
        "mark max 10 Nm                  | plain              | 8    | 10   | 9.433962264",
        "mark max 10.01 Nm               | plain              | 8.008| 10.01| 9.625",
        "mark max 20 Nm                  | a 8                | 16   | 20   | 18.518518518",
        "manual min 60 Nm                | plain              | 60   | 66   | 62.5",
        "manual min 10 Nm                | plain              | 10   | 11   | 10.638297872",
        "manual min 60 Nm                | a 20               | 60   | 66   | 66",
        "manual 9-12 Nm                  | plain              | 9    | 12   | 10.5",
        "manual 20, then 40 Nm           | plain              | 36   | 44   | 40",
        "manual 20 Nm + 90°              | plain              | 18   | 22   | 20",
        "kit 33 ftlb                     | plain              | 40.267793 | 49.216192 | 44.741992",
        // aims
        "manual 9-12 Nm                  | upper third        | 9    | 12   | 11",
        "manual 9-12 Nm                  | lower third        | 9    | 12   | 10",
        "manual 9-12 Nm                  | upper third, carbon| 9    | 12   | 10.5",
        "manual 9-12 Nm                  | upper third, soft thread | 9 | 12 | 10.5",
        "manual 9-12 Nm                  | upper third, settles | 9  | 12   | 11",
        "manual 9-12 Nm                  | lower third, carbon| 9    | 12   | 10",
        "manual 20 Nm                    | upper third        | 18   | 22   | 20.666666667",
        "mark max 20 Nm                  | upper third        | 16   | 20   | 18.666666667",
        "mark max 20 Nm                  | lower third        | 16   | 20   | 17.333333333",
        "manual min 60 Nm                | lower third        | 60   | 66   | 62.5",
        "manual min 60 Nm                | upper third        | 60   | 66   | 64",
        // the lowest maximum caps everything
        "manual max 6 Nm; mark max 5 Nm  | plain              | 4    | 5    | 4.716981132",
        "manual 4-6 Nm; mark max 5 Nm    | plain              | 4    | 5    | 4.5",
        "manual 5 Nm; mark max 5 Nm      | plain              | 4.5  | 5    | 4.716981132",
        "manual 4-5 Nm; mark max 5 Nm    | plain              | 4    | 5    | 4.5",
        "manual 5-6 Nm; mark max 5 Nm    | plain              | 5    | 5    | 5",
        "manual 8 Nm; mark max 5 Nm      | plain              | 4    | 5    | 4.716981132"
      })
  void oneBandAndOneAim(String values, String joint, double min, double max, double aim) {
    Resolution r = Resolver.resolve(values(values), joint(joint));
    assertThat(r.band().minNm()).isCloseTo(min, within(1e-6));
    assertThat(r.band().maxNm()).isCloseTo(max, within(1e-6));
    assertThat(r.aimNm()).isCloseTo(aim, within(1e-6));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "kit 20 Nm; manual 21 Nm               | 1",
        "mark 20 Nm; kit 21 Nm                 | 1",
        "sister 20 Nm; mark 21 Nm              | 1",
        "estimate 20 Nm; sister 21 Nm          | 1",
        "memory 20 Nm; estimate 21 Nm          | 1",
        "manual 20 Nm; manual 21 Nm            | 0",
        "manual 21 Nm; new kit 20 Nm           | 1",
        "manual 21 Nm; new mark 20 Nm          | 1",
        "new mark 21 Nm; new kit 20 Nm         | 1",
        "manual 21 Nm; new memory 20 Nm        | 0",
        "manual 21 Nm; new sister 20 Nm        | 0",
        "manual 8 Nm; mark max 5 Nm            | 1",
        "mark max 5 Nm; manual 4-6 Nm          | 1",
        "manual max 6 Nm; mark max 5 Nm        | 1"
      })
  void theBestRankedGoverns(String values, int governing) {
    assertThat(Resolver.resolve(values(values), joint("plain")).governing()).isEqualTo(governing);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        // bands 18–22 and 22–26.9 just meet; 18–22 and 22.05–26.95 do not
        "manual 20 Nm; kit 24.44 Nm          | plain    | ",
        "manual 20 Nm; kit 24.5 Nm           | plain    | 1 +22.5",
        "manual 20 Nm; kit 16 Nm             | plain    | 1 -20",
        "manual 20 Nm; kit 22.1 Nm           | critical | ",
        "manual 20 Nm; kit 22.2 Nm           | critical | 1 +11",
        "manual 55 Nm; kit 33 ftlb           | critical | 1 -18.650922",
        "manual 20 Nm; kit 20-22 Nm; sister 30 Nm | plain | 2 +50",
        "manual 20 Nm; kit min 22 Nm         | plain    | ",
        "manual 20 Nm; kit min 22.1 Nm       | plain    | 1 +15.104167",
        "manual 20 Nm; mark max 30 Nm        | plain    | ",
        "manual 8 Nm; mark max 5 Nm          | plain    | 0 +69.6",
        "manual 20 Nm; kit snug              | plain    | "
      })
  void sourcesThatDoNotMeetAreAConflict(String values, String joint, String conflict) {
    Resolution r = Resolver.resolve(values(values), joint(joint));
    if (conflict == null) {
      assertThat(r.conflicts()).isEmpty();
      assertThat(r.ready()).isTrue();
      return;
    }
    assertThat(r.ready()).isFalse();
    Conflict only = r.conflicts().get(0);
    assertThat(r.conflicts()).hasSize(1);
    assertThat(only.a()).isEqualTo(r.governing());
    assertThat(only.b()).isEqualTo(Integer.parseInt(conflict.split(" ")[0]));
    assertThat(only.percent()).isCloseTo(Double.parseDouble(conflict.split(" ")[1]), within(1e-5));
    assertThat(r.blockers().get(0))
        .contains(" disagrees with ", (only.percent() < 0 ? " by −" : " by +"), "with a reason.");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "manual min 9 Nm; mark max 8 Nm         | plain    | do not go together",
        "manual min 8 Nm; mark max 8 Nm         | plain    | ",
        "mark max 8 Nm; manual 7 Nm; kit min 8.1 Nm | plain | do not go together",
        "memory 10 Nm                           | critical | never stands alone",
        "memory 10 Nm                           | plain    | ",
        "manual 10 Nm; memory 10 Nm             | critical | ",
        "manual snug                            | critical | by feel is not enough",
        "manual snug                            | plain    | ",
        "manual until the gap closes            | critical | by feel is not enough",
        "manual 25 Nm (18 ftlb)                 | plain    | ",
        "manual 25 Nm (25 ftlb)                 | plain    | states the value twice",
        "manual 10 Nm                           | M6       | ",
        "manual 88 Nm                           | M6       | Probably a wrong unit",
        "new kit 15.5 Nm                        | M6       | ",
        "new kit 15.6 Nm                         | M6       | beyond what the vehicle's thread can take",
        "kit 15.6 Nm                            | M6       | ",
        "new manual 15.6 Nm                     | M6       | ",
        "new mark 15.6 Nm                       | M6       | beyond what the vehicle's thread can take"
      })
  void whatStandsInTheWay(String values, String joint, String blocker) {
    Resolution r = Resolver.resolve(values(values), joint(joint));
    assertThat(r.ready()).isEqualTo(blocker == null);
    if (blocker == null) {
      assertThat(r.blockers()).isEmpty();
    } else {
      assertThat(r.blockers()).anyMatch(b -> b.contains(blocker));
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "manual 20 Nm               | plain        | A single value gets the workshop's band of ± 10 %.",
        "manual 20 Nm               | critical     | A single value gets the workshop's band of ± 5 %, because the joint is critical.",
        "manual 20 Nm               | critical, tol 3 | A single value gets the workshop's band of ± 3 %.",
        "mark max 5 Nm              | plain        | Only a maximum is known: the band runs from 80 % of it, and the aim stays below it by the tool's deviation.",
        "manual min 5 Nm            | plain        | Only a minimum is known: the band runs to 110 % of it, and the aim stays above it by the tool's deviation.",
        "manual 20 Nm               | pinned       | On a pinned nut a single value is the minimum: from there it goes on to the next slot, never back.",
        "manual 20 Nm               | pinned       | The band runs to 110 % of it, and the aim stays above it by the tool's deviation.",
        "manual 9-12 Nm             | upper third, carbon | The upper third is not used on carbon, plastic or soft threads; the aim is the middle.",
        "manual 4-6 Nm; mark max 5 Nm | plain      | The band is cut at max 5 N·m (marking on the part), the lowest maximum of the parts in the clamp.",
        "manual 8 Nm; mark max 5 Nm | plain        | 8 N·m (vehicle maker's manual) lies wholly above max 5 N·m (marking on the part), the lowest maximum in the clamp; the maximum governs.",
        "manual 21 Nm; new kit 20 Nm | plain       | The new part is clamped or brings its own fastener, so its own sheet ranks first.",
        "manual about 20 Nm         | plain        | The value was hedged (“about”); treat it with care.",
        "manual 20, then 40 Nm      | plain        | Stated in stages; the band is that of the last one.",
        "manual 20 Nm + 90°         | plain        | The band is that of the torque before the angle is turned.",
        "estimate 20 Nm             | plain        | An estimate from thread and class: look for the maker's value.",
        "manual snug                | plain        | No source gives a figure: snug, by hand.",
        "kit 20 Nm                  | plain        | Governed by the part maker's sheet: 20 N·m."
      })
  void saysWhy(String values, String joint, String reason) {
    assertThat(Resolver.resolve(values(values), joint(joint)).reasons()).contains(reason);
  }

  @Test
  void whatDoesNotApplyIsNotSaid() {
    assertThat(Resolver.resolve(values("manual 20 Nm"), joint("plain")).reasons())
        .containsExactly(
            "A single value gets the workshop's band of ± 10 %.",
            "Governed by the vehicle maker's manual: 20 N·m.");
    Resolution cut = Resolver.resolve(values("manual 4-6 Nm; mark max 5 Nm"), joint("plain"));
    assertThat(cut.capNm()).isEqualTo(5);
    assertThat(cut.derivation().stream().map(d -> d.symbol() + " " + d.value()).toList())
        .containsExactly("T_cap 5.0", "T_min 4.0", "T_max 5.0", "T_aim 4.5");
    Resolution none = Resolver.resolve(values("manual snug"), joint("plain"));
    assertThat(none.band()).isNull();
    assertThat(none.capNm()).isNull();
    assertThat(none.ready()).isTrue();
  }

  @Test
  void theAimsShareOfTheDeviationIsDerived() {
    assertThat(
            Resolver.resolve(values("mark max 5 Nm"), joint("plain")).derivation().stream()
                .map(d -> d.formula())
                .collect(Collectors.toList()))
        .contains("m/(1 + a), a = 6 %");
    assertThat(
            Resolver.resolve(values("manual min 50 Nm"), joint("plain")).derivation().stream()
                .map(d -> d.formula())
                .collect(Collectors.toList()))
        .contains("m/(1 − a), a = 4 %");
  }

  @Test
  void oneToSixtyFourValuesAreTaken() {
    StatedValue one = StatedValue.of(20, NEWTON_METRE, Source.MANUAL);
    assertThat(Resolver.resolve(java.util.Collections.nCopies(64, one), joint("plain")).ready())
        .isTrue();
    assertThatThrownBy(
            () -> Resolver.resolve(java.util.Collections.nCopies(65, one), joint("plain")))
        .isInstanceOf(InvalidInput.class);
    assertThatThrownBy(() -> Resolver.resolve(List.of(), joint("plain")))
        .isInstanceOf(InvalidInput.class);
  }

  @ParameterizedTest
  @CsvSource({"-0.1, 5", "50.1, 5", "5, -0.1", "5, 50.1"})
  void deviationAndToleranceAreNoughtToFiftyPercent(double deviation, double tolerance) {
    assertThatThrownBy(
            () ->
                new JointContext(
                    M6,
                    null,
                    Head.HEX,
                    Duty.PLAIN,
                    Aim.MIDDLE,
                    deviation,
                    Tolerances.same(tolerance),
                    false))
        .isInstanceOf(InvalidInput.class);
    assertThat(
            new JointContext(
                    M6, null, Head.HEX, Duty.PLAIN, Aim.MIDDLE, 50.0, Tolerances.same(0), false)
                .toolDeviationPercent())
        .isEqualTo(50);
  }

  @Test
  void aWorkshopsOwnTolerancesNarrowTheBandAndSayForWhom() {
    JointContext strict =
        new JointContext(
            null,
            null,
            Head.HEX,
            new Duty(Role.CLAMP, Set.of(Trait.CRITICAL), null),
            Aim.MIDDLE,
            null,
            new Tolerances(8, 3),
            false);
    Resolution r =
        Resolver.resolve(
            List.of(StatedValue.of(20, TorqueUnit.NEWTON_METRE, Source.MANUAL)), strict);
    assertThat(r.band().minNm()).isEqualTo(19.4);
    assertThat(r.band().maxNm()).isEqualTo(20.6);
    assertThat(r.reasons()).anySatisfy(w -> assertThat(w).contains("± 3 %", "critical"));
    assertThatThrownBy(() -> new Tolerances(4, 5))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("must not be above");
  }

  @Test
  void theDutysOwnAimStandsAboveTheWorkshops() {
    Duty own = new Duty(Role.CLAMP, Set.of(), Aim.LOWER_THIRD);
    assertThat(own.aimWithin(Aim.UPPER_THIRD)).isEqualTo(Aim.LOWER_THIRD);
    assertThat(Duty.PLAIN.aimWithin(Aim.UPPER_THIRD)).isEqualTo(Aim.UPPER_THIRD);
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void theAimLiesInTheBandAndTheBandUnderEveryMaximum(Seeded.Case random) {
    List<StatedValue> values = new ArrayList<>();
    int count = 1 + random.nextInt(4);
    for (int i = 0; i < count; i++) {
      double v = random.between(1, 100);
      TorqueUnit unit = TorqueUnit.values()[random.nextInt(2)];
      Source source = Source.values()[random.nextInt(6)];
      values.add(
          switch (random.nextInt(4)) {
            case 0 -> StatedValue.maximum(v, unit, source);
            case 1 -> StatedValue.minimum(v, unit, source);
            case 2 -> StatedValue.range(v, v * random.between(1, 1.5), unit, source);
            default -> StatedValue.of(v, unit, source);
          });
    }
    Duty duty = random.nextBoolean() ? Duty.of(Role.CLAMP, Trait.CRITICAL) : Duty.PLAIN;
    JointContext joint =
        new JointContext(
            null,
            null,
            Head.HEX,
            duty,
            Aim.values()[random.nextInt(3)],
            null,
            Tolerances.USUAL,
            random.nextBoolean());
    Resolution r = Resolver.resolve(values, joint);
    TorqueBand band = r.band();
    assertThat(band.contains(r.aimNm())).isTrue();
    for (StatedValue v : values) {
      if (v.form() == Form.MAXIMUM) {
        assertThat(band.reachesAbove(v.statedNm().maxNm())).isFalse();
      }
    }
    assertThat(r.ready()).isEqualTo(r.blockers().isEmpty());
    assertThat(r.ready() && !r.conflicts().isEmpty()).isFalse();
  }
}
