package app.unimetric.core.joint;

import app.unimetric.core.problem.Problems;
import java.util.SplittableRandom;

/**
 * Clamp load of many bolts tightened alike, by chance: torque, thread friction and head friction
 * are drawn by themselves, each from a triangle over its band with its peak at the nominal value.
 *
 * @param p1N 1st percentile, N, and so on
 * @param chanceAboveYield share of draws past yield
 * @param chanceBelowFloor share of draws below the floor; 0 without one
 */
public record Scatter(
    double p1N,
    double p5N,
    double p50N,
    double p95N,
    double p99N,
    double chanceAboveYield,
    double chanceBelowFloor) {
  public static final int MOST_DRAWS = 1_000_000;
  public static final String SOURCE = "Monte Carlo, triangular over each band, seeded";
  private static final double COS_HALF_FLANK = Math.cos(Math.toRadians(30));

  /**
   * Draws; the same seed brings the same answer.
   *
   * @param draws 100 to 1 000 000
   */
  public static Scatter of(BoltedJoint joint, AppliedTorque torque, int draws, long seed) {
    new Problems()
        .require(
            draws >= 100 && draws <= MOST_DRAWS,
            "draws",
            "must be a whole number from 100 to 1 000 000.")
        .orThrow();
    FrictionBand band = joint.friction();
    Triangle nm = new Triangle(torque.leastNm(), torque.nominalNm(), torque.greatestNm());
    Triangle thread =
        new Triangle(band.min().thread(), band.nominal().thread(), band.max().thread());
    Triangle head = new Triangle(band.min().head(), band.nominal().head(), band.max().head());
    double lead = joint.thread().leadTangent();
    double halfPitchDiameter = joint.thread().pitchDiameterMm() / 2;
    double headLever = joint.face().frictionLeverMm();
    double area = joint.thread().stressAreaMm2();
    double torsionPerTangent =
        1.5 * joint.thread().pitchDiameterMm() / joint.thread().stressDiameterMm();
    double yieldSquared = joint.yieldMPa() * joint.yieldMPa();
    Double floor = ClampLimits.of(joint).floorN();
    double least = floor == null ? 0 : floor;
    SplittableRandom random = new SplittableRandom(seed);
    double[] loads = new double[draws];
    int yielded = 0;
    int low = 0;
    for (int i = 0; i < draws; i++) {
      double tanFriction = thread.at(random.nextDouble()) / COS_HALF_FLANK;
      // tan(φ + ρ′) by the sum of tangents: no trigonometry in the loop.
      double tangent = (lead + tanFriction) / (1 - lead * tanFriction);
      double lever = halfPitchDiameter * tangent + head.at(random.nextDouble()) * headLever;
      double load = nm.at(random.nextDouble()) * 1000 / lever;
      loads[i] = load;
      double tension = load / area;
      double torsion = torsionPerTangent * tangent;
      if (tension * tension * (1 + 3 * torsion * torsion) > yieldSquared) {
        yielded++;
      }
      if (load < least) {
        low++;
      }
    }
    Percentiles p = new Percentiles(loads);
    return new Scatter(
        p.at(0.01),
        p.at(0.05),
        p.at(0.50),
        p.at(0.95),
        p.at(0.99),
        (double) yielded / draws,
        (double) low / draws);
  }

  /** The inverse of a triangular distribution. */
  private static final class Triangle {
    private final double min;
    private final double max;
    private final double peakShare;
    private final double rising;
    private final double falling;

    Triangle(double min, double peak, double max) {
      this.min = min;
      this.max = max;
      this.peakShare = max > min ? (peak - min) / (max - min) : 0;
      this.rising = (max - min) * (peak - min);
      this.falling = (max - min) * (max - peak);
    }

    double at(double share) {
      return share < peakShare
          ? min + Math.sqrt(share * rising)
          : max - Math.sqrt((1 - share) * falling);
    }
  }
}
