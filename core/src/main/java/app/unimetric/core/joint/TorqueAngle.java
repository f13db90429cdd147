package app.unimetric.core.joint;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Torque;
import app.unimetric.core.why.Derivation;
import app.unimetric.core.why.Why;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A bolt snugged to a torque and then turned by an angle.
 *
 * @param preloadN clamp load, N; past yield, the load at which it yields
 * @param torqueNm torque there, N·m; null past yield, where it no longer says anything
 * @param utilisation of yield; 1 past yield
 * @param yields whether the turn takes it past yield
 */
public record TorqueAngle(
    double preloadN,
    @Nullable Double torqueNm,
    double utilisation,
    boolean yields,
    List<String> reasons,
    List<Derivation> derivation) {

  /**
   * F = F_snug + θ·(P/360°)/(δ_S + δ_P), nominal friction (VDI 2230-1).
   *
   * @param snugNm snug torque, N·m
   * @param angleDeg further turn, degrees
   * @throws InvalidInput when the grip is not known
   */
  public static TorqueAngle of(BoltedJoint joint, double snugNm, double angleDeg) {
    new Problems()
        .within(snugNm, 0, Torque.MAX_NM, "snugNm")
        .within(angleDeg, 0, 3600, "angleDeg")
        .orThrow();
    Compliance compliance = joint.compliance();
    if (compliance == null) {
      throw InvalidInput.at("grip", "is missing: without it a turn cannot be told in load.");
    }
    Friction nominal = joint.friction().nominal();
    double lever = joint.leverMm(nominal);
    double snugN = snugNm * 1000 / lever;
    double addedN = compliance.loadOfTurnN(angleDeg, joint.thread());
    double load = snugN + addedN;
    double utilisation = joint.utilisationAt(load, nominal);
    Why why =
        new Why()
            .derive("F_snug", snugN, "N", "T_snug/k", TighteningTorque.SOURCE)
            .derive("ΔF", addedN, "N", "θ·(P/360°)/(δ_S + δ_P)", Compliance.SOURCE);
    if (utilisation <= 1) {
      why.because("Elastic all the way: load rises in step with the angle, whatever the friction.");
      return new TorqueAngle(
          load, load * lever / 1000, utilisation, false, why.reasons(), why.derivation());
    }
    double atYield = joint.yieldPoint(nominal).preloadN();
    why.derive("F_y", atYield, "N", "σ_v = R_p0.2", AssemblyPreload.SOURCE);
    why.because(
        "The turn takes the bolt past yield: the load stays near the one shown, and the bolt is used once.");
    return new TorqueAngle(atYield, null, 1, true, why.reasons(), why.derivation());
  }
}
