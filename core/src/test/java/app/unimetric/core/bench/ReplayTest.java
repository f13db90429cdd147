package app.unimetric.core.bench;

import static app.unimetric.core.quantity.TorqueUnit.NEWTON_METRE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.Seeded;
import app.unimetric.core.device.CurveShape;
import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.plan.Circumstances;
import app.unimetric.core.plan.Given;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.plan.Shelf;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.ToolStanding;
import app.unimetric.core.tool.ToolType;
import app.unimetric.core.tool.TorqueTool;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class ReplayTest {
  private static final Instant AT = Instant.parse("2026-05-04T08:00:00Z");
  private static final Signature ASTA = new Signature(UUID.randomUUID(), "Asta", false);
  private static final Signature LEAD = new Signature(UUID.randomUUID(), "Lead", true);

  private RunSheet sheet = sheet();
  private final List<RunEvent> log = new ArrayList<>();

  private static RunSheet sheet() {
    return sheet(SamplePack.document());
  }

  private static RunSheet sheet(Map<String, Object> document) {
    TorqueTool tool = new TorqueTool(2, 25, 4.0, 0.5, NEWTON_METRE, List.of());
    CribTool crib =
        new CribTool("t1", "Small click", ToolType.CLICK, tool, LocalDate.of(2026, 1, 1), 10, null);
    return RunSheetWriter.write(
        JobPlan.of(
            SamplePack.read(document), Circumstances.of(List.of(crib), LocalDate.of(2026, 5, 4))));
  }

  private Finding finding = Finding.GOOD;
  private Double limit;
  private String toolId;
  private String curve;
  private Instant at = AT;

  private RunState state() {
    return Replay.of(sheet, log);
  }

  private RunEvent event(
      EventKind kind, Integer fastener, Double nm, String reason, UUID corrects, Signature by) {
    RunState s = state();
    String step = s.currentStep() == null ? "sign-off" : s.currentStep();
    return LogLine.event(
        UUID.randomUUID(),
        step,
        kind,
        fastener,
        nm,
        nm == null ? null : NEWTON_METRE,
        reason,
        kind == EventKind.FOUND ? finding : null,
        limit,
        toolId,
        corrects,
        kind == EventKind.READING ? curve : null,
        null,
        null,
        by,
        null,
        EntryTime.at(at));
  }

  private RunState say(EventKind kind) {
    log.add(event(kind, state().nextFastener(), null, "because", null, ASTA));
    return state();
  }

  private RunState read(double nm) {
    log.add(event(EventKind.READING, state().nextFastener(), nm, null, null, ASTA));
    return state();
  }

  /** Goes on in the usual way until this step is in hand. */
  private RunState until(String step) {
    RunState s = state();
    while (s.currentStep() != null && !s.currentStep().equals(step)) {
      s = s.currentStep().equals("second-look") ? look() : say(s.permits().get(0));
    }
    return s;
  }

  private RunState found(String words, Signature by) {
    EventKind kind =
        state().permits().contains(EventKind.FOUND) ? EventKind.FOUND : EventKind.MEASURED;
    log.add(event(kind, null, null, words, null, by));
    return state();
  }

  private RunState found(Finding what, String words) {
    finding = what;
    RunState s = found(words, ASTA);
    finding = Finding.GOOD;
    return s;
  }

  private Entry said(EventKind kind) {
    say(kind);
    return last();
  }

  private RunState pull(double nm, String along) {
    curve = along;
    RunState s = read(nm);
    curve = null;
    return s;
  }

  /** Runs down, meets its seat and gains 10 N·m within so much turn. */
  private static String turning(double degrees) {
    return "0:0 90:0 " + (90 + degrees) + ":10";
  }

  @Test
  void aSoundCurveLetsItsReadingCount() {
    until("pass.plate.3");
    RunState s = pull(10, "0:0 1:7.5 12:10");
    assertThat(last().verdict()).isEqualTo(Verdict.INSIDE);
    assertThat(last().curve()).isNull();
    assertThat(s.doneFasteners()).hasSize(1);
  }

  @Test
  void aThreadThatGivesStopsTheStepAndNobodyLetsItStand() {
    until("pass.plate.3");
    RunState s = pull(10, "0:0 40:10 60:4");
    assertThat(s.pending()).isNotNull();
    assertThat(s.pending().verdict()).isEqualTo(Verdict.BAD);
    assertThat(s.pending().curve().shape()).isEqualTo(CurveShape.STRIPPED);
    assertThat(s.permits()).containsExactly(EventKind.REPLACED);
    assertThat(said(EventKind.CLICKED).notCounted())
        .startsWith("Torque fell while it was turned on");
    log.add(event(EventKind.DEVIATION_ACCEPTED, s.nextFastener(), null, "holds", null, LEAD));
    assertThat(last().notCounted()).isNotNull();
    UUID told = s.pending().event().id();
    log.add(event(EventKind.CORRECTION, s.nextFastener(), 10.0, "mistyped", told, LEAD));
    assertThat(last().notCounted()).contains("No other figure changes what its curve tells");
    log.add(event(EventKind.CORRECTION, s.nextFastener(), null, "struck", told, LEAD));
    assertThat(last().notCounted()).contains("Torque fell");
    assertThat(state().permits()).containsExactly(EventKind.REPLACED);
    assertThat(say(EventKind.REPLACED).currentStep()).isEqualTo("pass.plate.1");
  }

  @Test
  void aCrossedThreadIsTurnedBackOutAndMayBeGood() {
    until("pass.plate.1");
    RunState s = pull(3, "0:0 400:3");
    assertThat(s.pending().curve().shape()).isEqualTo(CurveShape.CROSS_THREADED);
    assertThat(s.permits()).containsExactly(EventKind.SLACKENED, EventKind.REPLACED);
    RunState again = say(EventKind.SLACKENED);
    assertThat(again.pending()).isNull();
    assertThat(again.currentStep()).isEqualTo("pass.plate.1");
  }

  @Test
  void aFastenerIsHeldAgainstTheOthersOfItsPass() {
    until("pass.plate.1");
    double nm = sheet.step("pass.plate.1").orElseThrow().settingNm();
    for (double degrees : new double[] {40, 42}) {
      RunState s = pull(nm, turning(degrees));
      assertThat(last().curve()).isNull();
    }
    RunState stiff = pull(nm, turning(12));
    assertThat(stiff.pending().curve().shape()).isEqualTo(CurveShape.BOTTOMED);
  }

  @Test
  void whatEarlierPassesBroughtIsNoTurn() {
    until("pass.plate.3");
    DuePull due = DuePull.of(sheet, state()).orElseThrow();
    assertThat(due.stepId()).isEqualTo("pass.plate.3");
    assertThat(due.fastener()).isEqualTo(state().nextFastener());
    double aim = sheet.joint("plate").orElseThrow().aimNm();
    double before = sheet.step("pass.plate.2").orElseThrow().percent();
    assertThat(due.startNm()).isEqualTo(aim * before / 100);
    assertThat(due.settingNm()).isEqualTo(sheet.step("pass.plate.3").orElseThrow().settingNm());
    assertThat(due.fullNm()).isGreaterThanOrEqualTo(due.settingNm());
    read(9);
    assertThat(DuePull.of(sheet, state()).orElseThrow().startNm()).isEqualTo(9);
    read(12);
    assertThat(DuePull.of(sheet, state())).as("it waits to be slackened").isEmpty();
  }

  @Test
  void noPullIsDueWhereNothingIsTightened() {
    assertThat(DuePull.of(sheet, state())).isEmpty();
    until("sign-off");
    assertThat(DuePull.of(sheet, state())).isEmpty();
    say(EventKind.SIGNED_OFF);
    assertThat(DuePull.of(sheet, state())).isEmpty();
  }

  @Test
  void aCurveBelongsToAReadingAndIsOne() {
    until("pass.plate.1");
    curve = "1:1";
    assertThatThrownBy(() -> event(EventKind.READING, 1, 3.0, null, null, ASTA))
        .isInstanceOf(InvalidInput.class);
    curve = "0:0 1:1";
    RunEvent one = event(EventKind.READING, 1, 3.0, null, null, ASTA);
    curve = "0:0 1:2";
    assertThat(one.saysTheSameAs(event(EventKind.READING, 1, 3.0, null, null, ASTA))).isFalse();
    curve = null;
  }

  @Test
  void whatIsFoundIsWrittenDownAndJudgedByItsLimit() {
    Map<String, Object> document = SamplePack.document();
    document.put("asFound", List.of("which side the spacer is on"));
    document.put("inspections", List.of(Map.of("what", "pad thickness", "unit", "mm", "min", 1.5)));
    sheet = sheet(document);
    assertThat(state().currentStep()).isEqualTo("found.1");
    assertThat(state().permits()).containsExactly(EventKind.MEASURED);
    assertThat(found("left", ASTA).entries().get(0).verdict()).isEqualTo(Verdict.DONE);
    until("inspect.1");
    assertThat(found("thin", ASTA).entries())
        .last()
        .extracting(Entry::notCounted)
        .asString()
        .contains("figure in mm first");
    RunState worn = found("1,2 mm right", ASTA);
    assertThat(worn.pending().verdict()).isEqualTo(Verdict.BELOW);
    log.add(event(EventKind.LEFT, null, null, "new ones tomorrow", null, ASTA));
    assertThat(state().currentStep()).as("only a lead").isEqualTo("inspect.1");
    RunState again = found("3.0", ASTA);
    assertThat(again.pending()).isNull();
    assertThat(again.currentStep()).isNotEqualTo("inspect.1");
    assertThat(again.entries()).last().extracting(Entry::verdict).isEqualTo(Verdict.GOOD);
  }

  @Test
  void aLeadMayLetAWornPartStandAndTheReasonIsKept() {
    Map<String, Object> document = SamplePack.document();
    document.put("inspections", List.of(Map.of("what", "play", "unit", "mm", "max", 0.5)));
    sheet = sheet(document);
    until("inspect.1");
    assertThat(found("0.7", ASTA).permits()).contains(EventKind.LEFT);
    log.add(event(EventKind.LEFT, null, null, "within the maker's wear", null, LEAD));
    assertThat(state().deviations()).hasSize(1);
    assertThat(state().currentStep()).isNotEqualTo("inspect.1");
  }

  @Test
  void aCheckFoundBadStaysOpenUntilItIsPutRightReplacedOrLeft() {
    sheet = sheet(SamplePack.document());
    until("check.turns");
    assertThat(state().permits()).containsExactly(EventKind.FOUND);
    RunState bad = found(Finding.BAD, "binds at full lock");
    assertThat(bad.currentStep()).isEqualTo("check.turns");
    assertThat(bad.pending().verdict()).isEqualTo(Verdict.BAD);
    assertThat(bad.permits()).containsExactly(EventKind.FOUND, EventKind.REPLACED, EventKind.LEFT);
    log.add(event(EventKind.LEFT, null, null, "rides as it is", null, ASTA));
    assertThat(last().notCounted()).contains("only a lead");
    RunState right = found(Finding.PUT_RIGHT, "hose re-routed");
    assertThat(right.currentStep()).isEqualTo("second-look");
    assertThat(right.foundBad()).hasSize(1);
    assertThat(right.entries()).last().extracting(Entry::verdict).isEqualTo(Verdict.PUT_RIGHT);
  }

  @Test
  void whatIsReplacedSettlesItsCheckAndALeadMayLeaveItWithAReason() {
    sheet = sheet(SamplePack.document());
    until("check.turns");
    found(Finding.BAD, "bearing rough");
    assertThat(say(EventKind.REPLACED).currentStep()).isEqualTo("second-look");
    log.clear();
    until("check.turns");
    found(Finding.BAD, "bearing rough");
    log.add(event(EventKind.LEFT, null, null, "to the workshop by trailer", null, LEAD));
    assertThat(state().currentStep()).isEqualTo("second-look");
    assertThat(state().deviations()).hasSize(1);
    assertThat(state().deviations().get(0).acceptedReason()).contains("trailer");
  }

  @Test
  void aFigureBeyondItsLimitIsBadWhateverIsSaidOfIt() {
    Map<String, Object> document = SamplePack.document();
    document.put("inspections", List.of(Map.of("what", "play", "unit", "mm", "max", 0.5)));
    sheet = sheet(document);
    until("inspect.1");
    assertThat(found(Finding.GOOD, "0.51").pending().verdict()).isEqualTo(Verdict.ABOVE);
    assertThat(found(Finding.PUT_RIGHT, "0.5").pending()).isNull();
  }

  /** Guide, section 3: an over-tightened fastener is not made right by turning it again. */
  @Test
  void aReadingFarAboveItsBandIsNotClearedByTurningAgain() {
    sheet = sheet(SamplePack.document());
    RunStep last = lastPassOf("plate");
    until(last.id());
    int fastener = state().nextFastener();
    RunState over = read(last.mayStandToNm() + 0.01);
    assertThat(over.permits()).containsExactly(EventKind.SLACKENED);
    assertThat(say(EventKind.CLICKED).entries())
        .last()
        .extracting(Entry::notCounted)
        .asString()
        .contains("slacken it fully");
    RunState again = say(EventKind.SLACKENED);
    assertThat(again.currentStep()).as("its passes begin again").startsWith("pass.plate.");
    assertThat(again.currentStep()).isNotEqualTo(last.id());
    assertThat(again.nextFastener()).isEqualTo(fastener);
    assertThat(again.doneFasteners()).as("the others stand").hasSize(3);
    assertThat(again.pending()).isNull();
    until("second-look");
    assertThat(state().entries()).noneMatch(e -> e.acceptedReason() != null);
  }

  @Test
  void aboveByNoMoreThanTheToolMayBeOffItMayStandWithAReason() {
    sheet = sheet(SamplePack.document());
    RunStep last = lastPassOf("plate");
    assertThat(last.mayStandToNm()).isEqualTo(last.band().maxNm() * 1.04);
    until(last.id());
    assertThat(read(last.mayStandToNm()).permits())
        .containsExactly(EventKind.SLACKENED, EventKind.DEVIATION_ACCEPTED);
  }

  @Test
  void aboveWhatTheThreadCarriesTheFastenerIsRenewed() {
    sheet = sheet(SamplePack.document());
    until(lastPassOf("plate").id());
    double ceiling = sheet.joint("plate").orElseThrow().ceilingNm();
    assertThat(read(ceiling + 0.1).permits()).containsExactly(EventKind.REPLACED);
    RunState renewed = say(EventKind.REPLACED);
    assertThat(renewed.pending()).isNull();
    assertThat(renewed.currentStep()).startsWith("pass.plate.");
    assertThat(renewed.doneFasteners()).hasSize(3);
  }

  @Test
  void belowItsBandItIsTurnedOn() {
    sheet = sheet(SamplePack.document());
    RunStep last = lastPassOf("plate");
    until(last.id());
    assertThat(read(last.band().minNm() - 0.1).permits())
        .contains(EventKind.CLICKED, EventKind.DEVIATION_ACCEPTED);
  }

  private RunStep lastPassOf(String joint) {
    return sheet.steps().stream()
        .filter(s -> s.kind() == StepKind.TIGHTEN && joint.equals(s.jointId()))
        .filter(s -> s.percent() == RunStep.FULL_PERCENT)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void whatMustComeBackIsMeasuredOnceMoreAgainstWhatWasFound() {
    Map<String, Object> document = SamplePack.document();
    document.put(
        "asFound", List.of(Map.of("what", "lever reach", "unit", "mm", "within", 1), "side"));
    sheet = sheet(document);
    until("found.1");
    found("62", ASTA);
    UUID first = log.get(log.size() - 1).id();
    log.add(event(EventKind.CORRECTION, null, null, "misread", first, ASTA));
    found("68,5 mm", ASTA);
    until("left.1");
    assertThat(sheet.step("left.2")).as("need not come back").isEmpty();
    assertThat(found("66", ASTA).pending().verdict()).isEqualTo(Verdict.BELOW);
    RunState back = found("68", ASTA);
    assertThat(back.pending()).isNull();
    assertThat(back.currentStep()).startsWith("check.");

    UUID misread = log.stream().filter(e -> "68,5 mm".equals(e.reason())).findFirst().get().id();
    log.add(event(EventKind.CORRECTION, null, null, "misread again", misread, ASTA));
    assertThat(state().currentStep()).isEqualTo("found.1");
    found("70", ASTA);
    assertThat(state().currentStep()).as("held against another figure").isEqualTo("left.1");
    assertThat(found("68", ASTA).pending().verdict()).isEqualTo(Verdict.BELOW);
  }

  @Test
  void aReadingThatWaitsIsLetStandOnlyAtItsOwnStep() {
    Map<String, Object> document = SamplePack.document();
    document.put("asFound", List.of("side"));
    document.put("inspections", List.of(Map.of("what", "play", "unit", "mm", "max", 0.5)));
    sheet = sheet(document);
    until("found.1");
    found("left", ASTA);
    UUID first = log.get(log.size() - 1).id();
    until("inspect.1");
    assertThat(found("0.7", ASTA).pending()).isNotNull();
    log.add(event(EventKind.CORRECTION, null, null, "misread", first, ASTA));
    assertThat(state().currentStep()).isEqualTo("found.1");
    assertThat(state().pending()).isNull();
    assertThat(state().permits()).containsExactly(EventKind.MEASURED);
    found("right", ASTA);
    assertThat(state().currentStep()).isEqualTo("inspect.1");
    assertThat(state().pending().verdict()).isEqualTo(Verdict.ABOVE);
  }

  @Test
  void nothingFoundIsNoMeasurement() {
    assertThatThrownBy(() -> found(" ", ASTA))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("write down what you found");
  }

  private RunState look() {
    log.add(event(EventKind.SECOND_LOOK, null, null, null, null, LEAD));
    return state();
  }

  private Entry last() {
    return state().entries().get(log.size() - 1);
  }

  @Test
  void theSheetFollowsTheOrderOfTheWork() {
    assertThat(sheet.steps())
        .extracting(RunStep::id)
        .containsExactly(
            "step.stand",
            "surface.plate",
            "surface.pair",
            "hand.plate",
            "hand.pair",
            "pass.plate.1",
            "pass.pair.1",
            "pass.plate.2",
            "pass.plate.3",
            "round.plate.4",
            "pass.pair.2",
            "pass.pair.3",
            "round.pair.4",
            "check.turns",
            "second-look",
            "sign-off");
    RunStep last = sheet.step("pass.plate.3").orElseThrow();
    assertThat(last.order()).containsExactly(1, 3, 2, 4);
    assertThat(last.reading().figure()).isEqualTo(10);
    assertThat(last.band().minNm()).isEqualTo(9.5);
  }

  @Test
  void aWholeRunEndsSignedOff() {
    until("sign-off");
    assertThat(say(EventKind.SIGNED_OFF).signedOff()).isTrue();
    assertThat(state().currentStep()).isNull();
    assertThat(state().doneSteps()).hasSize(sheet.steps().size());
    say(EventKind.NOTE);
    assertThat(last().notCounted()).contains("signed off");
  }

  @Test
  void fastenersComeInCrossOrder() {
    until("pass.plate.3");
    assertThat(state().nextFastener()).isEqualTo(1);
    assertThat(say(EventKind.CLICKED).nextFastener()).isEqualTo(3);
    log.add(event(EventKind.CLICKED, 4, null, null, null, ASTA));
    assertThat(last().notCounted()).contains("fastener 3");
    assertThat(state().nextFastener()).isEqualTo(3);
  }

  @Test
  void aReadingOutsideTheBandWaitsForARedoOrALeadsReason() {
    until("pass.plate.3");
    RunState s = read(10.7);
    assertThat(s.pending().verdict()).isEqualTo(Verdict.ABOVE);
    assertThat(s.nextFastener()).isEqualTo(1);
    assertThat(s.permits()).contains(EventKind.DEVIATION_ACCEPTED);
    assertThat(say(EventKind.DEVIATION_ACCEPTED).pending())
        .as("a mechanic on a critical joint")
        .isNotNull();
    log.add(event(EventKind.DEVIATION_ACCEPTED, 1, null, "Maker allows it", null, LEAD));
    assertThat(state().pending()).isNull();
    assertThat(state().nextFastener()).isEqualTo(3);
    assertThat(state().deviations())
        .singleElement()
        .satisfies(e -> assertThat(e.acceptedReason()).isEqualTo("Maker allows it"));
    assertThat(read(5).pending().verdict()).isEqualTo(Verdict.BELOW);
    assertThat(read(10).pending()).isNull();
    assertThat(state().nextFastener()).isEqualTo(2);
  }

  @Test
  void theCheckPassIsRepeatedUntilNothingMoves() {
    until("round.plate.4");
    say(EventKind.MOVED);
    say(EventKind.HELD);
    say(EventKind.HELD);
    assertThat(say(EventKind.HELD).currentStep()).isEqualTo("round.plate.4");
    assertThat(state().round()).isEqualTo(2);
    assertThat(state().doneFasteners()).isEmpty();
    for (int i = 0; i < 4; i++) {
      say(EventKind.HELD);
    }
    assertThat(state().currentStep()).isEqualTo("pass.pair.2");
  }

  @Test
  void aCorrectionReplacesOrStrikesAndBothStay() {
    until("pass.plate.3");
    read(10);
    UUID wrong = log.get(log.size() - 1).id();
    log.add(event(EventKind.CORRECTION, null, 9.8, "typed wrong", wrong, ASTA));
    assertThat(state().entry(wrong).correctedBy()).isEqualTo(log.get(log.size() - 1).id());
    assertThat(last().torqueNm()).isEqualTo(9.8);
    assertThat(state().nextFastener()).isEqualTo(3);
    UUID second = log.get(log.size() - 1).id();
    log.add(event(EventKind.CORRECTION, null, null, "not done at all", second, ASTA));
    assertThat(state().nextFastener()).isEqualTo(1);
    log.add(event(EventKind.CORRECTION, null, null, "again", wrong, ASTA));
    assertThat(last().notCounted()).contains("corrected already");
    assertThat(state().entries()).hasSize(log.size());
  }

  @Test
  void aCorrectionOfAnEarlierStepLeadsBackToIt() {
    until("pass.plate.2");
    RunEvent snug =
        log.stream().filter(e -> e.stepId().equals("pass.pair.1")).findFirst().orElseThrow();
    log.add(event(EventKind.CORRECTION, null, null, "was not snug", snug.id(), ASTA));
    assertThat(state().currentStep()).isEqualTo("pass.pair.1");
    assertThat(state().nextFastener()).isEqualTo(snug.fastener());
    assertThat(say(EventKind.CLICKED).currentStep()).isEqualTo("pass.plate.2");
  }

  @Test
  void aCorrectionOutsideTheBandOpensTheFastenerAgain() {
    until("pass.plate.3");
    read(10);
    log.add(
        event(EventKind.CORRECTION, null, 11.0, "it was 11", log.get(log.size() - 1).id(), ASTA));
    assertThat(last().verdict()).isEqualTo(Verdict.ABOVE);
    assertThat(state().nextFastener()).isEqualTo(1);
    assertThat(state().permits())
        .as("above its band nothing clears it but slackening")
        .containsExactly(EventKind.SLACKENED);
    assertThat(say(EventKind.CLICKED).pending()).isNotNull();
    assertThat(say(EventKind.SLACKENED).pending()).isNull();
    assertThat(state().currentStep()).isEqualTo("pass.plate.1");
  }

  @Test
  void aCorrectionOfACorrectionIsStillAboutTheFirstStep() {
    until("pass.plate.3");
    read(10);
    correctLast(9.9);
    correctLast(11.0);
    assertThat(state().currentStep()).isEqualTo("pass.plate.3");
    assertThat(state().pending().verdict()).isEqualTo(Verdict.ABOVE);
    correctLast(9.8);
    assertThat(state().pending()).isNull();
    assertThat(state().nextFastener()).isEqualTo(3);
  }

  @Test
  void whatIsSlackenedAfterItsCheckPassIsCheckedAgain() {
    until("pass.plate.3");
    read(10);
    UUID misread = log.get(log.size() - 1).id();
    until("check.turns");
    log.add(event(EventKind.CORRECTION, null, 11.0, "it was 11", misread, ASTA));
    assertThat(state().currentStep()).isEqualTo("pass.plate.3");
    assertThat(say(EventKind.SLACKENED).doneSteps()).doesNotContain("round.plate.4");
    assertThat(until("round.plate.4").doneFasteners()).isEmpty();
  }

  @Test
  void ofTwoFiguresThatWaitNeitherIsForgotten() {
    until("pass.plate.3");
    read(10);
    UUID misread = log.get(log.size() - 1).id();
    until("pass.pair.3");
    read(lastPassOf("pair").band().maxNm() + 0.01);
    log.add(event(EventKind.CORRECTION, null, 11.0, "it was 11", misread, ASTA));
    say(EventKind.SLACKENED);
    RunState back = until("pass.pair.3");
    assertThat(back.pending().verdict()).isEqualTo(Verdict.ABOVE);
    assertThat(back.permits()).contains(EventKind.SLACKENED).doesNotContain(EventKind.CLICKED);
  }

  private void correctLast(double nm) {
    UUID last = log.get(log.size() - 1).id();
    log.add(event(EventKind.CORRECTION, null, nm, "misread", last, ASTA));
  }

  @Test
  void theSecondLookIsAnotherPersons() {
    until("second-look");
    say(EventKind.SECOND_LOOK);
    assertThat(last().notCounted()).contains("another person");
    assertThat(look().currentStep()).isEqualTo("sign-off");
  }

  @ParameterizedTest
  @CsvSource({"29, 1 min", "0, 30 min", "30, ''", "31, ''"})
  void oneWhoWorksAloneLooksAgainAfterThePause(int minutes, String left) {
    sheet =
        new RunSheet(
            sheet.title(), sheet.critical(), sheet.cautions(), sheet.joints(), sheet.steps(), 30);
    until("second-look");
    RunEvent look = event(EventKind.SECOND_LOOK, null, null, null, null, ASTA);
    log.add(
        LogLine.event(
            look.id(),
            look.stepId(),
            look.kind(),
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            ASTA,
            null,
            EntryTime.at(AT.plusSeconds(60L * minutes))));
    if (left.isEmpty()) {
      assertThat(state().currentStep()).isEqualTo("sign-off");
    } else {
      assertThat(last().notCounted()).contains("another " + left);
      assertThat(state().currentStep()).isEqualTo("second-look");
    }
  }

  @Test
  void holdPointsCannotBeSkipped() {
    until("check.turns");
    log.add(
        LogLine.event(
            UUID.randomUUID(),
            "sign-off",
            EventKind.SIGNED_OFF,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            ASTA,
            null,
            EntryTime.at(AT)));
    assertThat(last().notCounted()).contains("Turns");
    assertThat(state().signedOff()).isFalse();
  }

  @Test
  void eventsThatMakeNoSenseAreRefusedOutright() {
    assertThatThrownBy(() -> read(-1)).isInstanceOf(InvalidInput.class);
    assertThatThrownBy(() -> new Said.Reading("about right", null, null))
        .hasMessageContaining("not understood as a torque");
    assertThatThrownBy(() -> new Said.Reading("12", null, null))
        .hasMessageContaining("unit is missing");
    assertThatThrownBy(() -> new Said.Measured("1.2 mm", "a bit")).hasMessageContaining("limit");
    assertThatThrownBy(() -> new Said.Found(Finding.BAD, " ", null)).hasMessageContaining("reason");
    assertThatThrownBy(() -> event(EventKind.NOTE, null, null, " ", null, ASTA))
        .hasMessageContaining("reason");
    assertThatThrownBy(() -> event(EventKind.NOTE, null, null, "x".repeat(1001), null, ASTA))
        .hasMessageContaining("1 000");
  }

  /** Any log at all, in any order, with repeats, plays without failing and counts nothing twice. */
  /** Played on from any of its entries, and told to one who knows any of them, it is the same. */
  private void playsOnFromAnywhere(Seeded.Case random, RunState once) {
    int cut = random.nextInt(log.size());
    Replay first = Replay.begin(sheet, ToolsOut.NONE).with(log.subList(0, cut));
    List<Entry> known = new ArrayList<>(first.state().entries());
    Replay whole = first.with(log.subList(cut, log.size()));
    assertThat(whole.state()).isEqualTo(once);
    assertThat(first.state().entries()).as("the first stays as it was").isEqualTo(known);
    RunNews news = whole.since(known.size());
    assertThat(news.from()).isEqualTo(cut);
    for (Entry changed : news.changed()) {
      known.replaceAll(e -> e.event().id().equals(changed.event().id()) ? changed : e);
    }
    known.addAll(news.entries());
    assertThat(known).isEqualTo(once.entries());
    assertThat(whole.since(log.size() + 1).entries()).as("of another log").hasSize(log.size());
    ToolsOut out = new ToolsOut(Map.of("t1", List.of(new ToolStanding.Span(AT, null, "fell"))));
    assertThat(whole.under(ToolsOut.NONE)).isSameAs(whole);
    assertThat(whole.under(out).state()).isEqualTo(Replay.of(sheet, log, out));
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void anyLogPlaysAndAResendChangesNothing(Seeded.Case random) {
    sheet =
        RunSheetWriter.write(
            JobPlan.of(
                SamplePack.read(SamplePack.document()),
                Circumstances.of(
                    List.of(AtTheBench.click("t1", 4.0), AtTheBench.click("t2", 6.0)),
                    LocalDate.of(2026, 5, 4))));
    for (int i = 0; i < 60; i++) {
      RunState s = state();
      EventKind kind =
          random.nextInt(4) > 0 && !s.permits().isEmpty()
              ? s.permits().get(random.nextInt(s.permits().size()))
              : EventKind.values()[random.nextInt(10)];
      toolId = kind == EventKind.AMENDED ? random.nextBoolean() ? "t2" : "none" : null;
      Double nm = kind == EventKind.READING ? (Double) random.between(1, 25) : null;
      UUID corrects =
          kind != EventKind.CORRECTION
              ? null
              : log.isEmpty() ? UUID.randomUUID() : log.get(random.nextInt(log.size())).id();
      Integer fastener =
          random.nextInt(8) == 0 ? (Integer) (1 + random.nextInt(5)) : s.nextFastener();
      log.add(event(kind, fastener, nm, "why", corrects, random.nextBoolean() ? ASTA : LEAD));
    }
    RunState once = state();
    playsOnFromAnywhere(random, once);
    log.addAll(new ArrayList<>(log));
    assertThat(state()).isEqualTo(once);
    assertThat(once.entries()).hasSize(60);
    Collections.shuffle(log, random);
    assertThat(state().entries()).hasSize(60);
    if (once.currentStep() != null) {
      assertThat(once.doneSteps()).doesNotContain(once.currentStep());
    }
  }

  private Optional<Interruption> leftFor(Duration time) {
    return Interruption.of(sheet, state(), AT.plus(time));
  }

  @Test
  void aJointLeftOvernightInTheMiddleOfItsPassesBeginsAgain() {
    until("pass.plate.2");
    say(EventKind.CLICKED);
    assertThat(leftFor(Duration.ofHours(4).minusSeconds(1))).isEmpty();
    assertThat(leftFor(Duration.ofHours(4))).isPresent();
    Interruption night = leftFor(Duration.ofHours(14).plusMinutes(5)).orElseThrow();
    assertThat(night.jointId()).isEqualTo("plate");
    assertThat(night.wetAgain()).isFalse();
    assertThat(night.lastEntry()).isEqualTo(last().event().id());
    assertThat(night.words()).contains("for 14 h").contains("from its first pass");
    RunState again = say(EventKind.BEGUN_AGAIN);
    assertThat(last().notCounted()).isNull();
    assertThat(again.currentStep()).isEqualTo("pass.plate.1");
    assertThat(again.doneFasteners()).isEmpty();
    assertThat(again.percentByFastener()).isEmpty();
    assertThat(leftFor(Duration.ofHours(14))).as("nothing is begun").isEmpty();
    until("sign-off");
    assertThat(Summary.of(sheet, state()).startedAgain())
        .extracting(e -> e.event().kind())
        .containsExactly(EventKind.BEGUN_AGAIN);
  }

  @Test
  void betweenJointsANightIsNoInterruption() {
    until("pass.plate.1");
    assertThat(leftFor(Duration.ofHours(14))).isEmpty();
    until("sign-off");
    assertThat(leftFor(Duration.ofHours(14))).isEmpty();
    assertThat(state().permits()).doesNotContain(EventKind.BEGUN_AGAIN);
  }

  @Test
  void whatHasSetIsWettedAgainBeforeItsPasses() {
    sheet = curing(10.0, 600.0);
    RunState wetted = until("pass.plate.1");
    assertThat(wetted.clocks()).isNotEmpty();
    assertThat(leftFor(Duration.ofMinutes(10))).isEmpty();
    Interruption set = leftFor(Duration.ofMinutes(10).plusSeconds(1)).orElseThrow();
    assertThat(set.wetAgain()).isTrue();
    assertThat(set.words()).startsWith("Bottle on ").contains("clean threads").contains("wet them");
    String before = state().currentStep();
    at = AT.plus(Duration.ofMinutes(10));
    say(EventKind.BEGUN_AGAIN);
    assertThat(state().currentStep()).as("in time it is not wetted twice").isEqualTo(before);
    at = AT.plus(Duration.ofMinutes(11));
    say(EventKind.BEGUN_AGAIN);
    RunStep now = sheet.step(state().currentStep()).orElseThrow();
    assertThat(now.kind()).isEqualTo(StepKind.SURFACE);
    assertThat(now.jointId()).isEqualTo("plate");
    assertThat(state().clocks()).extracting(CureClock::jointId).doesNotContain("plate");
  }

  private static RunSheet curing(Double fixture, Double full) {
    TorqueTool tool = new TorqueTool(2, 25, 4.0, 0.5, NEWTON_METRE, List.of());
    CribTool crib =
        new CribTool("t1", "Small click", ToolType.CLICK, tool, LocalDate.of(2026, 1, 1), 10, null);
    Shelf.Product product = new Shelf.Product("Bottle", Compound.MEDIUM, fixture, full, null);
    return RunSheetWriter.write(
        Given.of(List.of(crib), LocalDate.of(2026, 5, 4))
            .with(new Shelf(List.of(product), List.of()))
            .plan(SamplePack.read(SamplePack.document())));
  }

  /** Says the usual thing until all is done, a minute apart. */
  private static RunState play(RunSheet sheet, int most) {
    List<RunEvent> said = new ArrayList<>();
    RunState state = Replay.of(sheet, said);
    for (int i = 0; i < most && !state.signedOff(); i++) {
      boolean look = state.permits().contains(EventKind.SECOND_LOOK);
      said.add(
          LogLine.event(
              new UUID(4, i),
              state.currentStep(),
              state.permits().get(0),
              state.nextFastener(),
              null,
              null,
              null,
              state.permits().get(0) == EventKind.FOUND ? Finding.GOOD : null,
              null,
              null,
              null,
              null,
              null,
              null,
              look ? LEAD : ASTA,
              null,
              EntryTime.at(AT.plusSeconds(60L * i))));
      state = Replay.of(sheet, said);
    }
    return state;
  }

  @Test
  void theClockOfEachWettedJointRunsFromItsWettingToFullCure() {
    RunSheet timed = curing(60.0, 600.0);
    assertThat(play(timed, 1).clocks()).isEmpty();
    RunState wetted = play(timed, 3);
    assertThat(wetted.clocks()).extracting(CureClock::jointId).containsExactly("plate", "pair");
    CureClock open = wetted.clocks().get(0);
    assertThat(open.wettedAt()).isEqualTo(AT.plusSeconds(60));
    assertThat(open.finalBy()).isEqualTo(AT.plusSeconds(60 + 3600));
    assertThat(open.ridableFrom()).isNull();
    assertThat(wetted.ridableFrom()).isNull();
    RunState end = play(timed, 500);
    assertThat(end.signedOff()).isTrue();
    CureClock last =
        end.clocks().stream().filter(c -> c.jointId().equals("pair")).findFirst().orElseThrow();
    assertThat(last.late()).isFalse();
    assertThat(end.ridableFrom()).isEqualTo(last.finalAt().plusSeconds(36_000));
  }

  @Test
  void aJointThatCameToItsTorqueAfterItsProductHadSetIsDoneAgain() {
    RunState end = play(curing(5.0, 600.0), 500);
    assertThat(end.clocks()).allMatch(CureClock::late);
    assertThat(end.clocks().get(0).words()).startsWith("Set before its final torque");
    assertThat(end.ridableFrom()).isNull();
    RunState unknown = play(curing(null, null), 500);
    assertThat(unknown.clocks().get(0).words()).contains("use the maker's sheet");
    assertThat(unknown.ridableFrom()).isNull();
  }

  @Test
  void anEntrySentAgainSaysTheSameAndOneInItsPlaceDoesNot() {
    RunEvent said = event(EventKind.READING, 1, 12.0, "why", null, ASTA);
    assertThat(said.saysTheSameAs(event(EventKind.READING, 1, 12.0, "why", null, LEAD))).isTrue();
    List<RunEvent> others =
        List.of(
            event(EventKind.READING, 2, 12.0, "why", null, ASTA),
            event(EventKind.READING, 1, 12.5, "why", null, ASTA),
            event(EventKind.CORRECTION, 1, 12.0, "why", said.id(), ASTA));
    assertThat(others).noneMatch(said::saysTheSameAs);
  }
}
