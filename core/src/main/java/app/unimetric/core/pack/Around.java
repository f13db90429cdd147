package app.unimetric.core.pack;

import app.unimetric.core.order.Binding;
import app.unimetric.core.order.OrderRule;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * A job that stands inside another: a bottom bracket needs the crank off and on. What the outer one
 * undoes comes before, what it does comes after; its joints are tightened in the same plan, its
 * tools and products counted once.
 */
final class Around {
  private final JobPack inner;
  private final JobPack outer;
  private final List<PackChoices.Condition> when;

  private Around(JobPack inner, JobPack outer, List<PackChoices.Condition> when) {
    this.inner = inner;
    this.outer = outer;
    this.when = when;
  }

  /**
   * Both as one job; what belongs to the outer one has its key before its name.
   *
   * @param when under which answers of the inner job it is needed; empty when it always is
   */
  static JobPack join(JobPack inner, JobPack outer, List<PackChoices.Condition> when) {
    return new Around(inner, outer, when).joined();
  }

  private JobPack joined() {
    List<PackJoint> joints = outer.joints().stream().map(this::joint).toList();
    List<PackStep> steps =
        outer.steps().stream().filter(s -> !isShared(s)).map(this::step).toList();
    List<PackCheck> checks =
        outer.checks().stream()
            .map(c -> new PackCheck(named(c.id()), c.title(), c.text()))
            .toList();
    Set<String> around = new HashSet<>(inner.layout().around());
    joints.forEach(j -> around.add(j.id()));
    steps.forEach(s -> around.add(s.taskId()));
    checks.forEach(c -> around.add(c.taskId()));
    return new JobPack(
        inner.key(),
        inner.title(),
        inner.summary(),
        inner.machineKind(),
        inner.models(),
        inner.fits(),
        inner.words(),
        both(JobPack::cautions).distinct().toList(),
        preparation(),
        parts(),
        Stream.concat(inner.steps().stream(), steps.stream()).toList(),
        Stream.concat(inner.joints().stream(), joints.stream()).toList(),
        order(joints, steps),
        Stream.concat(inner.checks().stream(), checks.stream()).toList(),
        Stream.concat(inner.rechecks().stream(), outer.rechecks().stream().map(this::recheck))
            .toList(),
        Stream.concat(
                inner.assemblies().stream(),
                outer.assemblies().stream()
                    .map(
                        a ->
                            new PackAssembly(
                                named(a.id()),
                                a.title(),
                                a.jointIds().stream().map(this::named).toList(),
                                a.onTheBench())))
            .toList(),
        choices(joints, steps, checks),
        new PackLayout(inner.layout().sidesInTurn(), around, List.of()));
  }

  private <T> Stream<T> both(Function<JobPack, List<T>> what) {
    return Stream.concat(what.apply(inner).stream(), what.apply(outer).stream());
  }

  private String named(String id) {
    return outer.key() + "." + id;
  }

  private String task(String name) {
    return outer.joints().stream().anyMatch(j -> j.id().equals(name))
        ? named(name)
        : PackStep.taskIdOf(named(name.substring(PackStep.taskIdOf("").length())));
  }

  private PackJoint joint(PackJoint j) {
    Undoing undoing = j.undoing();
    Undoing.BesideStep beside = undoing == null ? null : undoing.beside();
    return j.called(
        named(j.id()),
        undoing == null
            ? null
            : new Undoing(
                undoing.text(),
                beside == null
                    ? null
                    : new Undoing.BesideStep(named(beside.stepId()), beside.after())));
  }

  /** What both ask for before anything is undone, such as the stand, is done once. */
  private boolean isShared(PackStep step) {
    return step.phase().compareTo(Phase.SECURE) <= 0
        && inner.steps().stream()
            .anyMatch(s -> s.phase() == step.phase() && s.title().equals(step.title()));
  }

  private PackStep step(PackStep s) {
    PackStep.Beside beside = s.beside();
    return s.called(
        named(s.id()),
        beside == null ? null : new PackStep.Beside(named(beside.jointId()), beside.after()));
  }

