package app.unimetric.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.plan.Given;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.plan.PlannedJoint;
import app.unimetric.core.plan.Shelf;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.sequence.Pass;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.thread.ScrewThread;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.ToolType;
import app.unimetric.core.tool.TorqueTool;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the sheet says in words, what a run comes to, and what its record names. */
class BenchRecordTest {
  private static final Signature MECHANIC = new Signature(UUID.randomUUID(), "Asta", false);
  private static final Map<String, Object> GAP =
      Map.of("what", "gap", "unit", "mm", "within", 2, "min", 1, "max", 9);

  private static Map<String, Object> document() {
    Map<String, Object> document = SamplePack.document();
    document.put("asFound", List.of(GAP, "which side", Map.of("what", "angle", "unit", "deg")));
    document.put(
        "inspections", List.of(Map.of("what", "play", "unit", "mm", "max", 1.5), "threads"));
    return document;
  }

  private static JobPlan plan(Map<String, Object> document, CribTool... crib) {
    return Given.of(List.of(crib), AtTheBench.TODAY)
        .with(
            new Shelf(
                List.of(
                    new Shelf.Product("Bottle", Compound.MEDIUM, 30.0, 600.0, null),
                    new Shelf.Product("Grease", Compound.GREASE, null, null, null)),
                List.of()))
        .plan(SamplePack.read(document));
  }

  private static AtTheBench bench(Map<String, Object> document) {
    return new AtTheBench(
        RunSheetWriter.write(
            plan(document, AtTheBench.click("a", 4.0), AtTheBench.click("b", 6.0))));
  }

  private static RunStep step(RunSheet sheet, String id) {
    return sheet.step(id).orElseThrow();
  }

  @Test
  void theSheetSaysWhatToWriteDownAndAgainstWhat() {
    RunSheet sheet = bench(document()).sheet;
    assertThat(step(sheet, "found.1").text())
        .isEqualTo(
            "Write it down as it is now; it must come back within ± 2 mm. Limit: 1 to 9 mm.");
    assertThat(step(sheet, "found.2").text())
        .isEqualTo("Write it down as it is now; it must come back the same.");
    assertThat(step(sheet, "found.3").text()).isEqualTo("Write it down as it is now.");
    assertThat(step(sheet, "found.1").judged()).isFalse();
    assertThat(step(sheet, "inspect.1").text()).isEqualTo("Limit: at most 1.5 mm.");
    assertThat(step(sheet, "inspect.2").text())
        .isEqualTo("Write down what you see; worn or damaged parts do not go back.");
    assertThat(step(sheet, "inspect.2").judged()).isTrue();
    assertThat(step(sheet, "left.1").comparesWith()).isEqualTo("found.1");
    assertThat(sheet.step("left.2")).isEmpty();
    assertThat(step(sheet, "hand.plate").text()).startsWith("Start all 4 by fingers");
    assertThat(step(sheet, "surface.plate").title()).endsWith("medium-strength threadlocker");
    assertThat(step(sheet, "surface.plate").text()).doesNotContain("They are in dry");
    assertThat(sheet.joint("plate").orElseThrow().onThread().cure())
        .isEqualTo(new OnThread.Cure("Bottle", 30.0, 600.0));
  }

  @Test
  void aSingleOneWithoutALockIsStartedByItselfAndNothingCures() {
    Map<String, Object> document = document();
    Map<String, Object> plate = SamplePack.jointOf(document, 1);
    plate.put("count", 1);
    plate.put("surface", new LinkedHashMap<>(Map.of("vibrates", false)));
    plate.put("hand", "LEFT");
    plate.put("undo", Map.of("text", "Held."));
    RunSheet sheet = bench(document).sheet;
    assertThat(step(sheet, "hand.plate").text()).startsWith("Start it by fingers");
    assertThat(sheet.joint("plate").orElseThrow().onThread().cure()).isNull();
    assertThat(step(sheet, "undo.plate").text())
        .isEqualTo("Left-hand thread, loosen clockwise. Held.");
  }

