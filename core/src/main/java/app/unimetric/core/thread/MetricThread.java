package app.unimetric.core.thread;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.DecimalText;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.why.Derivation;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A 60° thread of the ISO 68-1 profile by nominal diameter and pitch.
 *
 * @param nominalDiameterMm d, mm, 1 to 100
 * @param pitchMm P, mm, 0.01 to 10; at most a quarter of d, so that a core remains that can carry
 *     load
 */
public record MetricThread(double nominalDiameterMm, double pitchMm) {
  /** Nothing finer is cut, mm. */
  private static final double FINEST_MM = 0.01;

  private static final Pattern DESIGNATION =
      Pattern.compile(
          "[Mm]\\s*(\\d{1,3}(?:[.,]\\d{1,3})?)(?:\\s*[x×X*]\\s*(\\d{1,2}(?:[.,]\\d{1,3})?))?");

  public MetricThread {
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

  public static MetricThread of(double nominalDiameterMm, double pitchMm) {
    return new MetricThread(nominalDiameterMm, pitchMm);
  }

  /**
   * Reads a designation: {@code M8} (coarse), {@code M10x1.25}, {@code m6 × 1}.
   *
   * @throws InvalidInput when it is no designation or its coarse pitch is not known
   */
  public static MetricThread parse(String designation) {
    Matcher m = DESIGNATION.matcher(designation.strip());
    if (!m.matches()) {
      throw InvalidInput.at("", "A thread is written like M8 or M10x1.25.");
    }
    double d = DecimalText.parse(m.group(1), "");
    String pitch = m.group(2);
    if (pitch != null) {
      return of(d, DecimalText.parse(pitch, ""));
    }
    return of(
        d,
        CoarsePitch.of(d)
            .orElseThrow(
                () ->
                    InvalidInput.at(
                        "",
                        "M"
                            + m.group(1)
                            + " has no coarse pitch on file; write the pitch too, like M9x1.")));
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

  /** d0 = (d2 + d3)/2, mm, the diameter of the stress area. */
  public double stressDiameterMm() {
    return (pitchDiameterMm() + minorDiameterMm()) / 2;
  }

  /** A_s = π/4·((d2 + d3)/2)², mm² (ISO 898-1, 9.1.6.1). */
  public double stressAreaMm2() {
    return Math.PI / 4 * stressDiameterMm() * stressDiameterMm();
  }

  /** The tangent of the lead angle, P/(π·d2). */
  public double leadTangent() {
    return pitchMm / (Math.PI * pitchDiameterMm());
  }

  /** Whether the pitch is the coarse one of ISO 262 for this diameter. */
  public boolean isCoarse() {
    return CoarsePitch.of(nominalDiameterMm).filter(coarse -> coarse == pitchMm).isPresent();
  }

  /** {@code M8} or {@code M10×1.25}. */
  public String designation() {
    return "M" + Figure.typed(nominalDiameterMm) + (isCoarse() ? "" : "×" + Figure.typed(pitchMm));
  }

  public List<Derivation> derivation() {
    return List.of(
        new Derivation("d2", pitchDiameterMm(), "mm", "d − 0.649519·P", "ISO 724"),
        new Derivation("d3", minorDiameterMm(), "mm", "d − 1.226869·P", "ISO 724"),
        new Derivation("D1", internalMinorDiameterMm(), "mm", "d − 1.082532·P", "ISO 724"),
        new Derivation("A_s", stressAreaMm2(), "mm²", "π/4·((d2 + d3)/2)²", "ISO 898-1, 9.1.6.1"));
  }
}
