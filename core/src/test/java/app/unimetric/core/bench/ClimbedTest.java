package app.unimetric.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.plan.Circumstances;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.ToolType;
import app.unimetric.core.tool.TorqueTool;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A clamp on carbon climbed to hold at the bench (field guide, carbon-safe clamping). */
class ClimbedTest {
  private static final Signature ASTA = new Signature(UUID.randomUUID(), "Asta", false);
  private static final Signature LEAD = new Signature(UUID.randomUUID(), "Lead", true);
  private static final List<String> TORQUES = List.of("3", "3.5", "4", "4.5");

  private static Map<String, Object> plate(Map<String, Object> document) {
    Map<String, Object> plate = SamplePack.jointOf(document, 1);
    plate.put("carbon", true);
    plate.put("values", SamplePack.list(SamplePack.maximum(5)));
    return plate;
  }

  private static CribTool tool(String id, double min, double graduation) {
    return new CribTool(
        id,
        "Tool " + id,
        ToolType.CLICK,
        new TorqueTool(min, 25, 4.0, graduation, TorqueUnit.NEWTON_METRE, List.of()),
        LocalDate.of(2026, 1, 1),
        1,
        null);
  }

  private static AtTheBench bench(Map<String, Object> document, CribTool... crib) {
    return new AtTheBench(
        RunSheetWriter.write(
            JobPlan.of(
                SamplePack.read(document), Circumstances.of(List.of(crib), AtTheBench.TODAY))));
  }

  private static AtTheBench bench() {
    Map<String, Object> document = SamplePack.document();
    plate(document);
    return bench(document, tool("a", 2, 0.5));
  }

  /** All that belongs to the climb, in its order. */
  private static List<RunStep> ofTheClimb(RunSheet sheet) {
    return sheet.steps().stream()
        .filter(s -> "plate".equals(s.jointId()))
        .filter(s -> s.perFastener() || s.kind() == StepKind.SLIP_TEST)
        .toList();
  }

  /** Played on until the slip test after so many torques; each before that slips. */
  private static AtTheBench atTest(int torques) {
    AtTheBench bench = bench();
    bench.until(StepKind.SLIP_TEST);
    for (int i = 1; i < torques; i++) {
      bench.say(EventKind.SLIPS);
      bench.until(StepKind.SLIP_TEST);
    }
    return bench;
  }

  @Test
  void eachTorqueIsPulledEvenlyAndTestedForSlipThenItIsGoneRound() {
    List<RunStep> steps = ofTheClimb(bench().sheet);
    assertThat(steps)
        .extracting(RunStep::kind)
        .containsExactly(
            StepKind.TIGHTEN,
            StepKind.TIGHTEN,
            StepKind.SLIP_TEST,
            StepKind.TIGHTEN,
            StepKind.SLIP_TEST,
            StepKind.TIGHTEN,
            StepKind.SLIP_TEST,
            StepKind.TIGHTEN,
            StepKind.SLIP_TEST,
            StepKind.CHECK_PASS,
            StepKind.CHECK_PASS,
            StepKind.CHECK_PASS,
            StepKind.CHECK_PASS);
    assertThat(steps.stream().map(RunStep::id).distinct()).hasSize(steps.size());
    for (int i = 0; i < TORQUES.size(); i++) {
      RunStep pull = steps.get(1 + 2 * i);
      RunStep test = steps.get(2 + 2 * i);
      RunStep round = steps.get(9 + i);
      double nm = Double.parseDouble(TORQUES.get(i));
      assertThat(pull.settingNm()).isEqualTo(nm);
      assertThat(pull.band().contains(nm)).isTrue();
      assertThat(pull.mayStandToNm()).isLessThanOrEqualTo(5);
      assertThat(round.settingNm()).isEqualTo(nm);
      assertThat(test.percent()).isEqualTo(pull.percent()).isEqualTo(round.percent());
      assertThat(test.hold()).isTrue();
      assertThat(test.text().contains("If it still slips, stop")).isEqualTo(i == 3);
    }
  }

