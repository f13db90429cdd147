package app.unimetric.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.order.Assemblies;
import app.unimetric.core.order.Task;
import app.unimetric.core.pack.Answers;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.plan.Wetting.Placed;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/**
 * What each task itself waits for; the row alone does not show an edge its places happen to keep.
 */
class TaskGraphTest {
  private static List<String> waits(
      JobPack pack, Map<String, Placed> placed, Map<String, String> together) {
    List<PlannedJoint> joints =
        PackLayoutTest.plan(pack).joints().stream()
            .sorted(Comparator.comparing(j -> pack.joints().indexOf(j.joint())))
            .toList();
    OrderLinks links = OrderLinks.of(pack);
    Assemblies blocks =
        Assemblies.of(pack.joints().stream().map(PackJoint::id).toList(), together, links.joints());
    Map<Task, Set<Task>> waits = new TaskGraph(pack, joints, links, blocks).graph(placed).waits();
    List<String> lines = new ArrayList<>();
    waits.forEach(
        (task, ahead) -> {
          Set<String> names = new TreeSet<>();
          ahead.forEach(t -> names.add(name(t)));
          lines.add(name(task) + " <- " + String.join(", ", names));
        });
    return lines;
  }

  private static String name(Task task) {
    return task.name() + (task.pass() < 0 ? "" : " " + task.pass());
  }

  private static List<String> stated(String name) {
    try (InputStream in = TaskGraphTest.class.getResourceAsStream("/waits/" + name + ".txt")) {
      return new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Map<String, Object> undone(String id, String when, String step) {
    Map<String, Object> joint = SamplePack.joint(id, "M6", 2, "ROW", 8);
    Map<String, Object> undo = new HashMap<>(Map.of("text", "Held."));
    if (step != null) {
      undo.put(when, step);
    }
    joint.put("undo", undo);
    return joint;
  }

  private static Map<String, Object> beside(String id, String phase, String when, String joint) {
    Map<String, Object> step = SamplePack.step(id, phase);
    if (joint != null) {
      step.put(when, joint);
    }
    return step;
  }

  private static Map<String, Object> document() {
    Map<String, Object> document = SamplePack.document();
    document.put("asFound", List.of("side", Map.of("what", "gap", "unit", "mm", "within", 2)));
    document.put("inspections", List.of("threads", "faces"));
    document.put(
        "oneTimeParts",
        List.of(
            Map.of("name", "spring", "count", 1, "role", "CARRIED_OVER"),
            Map.of("name", "old lever", "count", 1, "role", "ORIGINAL_KEPT")));
    document.put(
        "joints",
        SamplePack.list(
            undone("a", "", null),
            undone("b", "before", "off"),
            undone("c", "after", "loosen"),
            SamplePack.joint("d", "M6", 4, "CIRCLE", 8)));
    document.put(
        "steps",
        SamplePack.list(
            SamplePack.step("know", "KNOW"),
            SamplePack.step("stand", "SECURE"),
            SamplePack.step("loosen", "LOOSEN"),
            SamplePack.step("off", "REMOVE"),
            SamplePack.step("clean", "CLEAN"),
            SamplePack.step("try", "DRY_FIT"),
            beside("prime", "PREPARE", "", null),
            beside("lay", "PREPARE", "after", "a"),
            beside("mask", "PREPARE", "before", "b"),
            beside("seat", "START", "before", "c"),
            beside("line", "START", "", null),
            beside("work", "TIGHTEN", "after", "a"),
            beside("align", "TIGHTEN", "before", "d"),
            beside("turn", "TIGHTEN", "", null),
            beside("swage", "TIGHTEN", "", null),
            SamplePack.step("pin", "LOCK")));
    document.put(
        "order",
        SamplePack.list(
            SamplePack.rule("a", "b", "HANG"),
            SamplePack.rule("b", "c", "TOUCH"),
            SamplePack.rule("step.swage", "d", "TOUCH"),
            SamplePack.rule("a", "d", "FINAL")));
    return document;
  }

  @Test
  void eachTaskWaitsForWhatIsStated() {
    assertThat(
            waits(
                SamplePack.read(document()),
                Map.of(
                    "a",
                    Placed.BEFORE_START,
                    "b",
                    Placed.BEFORE_SNUG,
                    "c",
                    Placed.AT_ITS_TURN,
                    "d",
                    Placed.WHEN_TIGHT),
                Map.of("c", "one", "d", "one")))
        .isEqualTo(stated("one-job"));
  }

  @Test
  void oneSideWaitsForTheOther() {
    assertThat(
            waits(
                PackLayoutTest.sided(true).answered(Answers.NONE),
                Map.of(),
                Map.of(
                    "pair.LEFT",
                    "LEFT",
                    "plate.LEFT",
                    "LEFT",
                    "pair.RIGHT",
                    "RIGHT",
                    "plate.RIGHT",
                    "RIGHT")))
        .isEqualTo(stated("sides-in-turn"));
  }

  @Test
  void theJobInsideWaitsForTheOneAround() {
    assertThat(
            waits(
                PackLayoutTest.inner()
                    .inside(PackLayoutTest.outer(), List.of())
                    .answered(Answers.NONE),
                Map.of("plate", Placed.BEFORE_START),
                Map.of("crank.cap", "around", "crank.pinch", "around")))
        .isEqualTo(stated("around"));
  }

  @Test
  void theBenchComesFirst() {
    Map<String, Object> document = PackLayoutTest.document();
    document.put(
        "assemblies", List.of(Map.of("id", "sub", "joints", List.of("plate"), "onTheBench", true)));
    PackLayoutTest.undone(SamplePack.jointOf(document, 0));
    assertThat(
            waits(
                SamplePack.read(document),
                Map.of("plate", Placed.BEFORE_START),
                Map.of("plate", "sub")))
        .isEqualTo(stated("on-the-bench"));
  }
}
