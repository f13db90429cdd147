package app.unimetric.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.Seeded;
import app.unimetric.core.device.Curve;
import app.unimetric.core.device.Fault;
import app.unimetric.core.device.Pull;
import app.unimetric.core.device.Sample;
import app.unimetric.core.device.SimulatedWrench;
import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.plan.Circumstances;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.problem.InvalidInput;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** A pinned nut at the bench: to its minimum, on to the next slot, never back. */
class AtTheSlotTest {
  /** Two N·m a degree from 10° on. */
  private static final String CURVE = "0:0.4 10:0.5 14:8 16:12 18:16 20:20 21.5:23";

  private static Map<String, Object> nut(Map<String, Object> document, int count) {
    Map<String, Object> nut = SamplePack.joint("nut", "M10", count, "ROW", 22.0);
    nut.put("surface", Map.of("lock", "CASTLE_PIN"));
    nut.put(
        "values", SamplePack.list(SamplePack.value(22, "N.m", "MANUAL"), SamplePack.maximum(43)));
    document.put("steps", new ArrayList<>());
    document.put("checks", new ArrayList<>());
    document.put("joints", SamplePack.list(nut));
    document.put("order", SamplePack.list());
    return nut;
  }

  private static AtTheBench bench(Map<String, Object> document) {
    return new AtTheBench(
        RunSheetWriter.write(
            JobPlan.of(
                SamplePack.read(document),
                Circumstances.of(List.of(AtTheBench.click("a", 4.0)), AtTheBench.TODAY))));
  }

  private static AtTheBench bench(int count) {
    Map<String, Object> document = SamplePack.document();
    nut(document, count);
    return bench(document);
  }

  /** Pulled to 23 N·m, with or without the curve of it. */
  private static AtTheBench atSlot(String curve) {
    AtTheBench bench = bench(1);
    bench.until(StepKind.TIGHTEN);
    bench.pulled(23, curve);
    assertThat(bench.inHand().kind()).isEqualTo(StepKind.NEXT_SLOT);
    return bench;
  }

  private static boolean isPast(AtTheBench bench) {
    return bench.inHand().kind() != StepKind.NEXT_SLOT;
  }

  @Test
  void theLastPullIsFollowedByItsSlot() {
    RunSheet sheet = bench(1).sheet;
    List<StepKind> ofTheNut =
        sheet.steps().stream()
            .filter(s -> "nut".equals(s.jointId()) && s.turnsEach())
            .map(RunStep::kind)
            .toList();
    assertThat(ofTheNut).containsExactly(StepKind.TIGHTEN, StepKind.NEXT_SLOT);
    RunStep slot = sheet.step("slot.nut").orElseThrow();
    assertThat(slot.hold()).isTrue();
    assertThat(slot.castellation().stepDeg()).isEqualTo(60);
    assertThat(slot.band().minNm()).isEqualTo(22);
    assertThat(slot.band().maxNm()).isEqualTo(43);
    assertThat(slot.text()).contains("no further than 43 N·m (the limit of a part)");
  }

  @Test
  void ofSeveralEachGoesOnOnceTheRoundIsDone() {
    List<StepKind> kinds =
        bench(2).sheet.steps().stream()
            .filter(s -> "nut".equals(s.jointId()) && s.perFastener())
            .map(RunStep::kind)
            .toList();
    assertThat(kinds.subList(kinds.size() - 2, kinds.size()))
        .containsExactly(StepKind.CHECK_PASS, StepKind.NEXT_SLOT);
    assertThat(kinds.stream().filter(k -> k == StepKind.NEXT_SLOT)).hasSize(1);
    AtTheBench bench = bench(2);
    bench.until(StepKind.NEXT_SLOT);
    bench.slotAhead(0, null);
    assertThat(bench.state().nextFastener()).isEqualTo(bench.inHand().order().get(1));
    bench.slotAhead(5, 1.0);
    bench.say(EventKind.DONE);
    assertThat(isPast(bench)).isTrue();
  }

  /** 23 N·m and 2 N·m a degree: 43 N·m are reached at 10°. */
  @ParameterizedTest
  @CsvSource({
    "1, 25, true",
    "9.9, 42.8, true",
    "10, 43, true",
    "10.1, 43.2, false",
    "59.9, 142.8, false"
  })
  void theTurnSaysWhatItComesTo(double deg, double there, boolean allowed) {
    for (String curve : new String[] {CURVE, null}) {
      AtTheBench bench = atSlot(curve);
      bench.slotAhead(deg, curve == null ? 2.0 : null);
      assertThat(bench.last().torqueNm()).isCloseTo(there, within(1e-6));
      assertThat(bench.last().verdict()).isEqualTo(allowed ? Verdict.INSIDE : Verdict.ABOVE);
      assertThat(bench.last().isReading()).isFalse();
      assertThat(bench.last().shown()).endsWith("° on to the next slot");
      assertThat(bench.state().permits().contains(EventKind.DONE)).isEqualTo(allowed);
      assertThat(bench.state().dueSlot().advice())
          .startsWith(allowed ? "Turn it on to the slot" : "There it would carry more");
      bench.say(EventKind.DONE);
      assertThat(isPast(bench)).isEqualTo(allowed);
    }
  }