  @ParameterizedTest
  @CsvSource({
    "control, true, Pull the lever as hard as in braking",
    "slipTest, Twist it with 30 N·m, Twist it with 30 N·m. It holds: no tighter",
    "slipTest, Press., Press. It holds: no tighter",
    "settles, true, with the load its maker states",
  })
  void theTestIsDoneWithTheLoadThatIsStated(String field, String said, String words) {
    Map<String, Object> document = SamplePack.document();
    plate(document).put(field, field.equals("slipTest") ? said : Boolean.TRUE);
    assertThat(ofTheClimb(bench(document, tool("a", 2, 0.5)).sheet).get(2).text()).contains(words);
  }

  @ParameterizedTest
  @CsvSource({"1", "2", "3", "4"})
  void theFirstTorqueThatHoldsIsTheLast(int torques) {
    AtTheBench bench = atTest(torques);
    assertThat(bench.state().permits()).startsWith(EventKind.HOLDS, EventKind.SLIPS);
    bench.say(EventKind.HOLDS);
    double nm = Double.parseDouble(TORQUES.get(torques - 1));
    RunStep round = bench.inHand();
    assertThat(round.kind()).isEqualTo(StepKind.CHECK_PASS);
    assertThat(round.settingNm()).isEqualTo(nm);
    assertThat(bench.state().percentByFastener().values()).containsOnly(round.percent());
    for (int n = 0; n < 4; n++) {
      bench.say(EventKind.HELD);
    }
    assertThat(bench.inHand().jointId()).isNotEqualTo("plate");
    RunState signed = bench.until(StepKind.SIGN_OFF);
    signed = bench.say(EventKind.SIGNED_OFF);
    assertThat(signed.signedOff()).isTrue();
    AsBuilt built = built(bench);
    assertThat(built.climbedToNm()).hasSize(1);
    assertThat(built.climbedToNm().get("plate")).isEqualTo(nm);
    AsBuilt.JointAsBuilt plate =
        built.joints().stream()
            .filter(j -> j.joint().id().equals("plate"))
            .findFirst()
            .orElseThrow();
    assertThat(plate.finals()).hasSize(4).allMatch(e -> e.torqueNm() == nm);
    AsBuilt.Target target = built.targets(List.of("plate")).get(0);
    assertThat(target.target()).isEqualTo(TORQUES.get(torques - 1) + " N·m, as it was left");
    assertThat(target.setting()).startsWith(TORQUES.get(torques - 1)).endsWith("on Tool a");
    assertThat(Summary.of(bench.sheet, signed).byFeel()).isEmpty();
    assertThat(Summary.of(bench.sheet, signed).isClean()).isTrue();
  }

  private static AsBuilt built(AtTheBench bench) {
    return new AsBuilt(UUID.randomUUID(), bench.sheet, bench.state(), "Asta", null, Instant.EPOCH);
  }

  @Test
  void whatIsNotClimbedIsLeftAtItsLastPass() {
    AtTheBench bench = bench();
    bench.until(StepKind.SIGN_OFF);
    assertThat(built(bench).targets(List.of("pair")).get(0).target()).doesNotContain("left");
    assertThat(built(bench).climbedToNm()).doesNotContainKey("pair");
  }

  @Test
  void slippingBelowTheLastTorqueGoesOnAndIsNothingBad() {
    AtTheBench bench = bench();
    bench.until(StepKind.SLIP_TEST);
    RunState s = bench.say(EventKind.SLIPS);
    assertThat(s.pending()).isNull();
    assertThat(bench.last().verdict()).isEqualTo(Verdict.MOVED);
    assertThat(bench.inHand().kind()).isEqualTo(StepKind.TIGHTEN);
    assertThat(bench.inHand().settingNm()).isEqualTo(3.5);
    assertThat(s.nextFastener()).isEqualTo(1);
    assertThat(s.foundBad()).isEmpty();
  }

  @Test
  void slippingAtTheLastTorqueStops() {
    AtTheBench bench = atTest(4);
    RunState s = bench.say(EventKind.SLIPS);
    assertThat(s.pending()).isNotNull();
    assertThat(s.permits()).containsExactly(EventKind.BEGUN_AGAIN, EventKind.LEFT);
    assertThat(s.foundBad()).hasSize(1);
    bench.say(EventKind.HOLDS);
    assertThat(bench.last().notCounted()).contains("no tighter");
    assertThat(Interruption.of(bench.sheet, s, Instant.parse("2026-05-09T08:00:00Z"))).isEmpty();
  }

