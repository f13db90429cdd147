package app.unimetric.core.tool;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import java.util.ArrayList;
import java.util.List;

/**
 * What a calibration came to, judged point by point (ISO 6789-1: at 20, 60 and 100 % of the
 * maximum).
 *
 * @param points as the certificate states them
 * @param maxNm of the tool, N·m
 * @param permissiblePercent how far it may be off, percent
 */
public record Certificate(List<CertificatePoint> points, double maxNm, double permissiblePercent) {
  /** Where ISO 6789-1 wants a tool tried, as shares of its maximum. */
  private static final double[] WANTED = {0.2, 0.6, 1.0};

  /** A point counts for a place within this share of the maximum. */
  private static final double NEAR = 0.1;

  private static final int MOST_POINTS = 60;
  private static final double ROUNDING = 1e-9;
  private static final double PERCENT = 100;

  public Certificate {
    points = List.copyOf(points);
    new Problems()
        .require(
            !points.isEmpty() && points.size() <= MOST_POINTS,
            "points",
            "must hold 1 to 60 points of the certificate.")
        .orThrow();
  }

  /** Of a tool as it is kept in the crib. */
  public static Certificate of(List<CertificatePoint> points, CribTool tool) {
    return new Certificate(points, tool.tool().maxNm(), tool.tool().deviation() * PERCENT);
  }

  /** The largest deviation of any point, percent, without its sign. */
  public double worstPercent() {
    return points.stream().mapToDouble(p -> Math.abs(p.deviationPercent())).max().orElse(0);
  }

  public boolean passes() {
    return worstPercent() <= permissiblePercent + ROUNDING;
  }

  /** In words, the verdict first. */
  public List<String> reasons() {
    List<String> reasons = new ArrayList<>();
    reasons.add(
        passes()
            ? "Passed: off by "
                + Figure.fixed(worstPercent(), 1)
                + " % at the most, ± "
                + Figure.rounded(permissiblePercent, 1)
                + " % is allowed."
            : "Failed: off by "
                + Figure.fixed(worstPercent(), 1)
                + " %, only ± "
                + Figure.rounded(permissiblePercent, 1)
                + " % is allowed.");
    for (double share : WANTED) {
      if (points.stream().noneMatch(p -> Math.abs(p.setNm() / maxNm - share) <= NEAR + ROUNDING)) {
        reasons.add(
            "No point near "
                + Math.round(share * PERCENT)
                + " % of the maximum: what the tool does there is not known.");
      }
    }
    for (CertificatePoint p : points) {
      if (!p.isStatedRight()) {
        reasons.add(
            "At "
                + Figure.rounded(p.setNm(), 2)
                + " N·m the certificate prints another deviation than its figures give ("
                + Figure.fixed(p.deviationPercent(), 1)
                + " %); ask who wrote it.");
      }
    }
    return reasons;
  }
}
