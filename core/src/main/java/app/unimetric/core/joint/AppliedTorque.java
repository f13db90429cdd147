package app.unimetric.core.joint;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Torque;
import app.unimetric.core.quantity.TorqueBand;

/**
 * The torque that is brought on, with the doubt about it.
 *
 * @param band stated or set, N·m; both ends the same for a single value
 * @param deviation of the tool, a share: 0.04 for 4 %
 * @param prevailingNm what the thread takes before it clamps, N·m
 */
public record AppliedTorque(TorqueBand band, double deviation, double prevailingNm) {
  private static final double SMALL_NM = 10;
  private static final double SMALL_DEVIATION = 0.06;
  private static final double DEVIATION = 0.04;

  public AppliedTorque {
    new Problems()
        .positive(band.maxNm(), Torque.MAX_NM, "torqueNm")
        .within(deviation, 0, 0.5, "toolDeviationPercent")
        .within(prevailingNm, 0, Torque.MAX_NM, "prevailingNm")
        .require(
            prevailingNm < band.minNm() * (1 - deviation) || prevailingNm == 0,
            "prevailingNm",
            "takes all of the torque; nothing is left to clamp.")
        .orThrow();
  }

  /** Permissible deviation where none is stated: 6 % up to 10 N·m, 4 % above (ISO 6789-1). */
  public static double usualDeviation(double torqueNm) {
    return torqueNm <= SMALL_NM ? SMALL_DEVIATION : DEVIATION;
  }

  /** T_lo·(1 − a) − T_prev, N·m. */
  double leastNm() {
    return Math.max(band.minNm() * (1 - deviation) - prevailingNm, 0);
  }

  /** Middle of the band less what prevails, N·m. */
  double nominalNm() {
    return band.middleNm() - prevailingNm;
  }

  /** T_hi·(1 + a) − T_prev, N·m. */
  double greatestNm() {
    return band.maxNm() * (1 + deviation) - prevailingNm;
  }
}
