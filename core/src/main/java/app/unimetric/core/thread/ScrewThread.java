package app.unimetric.core.thread;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.why.Derivation;
import java.util.List;

/**
 * A 60° thread by nominal diameter and pitch.
 *
 * @param nominalDiameterMm d, mm, 1 to 100
 * @param pitchMm P, mm, 0.01 to 10; at most a quarter of d, so that a core remains that can carry
 *     load
 * @param profile the standard it is made to
 */
public record ScrewThread(double nominalDiameterMm, double pitchMm, Profile profile) {
  /** Nothing finer is cut, mm. */
  private static final double FINEST_MM = 0.01;

  /** The inch standard's own figure, d0 = D − 0.9743·P (ASME B1.1). */
  private static final double UNIFIED_STRESS = 0.9743;

  public ScrewThread {
    Problems problems =
        new Problems()
            .within(nominalDiameterMm, 1, 100, "nominalDiameterMm")
            .within(pitchMm, FINEST_MM, 10, "pitchMm");
    if (problems.isEmpty()) {
      problems.require(
          pitchMm <= nominalDiameterMm / 4,
          "pitchMm",
          "is too coarse for this diameter; the pitch is the distance between two threads, in mm.");
    }
    problems.orThrow();
  }

  /** Of the ISO 68-1 profile. */
  public static ScrewThread of(double nominalDiameterMm, double pitchMm) {
    return new ScrewThread(nominalDiameterMm, pitchMm, Profile.ISO);
  }

  /**
   * Reads a designation: {@code M8} (coarse), {@code M10x1.25}, {@code 1/4-20 UNC}, {@code 1.375 in
   * × 24}.
   *
   * @throws InvalidInput when it is no designation or its coarse pitch is not known
   */
  public static ScrewThread parse(String designation) {
    return ThreadText.parse(designation).thread();
  }

  /** Whether a text names this thread, however it is written; a text that names none does not. */
  public boolean isWritten(String text) {
    try {
      return parse(text).designation().equals(designation());
    } catch (InvalidInput none) {
      return false;
    }
  }

  /** d2 = d − 0.649519·P, mm (ISO 724). */
  public double pitchDiameterMm() {
    return nominalDiameterMm - 0.649519 * pitchMm;
  }

  /** d3 = d − 1.226869·P, mm, the bolt's minor diameter (ISO 724, ISO 68-1 root). */
  public double minorDiameterMm() {
    return nominalDiameterMm - 1.226869 * pitchMm;
  }

  /** D1 = d − 1.082532·P, mm, the nut's minor diameter (ISO 724). */
  public double internalMinorDiameterMm() {
    return nominalDiameterMm - 1.082532 * pitchMm;
  }

  /** d0, mm, the diameter of the stress area: (d2 + d3)/2, of inch threads D − 0.9743·P. */
  public double stressDiameterMm() {
    return profile == Profile.UN
        ? nominalDiameterMm - UNIFIED_STRESS * pitchMm
        : (pitchDiameterMm() + minorDiameterMm()) / 2;
  }

  /** A_s = π/4·d0², mm² (ISO 898-1, 9.1.6.1; ASME B1.1, appendix B). */
  public double stressAreaMm2() {
    return Math.PI / 4 * stressDiameterMm() * stressDiameterMm();
  }

  /** The tangent of the lead angle, P/(π·d2). */
  public double leadTangent() {
    return pitchMm / (Math.PI * pitchDiameterMm());
  }

  /** Whether the pitch is the coarse one of ISO 262 for this diameter. */
  public boolean isCoarse() {
    return profile == Profile.ISO
        && CoarsePitch.of(nominalDiameterMm).filter(coarse -> coarse == pitchMm).isPresent();
  }

  /** {@code M8}, {@code M10×1.25}, {@code 1/4-20 UNC}, {@code 1.375 in × 24}. */
  public String designation() {
    return ThreadSeries.ownNameOf(this).orElseGet(this::metricName);
  }

  private String metricName() {
    return "M" + Figure.typed(nominalDiameterMm) + (isCoarse() ? "" : "×" + Figure.typed(pitchMm));
  }

  public List<Derivation> derivation() {
    return List.of(
        new Derivation("d2", pitchDiameterMm(), "mm", "d − 0.649519·P", "ISO 724"),
        new Derivation("d3", minorDiameterMm(), "mm", "d − 1.226869·P", "ISO 724"),
        new Derivation("D1", internalMinorDiameterMm(), "mm", "d − 1.082532·P", "ISO 724"),
        profile == Profile.UN
            ? new Derivation(
                "A_s", stressAreaMm2(), "mm²", "π/4·(D − 0.9743·P)²", "ASME B1.1, appendix B")
            : new Derivation(
                "A_s", stressAreaMm2(), "mm²", "π/4·((d2 + d3)/2)²", "ISO 898-1, 9.1.6.1"));
  }
}
