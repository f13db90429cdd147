package app.unimetric.core.pack;

import java.util.List;
import java.util.Map;

/**
 * What was answered to a job's questions.
 *
 * @param options the answer to each question by their ids; what is left out is answered as usual
 * @param sides on which sides it is done; empty for both
 */
public record Answers(Map<String, String> options, List<Side> sides) {
  /** Nothing was answered: the usual kind of machine, both sides. */
  public static final Answers NONE = new Answers(Map.of(), List.of());

  public Answers {
    options = Map.copyOf(options);
    sides = List.copyOf(sides);
  }
}
