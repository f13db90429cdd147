package app.unimetric.core.problem;

import java.util.List;
import java.util.stream.Collectors;

/** Something entered cannot be taken. Carries every problem found, each with its place. */
public final class InvalidInput extends IllegalArgumentException {
  private final transient List<Problem> problems;

  public InvalidInput(List<Problem> problems) {
    super(
        problems.stream()
            .map(p -> p.field().isEmpty() ? p.message() : p.field() + ": " + p.message())
            .collect(Collectors.joining("; ")));
    this.problems = List.copyOf(problems);
  }

  /** One problem at one place. */
  public static InvalidInput at(String field, String message) {
    return new InvalidInput(List.of(new Problem(field, message)));
  }

  public List<Problem> problems() {
    return problems;
  }
}