  @Test
  void whatIsTakenApartBeginsAgainFromItsSurfacesAndSaysWhy() {
    AtTheBench bench = atTest(4);
    bench.say(EventKind.SLIPS);
    bench.say(EventKind.BEGUN_AGAIN, null, " ", null, null);
    assertThat(bench.last().notCounted()).contains("why it slipped");
    RunState s = bench.say(EventKind.BEGUN_AGAIN, null, "no paste; put on", null, null);
    assertThat(s.pending()).isNull();
    assertThat(bench.inHand().kind()).isIn(StepKind.SURFACE, StepKind.HAND);
    assertThat(bench.inHand().jointId()).isEqualTo("plate");
    assertThat(s.doneSteps())
        .noneMatch(id -> ofTheClimb(bench.sheet).stream().anyMatch(c -> c.id().equals(id)));
    bench.until(StepKind.SLIP_TEST);
    assertThat(bench.inHand().percent()).isLessThan(70);
    bench.say(EventKind.HOLDS);
    RunState signed = bench.until(StepKind.SIGN_OFF);
    assertThat(built(bench).climbedToNm().get("plate")).isEqualTo(3);
    assertThat(Summary.of(bench.sheet, signed).foundBad()).hasSize(1);
    assertThat(Summary.of(bench.sheet, signed).startedAgain()).hasSize(1);
  }

  /** The paste on what it clamps is a step of its own; another joint's preparation stays. */
  @Test
  void whatIsTakenApartIsPastedAgain() {
    Map<String, Object> document = SamplePack.document();
    plate(document);
    Map<String, Object> other = SamplePack.step("film", "PREPARE");
    other.put("before", "pair");
    document.put(
        "steps",
        List.of(SamplePack.step("paste", "PREPARE"), other, SamplePack.step("off", "CLEAN")));
    AtTheBench bench = bench(document, tool("a", 2, 0.5));
    bench.until(StepKind.SLIP_TEST);
    for (int i = 0; i < TORQUES.size(); i++) {
      bench.until(StepKind.SLIP_TEST);
      bench.say(EventKind.SLIPS);
    }
    RunState s = bench.say(EventKind.BEGUN_AGAIN, null, "no paste", null, null);
    assertThat(s.currentStep()).isEqualTo("step.paste");
    assertThat(s.doneSteps()).contains("step.film", "step.off").doesNotContain("step.paste");
  }

  @Test
  void aClimbLeftStandingBeginsAgainFromItsFirstTorque() {
    AtTheBench bench = atTest(2);
    RunState s = bench.say(EventKind.BEGUN_AGAIN, null, null, null, null);
    assertThat(bench.last().notCounted()).isNull();
    assertThat(s.doneSteps())
        .noneMatch(id -> ofTheClimb(bench.sheet).stream().anyMatch(c -> c.id().equals(id)));
    assertThat(bench.inHand().kind()).as("nothing is wetted again").isEqualTo(StepKind.TIGHTEN);
    bench.until(StepKind.SLIP_TEST);
    assertThat(bench.inHand().id()).isEqualTo("slip.plate.2");
  }

  @Test
  void onlyALeadLeavesWhatSlipsAndTheRecordSaysSo() {
    AtTheBench bench = atTest(4);
    bench.say(EventKind.SLIPS);
    bench.say(EventKind.LEFT, null, "not to be ridden", null, null);
    assertThat(bench.last().notCounted()).contains("only a lead leaves");
    say(bench, EventKind.LEFT, "not to be ridden; new bar ordered", LEAD, null, null);
    assertThat(bench.inHand().kind()).isEqualTo(StepKind.CHECK_PASS);
    assertThat(bench.inHand().settingNm()).isEqualTo(4.5);
    RunState signed = bench.until(StepKind.SIGN_OFF);
    assertThat(Summary.of(bench.sheet, signed).left()).hasSize(1);
    assertThat(built(bench).climbedToNm().get("plate")).isEqualTo(4.5);
  }

