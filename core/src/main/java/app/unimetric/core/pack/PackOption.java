package app.unimetric.core.pack;

import java.util.List;

/**
 * A question that a job asks first, because machines differ in kind.
 *
 * @param answers the usual one first
 */
public record PackOption(String id, String question, List<Answer> answers) {
  public PackOption {
    answers = List.copyOf(answers);
  }

  /** One answer, in a sentence. */
  public record Answer(String id, String words) {}
}
