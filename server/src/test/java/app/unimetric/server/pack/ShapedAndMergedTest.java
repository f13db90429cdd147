package app.unimetric.server.pack;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.order.OrderRule;
import app.unimetric.core.order.Task;
import app.unimetric.core.order.TaskKind;
import app.unimetric.core.pack.Answers;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.MachineKind;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.plan.Blocker;
import app.unimetric.core.plan.Circumstances;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.documents.pack.PackDraft;
import app.unimetric.documents.pack.PackReader;
import app.unimetric.documents.shape.ShapeEdit;
import app.unimetric.documents.shape.ShapeRemoval;
import app.unimetric.documents.shape.Shaping;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

/** Whatever is shaped or merged keeps the rules of the plan, or its contradiction is told. */
class ShapedAndMergedTest {
  private static final Path PACKS = Path.of("src/main/resources/packs");
  private static final PackReader READER = new PackReader();

  private static List<String> keys() {
    try (Stream<Path> found = Files.list(PACKS)) {
      return found.map(p -> p.getFileName().toString().replace(".json", "")).sorted().toList();
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  private static Optional<String> document(String key) {
    try {
      return Optional.of(Files.readString(PACKS.resolve(key + ".json")));
    } catch (IOException e) {
      return Optional.empty();
    }
  }

  static IntStream seeds() {
    return IntStream.range(0, 80);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void aVisitOfAnyJobsKeepsEveryRuleOfEachOrTellsBoth(int seed) {
    Random random = new Random(seed);
    MachineKind kind = MachineKind.values()[random.nextInt(3)];
    List<String> jobs = new ArrayList<>();
    for (String key : keys()) {
      if (READER.take(document(key).orElseThrow(), ShapedAndMergedTest::document).machineKind()
          == kind) {
        jobs.add(key);
      }
    }
    Collections.shuffle(jobs, random);
    List<String> ticked = jobs.subList(0, 2 + random.nextInt(3));
    JobPack visit =
        READER
            .take(PackDraft.visit("visit", "Visit", kind, ticked), ShapedAndMergedTest::document)
            .answered(Answers.NONE);
    keepsItsRules(visit, ticked.toString());
    assertThat(visit.joints())
        .extracting(j -> j.place() + j.side())
        .filteredOn(
            place ->
                !place.startsWith("null")
                    && !place.startsWith("LEFT")
                    && !place.startsWith("RIGHT"))
        .as("no place twice in %s", ticked)
        .doesNotHaveDuplicates();
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void aJobShapedAnyhowKeepsItsRulesOrIsRefusedWithAPlace(int seed) {
    Random random = new Random(seed);
    List<String> all = keys();
    String key = all.get(random.nextInt(all.size()));
    Shaping shaping =
        Shaping.of(READER.whole(document(key).orElseThrow(), ShapedAndMergedTest::document));
    for (int i = 0; i < 6; i++) {
      shaping.take(new UUID(seed, i), drawn(shaping, random, i), null);
    }
    try {
      shaping.check();
    } catch (InvalidInput refused) {
      assertThat(refused.problems()).allSatisfy(p -> assertThat(p.message()).isNotBlank());
      return;
    }
    keepsItsRules(READER.read(shaping.document()).answered(Answers.NONE), key + " seed " + seed);
  }

  private static List<ShapeEdit> drawn(Shaping shaping, Random random, int i) {
    String list = random.nextBoolean() ? "steps" : "joints";
    JsonNode all = shaping.find(List.of(list)).orElseThrow();
    if (all.isEmpty()) {
      return List.of();
    }
    String id = all.get(random.nextInt(all.size())).path("id").asString();
    return switch (random.nextInt(4)) {
      case 0 -> shaping.copy(List.of(list, id));
      case 1 ->
          all.size() < 2
              ? List.of()
              : ShapeRemoval.of(shaping, List.of(list, id)).orElseThrow().edits();
      case 2 -> {
        String other = all.get(random.nextInt(all.size())).path("id").asString();
        yield List.of(new ShapeEdit.Move(List.of(list, id), other.equals(id) ? null : other));
      }
      default -> {
        JsonNode title = shaping.find(List.of(list, id, "title")).orElseThrow();
        yield List.of(
            new ShapeEdit.Put(
                List.of(list, id, "title"),
                title,
                JsonNodeFactory.instance.stringNode("Title " + i)));
      }
    };
  }

  private static void keepsItsRules(JobPack pack, String what) {
    JobPlan plan = JobPlan.of(pack, Circumstances.of(List.of(), LocalDate.of(2026, 6, 1)));
    if (!plan.cycle().isEmpty()) {
      assertThat(plan.blockers()).as(what).anyMatch(b -> b.kind() == Blocker.Kind.ORDER_CYCLE);
      return;
    }
    List<Task> row = plan.work().tasks();
    assertThat(row).as(what).doesNotHaveDuplicates();
    for (OrderRule rule : pack.order()) {
      int done = -1;
      int waits = Integer.MAX_VALUE;
      for (int i = 0; i < row.size(); i++) {
        Task task = row.get(i);
        if (isOf(task, rule.before())) {
          done = i;
        }
        boolean bound =
            isOf(task, rule.after())
                && switch (rule.binding()) {
                  case HANG -> true;
                  case TOUCH -> task.jointId() == null || task.kind().isAboveFingerTight();
                  case FINAL -> task.jointId() == null || task.kind() == TaskKind.FINAL;
                };
        waits = bound ? Math.min(waits, i) : waits;
      }
      assertThat(waits).as("%s of %s", rule, what).isGreaterThan(done);
    }
    for (PackJoint joint : pack.joints()) {
      List<TaskKind> kinds =
          row.stream().filter(t -> joint.id().equals(t.jointId())).map(Task::kind).toList();
      assertThat(kinds).as(what).containsOnlyOnce(TaskKind.START, TaskKind.FINAL);
      if (joint.undoing() != null) {
        assertThat(row.stream().filter(t -> joint.undoId().equals(t.stepId()))).hasSize(1);
      }
    }
  }

  private static boolean isOf(Task task, String id) {
    return id.equals(task.jointId()) || id.equals(task.stepId());
  }
}
