package app.unimetric.core.fastener;

import app.unimetric.core.problem.Problems;

/**
 * The ring under a head or nut.
 *
 * @param outerDiameterMm d_w, mm
 * @param holeDiameterMm d_h, mm, smaller than d_w
 * @param source where the diameters come from
 */
public record BearingFace(double outerDiameterMm, double holeDiameterMm, String source) {
  public BearingFace {
    Problems problems =
        new Problems()
            .positive(outerDiameterMm, 500, "outerDiameterMm")
            .positive(holeDiameterMm, 500, "holeDiameterMm");
    if (problems.isEmpty()) {
      problems.require(
          holeDiameterMm < outerDiameterMm,
          "holeDiameterMm",
          "must be smaller than the bearing face around it.");
    }
    problems.orThrow();
  }

  /** D_Km = (d_w + d_h)/2, mm: where friction under the head acts on average (VDI 2230-1). */
  public double frictionDiameterMm() {
    return (outerDiameterMm + holeDiameterMm) / 2;
  }
}