  @Test
  void whatIsInLineIsThere() {
    for (String curve : new String[] {CURVE, null}) {
      AtTheBench bench = atSlot(curve);
      bench.slotAhead(0, null);
      assertThat(bench.last().shown()).isEqualTo("slot and hole in line");
      assertThat(bench.last().torqueNm()).isEqualTo(23);
      assertThat(isPast(bench)).isTrue();
    }
  }

  @Test
  void whatIsTypedStandsBeforeTheCurve() {
    AtTheBench bench = atSlot(CURVE);
    assertThat(bench.state().dueSlot().torqueNowNm()).isEqualTo(23);
    assertThat(bench.state().dueSlot().nmPerDegree()).isCloseTo(2, within(1e-9));
    assertThat(bench.state().dueSlot().advice()).isNull();
    bench.slotAhead(10, 1.0);
    assertThat(bench.last().torqueNm()).isCloseTo(33, within(1e-6));
  }

  @Test
  void beyondTheMostTheWasherIsChangedAndItBeginsAgain() {
    AtTheBench bench = atSlot(CURVE);
    bench.slotAhead(30, null);
    for (EventKind kind : List.of(EventKind.DONE, EventKind.DEVIATION_ACCEPTED, EventKind.LEFT)) {
      bench.say(kind);
      assertThat(bench.last().notCounted())
          .isEqualTo(
              "At the next slot it would carry more than it may: take it off for another washer, and never back.");
    }
    bench.say(EventKind.SLACKENED);
    assertThat(bench.inHand().kind()).isEqualTo(StepKind.TIGHTEN);
    bench.pulled(23, CURVE);
    assertThat(bench.state().dueSlot().advice()).isNull();
    bench.slotAhead(4, null);
    bench.say(EventKind.DONE);
    assertThat(isPast(bench)).isTrue();
    Summary summary = Summary.of(bench.sheet, bench.state());
    assertThat(summary.foundBad())
        .extracting(Entry::shown)
        .containsExactly("30° on to the next slot");
    assertThat(summary.startedAgain()).hasSize(1);
  }

  /** From 22 to 24.2 N·m it is pulled; up to 43 it may carry. */
  @ParameterizedTest
  @CsvSource({"24.2, 1", "24.3, 0", "43, 0", "43.1, -1"})
  void aPullAboveItsBandMayStandAsFarAsTheSlotMight(double nm, int stands) {
    AtTheBench bench = bench(1);
    bench.until(StepKind.TIGHTEN);
    bench.pulled(nm, null);
    assertThat(bench.inHand().kind() == StepKind.NEXT_SLOT).isEqualTo(stands == 1);
    assertThat(bench.state().permits().contains(EventKind.DEVIATION_ACCEPTED))
        .isEqualTo(stands == 0);
  }

  @Test
  void whatWasTurnedPastItsSlotIsSlackenedToo() {
    AtTheBench bench = atSlot(CURVE);
    bench.slotAhead(5, null);
    bench.say(EventKind.SLACKENED);
    assertThat(bench.inHand().kind()).isEqualTo(StepKind.TIGHTEN);
  }

  @Test
  void itIsLookedAtAgainBeforeItIsTurned() {
    AtTheBench bench = atSlot(CURVE);
    bench.slotAhead(30, null);
    bench.slotAhead(3, null);
    assertThat(bench.last().verdict()).isEqualTo(Verdict.INSIDE);
    bench.say(EventKind.HOLDS);
    assertThat(bench.last().notCounted()).startsWith("Turn it on to the slot first");
    bench.say(EventKind.DONE);
    assertThat(isPast(bench)).isTrue();
  }

  @Test
  void whereNobodyKnowsWhatItComesToTheWrenchTells() {
    AtTheBench bench = atSlot(null);
    bench.slotAhead(20, null);
    assertThat(bench.last().torqueNm()).isNull();
    assertThat(bench.last().verdict()).isEqualTo(Verdict.DONE);
    assertThat(bench.state().dueSlot().advice())
        .startsWith("What it comes to there is not known. Set the wrench to the most");
    assertThat(bench.state().permits()).contains(EventKind.DONE, EventKind.SLACKENED);
  }

