package app.unimetric.core.pack;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A question that a job asks first, because machines differ in kind.
 *
 * @param answers the usual one first
 * @param school where good people differ rather than machines; null where machines do
 */
public record PackOption(
    String id, String question, List<Answer> answers, @Nullable School school) {
  private static final String SIDES = ".on which sides";
  private static final String BOTH = "BOTH";

  public PackOption {
    answers = List.copyOf(answers);
  }

  /** One about the machine. */
  public PackOption(String id, String question, List<Answer> answers) {
    this(id, question, answers, null);
  }

  /** The same under another id. */
  PackOption as(String otherId) {
    return new PackOption(otherId, question, answers, school);
  }

  /** On which sides one job of a visit is done, or all that ask it in the same words. */
  static PackOption ofSides(String jobKey, String question) {
    List<Answer> answers = new ArrayList<>(List.of(new Answer(BOTH, "Both")));
    for (Side side : Side.values()) {
      answers.add(new Answer(side.name(), side.title()));
    }
    return new PackOption(jobKey + SIDES, question, answers);
  }

  /** Whether an answer of this id is among them. */
  public boolean has(String answerId) {
    return answers.stream().anyMatch(a -> a.id().equals(answerId));
  }

  boolean asksSides() {
    return id.endsWith(SIDES);
  }

  /** The sides an answer to such a question names; none for both, as everywhere. */
  static List<Side> sides(String answer) {
    return answer.equals(BOTH) ? List.of() : List.of(Side.valueOf(answer));
  }

  /** The answer that names these sides. */
  static String answer(List<Side> sides) {
    return sides.size() == 1 ? sides.get(0).name() : BOTH;
  }

  /**
   * The usual answer. Visits of earlier days were asked once on which sides all of it is done; what
   * was said then holds for each of their jobs.
   */
  String usual(Answers given) {
    return asksSides() ? answer(given.sides()) : answers.get(0).id();
  }

  /** One answer, in a sentence. */
  public record Answer(String id, String words) {}
}
