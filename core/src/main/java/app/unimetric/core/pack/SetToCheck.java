package app.unimetric.core.pack;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.Torque;
import org.jspecify.annotations.Nullable;

/**
 * A cap, collar or nut that is turned until its check is good: no play, and it turns freely. The
 * check is its proof and no torque is (job book, rule 14).
 *
 * @param feel what to feel, in words
 * @param atMostNm a stated torque is its limit, N·m; null where none is stated
 * @param drawTo where the maker says to draw it to a torque first; null where nobody entered that
 */
public record SetToCheck(String feel, @Nullable Double atMostNm, @Nullable DrawTo drawTo) {
  /**
   * A torque it is drawn to before it is felt.
   *
   * @param nm N·m
   * @param saidBy the document and page that say so
   */
  public record DrawTo(double nm, String saidBy) {
    public DrawTo {
      new Problems()
          .positive(nm, Torque.MAX_NM, "nm")
          .require(!saidBy.isBlank(), "saidBy", "is missing: name the document and its page.")
          .orThrow();
    }
  }

  public SetToCheck {
    Problems problems =
        new Problems()
            .require(
                !feel.isBlank(), "feel", "is missing: say what must be felt when it is right.");
    if (atMostNm != null) {
      problems.positive(atMostNm, Torque.MAX_NM, "atMost");
    }
    problems.orThrow();
  }

  /** What it is brought to, for a list: {@code to its check, at most 2 N·m}. */
  public String target() {
    return "to its check"
        + (atMostNm == null ? "" : ", at most " + Figure.rounded(atMostNm, 2) + " N·m");
  }

  /** What to do at the bench. */
  public String text() {
    DrawTo first = drawTo;
    String limit =
        atMostNm == null
            ? ""
            : " At most " + Figure.rounded(atMostNm, 2) + " N·m, a limit and no aim.";
    return (first == null ? "Turn it until this is so: " : "It is drawn to its torque; now feel: ")
        + feel
        + (feel.endsWith(".") ? "" : ".")
        + limit;
  }

  /** What to do once its clamp is tight. */
  public String againText() {
    return "The clamp may have moved it. Feel once more: " + feel + (feel.endsWith(".") ? "" : ".");
  }
}
