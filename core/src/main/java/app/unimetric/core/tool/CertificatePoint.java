package app.unimetric.core.tool;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Torque;
import org.jspecify.annotations.Nullable;

/**
 * One point of a calibration certificate.
 *
 * @param setNm what the tool was set to or showed, N·m
 * @param measuredNm what the calibration device measured, N·m
 * @param statedPercent the deviation as the certificate prints it; null where it does not
 */
public record CertificatePoint(double setNm, double measuredNm, @Nullable Double statedPercent) {
  private static final double PERCENT = 100;

  /** A certificate rounds to a tenth of a percent. */
  private static final double ROUNDING_PERCENT = 0.15;

  public CertificatePoint {
    Problems problems =
        new Problems()
            .positive(setNm, Torque.MAX_NM, "set")
            .positive(measuredNm, Torque.MAX_NM, "measured");
    if (statedPercent != null) {
      problems.within(statedPercent, -PERCENT, PERCENT, "stated");
    }
    problems.orThrow();
  }

  /** 100·(set − measured)/measured, percent (ISO 6789-1). */
  public double deviationPercent() {
    return PERCENT * (setNm - measuredNm) / measuredNm;
  }

  /** Whether the printed deviation is that of the printed figures, with either sign. */
  boolean isStatedRight() {
    return statedPercent == null
        || Math.abs(Math.abs(statedPercent) - Math.abs(deviationPercent())) <= ROUNDING_PERCENT;
  }
}