  private PackRecheck recheck(PackRecheck r) {
    List<PackJoint> about = r.jointIds().isEmpty() ? outer.joints() : List.of();
    return new PackRecheck(
        r.rule(),
        Stream.concat(r.jointIds().stream(), about.stream().map(PackJoint::id))
            .map(this::named)
            .toList());
  }

  private Preparation preparation() {
    Preparation in = inner.preparation();
    Preparation out = outer.preparation();
    return new Preparation(
        Stream.concat(in.asFound().stream(), out.asFound().stream()).distinct().toList(),
        Stream.concat(in.fits().stream(), out.fits().stream()).distinct().toList(),
        Stream.concat(in.inspections().stream(), out.inspections().stream()).distinct().toList(),
        Stream.concat(in.specialTools().stream(), out.specialTools().stream()).distinct().toList(),
        Stream.concat(in.consumables().stream(), out.consumables().stream()).distinct().toList());
  }

  /** A part both need is counted for both. */
  private List<PackPart> parts() {
    Map<String, PackPart> counted = new LinkedHashMap<>();
    both(JobPack::parts)
        .forEach(
            p ->
                counted.merge(
                    p.name() + p.role(),
                    p,
                    (a, b) -> new PackPart(a.name(), a.count() + b.count(), a.role())));
    return List.copyOf(counted.values());
  }

  /** Nothing of the outer job goes back on before the inner one is done. */
  private List<OrderRule> order(List<PackJoint> joints, List<PackStep> steps) {
    List<OrderRule> rules = new ArrayList<>(inner.order());
    outer
        .order()
        .forEach(
            r ->
                rules.add(
                    new OrderRule(task(r.before()), task(r.after()), r.binding(), r.reason())));
    List<String> done = amongJoints(inner.joints(), inner.steps());
    List<String> back = amongJoints(joints, steps);
    String reason = "It goes back once “" + inner.title() + "” is done under it.";
    for (String before : done) {
      back.forEach(after -> rules.add(new OrderRule(before, after, Binding.HANG, reason)));
    }
    return rules;
  }

  private static List<String> amongJoints(List<PackJoint> joints, List<PackStep> steps) {
    return Stream.concat(
            joints.stream().map(PackJoint::id),
            steps.stream().filter(s -> s.phase().part() == Phase.Part.AMONG).map(PackStep::taskId))
        .toList();
  }

  private PackChoices choices(
      List<PackJoint> joints, List<PackStep> steps, List<PackCheck> checks) {
    List<PackOption> options = new ArrayList<>(inner.choices().options());
    outer.choices().options().forEach(o -> options.add(o.as(named(o.id()))));
    Map<String, List<PackChoices.Condition>> conditions = new HashMap<>(inner.choices().when());
    outer.choices().when().forEach((name, own) -> conditions.put(renamed(name), conditions(own)));
    joints.forEach(j -> needed(conditions, j.id()));
    steps.forEach(s -> needed(conditions, s.taskId()));
    checks.forEach(c -> needed(conditions, c.taskId()));
    Map<String, List<Side>> sided = new HashMap<>(inner.choices().sided());
    outer.choices().sided().forEach((name, sides) -> sided.put(renamed(name), sides));
    return new PackChoices(options, conditions, sided, inner.choices().sidesQuestion());
  }

  private List<PackChoices.Condition> conditions(List<PackChoices.Condition> own) {
    return own.stream()
        .map(c -> new PackChoices.Condition(named(c.optionId()), c.answers()))
        .toList();
  }

  private void needed(Map<String, List<PackChoices.Condition>> conditions, String name) {
    if (!when.isEmpty()) {
      conditions.merge(
          name, when, (own, needed) -> Stream.concat(own.stream(), needed.stream()).toList());
    }
  }

  /** Parts and measures keep their names; joints, steps and checks get the key before theirs. */
  private String renamed(String name) {
    for (String kind : List.of(PackStep.taskIdOf(""), PackCheck.taskIdOf(""))) {
      if (name.startsWith(kind)) {
        return kind + named(name.substring(kind.length()));
      }
    }
    PackJoint joint =
        outer.joints().stream().filter(j -> j.id().equals(name)).findFirst().orElse(null);
    return joint == null ? name : named(name);
  }
}
