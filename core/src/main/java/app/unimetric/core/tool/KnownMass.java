package app.unimetric.core.tool;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.Gravity;
import app.unimetric.core.quantity.Torque;

/**
 * A tool tried in the shop with a known mass on its arm: T = m·g·L·cos θ. Says that a tool is
 * astray; a calibration it is not.
 *
 * @param massKg hung from the arm, kg
 * @param massOffKg how far the mass may be off, kg
 * @param armMm from the axis of the drive to where it hangs, mm
 * @param armOffMm how far that may be off, mm
 * @param angleDeg of the arm from level, degrees
 * @param readingNm what the tool showed, or was set to when it clicked, N·m
 * @param readingOffNm half a mark of its scale, N·m; 0 where it has none
 * @param permissiblePercent how far the tool may be off, percent
 */
public record KnownMass(
    double massKg,
    double massOffKg,
    double armMm,
    double armOffMm,
    double angleDeg,
    double readingNm,
    double readingOffNm,
    double permissiblePercent) {
  private static final double MOST_KG = 200;
  private static final double MOST_MM = 3000;
  private static final double STEEPEST_DEG = 30;
  private static final double PERCENT = 100;
  private static final double MM = 1000;

  /** What a check in the shop came to. */
  public enum Outcome {
    PASSED,
    FAILED,
    /** The uncertainty of mass and arm reaches over the limit. */
    TOO_CLOSE
  }

  public KnownMass {
    Problems problems =
        new Problems()
            .positive(massKg, MOST_KG, "massKg")
            .positive(armMm, MOST_MM, "armMm")
            .within(angleDeg, -STEEPEST_DEG, STEEPEST_DEG, "angleDeg")
            .positive(readingNm, Torque.MAX_NM, "reading");
    if (problems.isEmpty()) {
      problems
          .within(massOffKg, 0, massKg, "massOffKg")
          .within(armOffMm, 0, armMm, "armOffMm")
          .within(readingOffNm, 0, readingNm, "reading");
    }
    problems.orThrow();
  }

  /** What hangs there turns with, N·m. */
  public double torqueNm() {
    return massKg * Gravity.STANDARD * armMm / MM * Math.cos(Math.toRadians(angleDeg));
  }

  /** 100·(indicated − true)/true, percent. */
  public double deviationPercent() {
    return PERCENT * (readingNm - torqueNm()) / torqueNm();
  }

  /** How far that figure may itself be off: √((Δm/m)² + (ΔL/L)² + (ΔT/T)²), percent. */
  public double uncertaintyPercent() {
    double mass = massOffKg / massKg;
    double arm = armOffMm / armMm;
    double reading = readingOffNm / readingNm;
    return PERCENT * Math.sqrt(mass * mass + arm * arm + reading * reading);
  }

  public Outcome outcome() {
    double off = Math.abs(deviationPercent());
    double unsure = uncertaintyPercent();
    return off + unsure <= permissiblePercent
        ? Outcome.PASSED
        : off - unsure > permissiblePercent ? Outcome.FAILED : Outcome.TOO_CLOSE;
  }

  /** In words. */
  public String words() {
    String figures =
        "The mass gives "
            + Figure.fixed(torqueNm(), 2)
            + " N·m (m·g·L·cos θ), the tool said "
            + Figure.fixed(readingNm, 2)
            + ": off by "
            + Figure.fixed(deviationPercent(), 1)
            + " %, sure to ± "
            + Figure.fixed(uncertaintyPercent(), 1)
            + " %; ± "
            + Figure.rounded(permissiblePercent, 1)
            + " % is allowed. ";
    return switch (outcome()) {
      case PASSED -> figures + "It held; its calibration is due when it was.";
      case FAILED -> figures + "It failed: out of use until it is calibrated.";
      case TOO_CLOSE ->
          figures + "Too close to tell: weigh and measure better, or hang more mass on it.";
    };
  }
}
