package app.unimetric.core.bench;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.DecimalText;
import app.unimetric.core.quantity.Figure;
import org.jspecify.annotations.Nullable;

/**
 * How far the next slot of a castellated nut still has to come.
 *
 * @param turnDeg degrees from where it was pulled to; 0 when slot and hole are in line
 * @param nmPerDegree how fast its torque rises, as stated or measured, N·m per degree; null where
 *     the curve of its pull tells, or nobody knows
 */
public record SlotAhead(double turnDeg, @Nullable Double nmPerDegree) {
  private static final double TURN_DEG = 360;
  private static final double MOST_NM_PER_DEGREE = 1000;

  public SlotAhead {
    Problems problems = new Problems().within(turnDeg, 0, TURN_DEG, "turnDeg");
    if (nmPerDegree != null) {
      problems.positive(nmPerDegree, MOST_NM_PER_DEGREE, "nmPerDegree");
    }
    problems.orThrow();
  }

  /**
   * As it was typed.
   *
   * @throws InvalidInput where a figure is none or out of range
   */
  public static SlotAhead parse(String turnDeg, @Nullable String nmPerDegree) {
    return new SlotAhead(
        DecimalText.parse(turnDeg, "turnDeg"),
        nmPerDegree == null || nmPerDegree.isBlank()
            ? null
            : (Double) DecimalText.parse(nmPerDegree, "nmPerDegree"));
  }

  /** Whether it can be pinned where it is. */
  public boolean isAligned() {
    return turnDeg == 0;
  }

  /** How far, in words. */
  public String words() {
    return isAligned()
        ? "slot and hole in line"
        : Figure.rounded(turnDeg, 1) + "° on to the next slot";
  }
}
