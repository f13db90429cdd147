package app.unimetric.core.pack;

import app.unimetric.core.order.OrderRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What a job comes to once its questions are answered: what does not belong to this machine is left
 * out, what is done once a side stands there once for each side.
 */
final class Selection {
  private final PackChoices choices;
  private final Map<String, String> settled;
  private final List<Side> sides;

  Selection(PackChoices choices, Answers answers) {
    choices.check(answers);
    this.choices = choices;
    settled = choices.settled(answers);
    sides = choices.sides(answers);
  }

  JobPack of(JobPack pack) {
    List<PackJoint> joints =
        each(pack.joints(), PackJoint::id, (j, side) -> j.on(side, undoing(j, side)));
    List<PackStep> steps =
        each(pack.steps(), PackStep::taskId, (s, side) -> s.on(side, beside(s, side)));
    return new JobPack(
        pack.key(),
        pack.title(),
        pack.summary(),
        pack.machineKind(),
        pack.models(),
        pack.fits(),
        pack.words(),
        pack.cautions(),
        preparation(pack.preparation()),
        parts(pack.parts()),
        steps,
        joints,
        rules(pack.order()),
        each(pack.checks(), PackCheck::taskId, (c, side) -> c).stream().distinct().toList(),
        pack.rechecks().stream().map(this::recheck).toList(),
        pack.assemblies().stream().flatMap(a -> assemblies(a).stream()).toList(),
        PackChoices.NONE,
        new PackLayout(
            pack.layout().sidesInTurn() && sides.size() > 1,
            pack.layout().around().stream()
                .flatMap(name -> names(name).stream())
                .collect(Collectors.toSet()),
            List.of()));
  }

  private @Nullable Undoing undoing(PackJoint joint, Side side) {
    Undoing undoing = joint.undoing();
    if (undoing == null) {
      return null;
    }
    Undoing.BesideStep beside = undoing.beside();
    return beside == null || !isSided(PackStep.taskIdOf(beside.stepId()))
        ? undoing
        : new Undoing(
            undoing.text(), new Undoing.BesideStep(side.of(beside.stepId()), beside.after()));
  }

  private PackStep.@Nullable Beside beside(PackStep step, Side side) {
    PackStep.Beside beside = step.beside();
    return beside == null || !isSided(beside.jointId())
        ? beside
        : new PackStep.Beside(side.of(beside.jointId()), beside.after());
  }

  private Preparation preparation(Preparation p) {
    return new Preparation(
        each(p.asFound(), m -> "measure." + m.what(), Measure::on),
        each(p.fits(), f -> "fit." + f.question(), FitQuestion::on),
        each(p.inspections(), m -> "measure." + m.what(), Measure::on),
        p.specialTools(),
        p.consumables());
  }

  /** Counted once for each side; a part that differs by hand stands there once for each. */
  private List<PackPart> parts(List<PackPart> parts) {
    List<PackPart> counted = new ArrayList<>();
    for (PackPart part : parts) {
      String name = "part." + part.name();
      if (!choices.holds(name, settled)) {
        continue;
      }
      if (part.role() == PartRole.ORDERED_PER_SIDE && isSided(name)) {
        sides(name)
            .forEach(
                side ->
                    counted.add(
                        new PackPart(onSide(part.name(), side), part.count(), part.role())));
      } else {
        int times = isSided(name) ? sides(name).size() : 1;
        if (times > 0) {
          counted.add(new PackPart(part.name(), part.count() * times, part.role()));
        }
      }
    }
    return counted;
  }

  private boolean isSided(String name) {
    return choices.sided().containsKey(name);
  }

  /** The sides on which something is done, of those the job is done on. */
  private List<Side> sides(String name) {
    List<Side> own = choices.sided().getOrDefault(name, List.of());
    return sides.stream().filter(own::contains).toList();
  }

  /** What something is called once the sides are known; nothing where it is done on neither. */
  private List<String> names(String name) {
    return isSided(name) ? sides(name).stream().map(side -> side.of(name)).toList() : List.of(name);
  }

  private <T> List<T> each(List<T> all, Function<T, String> name, BiFunction<T, Side, T> on) {
    List<T> kept = new ArrayList<>();
    for (T one : all) {
      if (!choices.holds(name.apply(one), settled)) {
        continue;
      }
      if (isSided(name.apply(one))) {
        sides(name.apply(one)).forEach(side -> kept.add(on.apply(one, side)));
      } else {
        kept.add(one);
      }
    }
    return kept;
  }

  /**
   * A rule between two that are done once a side holds on each side by itself; between one of the
   * left and one of the right it holds across.
   */
  private List<OrderRule> rules(List<OrderRule> rules) {
    List<OrderRule> kept = new ArrayList<>();
    for (OrderRule rule : rules) {
      if (!choices.holds(rule.before(), settled) || !choices.holds(rule.after(), settled)) {
        continue;
      }
      List<Side> shared =
          choices.sided().getOrDefault(rule.before(), List.of()).stream()
              .filter(choices.sided().getOrDefault(rule.after(), List.of())::contains)
              .toList();
      for (String first : names(rule.before())) {
        for (String later : names(rule.after())) {
          if (shared.isEmpty()
              || sideOf(first, rule.before()).equals(sideOf(later, rule.after()))) {
            kept.add(new OrderRule(first, later, rule.binding(), rule.reason()));
          }
        }
      }
    }
    return kept;
  }

  private static String sideOf(String named, String name) {
    return named.substring(name.length());
  }

  private PackRecheck recheck(PackRecheck recheck) {
    return new PackRecheck(
        recheck.rule(),
        recheck.jointIds().stream()
            .filter(id -> choices.holds(id, settled))
            .flatMap(id -> names(id).stream())
            .toList());
  }

  /** An assembly whose joints are done once a side is one on each side. */
  private List<PackAssembly> assemblies(PackAssembly assembly) {
    List<String> joints =
        assembly.jointIds().stream().filter(id -> choices.holds(id, settled)).toList();
    boolean sided = !joints.isEmpty() && joints.stream().allMatch(this::isSided);
    if (!sided) {
      return List.of(
          new PackAssembly(
              assembly.id(),
              assembly.title(),
              joints.stream().flatMap(id -> names(id).stream()).toList(),
              assembly.onTheBench()));
    }
    return sides.stream()
        .map(
            side ->
                new PackAssembly(
                    side.of(assembly.id()),
                    onSide(assembly.title(), side),
                    joints.stream().filter(id -> sides(id).contains(side)).map(side::of).toList(),
                    assembly.onTheBench()))
        .filter(a -> !a.jointIds().isEmpty())
        .toList();
  }

  static String onSide(String title, @Nullable Side side) {
    return side == null ? title : title + ", " + side.words();
  }
}
