package app.unimetric.core.plan;

import app.unimetric.core.order.Assemblies;
import app.unimetric.core.order.OrderRule;
import app.unimetric.core.order.Place;
import app.unimetric.core.order.Task;
import app.unimetric.core.order.TaskKind;
import app.unimetric.core.order.WorkGraph;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackCheck;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.pack.PackStep;
import app.unimetric.core.pack.Phase;
import app.unimetric.core.pack.Undoing;
import app.unimetric.core.plan.Wetting.Placed;
import app.unimetric.core.sequence.Pass;
import app.unimetric.core.sequence.PassKind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The graph of all tasks of a job. What comes before the joints is written down in a row, and so is
 * what comes after them; between stand the tasks of the joints and the steps beside them.
 */
final class TaskGraph {
  private static final int BEFORE = 0;
  private static final int AMONG = 1;
  private static final int AFTER = 2;
  private static final int WETTING = 0;
  private static final int STARTING = 1;
  private static final int SNUGGING = 2;
  private static final int PASSES = 3;
  private static final int WICKING = 4;
  private static final int FIRST = -1;

  private final JobPack pack;
  private final List<PlannedJoint> joints;
  private final OrderLinks links;
  private final int[] blockOf;
  private final int[] firstRun;
  private final int[] run;
  private final int blocks;

  /** The tasks of one joint as nodes; −1 where it has none. */
  private record Nodes(int wet, int start, int touched, int passes, int finished) {
    boolean isWettedFirst() {
      return wet >= 0 && wet < start;
    }

    int first() {
      return isWettedFirst() ? wet : start;
    }
  }

  TaskGraph(JobPack pack, List<PlannedJoint> joints, OrderLinks links, Assemblies assemblies) {
    this.pack = pack;
    this.joints = joints;
    this.links = links;
    blockOf = new int[joints.size()];
    firstRun = new int[joints.size()];
    run = new int[joints.size()];
    Map<Integer, Integer> begun = new HashMap<>();
    int runs = -1;
    for (int i = 0; i < blockOf.length; i++) {
      blockOf[i] = assemblies.blockOf(joints.get(i).id());
      runs += i == 0 || blockOf[i] != blockOf[i - 1] ? 1 : 0;
      run[i] = runs;
      int now = runs;
      firstRun[i] = begun.computeIfAbsent(blockOf[i], b -> now);
    }
    blocks = assemblies.count();
  }

  /** The row, with each joint wetted where it is placed. */
  WorkGraph.Row row(Map<String, Placed> placed) {
    WorkGraph graph = new WorkGraph();
    int opened = graph.mark();
    int tight = graph.mark();
    List<Task> row = before();
    undo(graph, row, inARow(graph, row, BEFORE, null, opened), opened);
    inARow(graph, after(), AFTER, tight, null);
    Map<String, Nodes> nodes = new HashMap<>();
    int[] started = new int[blocks];
    int[] snug = new int[blocks];
    for (int i = 0; i < blocks; i++) {
      started[i] = graph.mark();
      snug[i] = graph.mark();
    }
    for (int i = 0; i < joints.size(); i++) {
      PlannedJoint joint = joints.get(i);
      Nodes made = joint(graph, joint, i, placed.get(joint.id()), started, snug, tight);
      nodes.put(joint.id(), made);
      graph.before(opened, made.first());
      graph.before(made.finished(), tight);
    }
    Map<String, Integer> steps = steps(graph, nodes, opened, tight);
    for (OrderRule rule : links.all()) {
      bind(graph, rule, nodes, steps);
    }
    return graph.row();
  }

  private static List<Integer> inARow(
      WorkGraph graph, List<Task> tasks, int stage, @Nullable Integer from, @Nullable Integer to) {
    List<Integer> nodes = new ArrayList<>();
    Integer last = from;
    for (int i = 0; i < tasks.size(); i++) {
      int node = graph.add(tasks.get(i), Place.inRow(stage, i));
      if (last != null) {
        graph.before(last, node);
      }
      last = node;
      nodes.add(node);
    }
    if (to != null && last != null) {
      graph.before(last, to);
    }
    return nodes;
  }

