package app.unimetric.core.joint;

import app.unimetric.core.fastener.BearingFace;
import app.unimetric.core.thread.ScrewThread;

/**
 * The tie between torque and clamp load, T = F·k (VDI 2230-1 in its exact form, which reproduces
 * the published tables).
 */
public final class TighteningTorque {
  public static final String SOURCE = "VDI 2230-1, assembly torque, exact form";
  private static final double COS_HALF_FLANK = Math.cos(Math.toRadians(30));

  private TighteningTorque() {}

  /**
   * k in mm: N·mm of torque per N of clamp load.
   *
   * <p>k = (d2/2)·tan(φ + ρ′) + μ_h·D_Km/2 (for a cone over sin of its half angle) with tan φ =
   * P/(π·d2) and tan ρ′ = μ_th/cos 30°.
   */
  public static double leverMm(ScrewThread thread, BearingFace face, Friction friction) {
    return thread.pitchDiameterMm() / 2 * tanThread(thread, friction)
        + friction.head() * face.frictionLeverMm();
  }

  /** Torque in N·m that brings {@code loadN} of clamp load. */
  public static double torqueNm(
      double loadN, ScrewThread thread, BearingFace face, Friction friction) {
    return loadN * leverMm(thread, face, friction) / 1000;
  }

  /** Clamp load in N that {@code torqueNm} brings. */
  public static double loadN(
      double torqueNm, ScrewThread thread, BearingFace face, Friction friction) {
    return torqueNm * 1000 / leverMm(thread, face, friction);
  }

  /**
   * The torque in N·m that brings the same clamp load under another friction: T₂ = T₁·k(μ₂)/k(μ₁).
   */
  public static double sameLoadNm(
      double torqueNm, ScrewThread thread, BearingFace face, Friction from, Friction to) {
    return torqueNm * leverMm(thread, face, to) / leverMm(thread, face, from);
  }

  /** tan(φ + ρ′), the thread's part. */
  static double tanThread(ScrewThread thread, Friction friction) {
    double lead = Math.atan(thread.leadTangent());
    double angleOfFriction = Math.atan(friction.thread() / COS_HALF_FLANK);
    return Math.tan(lead + angleOfFriction);
  }
}
