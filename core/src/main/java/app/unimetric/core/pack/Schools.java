package app.unimetric.core.pack;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What a workshop holds to where good people differ.
 *
 * @param chosen ids of choices; what is left out is as usual
 */
public record Schools(Map<School, String> chosen) {
  /** The usual way everywhere. */
  public static final Schools USUAL = new Schools(Map.of());

  /**
   * @throws app.unimetric.core.problem.InvalidInput at “schools” where a choice is not known
   */
  public Schools {
    Map<School, String> other = new EnumMap<>(School.class);
    chosen.forEach(
        (school, id) -> {
          if (!school.choice(id).equals(school.usual())) {
            other.put(school, id);
          }
        });
    chosen = Map.copyOf(other);
  }

  /** What holds for one of them. */
  public School.Choice of(School school) {
    return Optional.ofNullable(chosen.get(school)).map(school::choice).orElseGet(school::usual);
  }

  /** Whether the choice of this id holds. */
  public boolean hold(School school, String id) {
    return of(school).id().equals(id);
  }

  /** How a job's questions are answered by them, where it is not the usual way anyway. */
  public Answers answers(JobPack pack) {
    Map<String, String> answers = new LinkedHashMap<>();
    for (PackOption option : pack.choices().options()) {
      School school = option.school();
      if (school != null && option.has(of(school).id()) && chosen.containsKey(school)) {
        answers.put(option.id(), of(school).id());
      }
    }
    return answers.isEmpty() ? Answers.NONE : new Answers(answers, Answers.NONE.sides());
  }
}
