package app.unimetric.core.fit;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.why.Derivation;
import app.unimetric.core.why.Why;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A rotor dialled round one turn: what of it leans, what of it is bent, and how thick it is.
 *
 * @param totalMm total indicated reading
 * @param wobbleMm what rises and falls once a turn, peak to peak: a bent rotor, a bent hub face or
 *     dirt under it
 * @param wobbleAtDeg where that is highest
 * @param residualMm what is left, peak to peak: a warp or a dent
 * @param fittedMm what the wobble alone would read at each place
 * @param inShort with what the readings may be wrong by
 * @param thicknessVariationMm thickest less thinnest; null where the thickness was not read
 */
public record Runout(
    double totalMm,
    double wobbleMm,
    double wobbleAtDeg,
    double residualMm,
    @Nullable Double thicknessVariationMm,
    List<Double> fittedMm,
    Verdict verdict,
    FitVerdict inShort,
    List<String> reasons,
    List<Derivation> derivation)
    implements Judged {
  /** Fewer readings do not tell a dent from a wobble. */
  public static final int FEWEST = 8;

  /** From which variation of thickness on it is felt at the lever. */
  public static final double PULSES_MM = 0.05;

  private static final String SOURCE = "workshop rule; least squares";
  private static final double MOST_MM = 100;
  private static final double MOST_UNCERTAINTY_MM = 1;
  private static final double ROUNDING_MM = 1e-9;

  /** What is wrong, the worst first. */
  public enum Verdict {
    /** Below its limit of thickness: it is replaced whatever else. */
    WORN,
    /** Most of what is too much does not lean: it is warped or dented. */
    WARPED,
    /** Most of what is too much rises and falls once a turn: look under it before replacing it. */
    WOBBLE,
    /** Within its limit. */
    TRUE
  }

  /** How thick it is, and may be. */
  public record Thickness(List<Double> readingsMm, double minimumMm) {
    public Thickness {
      readingsMm = List.copyOf(readingsMm);
      Problems problems =
          new Problems()
              .require(
                  !readingsMm.isEmpty() && readingsMm.size() <= 720,
                  "thicknessReadingsMm",
                  "needs 1 to 720 readings.")
              .positive(minimumMm, MOST_MM, "minimumThicknessMm");
      for (int i = 0; i < Math.min(readingsMm.size(), 720); i++) {
        problems.positive(readingsMm.get(i), MOST_MM, "thicknessReadingsMm[" + i + "]");
      }
      problems.orThrow();
    }

    double thinnestMm() {
      return readingsMm.stream().mapToDouble(Double::doubleValue).min().orElse(0);
    }
  }

  /**
   * Judges readings of a dial.
   *
   * @param readingsMm 8 or more round one turn
   * @param anglesDeg where each was taken; null for equally spaced
   * @param limitMm most total indicated reading allowed
   * @param thickness null where it was not read
   * @param measuredToMm by how much each reading may be wrong, either way
   */
  public static Runout of(
      List<Double> readingsMm,
      @Nullable List<Double> anglesDeg,
      double limitMm,
      @Nullable Thickness thickness,
      double measuredToMm) {
    new Problems()
        .positive(limitMm, MOST_MM, "limitMm")
        .within(measuredToMm, 0, MOST_UNCERTAINTY_MM, "measuredToMm")
        .orThrow();
    Harmonic h = Harmonic.of(readingsMm, anglesDeg, FEWEST, "readingsMm");
    double total = Harmonic.spread(readingsMm);
    double wobble = 2 * h.amplitude();
    double residual = h.residual();
    Double variation = thickness == null ? null : (Double) Harmonic.spread(thickness.readingsMm());
    Verdict verdict =
        thickness != null && thickness.thinnestMm() < thickness.minimumMm() - ROUNDING_MM
            ? Verdict.WORN
            : total <= limitMm + ROUNDING_MM
                ? Verdict.TRUE
                : residual > wobble ? Verdict.WARPED : Verdict.WOBBLE;
    Why why =
        new Why()
            .derive("TIR", total, "mm", "highest − lowest", SOURCE)
            .derive("w", wobble, "mm", "2·√(a² + b²)", SOURCE)
            .derive("φ_w", h.highAtDeg(), "°", "atan2(b, a)", SOURCE)
            .derive("r", residual, "mm", "peak to peak of z − m − a·cos φ − b·sin φ", SOURCE);
    if (variation != null) {
      why.derive("Δt", variation, "mm", "thickest − thinnest", SOURCE);
    }
    // Highest and lowest may each be wrong.
    FitVerdict runs = FitWindow.atMost(limitMm).judge(total, 2 * measuredToMm);
    FitVerdict thick =
        thickness == null
            ? FitVerdict.FITS
            : FitWindow.atLeast(thickness.minimumMm()).judge(thickness.thinnestMm(), measuredToMm);
    explain(why, verdict, total, limitMm, wobble, residual, h.highAtDeg());
    if (runs == FitVerdict.TOO_CLOSE) {
      why.first(
          "Too close to its limit to call: read it to ± "
              + Figure.fixed(Math.abs(total - limitMm) / 2, 3)
              + " mm or better.");
    }
    if (thick == FitVerdict.TOO_CLOSE) {
      why.first("Too close to its least thickness to call: measure that better.");
    }
    if (thickness != null) {
      explain(why, thickness, variation == null ? 0 : variation);
    }
    return new Runout(
        total,
        wobble,
        h.highAtDeg(),
        residual,
        variation,
        h.fitted(readingsMm),
        verdict,
        runs.and(thick),
        why.reasons(),
        why.derivation());
  }

  @Override
  public List<String> fails() {
    if (inShort == FitVerdict.FITS) {
      return List.of();
    }
    return switch (verdict) {
      case WORN -> List.of("thicknessReadingsMm");
      case WARPED -> List.of("residualMm");
      case WOBBLE -> List.of("wobbleMm");
      case TRUE -> List.of("totalMm");
    };
  }

  private static void explain(
      Why why,
      Verdict verdict,
      double total,
      double limit,
      double wobble,
      double residual,
      double at) {
    String sizes = Figure.fixed(total, 2) + " mm in all, " + Figure.typed(limit) + " mm allowed";
    switch (verdict) {
      case WORN -> why.because("Runout: " + sizes + ".");
      case TRUE ->
          why.because(
              "Runs true: "
                  + sizes
                  + ". A dished rotor does so at one radius as well: lay it on a plate.");
      case WOBBLE ->
          why.because(
              sizes
                  + "; "
                  + Figure.fixed(wobble, 2)
                  + " mm of it rise once a turn, highest at "
                  + Math.round(at)
                  + "°. Clean the seat, turn the rotor on it and read again: if the high place goes"
                  + " along, the rotor is bent; if it stays, the hub is.");
      case WARPED ->
          why.because(
              sizes
                  + "; "
                  + Figure.fixed(residual, 2)
                  + " mm of it do not lean: it is warped or dented. It is replaced, or trued where its"
                  + " maker allows.");
    }
  }

  private static void explain(Why why, Thickness thickness, double variation) {
    if (thickness.thinnestMm() < thickness.minimumMm() - ROUNDING_MM) {
      why.because(
          "Worn: "
              + Figure.fixed(thickness.thinnestMm(), 2)
              + " mm at its thinnest, "
              + Figure.typed(thickness.minimumMm())
              + " mm is the least. Replace it.");
    }
    if (variation > PULSES_MM + ROUNDING_MM) {
      why.because(
          "Its thickness varies by "
              + Figure.fixed(variation, 2)
              + " mm: that pulses at the lever even where it runs true.");
    }
  }
}
