package app.unimetric.core.joint;

import app.unimetric.core.fastener.BearingFace;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.thread.ScrewThread;

/**
 * How far bolt and clamped parts give per newton (VDI 2230-1, 5.1).
 *
 * @param boltMmPerN δ_S
 * @param partsMmPerN δ_P
 */
public record Compliance(double boltMmPerN, double partsMmPerN) {
  public static final String SOURCE = "VDI 2230-1, 5.1, bolt threaded over its grip";
  private static final double HEAD_PER_D = 0.5;
  private static final double ENGAGED_PER_D = 0.5;
  private static final double NUT_PER_D = 0.4;
  private static final double FULL_TURN_DEG = 360;

  /**
   * Bolt: head 0.5·d on the shank area, grip and 0.5·d of engaged thread on the core, nut 0.4·d.
   * Parts: sleeve, cone or cone and sleeve by outer diameter; a bolt through to a nut.
   *
   * @param boltYoungMPa E of the bolt, MPa
   * @throws InvalidInput when the parts are not larger than the hole
   */
  public static Compliance of(
      ScrewThread thread, BearingFace face, double boltYoungMPa, Grip grip) {
    if (grip.outerDiameterMm() <= face.holeDiameterMm()) {
      throw InvalidInput.at(
          "grip.outerDiameterMm", "must be larger than the hole the bolt passes through.");
    }
    double d = thread.nominalDiameterMm();
    double shank = Math.PI / 4 * d * d;
    double core = Math.PI / 4 * thread.minorDiameterMm() * thread.minorDiameterMm();
    double bolt =
        ((HEAD_PER_D + NUT_PER_D) * d / shank + (grip.lengthMm() + ENGAGED_PER_D * d) / core)
            / boltYoungMPa;
    return new Compliance(bolt, parts(face, grip));
  }

  private static double parts(BearingFace face, Grip grip) {
    double dw = Math.min(face.outerDiameterMm(), grip.outerDiameterMm());
    double dh = face.holeDiameterMm();
    double da = grip.outerDiameterMm();
    double l = grip.lengthMm();
    double e = grip.youngMPa();
    if (dw >= da) {
      return 4 * l / (e * Math.PI * (da * da - dh * dh));
    }
    double tan = coneTangent(l / dw, da / dw);
    double coneEnd = dw + l * tan;
    double widest = Math.min(coneEnd, da);
    double cone =
        2 / (dh * tan) * Math.log((dw + dh) * (widest - dh) / ((dw - dh) * (widest + dh)));
    double sleeve = coneEnd <= da ? 0 : 4 / (da * da - dh * dh) * (l - (da - dw) / tan);
    return (cone + sleeve) / (e * Math.PI);
  }

  /** Width of the pressure cone half way through the grip, mm, at most that of the parts. */
  static double coneMm(BearingFace face, Grip grip) {
    double dw = face.outerDiameterMm();
    double da = grip.outerDiameterMm();
    return dw >= da
        ? da
        : Math.min(da, dw + grip.lengthMm() * coneTangent(grip.lengthMm() / dw, da / dw));
  }

  /** tan φ_D = 0.362 + 0.032·ln(β/2) + 0.153·ln y, kept within the range it was fitted for. */
  private static double coneTangent(double beta, double y) {
    double tan = 0.362 + 0.032 * Math.log(beta / 2) + 0.153 * Math.log(Math.min(y, 10));
    return Math.min(Math.max(tan, 0.2), 0.8);
  }

  /** Clamp load per mm of stretch, N/mm. */
  public double newtonsPerMm() {
    return 1 / (boltMmPerN + partsMmPerN);
  }

  /** ΔF = θ·(P/360°)/(δ_S + δ_P), N, for a turn of the nut in degrees. */
  public double loadOfTurnN(double angleDeg, ScrewThread thread) {
    return angleDeg * thread.pitchMm() / FULL_TURN_DEG * newtonsPerMm();
  }

  /** The turn, degrees, that adds this load: the inverse of {@link #loadOfTurnN}. */
  public double turnOfLoadDeg(double loadN, ScrewThread thread) {
    return loadN / newtonsPerMm() / thread.pitchMm() * FULL_TURN_DEG;
  }
}
