package app.unimetric.core.joint;

/**
 * The clamp load a torque brings: a band, for friction scatters more than any tool.
 *
 * @param minN T_lo·(1 − a)/k(μ_max), N
 * @param nominalN T/k(μ_nom), N
 * @param maxN T_hi·(1 + a)/k(μ_min), N
 */
public record ClampLoad(double minN, double nominalN, double maxN) {
  public static final String SOURCE = "VDI 2230-1, worst case of torque, tool and friction";
  private static final double MM_PER_M = 1000;

  /** Prevailing torque is taken off before: F = (T − T_prev)/k. */
  public static ClampLoad of(BoltedJoint joint, AppliedTorque torque) {
    return new ClampLoad(
        torque.leastNm() * MM_PER_M / joint.leverMm(joint.friction().max()),
        torque.nominalNm() * MM_PER_M / joint.leverMm(joint.friction().nominal()),
        torque.greatestNm() * MM_PER_M / joint.leverMm(joint.friction().min()));
  }

  /** α_A = F_max/F_min (VDI 2230-1); infinite when nothing is sure to clamp. */
  public double tighteningFactor() {
    return maxN / minN;
  }
}