  /**
   * What is undone: in the reverse of the order in which it is tightened, before anything is taken
   * off unless the pack says beside which step.
   */
  private void undo(WorkGraph graph, List<Task> row, List<Integer> nodes, int opened) {
    int first = 0;
    while (first < row.size() && isStillWhole(row.get(first))) {
      first++;
    }
    Map<String, Integer> made = new HashMap<>();
    for (int i = joints.size() - 1; i >= 0; i--) {
      PackJoint joint = joints.get(i).joint();
      Undoing undoing = joint.undoing();
      if (undoing == null) {
        continue;
      }
      Undoing.BesideStep beside = undoing.beside();
      int step = beside == null ? -1 : placeOf(beside.stepId(), row);
      int at = step < 0 ? first : step;
      int side = step >= 0 && beside != null && beside.after() ? 1 : -1;
      int node =
          graph.add(
              Task.ofStep(TaskKind.UNDO, joint.undoId()),
              Place.besideInRow(BEFORE, at, side, joints.size() - i));
      made.put(joint.id(), node);
      if (side > 0) {
        graph.before(nodes.get(at), node);
      } else if (at < nodes.size()) {
        graph.before(node, nodes.get(at));
      }
      if (at > 0 && side < 0) {
        graph.before(nodes.get(at - 1), node);
      }
      graph.before(node, side > 0 && at + 1 < nodes.size() ? nodes.get(at + 1) : opened);
    }
    for (OrderRule rule : links.joints()) {
      Integer later = made.get(rule.after());
      Integer earlier = made.get(rule.before());
      if (later != null && earlier != null && !isApart(rule)) {
        graph.before(later, earlier);
      }
    }
  }

  /**
   * Where the pack itself says when a joint is undone, that holds and not the reverse of a rule.
   */
  private boolean isApart(OrderRule rule) {
    return joints.stream()
        .map(PlannedJoint::joint)
        .filter(j -> j.id().equals(rule.before()) || j.id().equals(rule.after()))
        .anyMatch(j -> j.undoing() != null && j.undoing().beside() != null);
  }

  private static boolean isStillWhole(Task task) {
    return task.kind() != TaskKind.UNDO
        && task.kind() != TaskKind.REMOVE
        && task.kind() != TaskKind.INSPECT;
  }

  /** Where a step stands in a row; −1 when this machine has none of it. */
  private static int placeOf(String stepId, List<Task> row) {
    for (int i = 0; i < row.size(); i++) {
      if (PackStep.taskIdOf(stepId).equals(row.get(i).stepId())) {
        return i;
      }
    }
    return -1;
  }

  /** Measured as found before anything is undone, inspected once it is clean. */
  private List<Task> before() {
    List<Task> row = new ArrayList<>();
    List<Task> found = measures(TaskKind.MEASURE, "found.", pack.preparation().asFound().size());
    List<Task> inspected =
        measures(TaskKind.INSPECT, "inspect.", pack.preparation().inspections().size());
    for (PackStep step : pack.steps(Phase.Part.BEFORE)) {
      if (step.phase().compareTo(Phase.AS_FOUND) > 0) {
        row.addAll(found);
        found = List.of();
      }
      if (step.phase().compareTo(Phase.CLEAN) > 0) {
        row.addAll(inspected);
        inspected = List.of();
      }
      row.add(step.task());
    }
    row.addAll(found);
    row.addAll(inspected);
    return row;
  }

  private static List<Task> measures(TaskKind kind, String prefix, int count) {
    List<Task> tasks = new ArrayList<>();
    for (int i = 1; i <= count; i++) {
      tasks.add(Task.ofStep(kind, prefix + i));
    }
    return tasks;
  }

  /** Locked, measured once more where it must come back the same, proved, looked at by another. */
  private List<Task> after() {
    List<Task> row = new ArrayList<>();
    pack.steps(Phase.Part.AFTER).forEach(s -> row.add(s.task()));
    for (int i = 0; i < pack.preparation().asFound().size(); i++) {
      if (pack.preparation().asFound().get(i).within() != null) {
        row.add(Task.ofStep(TaskKind.MEASURE, "left." + (i + 1)));
      }
    }
    for (PackCheck check : pack.checks()) {
      row.add(Task.ofStep(TaskKind.FUNCTION_CHECK, check.taskId()));
    }
    if (joints.stream().anyMatch(j -> j.joint().duty().isCritical())) {
      row.add(Task.ofStep(TaskKind.SECOND_LOOK, "second-look"));
    }
    return row;
  }