  private static RunState say(
      AtTheBench bench, EventKind kind, String reason, Signature by, Integer fastener, UUID of) {
    bench.log.add(
        LogLine.event(
            UUID.randomUUID(),
            String.valueOf(bench.state().currentStep()),
            kind,
            fastener,
            null,
            null,
            reason,
            null,
            null,
            null,
            of,
            null,
            null,
            null,
            by,
            null,
            EntryTime.at(Instant.parse("2026-05-04T08:00:00Z"))));
    return bench.state();
  }

  @Test
  void aHoldSaidByMistakeIsTestedAgainAndTheClimbGoesOn() {
    AtTheBench bench = atTest(2);
    bench.say(EventKind.HOLDS);
    UUID said = bench.last().event().id();
    for (int n = 0; n < 4; n++) {
      bench.say(EventKind.HELD);
    }
    say(bench, EventKind.CORRECTION, null, ASTA, null, said);
    assertThat(bench.inHand().kind()).isEqualTo(StepKind.SLIP_TEST);
    assertThat(bench.inHand().settingNm()).isNull();
    bench.say(EventKind.SLIPS);
    assertThat(bench.inHand().settingNm()).isEqualTo(4);
    bench.until(StepKind.SLIP_TEST);
    bench.say(EventKind.HOLDS);
    assertThat(bench.inHand().kind())
        .as("gone round at the new one")
        .isEqualTo(StepKind.CHECK_PASS);
    assertThat(bench.inHand().settingNm()).isEqualTo(4);
    bench.until(StepKind.SIGN_OFF);
    assertThat(built(bench).climbedToNm().get("plate")).isEqualTo(4);
  }

  @Test
  void whatWasDrawnTighterSinceIsNotTestedAtTheTorqueBefore() {
    AtTheBench bench = atTest(1);
    bench.say(EventKind.SLIPS);
    UUID slipped = bench.last().event().id();
    say(bench, EventKind.CORRECTION, null, ASTA, null, slipped);
    assertThat(bench.last().notCounted()).as("nothing was pulled since").isNull();
    assertThat(bench.inHand().id()).isEqualTo("slip.plate.2");
    bench.say(EventKind.SLIPS);
    UUID again = bench.last().event().id();
    bench.say(EventKind.CLICKED);
    say(bench, EventKind.CORRECTION, null, ASTA, null, again);
    assertThat(bench.last().notCounted()).startsWith("It was drawn tighter since");
    assertThat(bench.inHand().settingNm()).isEqualTo(3.5);
  }

  /** 5 in·lbf apart: 30 of them are 3.39 N·m, and that is what it is tried at later. */
  @Test
  void itWasLeftAtWhatTheToolBroughtAndNotAtTheFigureOfTheGrid() {
    Map<String, Object> document = SamplePack.document();
    plate(document);
    CribTool beam =
        new CribTool(
            "b",
            "Beam",
            ToolType.CLICK,
            new TorqueTool(2, 25, 6.0, 5.0, TorqueUnit.INCH_POUND, List.of()),
            LocalDate.of(2026, 1, 1),
            1,
            null);
    AtTheBench bench = bench(document, beam);
    bench.until(StepKind.SLIP_TEST);
    bench.say(EventKind.SLIPS);
    bench.until(StepKind.SLIP_TEST);
    bench.say(EventKind.HOLDS);
    bench.until(StepKind.SIGN_OFF);
    assertThat(built(bench).climbedToNm().get("plate")).isEqualTo(3.39);
    assertThat(built(bench).targets(List.of("plate")).get(0).target())
        .isEqualTo("3.39 N·m, as it was left");
  }

  @Test
  void aSlipAtTheLastSaidByMistakeIsStruck() {
    AtTheBench bench = atTest(4);
    bench.say(EventKind.SLIPS);
    RunState s = say(bench, EventKind.CORRECTION, null, ASTA, null, bench.last().event().id());
    assertThat(s.pending()).isNull();
    assertThat(s.permits()).startsWith(EventKind.HOLDS, EventKind.SLIPS);
    assertThat(s.foundBad()).isEmpty();
  }

