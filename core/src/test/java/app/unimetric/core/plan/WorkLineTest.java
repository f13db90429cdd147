package app.unimetric.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.order.Task;
import app.unimetric.core.order.TaskKind;
import app.unimetric.core.pack.SamplePack;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A whole job in its order, as sheet and card tell it. */
class WorkLineTest {
  private final Map<String, Object> document = SamplePack.document();

  @BeforeEach
  void job() {
    Map<String, Object> look = SamplePack.step("look", "TIGHTEN");
    look.put("after", "plate");
    look.put("hold", true);
    look.put("traps", List.of("Not the other face."));
    document.put(
        "steps",
        SamplePack.list(
            SamplePack.step("stand", "SECURE"),
            SamplePack.step("lift", "REMOVE"),
            SamplePack.step("clean", "CLEAN"),
            look,
            SamplePack.step("pin", "LOCK")));
    document.put("asFound", List.of(Map.of("what", "gap", "unit", "mm", "within", 0.2), "side"));
    document.put("inspections", List.of("no crack"));
    document.put("order", SamplePack.list(SamplePack.rule("plate", "pair", "TOUCH")));
    SamplePack.jointOf(document, 0).put("undo", Map.of("text", "A turn each."));
    SamplePack.jointOf(document, 1).put("undo", Map.of("text", "Held.", "after", "lift"));
  }

  private JobPlan plan() {
    return Given.of(List.of(JobPlanTest.tool()), LocalDate.of(2026, 5, 4))
        .plan(SamplePack.read(document));
  }

  private static String words(WorkLine line) {
    return line.doing()
        + " | "
        + line.title()
        + " | "
        + line.text()
        + (line.hold() ? " | hold" : "")
        + (line.why() == null ? "" : " | " + line.why());
  }

  @Test
  void everyTaskStandsWhereItIsDone() {
    assertThat(WorkLine.of(plan()).stream().map(WorkLineTest::words))
        .containsExactly(
            "measure | gap, mm | ",
            "measure | side | ",
            "do | Step stand | Do it.",
            "break loose | Joint pair | A turn each.",
            "take off | Step lift | Do it.",
            "break loose | Joint plate | Held.",
            "look | Step clean | Do it.",
            "look | no crack | ",
            "prepare | Joint plate | ",
            "by hand | Joint plate | ",
            "snug | Joint plate | 30 %",
            "tighten | Joint plate | 65 %, 100 %, once round",
            "do | Step look | Do it. | hold",
            "prepare | Joint pair | ",
            "by hand | Joint pair | ",
            "snug | Joint pair | 30 % | plate before pair.",
            "tighten | Joint pair | 65 %, 100 %, once round",
            "lock | Step pin | Do it.",
            "measure | gap, mm | again",
            "prove | Turns | Lock to lock. | hold",
            "second look | Another person | Someone who did not tighten looks at every critical"
                + " joint. | hold");
    assertThat(WorkLine.of(plan()).get(12).traps()).containsExactly("Not the other face.");
    assertThat(WorkLine.of(plan()).get(9).jointId()).isEqualTo("plate");
  }

  /** By the kind of task a rule binds: the start, what draws tight first, the final torque. */
  @Test
  void whyATaskMayNotComeSooner() {
    assertThat(reasons("HANG")).containsExactly("START pair: plate before pair.");
    assertThat(reasons("TOUCH")).containsExactly("SNUG pair: plate before pair.");
    assertThat(reasons("FINAL")).containsExactly("FINAL pair: plate before pair.");
    SamplePack.jointOf(document, 0).put("count", 1);
    assertThat(reasons("TOUCH")).containsExactly("FINAL pair: plate before pair.");
  }

  private List<String> reasons(String binding) {
    document.put("order", SamplePack.list(SamplePack.rule("plate", "pair", binding)));
    JobPlan plan = plan();
    List<String> reasons = new ArrayList<>();
    for (Task task : plan.work().tasks()) {
      String why = plan.why(task);
      if (why != null) {
        reasons.add(task.name() + ": " + why);
      }
    }
    return reasons;
  }

  @Test
  void onlyWhatIsTurnedHasAShareOfTheTorque() {
    JobPlan plan = plan();
    assertThat(
            plan.work().tasks().stream()
                .filter(t -> "plate".equals(t.jointId()))
                .map(t -> t.kind() + " " + plan.percent(t)))
        .containsExactly(
            "WET null", "START null", "SNUG 30.0", "PASS 65.0", "FINAL 100.0", "CHECK_ROUND 100.0");
  }

  @Test
  void whatIsTightenedLastIsUndoneFirstUnlessThePackSaysWhere() {
    SamplePack.jointOf(document, 1).put("undo", Map.of("text", "Held."));
    assertThat(undone()).containsExactly("undo.pair", "undo.plate", "step.lift");
    SamplePack.jointOf(document, 1).put("undo", Map.of("text", "Held.", "before", "lift"));
    SamplePack.jointOf(document, 0).put("undo", Map.of("text", "A turn.", "after", "lift"));
    assertThat(undone()).containsExactly("undo.plate", "step.lift", "undo.pair");
  }

  @Test
  void besideAStepThisMachineLacksItIsUndoneWhereItUsuallyIs() {
    SamplePack.jointOf(document, 1).put("undo", Map.of("text", "Held.", "after", "elsewhere"));
    assertThat(undone()).containsExactly("undo.pair", "undo.plate", "step.lift");
    document.put("steps", List.of());
    assertThat(undone()).containsExactly("undo.pair", "undo.plate");
  }

  private List<String> undone() {
    return plan().work().tasks().stream()
        .filter(t -> t.kind() == TaskKind.UNDO || t.kind() == TaskKind.REMOVE)
        .map(Task::stepId)
        .toList();
  }

  /** An assembly of its own is finished before the other is begun. */
  @Test
  void assembliesAreNotMixed() {
    document.put("order", List.of());
    document.put(
        "assemblies",
        SamplePack.list(
            Map.of("id", "one", "joints", List.of("pair")),
            Map.of("id", "two", "joints", List.of("plate"))));
    List<String> row =
        plan().work().tasks().stream()
            .filter(t -> t.kind() == TaskKind.START || t.kind() == TaskKind.CHECK_ROUND)
            .map(Task::name)
            .toList();
    assertThat(row)
        .containsExactly("START pair", "CHECK_ROUND pair", "START plate", "CHECK_ROUND plate");
  }
}