  private Nodes joint(
      WorkGraph graph,
      PlannedJoint joint,
      int turn,
      @Nullable Placed placed,
      int[] started,
      int[] snug,
      int tight) {
    String id = joint.id();
    int block = blockOf[turn];
    int wet =
        placed == Placed.BEFORE_START
            ? graph.add(Task.of(TaskKind.WET, id), together(WETTING, turn))
            : -1;
    int start = graph.add(Task.of(TaskKind.START, id), together(STARTING, turn));
    int last = chain(graph, wet, start);
    graph.before(start, started[block]);
    boolean atItsTurn = placed == Placed.AT_ITS_TURN;
    int touched = -1;
    int passes = -1;
    if (placed == Placed.BEFORE_SNUG || atItsTurn) {
      Place place =
          atItsTurn
              ? new Place(AMONG, run[turn], PASSES, turn, 0, FIRST)
              : new Place(AMONG, firstRun[turn], SNUGGING, turn, 0, FIRST);
      wet = graph.add(Task.of(TaskKind.WET, id), place);
      graph.before(started[block], wet);
      last = chain(graph, last, wet);
      touched = wet;
    }
    for (int i = 0; i < joint.passes().size(); i++) {
      Pass pass = joint.passes().get(i);
      if (pass.kind() == PassKind.HAND) {
        continue;
      }
      boolean isSnug = pass.kind() == PassKind.SNUG;
      Place place =
          isSnug && !atItsTurn
              ? together(SNUGGING, turn)
              : new Place(AMONG, run[turn], PASSES, turn, 0, i);
      int node = graph.add(Task.ofPass(kindOf(pass), id, i), place);
      last = chain(graph, last, node);
      touched = touched < 0 ? node : touched;
      if (!isSnug) {
        passes = passes < 0 ? node : passes;
      } else if (!atItsTurn) {
        graph.before(node, snug[block]);
      }
    }
    graph.before(started[block], touched);
    graph.before(snug[block], atItsTurn ? wet : passes);
    if (placed == Placed.WHEN_TIGHT) {
      wet =
          graph.add(
              Task.of(TaskKind.WET, id), new Place(AMONG, run[turn], WICKING, turn, 0, FIRST));
      graph.before(last, wet);
      graph.before(wet, tight);
    }
    return new Nodes(wet, start, touched, passes, last);
  }

  private Place together(int layer, int turn) {
    return new Place(AMONG, firstRun[turn], layer, turn, 0, 0);
  }

  private static TaskKind kindOf(Pass pass) {
    return switch (pass.kind()) {
      case SNUG -> TaskKind.SNUG;
      case CIRCULAR_CHECK -> TaskKind.CHECK_ROUND;
      default -> pass.percent() == Pass.FULL_PERCENT ? TaskKind.FINAL : TaskKind.PASS;
    };
  }

  private static int chain(WorkGraph graph, int last, int node) {
    if (last >= 0) {
      graph.before(last, node);
    }
    return node;
  }

  /** Steps beside a joint, where rules put them, or at the head of their phase. */
  private Map<String, Integer> steps(
      WorkGraph graph, Map<String, Nodes> nodes, int opened, int tight) {
    Map<String, Integer> steps = new HashMap<>();
    List<PackStep> among = pack.steps(Phase.Part.AMONG);
    for (int i = 0; i < among.size(); i++) {
      PackStep step = among.get(i);
      PackStep.Beside beside = step.beside();
      String joint = beside == null ? null : beside.jointId();
      Nodes its = joint == null ? null : nodes.get(joint);
      int node;
      if (beside == null || its == null) {
        node = graph.add(step.task(), headOf(step.phase(), i));
        if (!links.names(step.taskId())) {
          nodes.values().forEach(n -> head(graph, node, step.phase(), n));
        }
      } else {
        node = beside(graph, step, beside, its, i);
      }
      graph.before(opened, node);
      graph.before(node, tight);
      steps.put(step.taskId(), node);
    }
    return steps;
  }

  private static Place headOf(Phase phase, int written) {
    int layer = phase == Phase.PREPARE ? WETTING : phase == Phase.START ? STARTING : PASSES;
    return new Place(AMONG, 0, layer, FIRST, 0, written);
  }

  private static void head(WorkGraph graph, int step, Phase phase, Nodes joint) {
    graph.before(
        step,
        phase == Phase.PREPARE
            ? joint.first()
            : phase == Phase.START ? joint.start() : joint.passes());
  }

  /** Right before or after its joint is wetted, started or tightened, by the phase of the step. */
  private static int beside(
      WorkGraph graph, PackStep step, PackStep.Beside beside, Nodes its, int written) {
    boolean preparing = step.phase() == Phase.PREPARE;
    boolean after = beside.after() && (!preparing || its.isWettedFirst());
    int at =
        step.phase() == Phase.TIGHTEN
            ? after ? its.finished() : its.touched()
            : preparing && its.isWettedFirst() ? its.wet() : its.start();
    int node = graph.add(step.task(), graph.placeOf(at).beside(after ? 1 : -1, written));
    if (step.phase() != Phase.TIGHTEN) {
      graph.before(after ? at : node, after ? node : at);
    }
    if (step.phase() != Phase.TIGHTEN && after) {
      graph.before(node, preparing ? its.start() : its.touched());
    }
    return node;
  }

  private static void bind(
      WorkGraph graph, OrderRule rule, Map<String, Nodes> nodes, Map<String, Integer> steps) {
    Nodes earlier = nodes.get(rule.before());
    Nodes later = nodes.get(rule.after());
    Integer from = earlier == null ? steps.get(rule.before()) : Integer.valueOf(earlier.finished());
    Integer to =
        later == null
            ? steps.get(rule.after())
            : Integer.valueOf(
                switch (rule.binding()) {
                  case HANG -> later.first();
                  case TOUCH -> later.touched();
                  case FINAL -> later.passes();
                });
    if (from != null && to != null) {
      graph.before(from, to);
    }
  }
}