  /** Above the limit it never stands; what lies below that may, by a lead's word. */
  @ParameterizedTest
  @CsvSource({"4.8, true", "4.99, false", "5.01, false"})
  void aPullBeyondItsTorqueStandsNoHigherThanItsToolMayBeOffOrTheLimit(double nm, boolean stands) {
    AtTheBench bench = atTest(3);
    bench.say(EventKind.SLIPS);
    assertThat(bench.inHand().settingNm()).isEqualTo(4.5);
    RunState s = bench.say(EventKind.READING, nm, null, null, null);
    assertThat(s.pending()).isNotNull();
    assertThat(s.permits().contains(EventKind.DEVIATION_ACCEPTED)).isEqualTo(stands);
    assertThat(s.permits()).contains(EventKind.SLACKENED);
  }

  /**
   * 5.2/1.04 = 5: the tool's deviation above that is beyond the limit, and nothing stands there.
   */
  @ParameterizedTest
  @CsvSource({"5.19, false, false", "5.21, true, false", "5.4, true, false"})
  void aboveTheLimitNothingStands(double nm, boolean waits, boolean stands) {
    Map<String, Object> document = SamplePack.document();
    plate(document).put("values", SamplePack.list(SamplePack.maximum(5.2)));
    AtTheBench bench = bench(document, tool("a", 2, 0.5));
    bench.until(StepKind.SLIP_TEST);
    while (bench.inHand().percent() < RunStep.FULL_PERCENT) {
      bench.say(bench.inHand().kind() == StepKind.SLIP_TEST ? EventKind.SLIPS : EventKind.CLICKED);
    }
    assertThat(bench.inHand().settingNm()).isEqualTo(5);
    RunState s = bench.say(EventKind.READING, nm, null, null, null);
    assertThat(s.pending() != null).isEqualTo(waits);
    assertThat(s.permits().contains(EventKind.DEVIATION_ACCEPTED)).isEqualTo(stands);
  }

  @Test
  void anotherToolIsOnlyOfferedWhereItCanBeSetToEveryTorque() {
    Map<String, Object> document = SamplePack.document();
    plate(document);
    AtTheBench bench = bench(document, tool("a", 2, 0.5), tool("b", 4, 0.5), tool("c", 2, 0.5));
    List<OtherTool> others = bench.sheet.joint("plate").orElseThrow().otherTools();
    assertThat(bench.sheet.step("pass.plate.2").orElseThrow().toolId()).isNotEqualTo("b");
    assertThat(others).hasSize(1).noneMatch(t -> t.toolId().equals("b"));
    List<String> pulled = new ArrayList<>();
    ofTheClimb(bench.sheet).stream()
        .filter(RunStep::isDoneWithATool)
        .filter(s -> s.percent() > 50)
        .forEach(s -> pulled.add(s.id()));
    assertThat(others.get(0).steps().keySet()).containsAll(pulled);
    assertThat(pulled).allMatch(id -> others.get(0).steps().get(id).settingNm() != null);
  }

  @Test
  void aClampOfOneIsTestedAndNotGoneRound() {
    Map<String, Object> document = SamplePack.document();
    plate(document).put("count", 1);
    AtTheBench bench = bench(document, tool("a", 2, 0.5));
    assertThat(ofTheClimb(bench.sheet)).noneMatch(s -> s.kind() == StepKind.CHECK_PASS);
    bench.until(StepKind.SLIP_TEST);
    bench.say(EventKind.HOLDS);
    assertThat(bench.inHand().jointId()).isNotEqualTo("plate");
  }

  @Test
  void theBenchShowsEachTorqueOfTheClimbWithWhatItsTestCameTo() {
    AtTheBench bench = atTest(2);
    List<ClimbedTorque> climb = bench.state().shown().climb();
    assertThat(climb).extracting(ClimbedTorque::settingNm).containsExactly(3.0, 3.5, 4.0, 4.5);
    assertThat(climb).extracting(ClimbedTorque::slipped).containsExactly(true, false, false, false);
    assertThat(climb).extracting(ClimbedTorque::now).containsExactly(false, true, false, false);
    assertThat(climb).noneMatch(ClimbedTorque::held);
    bench.say(EventKind.HOLDS);
    assertThat(bench.state().shown().climb())
        .extracting(ClimbedTorque::held)
        .containsExactly(false, true, false, false);
  }
}
