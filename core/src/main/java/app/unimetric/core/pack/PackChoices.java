package app.unimetric.core.pack;

import app.unimetric.core.problem.Problems;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What a job leaves open until its machine is known: questions whose answers pick joints, steps,
 * measures, checks, parts and rules, and what is done once a side.
 *
 * @param options asked first
 * @param when under which answers something belongs to the job, by its name; what is not named
 *     always does
 * @param sided on which sides something is done, by its name: once a side, or on one side only;
 *     what is not named is done once
 * @param sidesQuestion how it is asked on which sides; empty for the usual words
 */
public record PackChoices(
    List<PackOption> options,
    Map<String, List<Condition>> when,
    Map<String, List<Side>> sided,
    String sidesQuestion) {
  public static final PackChoices NONE = new PackChoices(List.of(), Map.of(), Map.of());

  /** Sides are asked for in the usual words. */
  public PackChoices(
      List<PackOption> options, Map<String, List<Condition>> when, Map<String, List<Side>> sided) {
    this(options, when, sided, "");
  }

  public PackChoices {
    options = List.copyOf(options);
    when = Map.copyOf(when);
    sided = Map.copyOf(sided);
  }

  /** It belongs to the job when a question is answered by one of these. */
  public record Condition(String optionId, List<String> answers) {
    public Condition {
      answers = List.copyOf(answers);
    }
  }

  /** Whether the job is done on one side or both. */
  public boolean isSided() {
    return !sided.isEmpty();
  }

  /**
   * Whether it is asked on which sides the whole is done; a visit asks that of each of its jobs.
   */
  public boolean asksSides() {
    return isSided() && options.stream().noneMatch(PackOption::asksSides);
  }

  /** How it is asked on which sides. */
  public String sidesInWords() {
    return sidesQuestion.isEmpty() ? "On which side?" : sidesQuestion;
  }

  /** The answers with the usual one wherever none was given. */
  public Map<String, String> settled(Answers given) {
    Map<String, String> settled = new LinkedHashMap<>();
    options.forEach(o -> settled.put(o.id(), given.options().getOrDefault(o.id(), o.usual(given))));
    return settled;
  }

  /** The sides it is done on; both unless one was chosen. */
  public List<Side> sides(Answers given) {
    return given.sides().isEmpty()
        ? List.of(Side.values())
        : given.sides().stream().distinct().sorted().toList();
  }

  /**
   * Checks answers against the questions.
   *
   * @throws app.unimetric.core.problem.InvalidInput when a question or an answer is not known
   */
  public void check(Answers given) {
    Problems problems = new Problems();
    given
        .options()
        .forEach(
            (option, answer) -> {
              boolean asked = options.stream().anyMatch(o -> o.id().equals(option));
              problems.require(asked, "options." + option, "is not asked by this job.");
              problems.require(
                  !asked
                      || options.stream()
                          .filter(o -> o.id().equals(option))
                          .flatMap(o -> o.answers().stream())
                          .anyMatch(a -> a.id().equals(answer)),
                  "options." + option,
                  "has no answer “" + answer + "”.");
            });
    problems.require(
        given.sides().isEmpty() || isSided(), "sides", "This job is not done once a side.");
    problems.orThrow();
  }

  boolean holds(String name, Map<String, String> settled) {
    return when.getOrDefault(name, List.of()).stream()
        .allMatch(c -> c.answers().contains(settled.get(c.optionId())));
  }
}