  @Test
  void whereNobodyKnowsTheMostItIsLookedUp() {
    Map<String, Object> document = SamplePack.document();
    Map<String, Object> nut = nut(document, 1);
    nut.remove("propertyClass");
    nut.put("values", SamplePack.list(SamplePack.value(22, "N.m", "MANUAL")));
    AtTheBench bench = bench(document);
    bench.until(StepKind.TIGHTEN);
    bench.pulled(23, CURVE);
    bench.slotAhead(20, null);
    assertThat(bench.last().torqueNm()).isCloseTo(63, within(1e-6));
    assertThat(bench.last().verdict()).isEqualTo(Verdict.DONE);
    assertThat(bench.state().dueSlot().advice())
        .startsWith("The most it may carry is not known: look it up");
  }

  @ParameterizedTest
  @CsvSource({"59.99, true", "60, false", "90, false"})
  void theNextSlotIsNeverAWholeStepAway(double deg, boolean counts) {
    AtTheBench bench = atSlot(CURVE);
    bench.slotAhead(deg, null);
    assertThat(bench.last().notCounted() == null).isEqualTo(counts);
    if (!counts) {
      assertThat(bench.last().notCounted())
          .isEqualTo(
              "6 slots, one cross hole: they meet every 60°. The next slot is never as far as that: count them and look again.");
    }
  }

  @Test
  void aCorrectedPullAsksForItsSlotAgain() {
    for (boolean turned : new boolean[] {true, false}) {
      AtTheBench bench = atSlot(CURVE);
      Entry pull = bench.last();
      bench.slotAhead(5, null);
      if (turned) {
        bench.say(EventKind.DONE);
      }
      bench.correct(pull, 23.5);
      assertThat(bench.inHand().kind()).isEqualTo(StepKind.NEXT_SLOT);
      assertThat(bench.state().pending()).isNull();
      bench.slotAhead(5, 2.0);
      assertThat(bench.last().torqueNm()).isCloseTo(33.5, within(1e-6));
    }
  }

  @Test
  void whatIsStruckAtTheSlotIsSaidAgain() {
    for (boolean theTurn : new boolean[] {true, false}) {
      AtTheBench bench = atSlot(CURVE);
      bench.slotAhead(5, null);
      Entry ahead = bench.last();
      bench.say(EventKind.DONE);
      Entry done = bench.last();
      assertThat(isPast(bench)).isTrue();
      bench.correct(theTurn ? done : ahead, null);
      assertThat(bench.inHand().kind()).isEqualTo(StepKind.NEXT_SLOT);
      assertThat(bench.state().permits()).startsWith(EventKind.SLOT_AHEAD);
    }
  }

  @Test
  void theRecordTellsHowFarItWent() {
    AtTheBench bench = atSlot(CURVE);
    bench.slotAhead(30, null);
    bench.say(EventKind.SLACKENED);
    bench.pulled(23, CURVE);
    bench.slotAhead(4, null);
    bench.slotAhead(75, null);
    assertThat(bench.last().notCounted()).isNotNull();
    bench.say(EventKind.DONE);
    AsBuilt built =
        new AsBuilt(UUID.randomUUID(), bench.sheet, bench.state(), "Asta", null, Instant.EPOCH);
    AsBuilt.JointAsBuilt nut = built.joints().get(0);
    assertThat(nut.finals()).extracting(Entry::torqueNm).containsExactly(23.0);
    assertThat(nut.slots()).hasSize(1);
    assertThat(nut.slots().get(0).torqueNm()).isCloseTo(31, within(1e-6));
  }

  @Test
  void whatWasLetStandBelowIsNotJudgedTwice() {
    Map<String, Object> document = SamplePack.document();
    nut(document, 1).put("critical", false);
    AtTheBench bench = bench(document);
    bench.until(StepKind.TIGHTEN);
    bench.pulled(21, null);
    bench.say(EventKind.DEVIATION_ACCEPTED);
    assertThat(bench.inHand().kind()).isEqualTo(StepKind.NEXT_SLOT);
    bench.slotAhead(0, null);
    assertThat(bench.last().torqueNm()).isEqualTo(21);
    assertThat(bench.last().verdict()).isEqualTo(Verdict.INSIDE);
  }

  /** What was pulled on from a reading below its band rises as it does once it moves. */
  @Test
  void anEarlierPullOfThePassIsTakenOff() {
    AtTheBench bench = bench(1);
    bench.until(StepKind.TIGHTEN);
    bench.pulled(20, null);
    bench.pulled(23, "0:0 1:10 1.7:17 2:20 2.5:21 3:22 3.5:23");
    assertThat(bench.state().dueSlot().nmPerDegree()).isCloseTo(2, within(1e-9));
  }