  @Test
  void eachPassHasItsShareItsBandAndItsWords() {
    JobPlan plan = plan(document(), AtTheBench.click("a", 4.0));
    RunSheet sheet = RunSheetWriter.write(plan);
    List<RunStep> passes =
        sheet.steps().stream()
            .filter(s -> "plate".equals(s.jointId()) && s.isDoneWithATool())
            .toList();
    assertThat(passes).extracting(RunStep::percent).containsExactly(30.0, 65.0, 100.0, 100.0);
    double aim = sheet.joint("plate").orElseThrow().aimNm();
    assertThat(passes.get(0).band().minNm()).isCloseTo(aim * 0.2, within(1e-9));
    assertThat(passes.get(0).band().maxNm()).isCloseTo(aim * 0.4, within(1e-9));
    assertThat(passes.get(1).band().minNm()).isCloseTo(aim * 0.6, within(1e-9));
    assertThat(passes.get(1).band().maxNm()).isCloseTo(aim * 0.7, within(1e-9));
    assertThat(passes.get(0).text()).isEqualTo("Snug all in this order, about 30 %.");
    assertThat(passes.get(1).text()).isEqualTo("Pass at 65 %.");
    assertThat(passes.get(2).text()).startsWith("Final torque.");
    assertThat(passes.get(3).text()).startsWith("Once round at full torque.");
    assertThat(passes.get(0).group()).isEqualTo("Snug all");
    assertThat(passes.get(1).group()).isEqualTo("Tighten in passes");
    PlannedJoint plate =
        plan.joints().stream().filter(j -> j.id().equals("plate")).findFirst().orElseThrow();
    List<Pass> of = plate.passes();
    assertThat(RunSheetWriter.settingOf(plate, of.get(3))).isEqualTo(passes.get(2).reading());
    assertThat(RunSheetWriter.settingOf(plate, of.get(2))).isEqualTo(passes.get(1).reading());
  }

  @Test
  void whereTheToolDoesNotReachSoLowThePassIsByFeel() {
    TorqueTool tall = new TorqueTool(9, 45, 4.0, 0.5, TorqueUnit.NEWTON_METRE, List.of());
    JobPlan plan =
        plan(
            document(),
            new CribTool("x", "Tall", ToolType.CLICK, tall, LocalDate.of(2026, 1, 1), 1, null));
    RunSheet sheet = RunSheetWriter.write(plan);
    assertThat(sheet.steps())
        .filteredOn(s -> "plate".equals(s.jointId()) && s.percent() == 30)
        .allSatisfy(
            s -> {
              assertThat(s.text()).startsWith("Snug with a short lever");
              assertThat(s.reading()).isNull();
            });
    assertThat(sheet.steps())
        .filteredOn(s -> "plate".equals(s.jointId()) && s.percent() == 65)
        .extracting(RunStep::text)
        .containsExactly("About 65 % by feel; the torque tool does not reach this low.");
    PlannedJoint plate =
        plan.joints().stream().filter(j -> j.id().equals("plate")).findFirst().orElseThrow();
    assertThat(RunSheetWriter.settingOf(plate, plate.passes().get(1))).isNull();
  }

  @Test
  void withoutAToolWhatIsNotCriticalIsByFeelAndSeenAtTheSignature() {
    Map<String, Object> document = document();
    SamplePack.jointOf(document, 1).put("critical", false);
    JobPlan plan =
        Given.of(List.of(AtTheBench.click("a", 4.0)), AtTheBench.TODAY)
            .feeling("plate", "nothing reaches")
            .plan(SamplePack.read(heavy(document)));
    AtTheBench bench = new AtTheBench(RunSheetWriter.write(plan));
    assertThat(bench.sheet.steps())
        .filteredOn(s -> "plate".equals(s.jointId()) && s.percent() == 100)
        .first()
        .satisfies(s -> assertThat(s.text()).contains("recorded as unverified"));
    bench.until(StepKind.SIGN_OFF);
    Summary summary = Summary.of(bench.sheet, bench.state());
    assertThat(summary.byFeel()).containsExactly("Joint plate");
    assertThat(summary.isClean()).isFalse();
  }

  /** Beyond all that hangs in the crib. */
  private static Map<String, Object> heavy(Map<String, Object> document) {
    Map<String, Object> plate = SamplePack.jointOf(document, 1);
    plate.put("thread", "M12");
    plate.put("propertyClass", "10.9");
    plate.put("values", SamplePack.list(SamplePack.value(100, "N.m", "MANUAL")));
    return document;
  }

  private static AsBuilt built(AtTheBench bench) {
    return new AsBuilt(UUID.randomUUID(), bench.sheet, bench.state(), "Asta", null, Instant.EPOCH);
  }

