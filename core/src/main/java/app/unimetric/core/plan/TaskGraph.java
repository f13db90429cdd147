package app.unimetric.core.plan;

import app.unimetric.core.order.Assemblies;
import app.unimetric.core.order.OrderRule;
import app.unimetric.core.order.Place;
import app.unimetric.core.order.Task;
import app.unimetric.core.order.TaskKind;
import app.unimetric.core.order.WorkGraph;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.Measure;
import app.unimetric.core.pack.PackCheck;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.pack.PackStep;
import app.unimetric.core.pack.PartRole;
import app.unimetric.core.pack.Phase;
import app.unimetric.core.pack.Side;
import app.unimetric.core.pack.Undoing;
import app.unimetric.core.plan.Wetting.Placed;
import app.unimetric.core.sequence.Pass;
import app.unimetric.core.sequence.PassKind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * The graph of all tasks of a job. What comes before the joints is written down in a row, and so is
 * what comes after them; between stand the tasks of the joints and the steps beside them.
 */
final class TaskGraph {
  private static final int AHEAD = 0;
  private static final int ON_THE_BENCH = 1;
  private static final int BEFORE = 2;
  private static final int AMONG = 3;
  private static final int AFTER = 4;
  private static final int WETTING = 0;
  private static final int STARTING = 1;
  private static final int SNUGGING = 2;
  private static final int PASSES = 3;
  private static final int WICKING = 4;
  private static final int FIRST = -1;

  private final Map<String, Integer> closed = new HashMap<>();
  private final Map<String, Turn> turns = new HashMap<>();
  private final JobPack pack;
  private final List<PlannedJoint> joints;
  private final OrderLinks links;
  private final int[] blockOf;
  private final int[] firstRun;
  private final int[] run;
  private final int blocks;

