package app.unimetric.core.spec;

import static app.unimetric.core.quantity.TorqueUnit.FOOT_POUND;
import static app.unimetric.core.quantity.TorqueUnit.INCH_POUND;
import static app.unimetric.core.quantity.TorqueUnit.NEWTON_METRE;
import static app.unimetric.core.spec.SpecSource.KIT_SHEET;
import static app.unimetric.core.spec.SpecSource.MANUAL;
import static app.unimetric.core.spec.SpecSource.PART_MARKING;
import static app.unimetric.core.spec.SpecSource.RECOLLECTION;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.Seeded;
import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.thread.MetricThread;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ResolverTest {
  private static final JointContext PLAIN = JointContext.plain();
  private static final JointContext M6 = PLAIN.with(MetricThread.parse("M6"), PropertyClass.C8_8);

  private static Resolution resolve(JointContext joint, SpecValue... values) {
    return Resolver.resolve(List.of(values), joint);
  }

  private static SpecValue value(double v, SpecSource source) {
    return SpecValue.of(v, NEWTON_METRE, source);
  }

  private static void assertBand(Resolution r, double min, double max, double aim) {
    assertThat(r.band().minNm()).isCloseTo(min, within(1e-9));
    assertThat(r.band().maxNm()).isCloseTo(max, within(1e-9));
    assertThat(r.aimNm()).isCloseTo(aim, within(1e-9));
  }

  @Test
  void aSingleValueGetsTenPercentAndFiveOnCriticalJoints() {
    assertBand(resolve(PLAIN, value(20, MANUAL)), 18, 22, 20);
    assertBand(resolve(PLAIN.critical(true), value(20, MANUAL)), 19, 21, 20);
  }

  @Test
  void aMaximumIsApproachedFromBelowByTheToolsDeviation() {
    assertBand(resolve(PLAIN, SpecValue.maximum(5, NEWTON_METRE, PART_MARKING)), 4, 5, 5 / 1.06);
    assertBand(
        resolve(PLAIN, SpecValue.maximum(20, NEWTON_METRE, PART_MARKING)), 16, 20, 20 / 1.04);
  }

  @Test
  void aMinimumIsExceededByTheToolsDeviation() {
    assertBand(resolve(PLAIN, SpecValue.minimum(60, NEWTON_METRE, MANUAL)), 60, 66, 60 / 0.96);
  }

  @Test
  void theLowestMaximumCapsWhateverItsRank() {
    Resolution r =
        resolve(
            PLAIN,
            SpecValue.maximum(6, NEWTON_METRE, MANUAL),
            SpecValue.maximum(5, NEWTON_METRE, PART_MARKING));
    assertThat(r.governing()).isEqualTo(1);
    assertThat(r.band().maxNm()).isEqualTo(5);
    assertThat(r.conflicts()).isEmpty();
    assertThat(r.ready()).isTrue();
  }

  @Test
  void aRangeIsCutAtTheCapAndAimsBelowIt() {
    Resolution r =
        resolve(
            PLAIN,
            SpecValue.range(4, 6, NEWTON_METRE, MANUAL),
            SpecValue.maximum(5, NEWTON_METRE, PART_MARKING));
    assertBand(r, 4, 5, 4.5);
    assertThat(r.reasons()).anyMatch(s -> s.contains("cut at"));
  }

  @Test
  void aValueWhollyAboveTheCapGivesWayAndIsListed() {
    Resolution r =
        resolve(PLAIN, value(8, MANUAL), SpecValue.maximum(5, NEWTON_METRE, PART_MARKING));
    assertThat(r.governing()).isEqualTo(1);
    assertThat(r.conflicts()).singleElement().satisfies(c -> assertThat(c.b()).isZero());
    assertThat(r.ready()).isFalse();
  }

  @Test
  void aMinimumAboveTheCapBlocks() {
    Resolution r =
        resolve(
            PLAIN,
            SpecValue.minimum(9, NEWTON_METRE, MANUAL),
            SpecValue.maximum(8, NEWTON_METRE, PART_MARKING));
    assertThat(r.ready()).isFalse();
    assertThat(r.blockers()).anyMatch(s -> s.contains("do not go together"));
  }

  @Test
  void aimsInThirds() {
    SpecValue range = SpecValue.range(9, 12, NEWTON_METRE, MANUAL);
    assertThat(resolve(PLAIN.aiming(Aim.UPPER_THIRD), range).aimNm()).isCloseTo(11, within(1e-9));
    assertThat(resolve(PLAIN.aiming(Aim.LOWER_THIRD), range).aimNm()).isCloseTo(10, within(1e-9));
  }

  @Test
  void carbonNeverAimsHigh() {
    JointContext carbon =
        new JointContext(
            null, null, Head.HEX, Role.CLAMP, true, true, false, Aim.UPPER_THIRD, null, null);
    Resolution r = resolve(carbon, SpecValue.range(4, 6, NEWTON_METRE, MANUAL));
    assertThat(r.aimNm()).isEqualTo(5);
    assertThat(r.reasons()).anyMatch(s -> s.contains("upper third is not used"));
  }

  @Test
  void theManualGovernsUnlessTheNewPartSpeaksForItself() {
    assertThat(resolve(PLAIN, value(20, KIT_SHEET), value(21, MANUAL)).governing()).isEqualTo(1);
    assertThat(resolve(PLAIN, value(20, KIT_SHEET).ofNewPart(), value(21, MANUAL)).governing())
        .isZero();
    assertThat(resolve(PLAIN, value(20, RECOLLECTION).ofNewPart(), value(21, MANUAL)).governing())
        .isEqualTo(1);
  }

  @Test
  void aKitSheetInFootPoundsThatDisagreesIsAConflictWithItsPercent() {
    Resolution r =
        resolve(PLAIN.critical(true), value(55, MANUAL), SpecValue.of(33, FOOT_POUND, KIT_SHEET));
    assertThat(r.ready()).isFalse();
    assertThat(r.conflicts())
        .singleElement()
        .satisfies(c -> assertThat(c.percent()).isCloseTo(-18.65, within(0.01)));
  }

  @Test
  void figuresThatAgreeInAnotherUnitAreNamed() {
    Resolution r = resolve(PLAIN, value(10, PART_MARKING), value(88, KIT_SHEET));
    assertThat(r.unitSlips())
        .singleElement()
        .satisfies(
            s -> {
              assertThat(s.index()).isEqualTo(1);
              assertThat(s.likelyUnits()).containsExactly(INCH_POUND);
            });
  }

  @Test
  void whatTheBoltCannotCarryIsImplausibleByPhysicsAlone() {
    Resolution r = resolve(M6, value(88, KIT_SHEET));
    assertThat(r.unitSlips().get(0).likelyUnits())
        .contains(INCH_POUND)
        .doesNotContain(FOOT_POUND, NEWTON_METRE);
    assertThat(r.ready()).isFalse();
    assertThat(resolve(M6, value(10, KIT_SHEET)).unitSlips()).isEmpty();
  }

  @Test
  void pivotsAndAdjustersAreNotJudgedByPhysics() {
    JointContext pivot =
        new JointContext(
            MetricThread.parse("M6"),
            PropertyClass.C8_8,
            Head.HEX,
            Role.PIVOT,
            false,
            false,
            false,
            Aim.MIDDLE,
            null,
            null);
    assertThat(resolve(pivot, value(0.4, MANUAL)).unitSlips()).isEmpty();
  }

  @Test
  void aSheetThatStatesItselfTwiceMustAgreeWithItself() {
    assertThat(resolve(PLAIN, twice(25, 18)).ready()).isTrue();
    assertThat(resolve(PLAIN, twice(25, 25)).blockers())
        .anyMatch(s -> s.contains("states the value twice"));
  }

  private static SpecValue twice(double nm, double footPounds) {
    return new SpecValue(
        SpecForm.VALUE,
        nm,
        null,
        null,
        null,
        List.of(),
        NEWTON_METRE,
        MANUAL,
        null,
        false,
        FrictionCondition.UNKNOWN,
        false,
        AlsoStated.of(footPounds, FOOT_POUND));
  }

  @Test
  void memoryNeverStandsAloneOnACriticalJoint() {
    assertThat(resolve(PLAIN.critical(true), value(10, RECOLLECTION)).ready()).isFalse();
    assertThat(resolve(PLAIN, value(10, RECOLLECTION)).ready()).isTrue();
  }

  @Test
  void snugHasNoBandAndIsRefusedOnCriticalJoints() {
    SpecValue snug = TorqueText.parse("snug");
    assertThat(resolve(PLAIN, snug).band()).isNull();
    assertThat(resolve(PLAIN, snug).ready()).isTrue();
    assertThat(resolve(PLAIN.critical(true), snug).ready()).isFalse();
  }

  @Test
  void valuesWithoutWhatTheirFormNeedsAreRefusedWithThePlace() {
    assertThatThrownBy(() -> SpecValue.range(12, 10, NEWTON_METRE, MANUAL))
        .isInstanceOfSatisfying(
            InvalidInput.class, e -> assertThat(e.problems().get(0).field()).isEqualTo("min"));
    assertThatThrownBy(() -> Resolver.resolve(List.of(), PLAIN)).isInstanceOf(InvalidInput.class);
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void theAimLiesInTheBandAndTheBandUnderEveryMaximum(Seeded.Case random) {
    List<SpecValue> values = new ArrayList<>();
    int count = 1 + random.nextInt(4);
    for (int i = 0; i < count; i++) {
      double v = random.between(1, 100);
      TorqueUnit unit = TorqueUnit.values()[random.nextInt(2)];
      SpecSource source = SpecSource.values()[random.nextInt(6)];
      values.add(
          switch (random.nextInt(4)) {
            case 0 -> SpecValue.maximum(v, unit, source);
            case 1 -> SpecValue.minimum(v, unit, source);
            case 2 -> SpecValue.range(v, v * random.between(1, 1.5), unit, source);
            default -> SpecValue.of(v, unit, source);
          });
    }
    JointContext joint =
        PLAIN.critical(random.nextBoolean()).aiming(Aim.values()[random.nextInt(3)]);
    Resolution r = Resolver.resolve(values, joint);
    TorqueBand band = r.band();
    assertThat(band.contains(r.aimNm())).isTrue();
    for (SpecValue v : values) {
      if (v.form() == SpecForm.MAXIMUM) {
        assertThat(band.maxNm())
            .isLessThanOrEqualTo(v.max() * v.unit().newtonMetres() * (1 + 1e-9));
      }
    }
    assertThat(r.ready()).isEqualTo(r.blockers().isEmpty());
    assertThat(r.ready() && !r.conflicts().isEmpty()).isFalse();
  }
}