  @Test
  void aRunByTheBookIsCleanAndItsRecordNamesAll() {
    AtTheBench bench = bench(document());
    while (!"sign-off".equals(bench.state().currentStep())) {
      EventKind kind = bench.state().permits().get(0);
      boolean play = "inspect.1".equals(bench.state().currentStep());
      assertThat(Summary.whenDue(bench.sheet, bench.state())).isNull();
      bench.say(kind, null, play ? "0.4 mm" : "3 mm", null, null);
    }
    assertThat(Summary.whenDue(bench.sheet, bench.state()))
        .isEqualTo(Summary.of(bench.sheet, bench.state()));
    assertThat(Summary.of(bench.sheet, bench.state()).isClean()).isTrue();
    assertThat(bench.state().signature()).isNull();
    bench.say(EventKind.SIGNED_OFF);
    assertThat(bench.state().signature().event().kind()).isEqualTo(EventKind.SIGNED_OFF);
    assertThat(bench.state().secondLook().event().by().name()).isEqualTo("Lead");
    AsBuilt built = built(bench);
    assertThat(built.summary().isClean()).isTrue();
    assertThat(built.people()).containsExactly("Asta", "Lead");
    assertThat(built.found())
        .extracting(f -> f.step().id())
        .containsExactly(
            "found.1", "found.2", "found.3", "inspect.1", "inspect.2", "left.1", "check.turns");
    assertThat(built.found().get(3).entry().event().reason()).isEqualTo("0.4 mm");
    AsBuilt.JointAsBuilt plate =
        built.joints().stream()
            .filter(j -> j.joint().id().equals("plate"))
            .findFirst()
            .orElseThrow();
    assertThat(plate.tools()).containsExactly("Tool a");
    assertThat(plate.finals()).hasSize(4).allSatisfy(e -> assertThat(e.torqueNm()).isEqualTo(10));
    assertThat(built.targets(List.of()))
        .extracting(t -> t.joint().id())
        .containsExactlyInAnyOrder("plate", "pair");
    AsBuilt.Target target = built.targets(List.of("plate")).get(0);
    assertThat(built.targets(List.of("plate"))).hasSize(1);
    assertThat(target.target()).isEqualTo(plate.joint().band().toString());
    assertThat(target.setting()).isEqualTo("10.0 N·m on Tool a");
    assertThat(target.cured()).isTrue();
    assertThat(built.targets(List.of("none"))).isEmpty();
  }

  @Test
  void aFastenerThatWasTurnedAgainStandsWithTheTorqueItWasLeftAt() {
    AtTheBench bench = bench(document());
    while (bench.inHand().kind() != StepKind.TIGHTEN
        || bench.inHand().percent() != RunStep.FULL_PERCENT) {
      bench.say(bench.state().permits().get(0));
    }
    String joint = bench.inHand().jointId();
    bench.say(EventKind.READING, 0.5, null, null, null);
    bench.say(EventKind.CLICKED);
    AsBuilt.JointAsBuilt left =
        built(bench).joints().stream()
            .filter(j -> j.joint().id().equals(joint))
            .findFirst()
            .orElseThrow();
    assertThat(left.finals()).hasSize(1);
    assertThat(left.finals().get(0).event().kind()).isEqualTo(EventKind.CLICKED);
    assertThat(bench.state().readings()).as("the log keeps both").anyMatch(Entry::isDeviation);
  }

  @Test
  void whereNothingIsCriticalTheMechanicLeavesItWithHisReason() {
    Map<String, Object> document = document();
    SamplePack.jointOf(document, 0).put("critical", false);
    SamplePack.jointOf(document, 1).put("critical", false);
    AtTheBench bench = bench(document);
    assertThat(bench.sheet.critical()).isFalse();
    while (!"inspect.1".equals(bench.state().currentStep())) {
      bench.say(bench.state().permits().get(0));
    }
    bench.say(EventKind.FOUND, null, "1.9 mm", null, null);
    assertThat(bench.state().pending()).isNotNull();
    log(bench, EventKind.LEFT, MECHANIC);
    assertThat(bench.state().pending()).isNull();
    assertThat(bench.state().deviations()).hasSize(1);
    bench.until(StepKind.TIGHTEN);
    while (bench.inHand().percent() < 100) {
      bench.say(bench.state().permits().get(0));
    }
    bench.say(EventKind.READING, bench.inHand().band().maxNm() + 0.01, null, null, null);
    log(bench, EventKind.DEVIATION_ACCEPTED, MECHANIC);
    assertThat(bench.state().pending()).isNull();
    assertThat(bench.state().deviations()).hasSize(2);
  }

  @Test
  void oneCriticalJointDoesNotMakeItsNeighbourCritical() {
    Map<String, Object> document = document();
    SamplePack.jointOf(document, 0).put("critical", true);
    SamplePack.jointOf(document, 1).put("critical", false);
    AtTheBench bench = bench(document);
    assertThat(bench.sheet.critical()).isTrue();
    bench.until(StepKind.TIGHTEN);
    while (!"plate".equals(bench.inHand().jointId()) || bench.inHand().percent() < 100) {
      bench.say(bench.state().permits().get(0));
    }
    bench.say(EventKind.READING, bench.inHand().band().maxNm() + 0.01, null, null, null);
    log(bench, EventKind.DEVIATION_ACCEPTED, MECHANIC);
    assertThat(bench.state().pending()).isNull();
  }