  /** When what belongs to one turn may be begun, and when its last torque must be on. */
  private record Turn(int opened, int shut) {}

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
    return graph(placed).row();
  }

  /** What waits for what, with each joint wetted where it is placed. */
  WorkGraph graph(Map<String, Placed> placed) {
    WorkGraph graph = new WorkGraph();
    int whole = graph.mark();
    int tight = graph.mark();
    inARow(graph, ahead(), AHEAD, null, whole);
    Map<String, Integer> opened = open(graph, whole, tight);
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
      graph.before(opened.getOrDefault(joint.id(), whole), made.first());
      graph.before(made.finished(), closed.getOrDefault(joint.id(), tight));
    }
    Map<String, Integer> steps = steps(graph, nodes, opened);
    for (OrderRule rule : links.all()) {
      bind(graph, rule, nodes, steps);
    }
    return graph;
  }

  /**
   * What is undone and taken off, in a row; where the sides are done in turn one for each side, the
   * second once the first is closed. What is put together on the bench comes before any of it.
   *
   * @return for each joint and for each step beside one, the mark after which it may be begun
   */
  private Map<String, Integer> open(WorkGraph graph, int whole, int tight) {
    Map<String, Integer> opened = new HashMap<>();
    closed.clear();
    turns.clear();
    int ready = graph.mark();
    graph.before(whole, ready);
    for (PlannedJoint joint : joints) {
      if (pack.isOnTheBench(joint.id())) {
        opened.put(joint.id(), whole);
        closed.put(joint.id(), ready);
      }
    }
    int from = ready;
    for (@Nullable Side side : sides()) {
      int open = graph.mark();
      int shut = graph.mark();
      int locked = graph.mark();
      List<Task> row = before(side);
      undo(graph, row, inARow(graph, row, BEFORE, from, open), open, from, side);
      inARow(graph, locking(side), AFTER, shut, locked);
      graph.before(open, shut);
      graph.before(locked, tight);
      turns.put(String.valueOf(side), new Turn(open, shut));
      for (PlannedJoint joint : joints) {
        if (!pack.isOnTheBench(joint.id()) && isOf(joint.joint().side(), side)) {
          opened.put(joint.id(), open);
          closed.put(joint.id(), shut);
        }
      }
      from = side == null ? open : locked;
    }
    return opened;
  }

  /** What is done once comes first; then each side, where one is closed before the other. */
  private List<@Nullable Side> sides() {
    List<@Nullable Side> sides = new ArrayList<>();
    sides.add(null);
    if (pack.layout().sidesInTurn()) {
      sides.addAll(List.of(Side.values()));
    }
    return sides;
  }

  private Turn turnOf(@Nullable Side side) {
    return Objects.requireNonNull(
        turns.get(String.valueOf(pack.layout().sidesInTurn() ? side : null)));
  }

  /** What locks a side, where that is closed by itself. */
  private List<Task> locking(@Nullable Side side) {
    return side == null
        ? List.of()
        : pack.steps(Phase.Part.AFTER).stream()
            .filter(s -> isLockedInTurn(s) && s.side() == side)
            .map(PackStep::task)
            .toList();
  }

  private boolean isLockedInTurn(PackStep step) {
    return pack.layout().sidesInTurn() && step.phase() == Phase.LOCK && step.side() != null;
  }

  private boolean isOf(@Nullable Side own, @Nullable Side turn) {
    return pack.layout().sidesInTurn() ? own == turn : turn == null;
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
   * off unless the pack says beside which step; of a job inside another, once that is undone.
   */
  private void undo(
      WorkGraph graph,
      List<Task> row,
      List<Integer> nodes,
      int opened,
      int from,
      @Nullable Side side) {
    Map<String, Integer> made = new HashMap<>();
    for (int i = joints.size() - 1; i >= 0; i--) {
      PackJoint joint = joints.get(i).joint();
      Undoing undoing = joint.undoing();
      if (undoing == null || !isOf(joint.side(), side)) {
        continue;
      }
      Undoing.BesideStep beside = undoing.beside();
      int step = beside == null ? -1 : placeOf(beside.stepId(), row);
      int at = step < 0 ? firstOff(row, pack.layout().isAround(joint.id())) : step;
      int after = step >= 0 && beside != null && beside.after() ? 1 : -1;
      int node =
          graph.add(
              Task.ofStep(TaskKind.UNDO, joint.undoId()),
              Place.besideInRow(BEFORE, at, after, joints.size() - i));
      made.put(joint.id(), node);
      graph.before(from, node);
      if (after > 0) {
        graph.before(nodes.get(at), node);
      } else if (at < nodes.size()) {
        graph.before(node, nodes.get(at));
      }
      if (at > 0 && after < 0) {
        graph.before(nodes.get(at - 1), node);
      }
      graph.before(node, after > 0 && at + 1 < nodes.size() ? nodes.get(at + 1) : opened);
    }
    for (OrderRule rule : links.joints()) {
      Integer later = made.get(rule.after());
      Integer earlier = made.get(rule.before());
      if (later != null && earlier != null && !isApart(rule)) {
        graph.before(later, earlier);
      }
    }
  }

  /** Where the first thing is taken off: of the job around, or of the one inside it. */
  private int firstOff(List<Task> row, boolean around) {
    int first = 0;
    while (first < row.size()
        && (isStillWhole(row.get(first)) || !around && isAround(row.get(first)))) {
      first++;
    }
    return first;
  }

  private boolean isAround(Task task) {
    String step = task.stepId();
    return step != null && pack.layout().isAround(step);
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

  /** Known, looked up and asked while all is together, and measured as found. */
  private List<Task> ahead() {
    List<Task> row = new ArrayList<>();
    for (PackStep step : pack.steps(Phase.Part.BEFORE)) {
      if (step.phase().compareTo(Phase.AS_FOUND) < 0) {
        row.add(step.task());
      }
    }
    return row;
  }

  /** Measured as found before anything is undone, inspected once it is clean. */
  private List<Task> before(@Nullable Side side) {
    List<PackStep> steps =
        pack.steps(Phase.Part.BEFORE).stream()
            .filter(s -> s.phase().compareTo(Phase.AS_FOUND) >= 0 && isOf(s.side(), side))
            .sorted(Comparator.comparing(this::depth).thenComparing(PackStep::phase))
            .toList();
    List<Task> found = side == null ? found() : List.of();
    List<Task> inspected = inspected(side);
    List<Task> moved = side == null ? carriedOver() : List.of();
    List<Task> row = new ArrayList<>();
    for (PackStep step : steps) {
      boolean inside = !pack.layout().isAround(step.taskId());
      if (step.phase().compareTo(Phase.AS_FOUND) > 0) {
        row.addAll(found);
        found = List.of();
      }
      if (inside && step.phase().compareTo(Phase.CLEAN) > 0) {
        row.addAll(inspected);
        row.addAll(moved);
        inspected = List.of();
        moved = List.of();
      }
      row.add(step.task());
    }
    row.addAll(found);
    row.addAll(inspected);
    row.addAll(moved);
    return row;
  }

  /** The job around is taken off first and cleaned for going back last. */
  private int depth(PackStep step) {
    boolean opens = step.phase().compareTo(Phase.SECURE) > 0;
    if (!opens) {
      return 0;
    }
    boolean offFirst = step.phase() == Phase.LOOSEN || step.phase() == Phase.REMOVE;
    return pack.layout().isAround(step.taskId()) ? offFirst ? 1 : 3 : 2;
  }

  private List<Task> found() {
    return measures(TaskKind.MEASURE, "found.", pack.preparation().asFound(), null, false);
  }

  private List<Task> inspected(@Nullable Side side) {
    return measures(
        TaskKind.INSPECT,
        "inspect.",
        pack.preparation().inspections(),
        side,
        pack.layout().sidesInTurn());
  }

  private List<Task> carriedOver() {
    return pack.parts(PartRole.CARRIED_OVER).isEmpty()
        ? List.of()
        : List.of(Task.ofStep(TaskKind.STEP, JobPack.CARRIED_OVER));
  }

  private static List<Task> measures(
      TaskKind kind, String prefix, List<Measure> all, @Nullable Side side, boolean onlyThis) {
    List<Task> tasks = new ArrayList<>();
    for (int i = 1; i <= all.size(); i++) {
      if (!onlyThis || all.get(i - 1).side() == side) {
        tasks.add(Task.ofStep(kind, prefix + i));
      }
    }
    return tasks;
  }

  /** Locked, measured once more where it must come back the same, proved, looked at by another. */
  private List<Task> after() {
    List<Task> row = new ArrayList<>();
    pack.steps(Phase.Part.AFTER).stream()
        .filter(s -> !isLockedInTurn(s))
        .forEach(s -> row.add(s.task()));
    for (int i = 0; i < pack.preparation().asFound().size(); i++) {
      if (pack.preparation().asFound().get(i).within() != null) {
        row.add(Task.ofStep(TaskKind.MEASURE, "left." + (i + 1)));
      }
    }
    if (!pack.parts(PartRole.ORIGINAL_KEPT).isEmpty()) {
      row.add(Task.ofStep(TaskKind.MEASURE, JobPack.KEPT));
    }
    for (PackCheck check : pack.checks()) {
      row.add(Task.ofStep(TaskKind.FUNCTION_CHECK, check.taskId()));
    }
    if (joints.stream().anyMatch(j -> j.joint().duty().isCritical() && !j.joint().isTried())) {
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
    if (joint.joint().isTried()) {
      int node =
          graph.add(
              Task.ofPass(TaskKind.TRY, id, 0), new Place(AMONG, run[turn], PASSES, turn, 0, 0));
      graph.before(snug[block], node);
      return new Nodes(-1, node, node, node, node);
    }
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
      int node = graph.add(Task.ofPass(kindOf(joint.passes(), i), id, i), place);
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

  /** The last pass that tightens is the final one; a torque before a turn by angle is not. */
  private static TaskKind kindOf(List<Pass> passes, int at) {
    Pass pass = passes.get(at);
    boolean turnedOn = at + 1 < passes.size() && passes.get(at + 1).kind() == PassKind.ANGLE;
    return switch (pass.kind()) {
      case SNUG -> TaskKind.SNUG;
      case CIRCULAR_CHECK -> TaskKind.CHECK_ROUND;
      case TRY -> TaskKind.TRY;
      case SET_TO_CHECK -> passes.size() == 1 ? TaskKind.FINAL : TaskKind.CHECK_ROUND;
      default -> pass.percent() == Pass.FULL_PERCENT && !turnedOn ? TaskKind.FINAL : TaskKind.PASS;
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
      WorkGraph graph, Map<String, Nodes> nodes, Map<String, Integer> opened) {
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
        if (!isNamed(step)) {
          nodes.forEach(
              (id, its1) -> {
                if (pack.layout().isAround(id) == pack.layout().isAround(step.taskId())) {
                  head(graph, node, step.phase(), its1);
                }
              });
        }
      } else {
        node = beside(graph, step, beside, its, i);
      }
      Turn turn = turnOf(step.side());
      graph.before(joint == null ? turn.opened() : opened.getOrDefault(joint, turn.opened()), node);
      graph.before(node, joint == null ? turn.shut() : closed.getOrDefault(joint, turn.shut()));
      steps.put(step.taskId(), node);
    }
    return steps;
  }

  /** Whether a rule of its own job says where a step stands. */
  private boolean isNamed(PackStep step) {
    String id = step.taskId();
    boolean around = pack.layout().isAround(id);
    return links.all().stream()
        .filter(r -> r.before().equals(id) || r.after().equals(id))
        .map(r -> r.before().equals(id) ? r.after() : r.before())
        .anyMatch(other -> pack.layout().isAround(other) == around);
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
