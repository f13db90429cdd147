package app.unimetric.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.plan.Circumstances;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.plan.Policy;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.recheck.MovedCause;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Looking again: joints are tried at their targets as they are (field guide, re-check). */
class TriedTest {
  /** A cured plate of four, a dry pair, a nut that locks by itself, one turned on by an angle. */
  private static Map<String, Object> document() {
    Map<String, Object> document = SamplePack.document();
    document.put("steps", new ArrayList<>());
    document.put("checks", new ArrayList<>());
    document.put("order", new ArrayList<>());
    Map<String, Object> pair = tried("pair", "M8", 2, "ROW", 22.0);
    pair.put("surface", Map.of());
    Map<String, Object> nut = tried("nut", "M8", 1, "CIRCLE", 20.0);
    nut.put("surface", Map.of("lock", "NYLON_INSERT"));
    Map<String, Object> stretch = tried("stretch", "M8", 1, "CIRCLE", 15.0);
    stretch.put("surface", Map.of());
    Map<String, Object> angle = SamplePack.value(15.0, "N.m", "MANUAL");
    angle.put("form", "TORQUE_ANGLE");
    angle.put("angleDeg", 90.0);
    stretch.put("values", List.of(angle));
    Map<String, Object> cap = tried("cap", "M6", 1, "CIRCLE", 3.0);
    cap.put("role", "ADJUST");
    Map<String, Object> pivot = tried("pivot", "M6", 1, "CIRCLE", 9.0);
    pivot.put("role", "PIVOT");
    Map<String, Object> pinned = tried("pinned", "M10", 1, "CIRCLE", 20.0);
    pinned.put("surface", Map.of("lock", "CASTLE_PIN"));
    document.put(
        "joints",
        List.of(tried("plate", "M6", 4, "CIRCLE", 10.0), pair, nut, stretch, cap, pivot, pinned));
    return document;
  }

  private static Map<String, Object> tried(
      String id, String thread, int count, String layout, double nm) {
    Map<String, Object> joint = SamplePack.joint(id, thread, count, layout, nm);
    joint.put("tried", true);
    return joint;
  }

  private static JobPlan plan() {
    return JobPlan.of(
        SamplePack.read(document()),
        Circumstances.of(
            List.of(AtTheBench.click("a", 4.0), AtTheBench.click("b", 6.0)), AtTheBench.TODAY));
  }

  private static AtTheBench bench() {
    return new AtTheBench(RunSheetWriter.write(plan()));
  }

  private static RunEvent event(
      String step,
      EventKind kind,
      Integer fastener,
      String reason,
      Finding finding,
      UUID corrects,
      String curve,
      MovedFastener moved) {
    return LogLine.event(
        UUID.randomUUID(),
        step,
        kind,
        fastener,
        null,
        null,
        reason,
        finding,
        null,
        null,
        corrects,
        curve,
        moved,
        null,
        new Signature(UUID.randomUUID(), "Bram", false),
        null,
        EntryTime.at(Instant.parse("2026-05-04T08:00:00Z")));
  }

  private static RunState moved(AtTheBench bench, MovedFastener moved) {
    RunState s = bench.state();
    bench.log.add(
        event(s.currentStep(), EventKind.MOVED, s.nextFastener(), null, null, null, null, moved));
    return bench.state();
  }

  private static AtTheBench at(String step) {
    AtTheBench bench = bench();
    while (!step.equals(bench.state().currentStep())) {
      bench.say(bench.state().permits().get(0));
    }
    return bench;
  }

  @Test
  void nothingComesLooseNothingGoesOnAndNobodyLooksASecondTime() {
    RunSheet sheet = bench().sheet;
    assertThat(sheet.steps())
        .extracting(RunStep::id)
        .containsExactlyInAnyOrder(
            "try.plate",
            "try.pair",
            "try.nut",
            "try.stretch",
            "try.cap",
            "try.pivot",
            "try.pinned",
            "sign-off")
        .endsWith("sign-off");
    assertThat(plan().needs().products()).isEmpty();
    assertThat(plan().work().wettings()).isEmpty();
    assertThat(sheet.joints())
        .allMatch(j -> j.onThread().cure() == null && j.onThread().compound().endsWith("as it is"));
  }

  @ParameterizedTest
  @CsvSource({
    "try.plate, TRY, true, true",
    "try.pair, TRY, false, false",
    "try.nut, TRY, true, false",
  })
  void whatATorqueProvesIsTriedAtItsTarget(String id, StepKind kind, boolean line, boolean apart) {
    RunStep step = bench().sheet.step(id).orElseThrow();
    assertThat(step.kind()).isEqualTo(kind);
    assertThat(step.band()).isNotNull();
    assertThat(step.reading()).isNotNull();
    assertThat(step.percent()).isEqualTo(RunStep.FULL_PERCENT);
    assertThat(step.text().contains("witness line must be unbroken")).isEqualTo(line);
    assertThat(step.text().contains("taken apart, not nipped up")).isEqualTo(apart);
  }

