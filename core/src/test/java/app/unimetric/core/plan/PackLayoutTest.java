package app.unimetric.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunSheetWriter;
import app.unimetric.core.bench.RunStep;
import app.unimetric.core.order.Task;
import app.unimetric.core.pack.Answers;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackChoices;
import app.unimetric.core.pack.PackOption;
import app.unimetric.core.pack.PackPart;
import app.unimetric.core.pack.PartRole;
import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.pack.Side;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.ToolType;
import app.unimetric.core.tool.TorqueTool;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What is on the bench first, one side before the other, one job inside another. */
class PackLayoutTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);

  static JobPlan plan(JobPack pack) {
    TorqueTool tool = new TorqueTool(2, 25, 4.0, 0.5, TorqueUnit.NEWTON_METRE, List.of());
    return JobPlan.of(
        pack,
        Circumstances.of(
            List.of(
                new CribTool(
                    "a", "Small", ToolType.CLICK, tool, LocalDate.of(2026, 1, 1), 1, null)),
            TODAY));
  }

  private static List<String> row(JobPack pack) {
    JobPlan plan = plan(pack);
    assertThat(plan.cycle()).isEmpty();
    return plan.work().tasks().stream().map(Task::name).toList();
  }

  static Map<String, Object> undone(Map<String, Object> joint) {
    joint.put("undo", Map.of("text", "Held while it is together."));
    return joint;
  }

  static Map<String, Object> document() {
    Map<String, Object> document = SamplePack.document();
    document.put("order", List.of());
    document.put("checks", List.of());
    document.put(
        "steps",
        SamplePack.list(
            SamplePack.step("know", "KNOW"),
            SamplePack.step("stand", "SECURE"),
            SamplePack.step("loosen", "LOOSEN"),
            SamplePack.step("off", "REMOVE"),
            SamplePack.step("clean", "CLEAN")));
    return document;
  }

  @Test
  void whatIsPutTogetherOnTheBenchComesBeforeTheMachineIsOpened() {
    Map<String, Object> document = document();
    document.put(
        "assemblies", List.of(Map.of("id", "sub", "joints", List.of("plate"), "onTheBench", true)));
    undone(SamplePack.jointOf(document, 0));
    List<String> row = row(SamplePack.read(document));
    assertThat(row.indexOf("STEP step.know")).isZero();
    assertThat(row.indexOf("CHECK_ROUND plate")).isLessThan(row.indexOf("STEP step.stand"));
    assertThat(row.indexOf("CHECK_ROUND plate")).isLessThan(row.indexOf("UNDO undo.pair"));
    assertThat(row.indexOf("WET plate")).isEqualTo(1);
    assertThat(row.indexOf("START pair")).isGreaterThan(row.indexOf("INSPECT step.clean"));
    assertThat(plan(SamplePack.read(document)).joints())
        .extracting(PlannedJoint::id)
        .containsExactly("plate", "pair");
  }

  static JobPack sided(boolean inTurn) {
    Map<String, Object> document = document();
    document.put("sidesInTurn", inTurn);
    document.put(
        "steps",
        SamplePack.list(
            SamplePack.step("stand", "SECURE"),
            SamplePack.step("hang", "LOOSEN"),
            SamplePack.step("off", "REMOVE"),
            SamplePack.step("pin", "LOCK"),
            SamplePack.step("ride", "CHECK")));
    document.put("inspections", List.of("pads"));
    undone(SamplePack.jointOf(document, 0));
    undone(SamplePack.jointOf(document, 1));
    JobPack pack = SamplePack.read(document);
    return SamplePack.asking(
        SamplePack.with(
            pack,
            List.of(
                new PackPart("pads", 1, PartRole.USED_ONCE),
                new PackPart("bracket", 1, PartRole.ORDERED_PER_SIDE))),
        List.of(),
        "pair",
        "plate",
        "step.hang",
        "step.off",
        "step.pin",
        "measure.pads",
        "part.pads",
        "part.bracket");
  }

  @Test
  void oneSideIsClosedBeforeTheOtherIsOpened() {
    List<String> row = row(sided(true).answered(Answers.NONE));
    int closed = row.indexOf("LOCK step.pin.LEFT");
    List<String> left = row.stream().filter(t -> t.contains("LEFT")).toList();
    List<String> right = row.stream().filter(t -> t.contains("RIGHT")).toList();
    assertThat(left).hasSameSizeAs(right);
    assertThat(row.indexOf(left.get(left.size() - 1))).isEqualTo(closed);
    assertThat(row.indexOf(right.get(0))).isGreaterThan(closed);
    assertThat(row.indexOf("STEP step.stand")).isLessThan(row.indexOf(left.get(0)));
    assertThat(row.indexOf("INSPECT inspect.1")).isBetween(row.indexOf(left.get(0)), closed);
    assertThat(row.indexOf("INSPECT inspect.2")).isGreaterThan(closed);
    assertThat(row.indexOf("FUNCTION_CHECK step.ride"))
        .isGreaterThan(row.indexOf("LOCK step.pin.RIGHT"));
  }

  @Test
  void oneSideAloneOrBothInStepKnowNoTurns() {
    List<String> inStep = row(sided(false).answered(Answers.NONE));
    assertThat(inStep.indexOf("UNDO undo.pair.RIGHT"))
        .isLessThan(inStep.indexOf("START pair.LEFT"));
    List<String> one = row(sided(true).answered(new Answers(Map.of(), List.of(Side.RIGHT))));
    assertThat(one).noneMatch(t -> t.contains("LEFT"));
    assertThat(one).contains("LOCK step.pin.RIGHT", "INSPECT inspect.1");
    assertThat(one).doesNotContain("INSPECT inspect.2");
  }

  @Test
  void partsAreCountedBySideAndThoseOfAHandByName() {
    JobPack both = sided(true).answered(Answers.NONE);
    assertThat(both.parts())
        .extracting(PackPart::words)
        .containsExactly("2 × pads", "1 × bracket, left", "1 × bracket, right");
    assertThat(both.oneTimeParts()).hasSize(3);
  }

  @Test
  void whatIsMovedOverIsAHoldPointAndWhereOriginalsLieIsWrittenDown() {
    Map<String, Object> document = document();
    document.put(
        "oneTimeParts",
        List.of(
            Map.of("name", "spring", "count", 1, "role", "CARRIED_OVER"),
            Map.of("name", "old lever", "count", 1, "role", "ORIGINAL_KEPT"),
            Map.of("name", "washer", "count", 2, "role", "NEW")));
    JobPack pack = SamplePack.read(document);
    assertThat(pack.oneTimeParts()).extracting(p -> p.name()).containsExactly("washer");
    List<String> row = row(pack);
    assertThat(row.indexOf("STEP carried-over")).isEqualTo(row.indexOf("INSPECT step.clean") + 1);
    assertThat(row.indexOf("MEASURE kept")).isGreaterThan(row.indexOf("CHECK_ROUND plate"));
    RunSheet sheet = RunSheetWriter.write(plan(pack));
    RunStep moved = sheet.step("carried-over").orElseThrow();
    assertThat(moved.hold()).isTrue();
    assertThat(moved.text()).startsWith("1 × spring");
    assertThat(sheet.step("kept").orElseThrow().text()).startsWith("1 × old lever");
    assertThat(WorkLine.of(plan(pack)))
        .extracting(WorkLine::title)
        .contains("Moved over from the old part", "Originals kept");
    assertThat(row(SamplePack.read(document())))
        .doesNotContain("STEP carried-over", "MEASURE kept");
  }

  static JobPack outer() {
    Map<String, Object> crank = document();
    crank.put("key", "crank");
    crank.put("title", "Crank");
    crank.put(
        "steps",
        SamplePack.list(
            SamplePack.step("stand", "SECURE"),
            SamplePack.step("slack", "LOOSEN"),
            SamplePack.step("off", "REMOVE"),
            SamplePack.step("clean", "CLEAN"),
            SamplePack.step("grease", "PREPARE"),
            SamplePack.step("arm", "TIGHTEN")));
    crank.put(
        "joints",
        SamplePack.list(
            undone(SamplePack.joint("cap", "M8", 1, "ROW", 10)),
            undone(SamplePack.joint("pinch", "M6", 2, "PINCH", 8))));
    crank.put("order", List.of(SamplePack.rule("cap", "pinch", "TOUCH")));
    crank.put("checks", List.of(Map.of("id", "spins", "title", "Spins", "text", "Free.")));
    return SamplePack.read(crank);
  }

  static JobPack inner() {
    Map<String, Object> bracket = document();
    undone(SamplePack.jointOf(bracket, 0));
    undone(SamplePack.jointOf(bracket, 1));
    List<Object> steps = new ArrayList<>((List<?>) bracket.get("steps"));
    steps.add(SamplePack.step("press", "TIGHTEN"));
    bracket.put("steps", steps);
    return SamplePack.read(bracket);
  }

  @Test
  void theJobAroundIsUndoneFirstAndDoneLast() {
    JobPack both = inner().inside(outer(), List.of());
    List<String> row = row(both.answered(Answers.NONE));
    List<String> undone = row.stream().filter(t -> t.startsWith("UNDO undo.")).toList();
    assertThat(undone)
        .hasSize(4)
        .startsWith("UNDO undo.crank.pinch", "UNDO undo.crank.cap")
        .contains("UNDO undo.pair", "UNDO undo.plate");
    assertThat(row.indexOf("REMOVE step.crank.off")).isLessThan(row.indexOf("UNDO undo.pair"));
    assertThat(row.indexOf("REMOVE step.crank.off")).isLessThan(row.indexOf("UNDO undo.plate"));
    assertThat(row.indexOf("INSPECT step.crank.clean"))
        .isGreaterThan(row.indexOf("INSPECT step.clean"));
    int done = Math.max(row.indexOf("CHECK_ROUND pair"), row.indexOf("CHECK_ROUND plate"));
    assertThat(row.indexOf("START crank.cap")).isGreaterThan(done);
    assertThat(row.indexOf("START crank.cap")).isGreaterThan(row.indexOf("STEP step.press"));
    assertThat(row.indexOf("STEP step.crank.grease"))
        .as("nothing of the crank goes on before the bracket is in")
        .isGreaterThan(row.indexOf("STEP step.press"))
        .isBetween(done, row.indexOf("START crank.cap"));
    assertThat(row.indexOf("STEP step.crank.arm")).isGreaterThan(done);
    assertThat(row.indexOf("SNUG crank.pinch")).isGreaterThan(row.indexOf("FINAL crank.cap"));
    assertThat(row).contains("FUNCTION_CHECK check.crank.spins");
    assertThat(row).as("the stand is shared").contains("STEP step.stand");
    assertThat(row).doesNotContain("STEP step.crank.stand");
    assertThat(plan(both.answered(Answers.NONE)).ready()).isTrue();
  }

  @Test
  void theJobAroundMayHangOnAnAnswer() {
    Map<String, Object> document = document();
    JobPack open = SamplePack.read(document);
    JobPack asked =
        SamplePack.asking(
            open,
            List.of(
                new PackOption(
                    "crank",
                    "Is the crank on?",
                    List.of(
                        new PackOption.Answer("on", "Yes"), new PackOption.Answer("off", "No")))));
    JobPack both =
        asked.inside(outer(), List.of(new PackChoices.Condition("crank", List.of("on"))));
    assertThat(row(both.answered(Answers.NONE))).anyMatch(t -> t.contains("crank.pinch"));
    JobPack bare = both.answered(new Answers(Map.of("crank", "off"), List.of()));
    assertThat(row(bare)).noneMatch(t -> t.contains("crank."));
    assertThat(bare.joints()).hasSize(2);
  }
}
