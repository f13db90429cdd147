package app.unimetric.core.tool;

import app.unimetric.core.problem.Problems;

/**
 * A crowfoot or extension that moves the fastener away from the tool's drive.
 *
 * @param leverMm L, drive centre to mid-grip, mm
 * @param extensionMm E, drive centre to fastener centre, mm
 * @param angleDeg θ between lever and adapter, degrees; 0 straight out, 90 makes no difference
 */
public record Adapter(double leverMm, double extensionMm, double angleDeg) {
  public static final String SOURCE = "lever arithmetic, T_set = T·L/(L + E·cos θ)";

  public Adapter {
    Problems problems =
        new Problems()
            .positive(leverMm, 3000, "leverMm")
            .within(extensionMm, 0, 1000, "extensionMm")
            .within(angleDeg, -180, 180, "angleDeg");
    if (problems.isEmpty()) {
      problems.require(
          leverMm + extensionMm * Math.cos(Math.toRadians(angleDeg)) > 0.1 * leverMm,
          "extensionMm",
          "turns back over the lever so far that nothing is left of it; turn the adapter outward.");
    }
    problems.orThrow();
  }

  /** Applied torque for one of scale: (L + E·cos θ)/L. */
  public double factor() {
    double reach = Math.abs(angleDeg) == 90 ? 0 : extensionMm * Math.cos(Math.toRadians(angleDeg));
    return (leverMm + reach) / leverMm;
  }
}
