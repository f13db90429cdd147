package app.unimetric.core.plan;

import app.unimetric.core.order.Assemblies;
import app.unimetric.core.order.HandOrder;
import app.unimetric.core.order.OrderRule;
import app.unimetric.core.order.Precedence;
import app.unimetric.core.order.SettingOrder;
import app.unimetric.core.order.Task;
import app.unimetric.core.order.TaskKind;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.pack.Phase;
import app.unimetric.core.pack.Side;
import app.unimetric.core.quantity.ScaleReading;
import app.unimetric.core.sequence.PassKind;
import app.unimetric.core.stated.Trait;
import app.unimetric.core.tool.ToolChoice;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A job worked out: joints in working order, and what stands in the way.
 *
 * @param joints in working order; in the pack's order when the rules contradict each other
 * @param blockers empty when the job may start
 * @param cycle joints, or tasks where steps are among them, that wait for each other in a ring
 * @param rules what binds the joints
 * @param handOrder whether a person arranged the joints; the rules hold all the same
 * @param settingChanges changes of tool or setting for the final torques
 * @param settingChangesAtLeast no order within the rules has fewer; equal when proved
 * @param needs tools, products and parts
 * @param work all tasks in order of time
 * @param ride how long it takes until the machine may be ridden
 * @param policy what it was worked out by
 */
