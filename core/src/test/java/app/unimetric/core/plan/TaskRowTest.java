package app.unimetric.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.Seeded;
import app.unimetric.core.order.Binding;
import app.unimetric.core.order.OrderRule;
import app.unimetric.core.order.Task;
import app.unimetric.core.order.TaskKind;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.pack.PackStep;
import app.unimetric.core.pack.Phase;
import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.ToolType;
import app.unimetric.core.tool.TorqueTool;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Whatever a pack says, no task comes before what it must wait for. */
class TaskRowTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);

  private static Map<String, Object> joint(Seeded.Case random, int i) {
    int count = 1 + random.nextInt(4);
    Map<String, Object> joint =
        SamplePack.joint("j" + i, "M6", count, "ROW", 6 + random.nextInt(4));
    Map<String, Object> surface = new HashMap<>();
    surface.put("vibrates", random.nextBoolean());
    if (random.nextInt(6) == 0) {
      surface.put("makerSays", "WICKING");
    }
    joint.put("surface", surface);
    joint.put("minutes", 1 + random.nextInt(20));
    joint.put("critical", random.nextInt(3) == 0);
    if (random.nextBoolean()) {
      Map<String, Object> undo = new HashMap<>(Map.of("text", "Held."));
      if (random.nextInt(3) == 0) {
        undo.put(random.nextBoolean() ? "before" : "after", random.nextBoolean() ? "b0" : "b2");
      }
      joint.put("undo", undo);
    }
    return joint;
  }

  private static JobPack pack(Seeded.Case random) {
    int count = 2 + random.nextInt(6);
    List<Object> joints = new ArrayList<>();
    List<Object> order = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      joints.add(joint(random, i));
      for (int j = 0; j < i; j++) {
        if (random.nextInt(5) == 0) {
          order.add(SamplePack.rule("j" + j, "j" + i, Binding.values()[random.nextInt(3)].name()));
        }
      }
    }
    List<Object> steps = new ArrayList<>();
    Phase[] before = {
      Phase.KNOW, Phase.SECURE, Phase.LOOSEN, Phase.REMOVE, Phase.CLEAN, Phase.DRY_FIT
    };
    for (int i = 0; i < 6; i++) {
      Map<String, Object> step = SamplePack.step("k" + i, before[i].name());
      step.put("id", before[i] == Phase.LOOSEN ? "b0" : before[i] == Phase.REMOVE ? "b2" : "k" + i);
      steps.add(step);
    }
    Phase[] among = {Phase.PREPARE, Phase.START, Phase.TIGHTEN, Phase.LOCK, Phase.CHECK};
    for (int i = 0; i < 6; i++) {
      Phase phase = among[random.nextInt(among.length)];
      Map<String, Object> step = SamplePack.step("a" + i, phase.name());
      if (phase.part() == Phase.Part.AMONG && random.nextInt(3) > 0) {
        step.put(random.nextBoolean() ? "before" : "after", "j" + random.nextInt(count));
      }
      steps.add(step);
    }
    Map<String, Object> document = SamplePack.document();
    document.put("joints", joints);
    document.put("order", order);
    document.put("steps", steps);
    document.put("asFound", List.of("side", Map.of("what", "gap", "unit", "mm", "within", 2)));
    document.put("inspections", List.of("threads"));
    List<Object> assemblies = new ArrayList<>();
    if (random.nextBoolean()) {
      assemblies.add(
          Map.of("id", "one", "joints", List.of("j0"), "onTheBench", random.nextBoolean()));
    }
    if (count > 3 && random.nextBoolean()) {
      assemblies.add(Map.of("id", "two", "joints", List.of("j2", "j3")));
    }
    document.put("assemblies", assemblies);
    return SamplePack.read(document);
  }

  private static JobPlan plan(JobPack pack, Seeded.Case random) {
    TorqueTool tool = new TorqueTool(1, 25, 3.0, null, TorqueUnit.NEWTON_METRE, List.of());
    CribTool crib = new CribTool("t", "Tool", ToolType.CLICK, tool, TODAY.minusDays(10), 5, null);
    double fixture = 2 + random.nextInt(60);
    Shelf shelf =
        new Shelf(
            List.of(
                new Shelf.Product("Bottle", Compound.MEDIUM, fixture, 600.0, null),
                new Shelf.Product("Wick", Compound.WICKING, 600.0, 600.0, null),
                new Shelf.Product("Small", Compound.LOW, fixture, 600.0, null)),
            List.of());
    return Given.of(List.of(crib), TODAY).with(shelf).plan(pack);
  }

  /** The row with the place of each task in it. */
  private record Row(JobPack pack, List<Task> tasks) {
    int first(String joint) {
      return tasks.indexOf(
          tasks.stream().filter(t -> joint.equals(t.jointId())).findFirst().orElseThrow());
    }

    /** The last of a joint that is tightening; what wicks in afterwards is not waited for. */
    int last(String joint) {
      int last = -1;
      for (int i = 0; i < tasks.size(); i++) {
        boolean here = joint.equals(tasks.get(i).jointId());
        last = here && tasks.get(i).kind() != TaskKind.WET ? i : last;
      }
      return last;
    }

    int at(TaskKind kind, String joint) {
      for (int i = 0; i < tasks.size(); i++) {
        if (tasks.get(i).is(kind, joint)) {
          return i;
        }
      }
      return -1;
    }

    int tight(String joint) {
      for (int i = 0; i < tasks.size(); i++) {
        if (joint.equals(tasks.get(i).jointId()) && tasks.get(i).kind().isAboveFingerTight()) {
          return i;
        }
      }
      return -1;
    }

    int passes(String joint) {
      for (int i = 0; i < tasks.size(); i++) {
        TaskKind kind = tasks.get(i).kind();
        if (joint.equals(tasks.get(i).jointId())
            && (kind == TaskKind.PASS || kind == TaskKind.FINAL)) {
          return i;
        }
      }
      return -1;
    }

    int step(String id) {
      for (int i = 0; i < tasks.size(); i++) {
        if (id.equals(tasks.get(i).stepId())) {
          return i;
        }
      }
      return -1;
    }
  }

  /** One test over all cases, so that a mutant one of them finds is found. */
  @Test
  void noTaskComesBeforeWhatItMustWaitFor() {
    Seeded.cases()
        .forEach(
            random -> {
              try {
                holds(random);
              } catch (AssertionError broken) {
                throw new AssertionError(random + ": " + broken.getMessage(), broken);
              }
            });
  }

  private static void holds(Seeded.Case random) {
    JobPack pack = pack(random);
    JobPlan plan = plan(pack, random);
    if (!plan.cycle().isEmpty()) {
      assertThat(plan.work().tasks()).isEmpty();
      return;
    }
    Row row = new Row(pack, plan.work().tasks());
    assertThat(row.tasks()).doesNotHaveDuplicates();
    for (PackJoint joint : pack.joints()) {
      chain(row, joint.id(), plan);
      opened(row, joint);
    }
    for (OrderRule rule : plan.rules()) {
      bound(row, rule);
    }
    for (PackStep step : pack.steps()) {
      beside(row, step, plan);
    }
    together(row, plan);
    theEnd(row, plan);
  }

  private static void chain(Row row, String joint, JobPlan plan) {
    int start = row.at(TaskKind.START, joint);
    int wet = row.at(TaskKind.WET, joint);
    int snug = row.at(TaskKind.SNUG, joint);
    int fin = row.at(TaskKind.FINAL, joint);
    int round = row.at(TaskKind.CHECK_ROUND, joint);
    assertThat(start).isNotNegative().isLessThan(row.tight(joint));
    assertThat(fin).isGreaterThan(start);
    if (snug >= 0) {
      assertThat(snug).isGreaterThan(start).isLessThan(row.passes(joint));
      assertThat(round).isGreaterThan(fin);
    }
    assertThat(wet >= 0).isEqualTo(plan.work().wettings().containsKey(joint));
    if (wet < 0) {
      return;
    }
    switch (plan.work().wettings().get(joint).placed()) {
      case BEFORE_START -> assertThat(wet).isLessThan(start);
      case BEFORE_SNUG -> assertThat(wet).isBetween(start, row.tight(joint));
      case AT_ITS_TURN -> assertThat(wet).isEqualTo(row.tight(joint) - 1);
      case WHEN_TIGHT -> assertThat(wet).isGreaterThan(row.last(joint));
    }
  }

  /** All that is undone comes off before anything goes on, but for what is made on the bench. */
  private static void opened(Row row, PackJoint joint) {
    int undone = row.step(joint.undoId());
    assertThat(undone >= 0).isEqualTo(joint.undoing() != null);
    boolean bench = row.pack().isOnTheBench(joint.id());
    if (bench) {
      assertThat(row.first(joint.id())).isGreaterThan(row.step("step.k0"));
      assertThat(row.last(joint.id())).isLessThan(row.step("step.k1"));
    } else {
      assertThat(row.first(joint.id())).isGreaterThan(row.step("step.k5"));
    }
    if (undone < 0) {
      return;
    }
    assertThat(undone).isGreaterThan(row.step("step.k1")).isGreaterThan(row.step("found.2"));
    assertThat(undone).isLessThan(row.step("step.k4"));
    for (PackJoint other : row.pack().joints()) {
      if (!row.pack().isOnTheBench(other.id())) {
        assertThat(undone).isLessThan(row.first(other.id()));
      }
    }
    if (joint.undoing().beside() == null) {
      assertThat(undone).isLessThan(row.step("step.b2"));
    } else {
      int step = row.step("step." + joint.undoing().beside().stepId());
      assertThat(undone > step).isEqualTo(joint.undoing().beside().after());
      assertThat(Math.abs(undone - step))
          .as("right beside it")
          .isLessThanOrEqualTo(row.pack().joints().size());
    }
  }

  private static void bound(Row row, OrderRule rule) {
    int done = row.last(rule.before());
    int later =
        switch (rule.binding()) {
          case HANG -> row.first(rule.after());
          case TOUCH -> row.tight(rule.after());
          case FINAL -> row.passes(rule.after());
        };
    assertThat(later).as(rule.toString()).isGreaterThan(done);
    int undone = row.step("undo." + rule.before());
    int undoneLater = row.step("undo." + rule.after());
    boolean apart =
        row.pack().joints().stream()
            .filter(j -> j.id().equals(rule.before()) || j.id().equals(rule.after()))
            .anyMatch(j -> j.undoing() == null || j.undoing().beside() != null);
    if (!apart) {
      assertThat(undoneLater).as("undone in reverse").isLessThan(undone);
    }
  }

  private static void beside(Row row, PackStep step, JobPlan plan) {
    int at = row.step(step.taskId());
    assertThat(at >= 0).isEqualTo(step.phase().part() != Phase.Part.RIDE);
    PackStep.Beside beside = step.beside();
    if (step.phase().part() != Phase.Part.AMONG || beside == null) {
      return;
    }
    String joint = beside.jointId();
    Wetting wetting = plan.work().wettings().get(joint);
    boolean wetFirst = wetting != null && wetting.placed() == Wetting.Placed.BEFORE_START;
    switch (step.phase()) {
      case TIGHTEN -> {
        int place = beside.after() ? row.last(joint) : row.tight(joint);
        assertThat(at > place).isEqualTo(beside.after());
      }
      case START -> {
        assertThat(at > row.at(TaskKind.START, joint)).isEqualTo(beside.after());
        assertThat(at).isLessThan(row.tight(joint));
      }
      default -> {
        int place = wetFirst ? row.at(TaskKind.WET, joint) : row.at(TaskKind.START, joint);
        assertThat(at > place).isEqualTo(beside.after() && wetFirst);
        assertThat(at).isLessThan(row.at(TaskKind.START, joint));
      }
    }
    int whole = row.pack().isOnTheBench(joint) ? row.step("step.k0") : row.step("step.k5");
    assertThat(at).isGreaterThan(whole);
  }

  /** Started together, snugged together: within an assembly whose joints no rule keeps apart. */
  private static void together(Row row, JobPlan plan) {
    List<String> pair = List.of("j2", "j3");
    boolean one =
        row.pack().assemblies().stream().anyMatch(a -> a.jointIds().equals(pair))
            && plan.rules().stream()
                .allMatch(
                    r ->
                        r.binding() == Binding.FINAL
                            || !pair.contains(r.before()) && !pair.contains(r.after()));
    boolean entangled =
        plan.rules().stream().anyMatch(r -> pair.contains(r.before()) != pair.contains(r.after()));
    if (!one || entangled) {
      return;
    }
    for (String first : pair) {
      for (String second : pair) {
        assertThat(row.at(TaskKind.START, first)).isLessThan(row.tight(second));
        Wetting late = plan.work().wettings().get(first);
        boolean alone = late != null && late.placed() == Wetting.Placed.AT_ITS_TURN;
        int snug = row.at(TaskKind.SNUG, first);
        if (!alone && snug >= 0) {
          assertThat(snug).isLessThan(row.passes(second));
        }
      }
    }
  }

  private static void theEnd(Row row, JobPlan plan) {
    int all = row.pack().joints().stream().mapToInt(j -> row.last(j.id())).max().orElse(-1);
    for (PackStep step : row.pack().steps(Phase.Part.AFTER)) {
      assertThat(row.step(step.taskId())).isGreaterThan(all);
    }
    for (Task task : row.tasks()) {
      if (task.kind() == TaskKind.WET) {
        assertThat(row.tasks().indexOf(task)).isLessThan(row.step("check.turns"));
      }
    }
    assertThat(row.step("left.1")).as("it need not come back").isEqualTo(-1);
    assertThat(row.step("left.2")).isGreaterThan(all).isLessThan(row.step("check.turns"));
    boolean critical = plan.joints().stream().anyMatch(j -> j.joint().duty().isCritical());
    assertThat(row.step("second-look") > row.step("check.turns")).isEqualTo(critical);
    assertThat(row.step("inspect.1")).isBetween(row.step("step.k4"), row.step("step.k5"));
    assertThat(row.step("found.1")).isBetween(row.step("step.k0"), row.step("step.k1"));
  }
}
