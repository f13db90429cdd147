package app.unimetric.core.joint;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.PermissibleDeviation;
import app.unimetric.core.quantity.Torque;
import app.unimetric.core.quantity.TorqueBand;
import org.jspecify.annotations.Nullable;

/**
 * The torque that is brought on, with the doubt about it.
 *
 * @param band stated or set, N·m; both ends the same for a single value
 * @param deviation of the tool, a share: 0.04 for 4 %
 * @param prevailingNm what the thread takes before it clamps, N·m
 */
public record AppliedTorque(TorqueBand band, double deviation, double prevailingNm) {
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

  /**
   * A torque with a tool's deviation.
   *
   * @param toolDeviationPercent percent; null for the permissible one of ISO 6789-1 by size
   * @param prevailingNm N·m; null for none
   */
  public static AppliedTorque of(
      TorqueBand band, @Nullable Double toolDeviationPercent, @Nullable Double prevailingNm) {
    return new AppliedTorque(
        band,
        PermissibleDeviation.of(toolDeviationPercent, band.middleNm()),
        prevailingNm == null ? 0 : prevailingNm);
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