  @Test
  void whatMustBeSeenIsGatheredByItsKind() {
    AtTheBench bench = bench(document());
    bench.until(StepKind.TIGHTEN);
    assertThat(built(bench).found()).extracting(f -> f.step().id()).doesNotContain("left.1");
    while (bench.inHand().percent() < 100) {
      bench.say(bench.state().permits().get(0));
    }
    RunStep last = bench.inHand();
    bench.say(EventKind.READING, last.mayStandToNm() + 0.1, null, null, null);
    bench.say(EventKind.SLACKENED);
    while (!last.id().equals(bench.state().currentStep())) {
      bench.say(bench.state().permits().get(0));
    }
    bench.say(EventKind.READING, last.band().maxNm() + 0.01, null, null, null);
    log(bench, EventKind.DEVIATION_ACCEPTED);
    Summary summary = Summary.of(bench.sheet, bench.state());
    assertThat(summary.startedAgain())
        .extracting(e -> e.event().kind())
        .containsExactly(EventKind.SLACKENED);
    assertThat(summary.outOfBand()).hasSize(1);
    assertThat(summary.left()).isEmpty();
    assertThat(summary.byFeel()).isEmpty();
    assertThat(summary.foundBad()).isEmpty();
    assertThat(summary.corrected()).isEmpty();
    assertThat(summary.isClean()).isFalse();
    assertThat(built(bench).summary()).isEqualTo(summary);
  }

  private static void log(AtTheBench bench, EventKind kind) {
    log(bench, kind, new Signature(UUID.randomUUID(), "Lead", true));
  }

  private static void log(AtTheBench bench, EventKind kind, Signature by) {
    RunState s = bench.state();
    bench.log.add(
        LogLine.event(
            UUID.randomUUID(),
            s.currentStep(),
            kind,
            s.nextFastener(),
            null,
            null,
            "by the tool's own deviation",
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            by,
            null,
            EntryTime.at(Instant.EPOCH)));
  }

  @Test
  void eachKindAloneMakesARunUnclean() {
    Summary clean =
        new Summary(List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), List.of());
    AtTheBench bench = bench(document());
    bench.say(EventKind.MEASURED, null, "3 mm", null, null);
    List<Entry> one = bench.state().entries();
    assertThat(clean.isClean()).isTrue();
    assertThat(
            new Summary(one, List.of(), List.of(), List.of(), List.of(), List.of(), List.of())
                .isClean())
        .isFalse();
    assertThat(
            new Summary(List.of(), one, List.of(), List.of(), List.of(), List.of(), List.of())
                .isClean())
        .isFalse();
    assertThat(
            new Summary(List.of(), List.of(), one, List.of(), List.of(), List.of(), List.of())
                .isClean())
        .isFalse();
    assertThat(
            new Summary(
                    List.of(), List.of(), List.of(), List.of(), List.of("j"), List.of(), List.of())
                .isClean())
        .isFalse();
    assertThat(
            new Summary(List.of(), List.of(), List.of(), List.of(), List.of(), one, List.of())
                .isClean())
        .isFalse();
    assertThat(
            new Summary(List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), one)
                .isClean())
        .isFalse();
  }

  @ParameterizedTest
  @CsvSource({
    "M8 8.8, M8",
    "M10×1.25, M10×1.25",
    "1/4-20 UNC SAE-5, 1/4-20 UNC",
    "1/4-20 UNC, 1/4-20 UNC",
    "1.375 in × 24, 1.375 in × 24",
    "a cup,"
  })
  void theThreadOfAJointByItself(String words, String thread) {
    RunJoint some = bench(document()).sheet.joints().get(0);
    RunJoint joint =
        new RunJoint(
            some.id(),
            some.title(),
            words,
            some.count(),
            some.layout(),
            some.positions(),
            some.critical(),
            some.stated(),
            some.band(),
            some.aimNm(),
            some.ceilingNm(),
            some.onThread(),
            some.direction(),
            some.leftHand(),
            some.otherTools());
    assertThat(joint.size().map(ScrewThread::designation).orElse(null)).isEqualTo(thread);
  }

  @Test
  void percentsOfTheFastenersInHandRiseWithThePasses() {
    AtTheBench bench = bench(document());
    bench.until(StepKind.TIGHTEN);
    String joint = bench.inHand().jointId();
    int first = bench.state().nextFastener();
    bench.say(EventKind.CLICKED);
    assertThat(bench.state().percentByFastener()).isEqualTo(Map.of(first, 30.0));
    while (bench.inHand().kind() != StepKind.CHECK_PASS
        || !joint.equals(bench.inHand().jointId())) {
      bench.say(bench.state().permits().get(0));
    }
    assertThat(bench.state().percentByFastener().values()).containsOnly(100.0);
  }
}