  @ParameterizedTest
  @CsvSource({
    "try.stretch, No torque proves it.",
    "try.cap, Its torque proves nothing once it is held.",
    "try.pivot, It must still turn.",
    "try.pinned, 'Its pin holds it, so no torque proves it.'",
  })
  void whatNoTorqueProvesIsLookedAt(String id, String text) {
    RunStep step = bench().sheet.step(id).orElseThrow();
    assertThat(step.judged()).isTrue();
    assertThat(step.toolId()).isNull();
    assertThat(step.text()).startsWith(text);
  }

  @Test
  void allThatHoldIsTriedOnceRoundAndSigned() {
    AtTheBench bench = at("try.plate");
    assertThat(bench.state().permits()).startsWith(EventKind.HELD, EventKind.MOVED);
    assertThat(bench.state().permits()).doesNotContain(EventKind.READING, EventKind.BEGUN_AGAIN);
    assertThat(bench.state().percentByFastener())
        .containsOnlyKeys(1, 2, 3, 4)
        .containsValue(RunStep.FULL_PERCENT);
    for (int i = 0; i < 4; i++) {
      bench.say(EventKind.HELD);
    }
    assertThat(bench.state().doneSteps()).contains("try.plate");
    bench.until(StepKind.SIGN_OFF);
    assertThat(bench.say(EventKind.SIGNED_OFF).signedOff()).isTrue();
    assertThat(Summary.of(bench.sheet, bench.state()).moved()).isEmpty();
  }

  @Test
  void whyItMovedIsAskedFor() {
    AtTheBench bench = at("try.pair");
    moved(bench, null);
    assertThat(bench.last().notCounted()).startsWith("Say why it moved");
    assertThat(bench.state().doneFasteners()).isEmpty();
  }

  @Test
  void whatSettledIsTriedRoundAgainUntilNothingMoves() {
    AtTheBench bench = at("try.pair");
    bench.say(EventKind.HELD);
    RunState state = moved(bench, new MovedFastener(MovedCause.SETTLED, 12.0, 40.0));
    assertThat(state.currentStep()).isEqualTo("try.pair");
    assertThat(state.round()).isEqualTo(2);
    assertThat(state.doneFasteners()).isEmpty();
    assertThat(bench.last().shown())
        .startsWith("12° of M8 through 40 mm is about")
        .endsWith(
            "Why: it settled: seats, paint or a gasket gave way; it is at its target and looked at again after the next ride.");
    bench.say(EventKind.HELD);
    bench.say(EventKind.HELD);
    assertThat(bench.state().doneSteps()).contains("try.pair");
    assertThat(Summary.of(bench.sheet, bench.state()).moved()).hasSize(1);
    assertThat(Summary.of(bench.sheet, bench.state()).isClean()).isFalse();
  }

  @ParameterizedTest
  @CsvSource({
    "try.pair, CONTAMINATED",
    "try.pair, WRONG_FRICTION",
    "try.pair, DAMAGED",
    "try.pair, NOT_FOUND",
    "try.plate, SETTLED",
  })
  void whatIsTakenApartIsNotNippedUp(String step, MovedCause cause) {
    AtTheBench bench = at(step);
    moved(bench, new MovedFastener(cause, null, null));
    assertThat(bench.last().shown())
        .isEqualTo(
            "Why: "
                + cause.words()
                + "; it is taken apart and done again before the machine is ridden.");
    while (step.equals(bench.state().currentStep())) {
      assertThat(bench.state().round()).isEqualTo(1);
      bench.say(EventKind.HELD);
    }
    assertThat(bench.state().doneSteps()).contains(step);
  }

  @Test
  void aMoveSaidByMistakeIsStruckAndTriedAgain() {
    AtTheBench bench = at("try.pair");
    moved(bench, new MovedFastener(MovedCause.DAMAGED, null, null));
    RunEvent wrong = bench.last().event();
    bench.log.add(
        event(
            wrong.stepId(),
            EventKind.CORRECTION,
            null,
            "the other bolt",
            null,
            wrong.id(),
            null,
            null));
    assertThat(bench.state().nextFastener()).isEqualTo(wrong.fastener());
    assertThat(bench.state().moved()).isEmpty();
    assertThat(Looked.of(bench.sheet, bench.state(), List.of())).isEmpty();
  }

  @Test
  void anotherToolMayBeTakenUp() {
    AtTheBench bench = at("try.pair");
    String laidOut = bench.inHand().toolId();
    assertThat(bench.state().permits()).contains(EventKind.AMENDED);
    RunState s =
        bench.say(EventKind.AMENDED, null, "no room", null, laidOut.equals("a") ? "b" : "a");
    assertThat(s.stepAmended().toolId()).isNotEqualTo(laidOut);
    assertThat(s.stepAmended().reading()).isNotNull();
  }

  @Test
  void lookingAgainAsksForNoLookingAgainOfItsOwn() {
    JobPack again = SamplePack.read(document());
    assertThat(again.isLookAgain()).isTrue();
    assertThat(Policy.USUAL.rechecks(again)).isEmpty();
    JobPack fitted = SamplePack.read(SamplePack.document());
    assertThat(fitted.isLookAgain()).isFalse();
    assertThat(Policy.USUAL.rechecks(fitted)).isNotEmpty();
  }

