package app.unimetric.core.plan;

import app.unimetric.core.fit.FitVerdict;
import org.jspecify.annotations.Nullable;

/**
 * What somebody found when asked whether a part fits, before anything was taken apart.
 *
 * @param question as the pack asks it
 * @param note what was measured or seen; may be empty
 * @param by who answered
 * @param worked how it was worked out; null where somebody's word stands
 */
public record FitAnswer(
    String question, boolean fits, String note, String by, @Nullable WorkedFit worked) {
  /** What was found, in a line: {@code fits: 3 mm below the top (Bram)}. */
  public String words() {
    String found = fits ? "fits" : tooClose() ? "too close to call" : "does not fit";
    String how =
        worked == null
            ? note
            : String.join(" ", worked.said()) + (note.isBlank() ? "" : " " + note);
    return found + (how.isBlank() ? "" : ": " + how) + " (" + by + ")";
  }

  /** Whether it was measured too coarsely to tell. */
  boolean tooClose() {
    return worked != null && worked.verdict() == FitVerdict.TOO_CLOSE;
  }
}
