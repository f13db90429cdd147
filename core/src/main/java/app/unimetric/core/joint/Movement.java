package app.unimetric.core.joint;

import app.unimetric.core.fastener.BearingFace;
import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.YoungModulus;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.thread.ScrewThread;
import org.jspecify.annotations.Nullable;

/**
 * What it means that a fastener moved on at a re-check before the tool clicked: that much clamp
 * load had gone.
 *
 * @param angleDeg how far it moved, degrees
 * @param lostN clamp load, N; null when the clamped parts are not known
 * @param words for a person
 */
public record Movement(double angleDeg, @Nullable Double lostN, String words) {
  /** Farthest a fastener is said to have moved, degrees: three turns. */
  public static final double MOST_DEG = 1080;

  /** Thickest that is clamped, mm. */
  public static final double MOST_GRIP_MM = 500;

  /**
   * Outer diameter of the clamped sleeve, in bolt diameters: an assumption, since nobody states it
   * for a movement.
   */
  private static final double SLEEVE_PER_DIAMETER = 2.5;

  private static final double N_PER_KN = 1000;
  private static final double MM_PER_M = 1000;
  private static final double PERCENT = 100;

  /**
   * ΔF = θ·(P/360°)/(δ_S + δ_P) of a steel bolt and steel parts (VDI 2230-1).
   *
   * @param gripMm thickness of what is clamped, mm; null when nobody measured it
   * @param aimNm the target it is checked at, N·m; null without one
   */
  public static Movement of(
      ScrewThread thread, double angleDeg, @Nullable Double gripMm, @Nullable Double aimNm) {
    Problems problems = new Problems().positive(angleDeg, MOST_DEG, "angleDeg");
    if (gripMm != null) {
      problems.positive(gripMm, MOST_GRIP_MM, "gripMm");
    }
    problems.orThrow();
    String moved = Figure.rounded(angleDeg, 0) + "° of " + thread.designation();
    if (gripMm == null) {
      return new Movement(
          angleDeg,
          null,
          moved + ": with the thickness of what is clamped it can be told what load had gone.");
    }
    BearingFace face = Head.HEX.face(thread);
    Grip grip =
        new Grip(gripMm, SLEEVE_PER_DIAMETER * thread.nominalDiameterMm(), YoungModulus.STEEL_MPA);
    double lost =
        Compliance.of(thread, face, YoungModulus.STEEL_MPA, grip).loadOfTurnN(angleDeg, thread);
    return new Movement(
        angleDeg,
        lost,
        moved
            + " through "
            + Figure.rounded(gripMm, 1)
            + " mm is about "
            + Figure.rounded(lost / N_PER_KN, 1)
            + " kN"
            + share(thread, face, lost, aimNm)
            + ", reckoned for steel.");
  }

  private static String share(
      ScrewThread thread, BearingFace face, double lostN, @Nullable Double aimNm) {
    if (aimNm == null) {
      return "";
    }
    double target =
        aimNm
            * MM_PER_M
            / TighteningTorque.leverMm(thread, face, FrictionCondition.UNKNOWN.nominal());
    return lostN >= target
        ? ", all of the clamp load at its target"
        : ", " + Math.round(PERCENT * lostN / target) + " % of the clamp load at its target";
  }
}
