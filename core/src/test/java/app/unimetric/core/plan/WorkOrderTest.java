package app.unimetric.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.Seeded;
import app.unimetric.core.order.OrderRule;
import app.unimetric.core.order.Task;
import app.unimetric.core.order.TaskKind;
import app.unimetric.core.pack.PackStep;
import app.unimetric.core.pack.Phase;
import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.surface.Compound;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class WorkOrderTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);
  private final Map<String, Object> document = SamplePack.document();

  private JobPlan plan(double fixtureMinutes) {
    Shelf.Product product =
        new Shelf.Product("Bottle", Compound.MEDIUM, fixtureMinutes, fixtureMinutes + 60, null);
    return Given.of(List.of(JobPlanTest.tool()), TODAY)
        .with(new Shelf(List.of(product), List.of()))
        .plan(SamplePack.read(document));
  }

  private static List<String> words(JobPlan plan) {
    return plan.work().tasks().stream()
        .filter(t -> t.jointId() != null)
        .map(t -> t.kind() + " " + t.jointId())
        .toList();
  }

  private void minutes(int joint, double minutes) {
    SamplePack.jointOf(document, joint).put("minutes", minutes);
  }

  @Test
  void withTimeEnoughAllAreWettedThenStartedThenSnug() {
    minutes(0, 10);
    minutes(1, 10);
    JobPlan plan = plan(60);
    assertThat(words(plan))
        .containsExactly(
            "WET plate",
            "WET pair",
            "START plate",
            "START pair",
            "SNUG plate",
            "SNUG pair",
            "PASS plate",
            "FINAL plate",
            "CHECK_ROUND plate",
            "PASS pair",
            "FINAL pair",
            "CHECK_ROUND pair");
    assertThat(plan.work().wettings().get("pair").minutesToFinal()).isEqualTo(20.5);
    assertThat(plan.work().wettings().get("pair").words()).isEmpty();
    assertThat(plan.ride().cureMinutes()).isEqualTo(120);
  }

  private void steps(Object... steps) {
    document.put("steps", SamplePack.list(steps));
  }

  private static Map<String, Object> beside(String id, String phase, String where, String joint) {
    Map<String, Object> step = SamplePack.step(id, phase);
    step.put(where, joint);
    return step;
  }

  private static Map<String, Object> held(Map<String, Object> step) {
    step.put("hold", true);
    return step;
  }

  private static List<String> all(JobPlan plan) {
    return plan.work().tasks().stream()
        .map(
            t ->
                t.stepId() == null ? t.kind() + " " + t.jointId() : t.stepId().replace("step.", ""))
        .toList();
  }

  @Test
  void stepsStandAtTheHeadOfTheirPhaseOrBesideTheirJoint() {
    steps(
        beside("a", "TIGHTEN", "after", "plate"),
        beside("b", "TIGHTEN", "after", "plate"),
        beside("c", "TIGHTEN", "before", "pair"),
        SamplePack.step("d", "TIGHTEN"),
        SamplePack.step("e", "START"),
        beside("f", "START", "after", "pair"),
        SamplePack.step("g", "PREPARE"),
        beside("h", "PREPARE", "after", "pair"),
        SamplePack.step("early", "SECURE"),
        SamplePack.step("late", "LOCK"));
    assertThat(all(plan(60)))
        .containsExactly(
            "early",
            "g",
            "WET plate",
            "WET pair",
            "h",
            "e",
            "START plate",
            "START pair",
            "f",
            "SNUG plate",
            "c",
            "SNUG pair",
            "d",
            "PASS plate",
            "FINAL plate",
            "CHECK_ROUND plate",
            "a",
            "b",
            "PASS pair",
            "FINAL pair",
            "CHECK_ROUND pair",
            "late",
            "check.turns",
            "second-look");
  }

  @Test
  void aPreparationStandsBeforeTheStartWhereTheJointIsWettedLate() {
    minutes(0, 10);
    minutes(1, 60);
    steps(beside("h", "PREPARE", "after", "pair"));
    assertThat(all(plan(20)).subList(0, 3)).containsExactly("START plate", "h", "START pair");
  }

  @Test
  void stepsBetweenTakeTheirTimeFromTheProduct() {
    minutes(0, 10);
    minutes(1, 10);
    Map<String, Object> press = beside("press", "TIGHTEN", "before", "pair");
    press.put("minutes", 7.5);
    steps(press);
    assertThat(plan(60).work().wettings().get("pair").minutesToFinal()).isEqualTo(28.0);
    assertThat(plan(60).work().wettings().get("plate").minutesToFinal()).isEqualTo(23.0);
  }

  @Test
  void aJointWhoseProductWouldSetIsWettedAtItsTurn() {
    minutes(0, 10);
    minutes(1, 60);
    JobPlan plan = plan(20);
    assertThat(words(plan))
        .containsExactly(
            "START plate",
            "START pair",
            "WET plate",
            "SNUG plate",
            "PASS plate",
            "FINAL plate",
            "CHECK_ROUND plate",
            "WET pair",
            "SNUG pair",
            "PASS pair",
            "FINAL pair",
            "CHECK_ROUND pair");
    assertThat(plan.work().wettings().get("pair"))
        .isEqualTo(new Wetting(Wetting.Placed.AT_ITS_TURN, 8.5, 20.0, true));
    assertThat(plan.work().wettings().get("pair").words()).startsWith("Started dry");
    assertThat(plan.work().wettings().get("plate").inTime()).isFalse();
    assertThat(plan.work().wettings().get("plate").words()).startsWith("Too slow");
  }

  @Test
  void withoutADataSheetNothingIsInventedAndAWickingProductGoesOnWhenItsBlockIsTight() {
    SamplePack.jointOf(document, 1)
        .put("surface", Map.of("vibrates", true, "makerSays", "WICKING"));
    JobPlan plan = Given.of(List.of(JobPlanTest.tool()), TODAY).plan(SamplePack.read(document));
    assertThat(plan.work().wettings().get("plate").placed()).isEqualTo(Wetting.Placed.WHEN_TIGHT);
    List<String> words = words(plan);
    assertThat(words.get(words.size() - 1)).isEqualTo("WET plate");
    assertThat(plan.work().wettings().get("pair").fixtureMinutes()).isNull();
    assertThat(plan.ride().unknown()).contains("medium-strength threadlocker");
  }

  // The guide, section 7, by name.

  private void two(String first, int firstCount, String later, int laterCount, String binding) {
    Map<String, Object> one = SamplePack.joint(first, "M8", firstCount, "ROW", 22.0);
    Map<String, Object> other = SamplePack.joint(later, "M6", laterCount, "PINCH", 10.0);
    document.put("joints", SamplePack.list(one, other));
    document.put("order", SamplePack.list(SamplePack.rule(first, later, binding)));
    document.put("checks", List.of());
  }

  private List<String> dry() {
    return all(plan(600)).stream()
        .filter(t -> !t.equals("second-look") && !t.startsWith("WET"))
        .toList();
  }

  @Test
  void preloadThenPlateThenPinch() {
    two("preload", 1, "pinch", 2, "TOUCH");
    steps(held(beside("plate", "TIGHTEN", "before", "pinch")));
    assertThat(dry())
        .containsExactly(
            "START preload",
            "FINAL preload",
            "START pinch",
            "plate",
            "SNUG pinch",
            "PASS pinch",
            "FINAL pinch",
            "CHECK_ROUND pinch");
  }

  @Test
  void axleThenForkWorkedThenPinch() {
    two("axle", 1, "pinch", 2, "TOUCH");
    steps(held(beside("work the fork", "TIGHTEN", "before", "pinch")));
    List<String> row = dry();
    assertThat(row.indexOf("FINAL axle")).isLessThan(row.indexOf("work the fork"));
    assertThat(row.indexOf("work the fork")).isLessThan(row.indexOf("SNUG pinch"));
  }

  @Test
  void playThenStemPinch() {
    two("top cap", 1, "stem", 2, "TOUCH");
    List<String> row = dry();
    assertThat(row.indexOf("FINAL top cap")).isLessThan(row.indexOf("SNUG stem"));
  }

  @Test
  void discDialledThenCaliper() {
    two("disc", 4, "caliper", 2, "HANG");
    steps(held(beside("dial", "TIGHTEN", "after", "disc")));
    List<String> row = dry();
    assertThat(row.indexOf("CHECK_ROUND disc")).isLessThan(row.indexOf("dial"));
    assertThat(row.indexOf("dial")).isLessThan(row.indexOf("START caliper"));
  }

  @Test
  void wheelThenCaliperOverTheDisc() {
    two("axle", 1, "caliper", 2, "HANG");
    SamplePack.jointOf(document, 1).put("surface", Map.of("vibrates", true));
    List<String> row = all(plan(600));
    assertThat(row.indexOf("FINAL axle")).isLessThan(row.indexOf("WET caliper"));
    assertThat(row.indexOf("WET caliper")).isLessThan(row.indexOf("START caliper"));
  }

  @Test
  void framePinchesThenHangersThenPivotAllSnuggedTogether() {
    document.put(
        "joints",
        SamplePack.list(
            SamplePack.joint("pivot", "M12", 1, "PINCH", 22.0),
            SamplePack.joint("hanger", "M8", 2, "ROW", 22.0),
            SamplePack.joint("frame", "M8", 2, "PINCH", 22.0)));
    document.put(
        "order",
        SamplePack.list(
            SamplePack.rule("frame", "hanger", "FINAL"),
            SamplePack.rule("hanger", "pivot", "FINAL")));
    List<String> row = words(plan(600));
    assertThat(row.indexOf("START pivot")).isLessThan(row.indexOf("SNUG frame"));
    assertThat(row.indexOf("SNUG hanger")).isLessThan(row.indexOf("PASS frame"));
    assertThat(row.indexOf("CHECK_ROUND frame")).isLessThan(row.indexOf("PASS hanger"));
    assertThat(row.indexOf("CHECK_ROUND hanger")).isLessThan(row.indexOf("FINAL pivot"));
  }

  /** Whatever a pack says: no edge is broken, each joint is wholly done, each product in time. */
  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void everyRowKeepsToItsRules(Seeded.Case random) {
    int count = 2 + random.nextInt(9);
    List<Object> joints = new ArrayList<>();
    List<Object> rules = new ArrayList<>();
    List<Object> steps = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      Map<String, Object> joint =
          SamplePack.joint("j" + i, "M6", 1 + random.nextInt(6), "CIRCLE", 10.0);
      joint.put("minutes", 1 + random.nextInt(25));
      joint.put("surface", Map.of("vibrates", random.nextBoolean()));
      joints.add(joint);
      for (int j = 0; j < i; j++) {
        if (random.nextInt(5) == 0) {
          String binding = List.of("HANG", "TOUCH", "FINAL").get(random.nextInt(3));
          rules.add(SamplePack.rule("j" + j, "j" + i, binding));
        }
      }
      if (random.nextInt(3) == 0) {
        String phase = List.of("PREPARE", "START", "TIGHTEN").get(random.nextInt(3));
        steps.add(beside("s" + i, phase, random.nextBoolean() ? "before" : "after", "j" + i));
      }
    }
    rules.add(SamplePack.rule("j0", "j" + (count - 1), "FINAL"));
    document.put("joints", joints);
    document.put("order", rules);
    document.put("steps", steps);
    JobPlan plan = plan(5 + random.nextInt(60));
    List<Task> row = plan.work().tasks();
    assertThat(row).doesNotHaveDuplicates();
    for (PlannedJoint joint : plan.joints()) {
      whollyDone(joint, row);
      Wetting wetting = plan.work().wettings().get(joint.id());
      if (wetting != null && !wetting.inTime()) {
        assertThat(wetting.placed()).isEqualTo(Wetting.Placed.AT_ITS_TURN);
      }
    }
    plan.pack().order().forEach(rule -> kept(rule, row));
    for (PackStep step : plan.pack().steps()) {
      PackStep.Beside beside = step.beside();
      int at = row.indexOf(step.task());
      if (step.phase() == Phase.TIGHTEN && beside.after()) {
        assertThat(at).isGreaterThan(last(beside.jointId(), row));
      } else if (!beside.after()) {
        assertThat(at).isLessThan(firstTouch(beside.jointId(), row));
      }
    }
  }

  private static void whollyDone(PlannedJoint joint, List<Task> row) {
    List<TaskKind> kinds =
        row.stream().filter(t -> joint.id().equals(t.jointId())).map(Task::kind).toList();
    List<TaskKind> want = new ArrayList<>(List.of(TaskKind.START));
    if (joint.passes().size() > 2) {
      want.addAll(List.of(TaskKind.SNUG, TaskKind.PASS, TaskKind.FINAL, TaskKind.CHECK_ROUND));
    } else {
      want.add(TaskKind.FINAL);
    }
    assertThat(kinds.stream().filter(k -> k != TaskKind.WET)).containsExactlyElementsOf(want);
    assertThat(kinds.indexOf(TaskKind.WET))
        .isLessThan(kinds.indexOf(joint.passes().size() > 2 ? TaskKind.SNUG : TaskKind.FINAL));
  }

  private static void kept(OrderRule rule, List<Task> row) {
    int finished = last(rule.before(), row);
    int waits =
        switch (rule.binding()) {
          case HANG -> first(rule.after(), row);
          case TOUCH -> firstTouch(rule.after(), row);
          case FINAL -> row.indexOf(lastOf(TaskKind.FINAL, rule.after(), row));
        };
    assertThat(waits).as("%s", rule).isGreaterThan(finished);
  }

  private static Task lastOf(TaskKind kind, String joint, List<Task> row) {
    return row.stream().filter(t -> t.is(kind, joint)).reduce((a, b) -> b).orElseThrow();
  }

  private static int first(String joint, List<Task> row) {
    return row.indexOf(
        row.stream().filter(t -> joint.equals(t.jointId())).findFirst().orElseThrow());
  }

  private static int firstTouch(String joint, List<Task> row) {
    return row.indexOf(
        row.stream()
            .filter(t -> joint.equals(t.jointId()) && t.kind().isAboveFingerTight())
            .findFirst()
            .orElseThrow());
  }

  private static int last(String joint, List<Task> row) {
    return row.indexOf(
        row.stream().filter(t -> joint.equals(t.jointId())).reduce((a, b) -> b).orElseThrow());
  }
}
