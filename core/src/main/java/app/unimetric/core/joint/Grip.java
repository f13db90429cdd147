package app.unimetric.core.joint;

import app.unimetric.core.problem.Problems;

/**
 * What is clamped between head and thread.
 *
 * @param lengthMm l_K, mm
 * @param outerDiameterMm D_A of the parts round the bolt, mm
 * @param youngMPa E of the parts, MPa
 */
public record Grip(double lengthMm, double outerDiameterMm, double youngMPa) {
  public Grip {
    new Problems()
        .positive(lengthMm, 2000, "lengthMm")
        .positive(outerDiameterMm, 2000, "outerDiameterMm")
        .within(youngMPa, 100, 1_000_000, "youngMPa")
        .orThrow();
  }
}
