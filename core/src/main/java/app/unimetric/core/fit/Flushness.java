package app.unimetric.core.fit;

import app.unimetric.core.carbon.GapCheck;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.why.Derivation;
import app.unimetric.core.why.Why;
import java.util.List;

/**
 * Whether a cup sits flush, by feelers round its rim.
 *
 * @param tiltMm by how much it leans, from its lowest to its highest place on the rim
 * @param tiltAtDeg where the gap is widest, from the first reading on
 * @param fittedMm what the lean alone would leave at each place
 * @param touches whether it touches anywhere
 * @param inShort with what the gaps may be wrong by
 */
public record Flushness(
    double tiltMm,
    double tiltAtDeg,
    boolean touches,
    List<Double> fittedMm,
    Verdict verdict,
    FitVerdict inShort,
    List<String> reasons,
    List<Derivation> derivation)
    implements Judged {
  private static final String SOURCE = "workshop rule; least squares";
  private static final double MOST_MM = 50;
  private static final double MOST_UNCERTAINTY_MM = 1;
  private static final double ROUNDING_MM = 1e-9;

  /** A gap is closed where the thinnest feeler does not enter. */
  private static final double BELOW_CLOSED_MM = GapCheck.CLOSED_MM - 1e-6;

  /** How it sits. */
  public enum Verdict {
    /** Closed all the way round. */
    FLUSH,
    /** It touches on one side and gapes on the other. */
    TILTED,
    /** It touches here and there, and what gapes does not lean: something lies under it. */
    UNEVEN,
    /** It touches nowhere: it is not home. */
    NOT_HOME
  }

  @Override
  public List<String> fails() {
    if (inShort == FitVerdict.TOO_CLOSE) {
      return List.of("readingsMm");
    }
    return switch (verdict) {
      case FLUSH -> List.of();
      case TILTED -> List.of("tiltMm");
      case UNEVEN, NOT_HOME -> List.of("readingsMm");
    };
  }

  /**
   * Judges readings.
   *
   * @param readingsMm gaps at 4 or more places, equally spaced; 0 where the thinnest feeler does
   *     not enter
   * @param measuredToMm by how much a gap may be wrong, either way
   */
  public static Flushness of(List<Double> readingsMm, double measuredToMm) {
    Problems problems = new Problems().within(measuredToMm, 0, MOST_UNCERTAINTY_MM, "measuredToMm");
    for (int i = 0; i < Math.min(readingsMm.size(), 720); i++) {
      problems.within(readingsMm.get(i), 0, MOST_MM, "readingsMm[" + i + "]");
    }
    problems.orThrow();
    Harmonic h = Harmonic.of(readingsMm, null, Harmonic.FEWEST, "readingsMm");
    double tilt = 2 * h.amplitude();
    double least = readingsMm.stream().mapToDouble(Double::doubleValue).min().orElse(0);
    double most = readingsMm.stream().mapToDouble(Double::doubleValue).max().orElse(0);
    boolean touches = least < GapCheck.CLOSED_MM - ROUNDING_MM;
    Verdict verdict =
        !touches
            ? Verdict.NOT_HOME
            : most < GapCheck.CLOSED_MM - ROUNDING_MM
                ? Verdict.FLUSH
                : tilt >= h.residual() ? Verdict.TILTED : Verdict.UNEVEN;
    Why why =
        new Why()
            .derive("t", tilt, "mm", "2·√(a² + b²) of z = m + a·cos φ + b·sin φ", SOURCE)
            .derive("φ_t", h.highAtDeg(), "°", "atan2(b, a)", SOURCE)
            .derive("g_min", least, "mm", "narrowest gap", SOURCE)
            .derive("g_max", most, "mm", "widest gap", SOURCE);
    FitVerdict inShort = FitWindow.atMost(BELOW_CLOSED_MM).judge(most, measuredToMm);
    if (inShort == FitVerdict.TOO_CLOSE) {
      why.because(
          "Too close to call whether it is home: measure the gap to ± "
              + Figure.fixed(Math.abs(most - GapCheck.CLOSED_MM), 2)
              + " mm or better.");
    }
    String widest = Figure.fixed(most, 2) + " mm";
    switch (verdict) {
      case FLUSH -> why.because("It is home all the way round.");
      case NOT_HOME ->
          why.because(
              "It touches nowhere, "
                  + Figure.fixed(least, 2)
                  + " mm at the least: it is not home. Press on, or look for what holds it up.");
      case TILTED ->
          why.because(
              "It leans: the gap is widest at "
                  + Math.round(h.highAtDeg())
                  + "°, "
                  + widest
                  + ". Draw it out and press it square, with a guide in the other side.");
      case UNEVEN ->
          why.because(
              "It gapes by "
                  + widest
                  + " without leaning: something lies under it, or the face is not true. Out again,"
                  + " clean and look.");
    }
    return new Flushness(
        tilt,
        h.highAtDeg(),
        touches,
        h.fitted(readingsMm),
        verdict,
        inShort,
        why.reasons(),
        why.derivation());
  }
}
