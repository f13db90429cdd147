package app.unimetric.core.joint;

import app.unimetric.core.fastener.BearingFace;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.thread.ScrewThread;

/**
 * Clamp load and torque at which a bolt reaches a share of its yield strength while it is being
 * tightened (VDI 2230-1, table A1 basis).
 *
 * @param preloadN F_M, N
 * @param torqueNm T at that load, N·m
 */
public record AssemblyPreload(double preloadN, double torqueNm) {
  /** The usual share of yield, ν. */
  public static final double USUAL_UTILISATION = 0.9;

  public static final String SOURCE = "VDI 2230-1, assembly preload at utilisation ν";

  /**
   * σ_M = ν·R_p0.2 / √(1 + 3·[(3·d2/(2·d0))·tan(φ + ρ′)]²), F_M = σ_M·A_s.
   *
   * @param yieldMPa R_p0.2, MPa
   * @param utilisation ν, above 0 and at most 1
   */
  public static AssemblyPreload at(
      double utilisation,
      double yieldMPa,
      ScrewThread thread,
      BearingFace face,
      Friction friction) {
    new Problems()
        .positive(utilisation, 1, "utilisation")
        .positive(yieldMPa, 3000, "yieldMPa")
        .orThrow();
    double torsion =
        3
            * thread.pitchDiameterMm()
            / (2 * thread.stressDiameterMm())
            * TighteningTorque.tanThread(thread, friction);
    double stressMPa = utilisation * yieldMPa / Math.sqrt(1 + 3 * torsion * torsion);
    double preloadN = stressMPa * thread.stressAreaMm2();
    return new AssemblyPreload(
        preloadN, TighteningTorque.torqueNm(preloadN, thread, face, friction));
  }
}