  @Test
  void whatAnEarlierPassBroughtIsTakenOffToo() {
    Map<String, Object> document = SamplePack.document();
    nut(document, 1).put("passesPercent", List.of(80.0, 100.0));
    AtTheBench bench = bench(document);
    bench.until(StepKind.TIGHTEN);
    bench.pulled(18.3, null);
    bench.pulled(23, "0:0 1:10 1.8:18 2:19 2.5:20 3:21 3.5:22 4:23");
    bench.until(StepKind.NEXT_SLOT);
    assertThat(bench.state().dueSlot().nmPerDegree()).isCloseTo(2, within(1e-9));
  }

  @Test
  void afterATurnByAnAngleNobodyKnowsTheTorque() {
    Map<String, Object> document = SamplePack.document();
    Map<String, Object> angle = SamplePack.value(22.0, "N.m", "MANUAL");
    angle.put("form", "TORQUE_ANGLE");
    angle.put("angleDeg", 30.0);
    nut(document, 1).put("values", SamplePack.list(angle));
    AtTheBench bench = bench(document);
    bench.until(StepKind.NEXT_SLOT);
    assertThat(bench.state().dueSlot().torqueNowNm()).isNull();
    bench.slotAhead(10, 2.0);
    assertThat(bench.last().torqueNm()).isNull();
    assertThat(bench.state().dueSlot().advice()).startsWith("What it comes to there is not known");
  }

  /** The simulated joint gains what it carries in an eighth of a turn, a tenth more or less. */
  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void theEndOfAPullTellsHowFastItRises(Seeded.Case random) {
    double full = random.between(10, 200);
    Pull pull =
        SimulatedWrench.of(full, random.between(20, 120), Fault.NONE, random.nextInt(10_000))
            .pull(0, full);
    List<Sample> read = new ArrayList<>();
    pull.next().ifPresent(read::add);
    for (var next = pull.next(); next.isPresent(); next = pull.next()) {
      read.add(next.get());
    }
    double rises = Curve.of(read).risesNmPerDegree(0).orElseThrow();
    assertThat(rises / (full / 45)).isBetween(0.85, 1.15);
  }

  @Test
  void aCurveOfTooLittleTellsNothing() {
    assertThat(Curve.parse("0:0 1:10").risesNmPerDegree(0)).isEmpty();
    assertThat(Curve.parse("0:10 1:10").risesNmPerDegree(0)).isEmpty();
    assertThat(Curve.parse("0:7 1:10").risesNmPerDegree(0).orElseThrow()).isEqualTo(3);
    assertThat(Curve.parse("0:0 1:6.9 2:8 3:10").risesNmPerDegree(0).orElseThrow()).isEqualTo(2);
    assertThat(Curve.parse("0:0 1:8 2:9 3:10").risesNmPerDegree(9).orElse(0.0)).isZero();
    assertThat(Curve.parse("0:0 1:9 2:9.1 3:10 4:9.5").risesNmPerDegree(9).orElse(0.0))
        .isCloseTo(0.9, within(1e-9));
  }

  @Test
  void anotherTurnUnderTheSameIdIsAnotherEntry() {
    AtTheBench bench = atSlot(CURVE);
    bench.slotAhead(5, null);
    RunEvent five = bench.last().event();
    bench.slotAhead(6, null);
    RunEvent six = bench.last().event();
    assertThat(five.saysTheSameAs(five)).isTrue();
    assertThat(five.saysTheSameAs(six)).isFalse();
  }

  @ParameterizedTest
  @CsvSource({"0, , 0", "12.5, 0.8, 12.5", "'7,5', ' ', 7.5", "360, 1000, 360"})
  void asItWasTyped(String deg, String rise, double turn) {
    SlotAhead ahead = SlotAhead.parse(deg, rise);
    assertThat(ahead.turnDeg()).isEqualTo(turn);
    assertThat(ahead.nmPerDegree() == null).isEqualTo(rise == null || rise.isBlank());
  }

  @ParameterizedTest
  @CsvSource({
    "'', , turnDeg",
    "far, , turnDeg",
    "360.1, , turnDeg",
    "5, 0, nmPerDegree",
    "5, 1000.1, nmPerDegree",
    "5, fast, nmPerDegree"
  })
  void whatIsNoTurn(String deg, String rise, String field) {
    assertThatThrownBy(() -> SlotAhead.parse(deg, rise))
        .isInstanceOfSatisfying(
            InvalidInput.class, e -> assertThat(e.problems().get(0).field()).isEqualTo(field));
  }

  @Test
  void theBenchShowsHowFarTheSlotWasSaidToBeAndNamesWhatComesNext() {
    AtTheBench bench = atSlot(CURVE);
    assertThat(bench.state().dueSlot().turnDeg()).isNull();
    bench.slotAhead(5, null);
    assertThat(bench.state().dueSlot().turnDeg()).isEqualTo(5);
    assertThat(bench.state().answers())
        .extracting(PermittedAnswer::words)
        .contains("It stands at the slot", "Other washer on: begin again");
  }
}
