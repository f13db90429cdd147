package app.unimetric.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.Seeded;
import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.surface.Compound;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class JointTasksTest {
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
    return plan.tasks().tasks().stream().map(t -> t.kind() + " " + t.jointId()).toList();
  }

  private void minutes(int joint, double minutes) {
    SamplePack.jointOf(document, joint).put("minutes", minutes);
  }

  @Test
  void withTimeEnoughAllAreWettedFirst() {
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
            "FINAL plate",
            "FINAL pair");
    assertThat(plan.tasks().moments().get("pair").minutesToFinal()).isEqualTo(20.5);
    assertThat(plan.tasks().moments().get("pair").words()).isEmpty();
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

  private static List<String> withSteps(JobPlan plan) {
    return plan.tasks().tasks().stream()
        .map(t -> t.step() == null ? t.kind() + " " + t.jointId() : t.step().id())
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
        SamplePack.step("early", "SECURE"));
    assertThat(withSteps(plan(60)))
        .containsExactly(
            "g",
            "WET plate",
            "WET pair",
            "h",
            "e",
            "START plate",
            "START pair",
            "f",
            "SNUG plate",
            "SNUG pair",
            "d",
            "FINAL plate",
            "a",
            "b",
            "c",
            "FINAL pair");
  }

  @Test
  void aPreparationStandsBeforeTheStartWhereTheJointIsWettedLate() {
    minutes(0, 10);
    minutes(1, 60);
    steps(beside("h", "PREPARE", "after", "pair"));
    assertThat(withSteps(plan(20)).subList(0, 3)).containsExactly("START plate", "h", "START pair");
  }

  @Test
  void stepsBetweenTakeTheirTimeFromTheProduct() {
    minutes(0, 10);
    minutes(1, 10);
    Map<String, Object> press = beside("press", "TIGHTEN", "before", "pair");
    press.put("minutes", 7.5);
    steps(press);
    assertThat(plan(60).tasks().moments().get("pair").minutesToFinal()).isEqualTo(28.0);
    assertThat(plan(60).tasks().moments().get("plate").minutesToFinal()).isEqualTo(15.5);
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
            "FINAL plate",
            "WET pair",
            "SNUG pair",
            "FINAL pair");
    assertThat(plan.tasks().moments().get("pair"))
        .isEqualTo(new JointTasks.Moment(JointTasks.Placed.AT_ITS_TURN, 8.5, 20.0, true));
    assertThat(plan.tasks().moments().get("pair").words()).startsWith("Started dry");
    assertThat(plan.tasks().moments().get("plate").inTime()).isFalse();
    assertThat(plan.tasks().moments().get("plate").words()).startsWith("Too slow");
  }

  @Test
  void withoutADataSheetNothingIsInventedAndAWickingProductGoesOnLast() {
    SamplePack.jointOf(document, 1)
        .put("surface", Map.of("vibrates", true, "makerSays", "WICKING"));
    JobPlan plan =
        JobPlan.of(SamplePack.read(document), Circumstances.of(List.of(JobPlanTest.tool()), TODAY));
    assertThat(plan.tasks().moments().get("plate").placed())
        .isEqualTo(JointTasks.Placed.WHEN_TIGHT);
    List<String> words = words(plan);
    assertThat(words.get(words.size() - 1)).isEqualTo("WET plate");
    assertThat(plan.tasks().moments().get("pair").fixtureMinutes()).isNull();
    assertThat(plan.ride().unknown()).contains("medium-strength threadlocker");
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void everyJointIsStartedBeforeAnyIsFinalAndNoneIsWettedAfterItsSnug(Seeded.Case random) {
    List<Object> joints = new ArrayList<>();
    for (int i = 0; i < 2 + random.nextInt(9); i++) {
      Map<String, Object> joint =
          SamplePack.joint("j" + i, "M6", 1 + random.nextInt(6), "CIRCLE", 10.0);
      joint.put("minutes", 1 + random.nextInt(25));
      joint.put("surface", Map.of("vibrates", random.nextBoolean()));
      joints.add(joint);
    }
    document.put("joints", joints);
    document.put("order", List.of());
    JobPlan plan = plan(5 + random.nextInt(60));
    List<String> words = words(plan);
    assertThat(words).doesNotHaveDuplicates();
    int firstFinal =
        words.indexOf(words.stream().filter(w -> w.startsWith("FINAL")).findFirst().orElseThrow());
    for (PlannedJoint joint : plan.joints()) {
      String id = joint.joint().id();
      assertThat(words.indexOf("START " + id)).isBetween(0, firstFinal - 1);
      assertThat(words.indexOf("SNUG " + id)).isLessThan(words.indexOf("FINAL " + id));
      assertThat(words.indexOf("WET " + id)).isLessThan(words.indexOf("SNUG " + id));
      JointTasks.Moment moment = plan.tasks().moments().get(id);
      if (moment != null && !moment.inTime()) {
        assertThat(moment.placed()).isEqualTo(JointTasks.Placed.AT_ITS_TURN);
      }
    }
  }
}
