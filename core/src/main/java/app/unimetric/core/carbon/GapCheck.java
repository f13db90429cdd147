package app.unimetric.core.carbon;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import java.util.Collections;
import java.util.List;

/**
 * Whether a faceplate closes evenly, measured at its corners.
 *
 * @param differenceMm widest less narrowest gap, mm
 * @param even whether that is at most 0.3 mm
 */
public record GapCheck(double differenceMm, boolean even) {
  public static final double MOST_DIFFERENCE_MM = 0.3;
  private static final double ROUNDING_MM = 1e-9;

  /**
   * @param gapsMm 2 to 16 gaps, mm
   * @throws InvalidInput when a gap is negative or there are too few
   */
  public static GapCheck of(List<Double> gapsMm) {
    Problems problems =
        new Problems()
            .require(gapsMm.size() >= 2 && gapsMm.size() <= 16, "gapsMm", "needs 2 to 16 gaps.");
    for (int i = 0; i < Math.min(gapsMm.size(), 16); i++) {
      problems.within(gapsMm.get(i), 0, 50, "gapsMm[" + i + "]");
    }
    problems.orThrow();
    double difference = Collections.max(gapsMm) - Collections.min(gapsMm);
    return new GapCheck(difference, difference <= MOST_DIFFERENCE_MM + ROUNDING_MM);
  }
}
