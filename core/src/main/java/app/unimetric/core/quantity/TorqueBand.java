package app.unimetric.core.quantity;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;

/**
 * A closed band of torque.
 *
 * @param minNm lower end, N·m
 * @param maxNm upper end, N·m, not below {@code minNm}
 */
public record TorqueBand(double minNm, double maxNm) {
  private static final double ROUNDING = 1e-9;

  public TorqueBand {
    Problems problems =
        new Problems()
            .within(minNm, 0, Torque.MAX_NM, "minNm")
            .within(maxNm, 0, Torque.MAX_NM, "maxNm");
    if (problems.isEmpty()) {
      problems.require(minNm <= maxNm, "minNm", "must not be above the maximum.");
    }
    problems.orThrow();
  }

  /**
   * @throws InvalidInput when an end is out of range or the lower is above the upper
   */
  public static TorqueBand of(double minNm, double maxNm) {
    return new TorqueBand(minNm, maxNm);
  }

  public double middleNm() {
    return (minNm + maxNm) / 2;
  }

  public double widthNm() {
    return maxNm - minNm;
  }

  /** Whether {@code torqueNm} lies in the band; a billionth of a part is forgiven to arithmetic. */
  public boolean contains(double torqueNm) {
    return torqueNm >= minNm * (1 - ROUNDING) && torqueNm <= maxNm * (1 + ROUNDING);
  }

  public boolean overlaps(TorqueBand other) {
    return minNm <= other.maxNm * (1 + ROUNDING) && other.minNm <= maxNm * (1 + ROUNDING);
  }

  /** The band of a pass at a share of the final torque. */
  public TorqueBand atPercent(double percent) {
    return new TorqueBand(minNm * percent / 100, maxNm * percent / 100);
  }
}
