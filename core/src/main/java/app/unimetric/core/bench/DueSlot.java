package app.unimetric.core.bench;

import org.jspecify.annotations.Nullable;

/**
 * A castellated nut that is due at its next slot.
 *
 * @param torqueNowNm what it was pulled to, N·m; null where no tool told
 * @param nmPerDegree how fast it rose at the end of that pull, N·m per degree; null without a curve
 * @param turnDeg how far the slot was said to be, degrees; null while that is not said
 * @param advice what to do now that is said how far the slot is; null while that is not said
 */
public record DueSlot(
    @Nullable Double torqueNowNm,
    @Nullable Double nmPerDegree,
    @Nullable Double turnDeg,
    @Nullable String advice) {

  /** What to do once it is said how far the slot is. */
  static String advice(RunStep step, Entry said) {
    if (said.verdict() == Verdict.ABOVE) {
      return "There it would carry more than it may: no further, and not back. Take it off, put on a thinner or thicker washer and begin again.";
    }
    if (step.band() == null) {
      return "The most it may carry is not known: look it up before it is turned on to the slot, never back.";
    }
    return said.torqueNm() != null
        ? "Turn it on to the slot, never back."
        : "What it comes to there is not known. Set the wrench to the most it may carry and turn on with it, never back: if it gives way before the slot, no further; take it off and change the washer.";
  }
}