  @ParameterizedTest
  @CsvSource({"0.1,", "1080,", "12, 500", "12, 0.1"})
  void figuresWithinReasonAreTaken(double angle, Double grip) {
    assertThat(new MovedFastener(MovedCause.SETTLED, angle, grip).angleDeg()).isEqualTo(angle);
  }

  @ParameterizedTest
  @CsvSource({"0, 40, angleDeg", "1081, 40, angleDeg", "12, 0, gripMm", "12, 501, gripMm"})
  void figuresBeyondReasonAreRefused(double angle, Double grip, String field) {
    assertThatThrownBy(() -> new MovedFastener(MovedCause.SETTLED, angle, grip))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining(field);
  }

  @Test
  void whatIsTypedIsReadAndWhatIsEmptyWasNotLookedAt() {
    assertThat(MovedFastener.parse(MovedCause.SETTLED, "12,5", " "))
        .isEqualTo(new MovedFastener(MovedCause.SETTLED, 12.5, null));
    assertThatThrownBy(() -> MovedFastener.parse(MovedCause.SETTLED, "a bit", null))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("angleDeg");
  }

  @Test
  void aPullAtWhatIsOnlyTriedBeginsTight() {
    AtTheBench bench = at("try.pair");
    RunStep step = bench.inHand();
    assertThat(DuePull.of(bench.sheet, bench.state()))
        .hasValueSatisfying(
            due -> {
              assertThat(due.tried()).isTrue();
              assertThat(due.startNm()).isEqualTo(step.settingNm());
              assertThat(due.settingNm()).isEqualTo(step.settingNm());
            });
    assertThat(DuePull.of(bench.sheet, at("try.stretch").state())).isEmpty();
  }

  @Test
  void theCurveOfATryIsKeptAndJudgesNothing() {
    AtTheBench bench = at("try.pair");
    RunState s = bench.state();
    bench.log.add(
        event(
            s.currentStep(),
            EventKind.HELD,
            s.nextFastener(),
            null,
            null,
            null,
            "0:0 90:20 120:2",
            null));
    assertThat(bench.last().verdict()).isEqualTo(Verdict.HELD);
    assertThat(bench.last().event().curve()).isNotNull();
    assertThat(bench.last().curve()).isNull();
  }

  @Test
  void whatALookComesToIsTheWorstOfIt() {
    AtTheBench bench = at("try.plate");
    assertThat(Looked.of(bench.sheet, bench.state(), List.of())).isEmpty();
    while (!bench.state().currentStep().equals("try.pair")) {
      bench.say(bench.state().permits().get(0));
    }
    moved(bench, new MovedFastener(MovedCause.SETTLED, 12.0, 40.0));
    Looked one = Looked.of(bench.sheet, bench.state(), List.of()).orElseThrow();
    assertThat(one.joints()).extracting(RunJoint::id).containsExactly("pair");
    assertThat(one.follows()).isEqualTo(MovedCause.Follows.LOOK_AGAIN);
    assertThat(one.load()).startsWith("12° of M8");
    assertThat(one.words()).isEmpty();
    while (!bench.state().currentStep().equals("try.nut")) {
      bench.say(EventKind.HELD);
    }
    moved(bench, new MovedFastener(MovedCause.DAMAGED, null, null));
    Looked both = Looked.of(bench.sheet, bench.state(), List.of()).orElseThrow();
    assertThat(both.joints()).extracting(RunJoint::id).containsExactly("pair", "nut");
    assertThat(both.worst().cause()).isEqualTo(MovedCause.DAMAGED);
    assertThat(both.follows()).isEqualTo(MovedCause.Follows.TAKE_APART);
    assertThat(both.load()).isNull();
    assertThat(both.words()).contains("Joint pair: 12°").contains("Joint nut: Why: thread or part");
    assertThat(Looked.of(bench.sheet, bench.state(), List.of("plate"))).isEmpty();
    assertThat(Looked.of(bench.sheet, bench.state(), List.of("pair")).orElseThrow().follows())
        .isEqualTo(MovedCause.Follows.LOOK_AGAIN);
  }

  @ParameterizedTest
  @CsvSource({"GOOD, false", "BAD, true", "PUT_RIGHT, true"})
  void whatWasLooseWhereNoTorqueTellsIsTakenApart(Finding finding, boolean loose) {
    AtTheBench bench = at("try.stretch");
    bench.log.add(
        event("try.stretch", EventKind.FOUND, null, "turned by hand", finding, null, null, null));
    assertThat(Looked.of(bench.sheet, bench.state(), List.of("stretch")).isPresent())
        .isEqualTo(loose);
    Looked.of(bench.sheet, bench.state(), List.of("stretch"))
        .ifPresent(l -> assertThat(l.follows()).isEqualTo(MovedCause.Follows.TAKE_APART));
  }
}
