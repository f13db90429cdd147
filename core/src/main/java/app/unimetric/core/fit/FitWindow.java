package app.unimetric.core.fit;

import app.unimetric.core.problem.Problems;

/**
 * Between which limits a size must lie, both of them allowed.
 *
 * @param min in the unit of the size
 * @param max at least {@code min}
 */
public record FitWindow(double min, double max) {
  private static final double ROUNDING = 1e-9;
  private static final double MOST = 1e6;

  public FitWindow {
    new Problems()
        .within(min, -MOST, MOST, "min")
        .within(max, -MOST, MOST, "max")
        .require(!(min > max), "min", "is above max; swap them.")
        .orThrow();
  }

  /** At most so much; anything below does. */
  public static FitWindow atMost(double max) {
    return new FitWindow(-MOST, max);
  }

  /** At least so much; anything above does. */
  public static FitWindow atLeast(double min) {
    return new FitWindow(min, MOST);
  }

  /** Whether a size lies within, a billionth forgiven. */
  public boolean holds(double size) {
    return size >= min - ROUNDING && size <= max + ROUNDING;
  }

  /**
   * Judges a size that is known only so well.
   *
   * @param size as measured
   * @param uncertainty by how much the true size may lie to either side of it; at least 0
   */
  public FitVerdict judge(double size, double uncertainty) {
    if (holds(size - uncertainty) && holds(size + uncertainty)) {
      return FitVerdict.FITS;
    }
    boolean below = size + uncertainty < min - ROUNDING;
    boolean above = size - uncertainty > max + ROUNDING;
    return below || above ? FitVerdict.DOES_NOT : FitVerdict.TOO_CLOSE;
  }

  /** How well a size must be known so that it can be judged: its distance to the nearest limit. */
  public double neededAt(double size) {
    return Math.min(Math.abs(size - min), Math.abs(size - max));
  }
}
