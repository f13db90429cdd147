package app.unimetric.core.fastener;

import app.unimetric.core.problem.Problems;

/**
 * The ring under a head or nut.
 *
 * @param outerDiameterMm d_w, mm
 * @param holeDiameterMm d_h, mm, smaller than d_w
 * @param coneDeg full angle of the seat, degrees: 180 for a flat one, 90 for a countersunk head
 * @param source where the diameters come from
 */
public record BearingFace(
    double outerDiameterMm, double holeDiameterMm, double coneDeg, String source) {
  private static final double FLAT_DEG = 180;

  public BearingFace {
    Problems problems =
        new Problems()
            .positive(outerDiameterMm, 500, "outerDiameterMm")
            .positive(holeDiameterMm, 500, "holeDiameterMm")
            .within(coneDeg, 30, FLAT_DEG, "coneDeg");
    if (problems.isEmpty()) {
      problems.require(
          holeDiameterMm < outerDiameterMm,
          "holeDiameterMm",
          "must be smaller than the bearing face around it.");
    }
    problems.orThrow();
  }

  /** A flat face. */
  public static BearingFace flat(double outerDiameterMm, double holeDiameterMm, String source) {
    return new BearingFace(outerDiameterMm, holeDiameterMm, FLAT_DEG, source);
  }

  /** D_Km = (d_w + d_h)/2, mm: where friction under the head acts on average (VDI 2230-1). */
  public double frictionDiameterMm() {
    return (outerDiameterMm + holeDiameterMm) / 2;
  }

  /**
   * D_Km/(2·sin(cone/2)), mm: head torque is F·μ_h times this. A cone wedges, so that the same
   * clamp load presses harder on it.
   */
  public double frictionLeverMm() {
    return frictionDiameterMm() / (2 * Math.sin(Math.toRadians(coneDeg / 2)));
  }

  /** π/4·(d_w² − d_h²), mm²: what the clamp load presses on, seen along the bolt. */
  public double areaMm2() {
    return Math.PI / 4 * (outerDiameterMm * outerDiameterMm - holeDiameterMm * holeDiameterMm);
  }
}
