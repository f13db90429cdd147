package app.unimetric.documents.pack;

import app.unimetric.core.pack.PackCheck;
import app.unimetric.core.pack.PackChoices;
import app.unimetric.core.pack.PackOption;
import app.unimetric.core.pack.PackStep;
import app.unimetric.core.pack.Side;
import app.unimetric.core.problem.Problems;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What a document leaves open until its machine is known. */
final class PackChoiceMapping {
  private final Problems problems;
  private final Map<String, List<PackChoices.Condition>> when = new HashMap<>();
  private final Map<String, List<Side>> sided = new HashMap<>();
  private List<PackOption> options = List.of();

  PackChoiceMapping(Problems problems) {
    this.problems = problems;
  }

  PackChoices choices(PackDocument d) {
    options = all(d.options()).map(PackChoiceMapping::option).toList();
    once(options.stream().map(PackOption::id).toList(), "options");
    for (int i = 0; i < options.size(); i++) {
      List<PackOption.Answer> answers = options.get(i).answers();
      once(answers.stream().map(PackOption.Answer::id).toList(), "options[" + i + "].answers");
    }
    List<PackDocument.JointFields> joints = d.joints();
    for (int i = 0; i < joints.size(); i++) {
      PackDocument.JointFields j = joints.get(i);
      take(j.id(), j.when(), sides(j.eachSide(), j.side()), "joints[" + i + "]");
    }
    List<PackDocument.StepFields> steps = all(d.steps()).toList();
    for (int i = 0; i < steps.size(); i++) {
      PackDocument.StepFields s = steps.get(i);
      take(PackStep.taskIdOf(s.id()), s.when(), sides(s.eachSide(), s.side()), "steps[" + i + "]");
      String beside = s.before() == null ? s.after() : s.before();
      problems.require(
          beside == null || isWithin(PackStep.taskIdOf(s.id()), beside),
          "steps[" + i + "].eachSide",
          "is missing: it stands beside a joint that is done once a side, or on one side only.");
    }
    for (int i = 0; i < joints.size(); i++) {
      PackDocument.UndoFields undo = joints.get(i).undo();
      String beside = undo == null ? null : undo.before() == null ? undo.after() : undo.before();
      problems.require(
          beside == null || isWithin(joints.get(i).id(), PackStep.taskIdOf(beside)),
          "joints[" + i + "].undo",
          "stands beside a step that is done on other sides than the joint.");
    }
    all(d.checks()).forEach(c -> take(PackCheck.taskIdOf(c.id()), c.when(), List.of(), "checks"));
    measures(d.asFound(), "asFound");
    measures(d.inspections(), "inspections");
    all(d.oneTimeParts())
        .forEach(
            p -> take("part." + p.name(), p.when(), sides(p.eachSide(), p.side()), "oneTimeParts"));
    all(d.around()).forEach(a -> take("around." + a.pack(), a.when(), List.of(), "around"));
    all(d.parts())
        .forEach(p -> take("part." + p.name(), p.when(), sides(p.eachSide(), p.side()), "parts"));
    all(d.fitChecks())
        .forEach(
            f -> take("fit." + f.question(), f.when(), sides(f.eachSide(), f.side()), "fitChecks"));
    if (Boolean.TRUE.equals(d.sidesInTurn())) {
      inTurn(steps);
    }
    oneOrEach(d);
    problems.orThrow();
    String asked = d.sidesQuestion();
    problems.require(
        asked == null || !sided.isEmpty(),
        "sidesQuestion",
        "needs something that is done once a side.");
    problems.orThrow();
    return new PackChoices(options, when, sided, asked == null ? "" : asked);
  }

  /** What is undone, taken off or cleaned while one side is open belongs to that side. */
  private void inTurn(List<PackDocument.StepFields> steps) {
    problems.require(!sided.isEmpty(), "sidesInTurn", "needs something that is done once a side.");
    for (int i = 0; i < steps.size(); i++) {
      boolean open = steps.get(i).phase().isWhileOpen();
      problems.require(
          !open || sided.containsKey(PackStep.taskIdOf(steps.get(i).id())),
          "steps[" + i + "].eachSide",
          "is missing: the sides are done in turn, so what is undone or cleaned belongs to one.");
    }
  }

  private void oneOrEach(PackDocument d) {
    for (int i = 0; i < d.joints().size(); i++) {
      oneOrEach(d.joints().get(i).eachSide(), d.joints().get(i).side(), "joints[" + i + "]");
    }
    List<PackDocument.StepFields> steps = all(d.steps()).toList();
    for (int i = 0; i < steps.size(); i++) {
      oneOrEach(steps.get(i).eachSide(), steps.get(i).side(), "steps[" + i + "]");
    }
  }

  private void oneOrEach(@Nullable Boolean each, @Nullable Side one, String at) {
    problems.require(
        one == null || !Boolean.TRUE.equals(each),
        at + ".side",
        "says one side, and it is done once on each: say one of both.");
  }

  private void measures(@Nullable List<PackDocument.MeasureFields> measures, String at) {
    all(measures)
        .forEach(m -> take("measure." + m.what(), m.when(), sides(m.eachSide(), m.side()), at));
  }

  private void take(
      String name, @Nullable Map<String, List<String>> conditions, List<Side> sides, String at) {
    if (conditions != null) {
      when.put(name, conditions(conditions));
      conditions.forEach((option, answers) -> answers.forEach(a -> known(option, a, at)));
    }
    if (!sides.isEmpty()) {
      sided.put(name, sides);
    }
  }

  private static List<Side> sides(@Nullable Boolean each, @Nullable Side one) {
    return Boolean.TRUE.equals(each)
        ? List.of(Side.values())
        : one == null ? List.of() : List.of(one);
  }

  /** What stands beside something sided is done on no side on which that is not. */
  private boolean isWithin(String name, String beside) {
    List<Side> there = sided.get(beside);
    List<Side> own = sided.getOrDefault(name, List.of());
    return there == null || !own.isEmpty() && there.containsAll(own);
  }

  /** Under which answers something belongs to a job. */
  static List<PackChoices.Condition> conditions(@Nullable Map<String, List<String>> written) {
    return written == null
        ? List.of()
        : written.entrySet().stream()
            .map(e -> new PackChoices.Condition(e.getKey(), e.getValue()))
            .toList();
  }

  private void once(List<String> ids, String at) {
    problems.require(
        new HashSet<>(ids).size() == ids.size(), at, "use a name twice; each needs its own.");
  }

  private void known(String option, String answer, String at) {
    problems.require(
        options.stream()
            .filter(o -> o.id().equals(option))
            .flatMap(o -> o.answers().stream())
            .anyMatch(a -> a.id().equals(answer)),
        at + ".when",
        "names no answer “" + answer + "” to a question “" + option + "”.");
  }

  private static PackOption option(PackDocument.OptionFields o) {
    return new PackOption(
        o.id(),
        o.question(),
        o.answers().stream().map(a -> new PackOption.Answer(a.id(), a.words())).toList(),
        o.school());
  }

  private static <T> Stream<T> all(@Nullable List<T> list) {
    return list == null ? Stream.of() : list.stream();
  }
}