public record JobPlan(
    JobPack pack,
    List<PlannedJoint> joints,
    List<Blocker> blockers,
    List<String> cycle,
    List<OrderRule> rules,
    boolean handOrder,
    int settingChanges,
    int settingChangesAtLeast,
    Needs needs,
    WorkOrder work,
    UntilRide ride,
    Policy policy) {
  /** What each rule of a ring says for itself. */
  private static String reasons(List<String> cycle, List<OrderRule> rules) {
    StringBuilder words = new StringBuilder();
    for (int i = 0; i < cycle.size(); i++) {
      String before = cycle.get(i);
      String after = cycle.get((i + 1) % cycle.size());
      rules.stream()
          .filter(r -> r.before().equals(before) && r.after().equals(after))
          .findFirst()
          .ifPresent(r -> words.append(" “").append(r.reason()).append("”"));
    }
    return words.toString();
  }

  /** Whether nothing is tightened, pressed, strapped or locked. */
  private static boolean isEmpty(JobPack pack) {
    return pack.joints().isEmpty()
        && pack.steps().stream()
            .noneMatch(
                s ->
                    s.phase().part() == Phase.Part.AMONG
                        || s.phase().part() == Phase.Part.AFTER
                        || s.phase() == Phase.REMOVE);
  }

  /** Of the passes over a joint the first one is by hand. */
  private static final int FIRST_BY_TOOL = 1;

  public boolean ready() {
    return blockers.isEmpty();
  }

  /** Works out a job. */
  public static JobPlan of(JobPack pack, Circumstances given) {
    OrderLinks links = OrderLinks.of(pack);
    List<OrderRule> rules = links.joints();
    Map<String, PlannedJoint> planned = new LinkedHashMap<>();
    Map<String, @Nullable String> settings = new LinkedHashMap<>();
    List<Blocker> blockers = new ArrayList<>(unfit(pack, given.fits()));
    for (PackJoint joint : delicateFirst(pack.joints())) {
      PlannedJoint one =
          JointPlanner.plan(
              joint,
              rules,
              given.decisions(),
              given.crib(),
              given.toolChoices().get(joint.id()),
              given.policy(),
              given.today());
      planned.put(joint.id(), one);
      settings.put(joint.id(), settingOf(one));
      blockers.addAll(blockers(one, given.byFeel()));
      disagreeing(pack, joint).ifPresent(blockers::add);
    }
    List<String> ring = Precedence.order(settings.keySet(), rules).cycle();
    Assemblies blocks =
        Assemblies.of(
            pack.joints().stream().map(PackJoint::id).toList(),
            assemblyOf(pack),
            ring.isEmpty() ? rules : List.of());
    SettingOrder best =
        ring.isEmpty()
            ? SettingOrder.of(settings, rules, blocks)
            : new SettingOrder(List.copyOf(planned.keySet()), 0, 0);
    boolean byHand = ring.isEmpty() && HandOrder.holds(given.handOrder(), planned.keySet(), rules);
    List<String> order = byHand ? given.handOrder() : best.order();
    List<PlannedJoint> joints = order.stream().flatMap(id -> one(planned.get(id))).toList();
    Needs needs = Needs.of(pack, joints, given);
    needs
        .notInCrib()
        .forEach(
            name ->
                blockers.add(
                    Blocker.about(
                        Blocker.Kind.NOT_IN_CRIB, name, "Not in the crib: " + name + ".")));
    needs
        .missing()
        .forEach(m -> blockers.add(Blocker.about(Blocker.Kind.NOT_ON_SHELF, m.name(), m.words())));
    WorkOrder work = WorkOrder.of(pack, joints, links, blocks, needs);
    List<String> cycle = ring.isEmpty() ? work.cycle().stream().map(Task::name).toList() : ring;
    if (!cycle.isEmpty()) {
      blockers.add(
          new Blocker(
              Blocker.Kind.ORDER_CYCLE,
              null,
              "The order rules contradict each other: "
                  + String.join(" before ", cycle)
                  + " before "
                  + cycle.get(0)
                  + "."
                  + reasons(cycle, rules),
              null));
    }
    if (isEmpty(pack)) {
      blockers.add(
          new Blocker(
              Blocker.Kind.NOTHING_TO_DO,
              null,
              "Nothing is to be done yet: add a joint or a step.",
              null));
    }
    return new JobPlan(
        pack,
        joints,
        List.copyOf(blockers),
        cycle,
        rules,
        byHand,
        byHand ? SettingOrder.changes(order, settings) : best.changes(),
        best.atLeast(),
        needs,
        work,
        UntilRide.of(pack, needs),
        given.policy());
  }

  private static Map<String, String> assemblyOf(JobPack pack) {
    Map<String, String> assemblies = new HashMap<>();
    pack.assemblies().forEach(a -> a.jointIds().forEach(id -> assemblies.put(id, a.id())));
    for (PackJoint joint : pack.joints()) {
      Side side = joint.side();
      String own =
          pack.layout().isAround(joint.id())
              ? "around"
              : pack.layout().sidesInTurn() && side != null ? side.name() : null;
      if (own != null) {
        assemblies.putIfAbsent(joint.id(), own);
      }
    }
    return assemblies;
  }

  /** Share of the final torque a task brings its joint to; null where it turns no fastener. */
  public @Nullable Double percent(Task task) {
    if (task.pass() < 0) {
      return null;
    }
    return joints.stream()
        .filter(j -> j.id().equals(task.jointId()))
        .map(j -> j.passes().get(task.pass()).percent())
        .findFirst()
        .orElse(null);
  }

  /** Whether a task is a pass of this kind. */
  public boolean is(PassKind kind, Task task) {
    return task.pass() >= 0
        && joints.stream()
            .filter(j -> j.id().equals(task.jointId()))
            .anyMatch(j -> j.passes().get(task.pass()).kind() == kind);
  }

  /** How the joint of a task is climbed to hold, in words; empty where it is not. */
  public String climb(Task task) {
    return joints.stream()
        .filter(j -> j.id().equals(task.jointId()))
        .flatMap(j -> Stream.ofNullable(j.climb()))
        .map(Climb::words)
        .findFirst()
        .orElse("");
  }

  /** Why a task may not come sooner, by the rules that bind just this one; null without any. */
  public @Nullable String why(Task task) {
    List<String> reasons =
        rules.stream()
            .filter(r -> r.after().equals(task.jointId()))
            .filter(
                r ->
                    switch (r.binding()) {
                      case HANG -> task.kind() == TaskKind.START;
                      case TOUCH -> task.pass() == FIRST_BY_TOOL;
                      case FINAL -> task.kind() == TaskKind.FINAL;
                    })
            .map(OrderRule::reason)
            .distinct()
            .toList();
    return reasons.isEmpty() ? null : String.join(" ", reasons);
  }

  private static Stream<PlannedJoint> one(@Nullable PlannedJoint joint) {
    return Stream.ofNullable(joint);
  }

  /** Among equals the most delicate thread comes first. */
  private static List<PackJoint> delicateFirst(List<PackJoint> joints) {
    return joints.stream()
        .sorted(Comparator.comparing(j -> !j.duty().is(Trait.SOFT_THREAD)))
        .toList();
  }

  private static Optional<Blocker> disagreeing(JobPack pack, PackJoint joint) {
    List<JobPack.Otherwise> said = pack.otherwise(joint);
    return said.isEmpty()
        ? Optional.empty()
        : Optional.of(
            Blocker.ofJoint(
                Blocker.Kind.JOBS_DISAGREE,
                joint.id(),
                said.stream().map(JobPack.Otherwise::words).collect(Collectors.joining(", "))
                    + ": say how it is on this machine."));
  }

  private static String unfit(FitAnswer answer) {
    String question = answer.question();
    WorkedFit worked = answer.worked();
    if (worked == null) {
      return "Does not fit, says " + answer.by() + ": " + question + " " + answer.note();
    }
    return (answer.tooClose() ? "Not measured well enough: " : "Does not fit: ")
        + question
        + ". "
        + String.join(" ", worked.said());
  }

  private static List<Blocker> unfit(JobPack pack, @Nullable List<FitAnswer> answers) {
    List<Blocker> open = new ArrayList<>();
    for (String question : answers == null ? List.<String>of() : pack.preparation().fitChecks()) {
      FitAnswer last = null;
      for (FitAnswer answer : answers == null ? List.<FitAnswer>of() : answers) {
        last = answer.question().equals(question) ? answer : last;
      }
      if (last == null) {
        open.add(
            Blocker.about(
                Blocker.Kind.FIT_NOT_CHECKED, question, "Check before taking apart: " + question));
      } else if (!last.fits()) {
        open.add(Blocker.about(Blocker.Kind.FIT_NOT_CHECKED, question, unfit(last)));
      }
    }
    return open;
  }

  /** Tool and scale reading: what must be changed between two joints. */
  static @Nullable String settingOf(PlannedJoint joint) {
    ToolChoice choice = joint.tool();
    ScaleReading reading = joint.reading();
    return choice == null || reading == null ? null : choice.tool().id() + " " + reading.figure();
  }

  private static List<Blocker> blockers(PlannedJoint joint, Map<String, String> byFeel) {
    List<Blocker> found = new ArrayList<>();
    String id = joint.joint().id();
    if (joint.joint().turning().isSetByCheckAlone()) {
      return found;
    }
    if (joint.joint().torque().values().isEmpty()) {
      found.add(
          Blocker.ofJoint(
              Blocker.Kind.MISSING_VALUE,
              id,
              "No value yet: look it up ("
                  + String.join("; or ", joint.joint().torque().slots())
                  + ") and fill it in."));
      return found;
    }
    for (String message : joint.resolution().blockers()) {
      found.add(Blocker.ofJoint(Blocker.Kind.VALUES_DISAGREE, id, message));
    }
    boolean feels = byFeel.containsKey(id) && !joint.joint().duty().isCritical();
    if (joint.band() != null && joint.tool() == null && !feels) {
      String nearest =
          joint.tools().isEmpty()
              ? "The crib holds no torque tool."
              : "Best was "
                  + joint.tools().get(0).tool().name()
                  + ": "
                  + String.join(" ", joint.tools().get(0).reasons());
      found.add(
          Blocker.ofJoint(
              Blocker.Kind.NO_TOOL, id, "No tool of the crib can be used here. " + nearest));
    }
    return found;
  }
}
