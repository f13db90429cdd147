package app.unimetric.core.fit;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.why.Derivation;
import app.unimetric.core.why.Why;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A cup against the bore it is pressed into: how much larger it is, all the way round.
 *
 * @param minMm cup less the widest reading of the bore: where it holds least
 * @param meanMm cup less the mean bore
 * @param maxMm cup less the narrowest reading: where it is pressed most
 * @param outOfRoundMm widest less narrowest reading
 */
public record PressFit(
    double minMm,
    double meanMm,
    double maxMm,
    double outOfRoundMm,
    Verdict verdict,
    List<String> reasons,
    List<Derivation> derivation)
    implements Judged {
  private static final String SOURCE = "workshop rule";
  private static final double MOST_MM = 200;
  private static final double MOST_UNCERTAINTY_MM = 1;

  /** A millionth of a millimetre: no more than arithmetic. */
  private static final double SMALLEST_MM = 1e-6;

  private static final int MOST_READINGS = 720;

  /** How it will sit. */
  public enum Verdict {
    FITS,
    /** Somewhere it is not held. */
    LOOSE,
    /** Somewhere it is pressed more than its maker allows. */
    TOO_TIGHT,
    /** The bore is less round than the band is wide: one end of it is always left. */
    OUT_OF_ROUND,
    /** The readings are not sharp enough to tell. */
    TOO_CLOSE
  }

  /**
   * Judges a bore.
   *
   * @param boreReadingsMm diameters at several angles, 2 or more
   * @param cupMm outer diameter of the cup
   * @param band of interference its maker states; null where none is known, and then anything that
   *     holds will do
   * @param measuredToMm by how much a reading may be wrong, either way
   */
  public static PressFit of(
      List<Double> boreReadingsMm, double cupMm, @Nullable FitWindow band, double measuredToMm) {
    Problems problems =
        new Problems()
            .require(
                boreReadingsMm.size() >= 2 && boreReadingsMm.size() <= MOST_READINGS,
                "boreReadingsMm",
                "needs 2 or more diameters, taken at different angles: one does not tell whether it"
                    + " is round.")
            .positive(cupMm, MOST_MM, "cupMm")
            .within(measuredToMm, 0, MOST_UNCERTAINTY_MM, "measuredToMm");
    for (int i = 0; i < Math.min(boreReadingsMm.size(), MOST_READINGS); i++) {
      problems.positive(boreReadingsMm.get(i), MOST_MM, "boreReadingsMm[" + i + "]");
      problems.require(
          !(Math.abs(boreReadingsMm.get(i) - cupMm) > cupMm / 2),
          "boreReadingsMm[" + i + "]",
          "is far from the cup: is one of them in inches, or a radius?");
    }
    problems.orThrow();
    double narrow = boreReadingsMm.stream().mapToDouble(Double::doubleValue).min().orElse(0);
    double wide = boreReadingsMm.stream().mapToDouble(Double::doubleValue).max().orElse(0);
    double mean = boreReadingsMm.stream().mapToDouble(Double::doubleValue).average().orElse(0);
    FitWindow held = band == null ? new FitWindow(SMALLEST_MM, MOST_MM) : band;
    // Bore and cup are both measured.
    double uncertainty = 2 * measuredToMm;
    Verdict verdict = verdict(held, cupMm - wide, cupMm - narrow, wide - narrow, uncertainty);
    Why why =
        new Why()
            .derive("i_min", cupMm - wide, "mm", "cup − widest bore", SOURCE)
            .derive("i_mean", cupMm - mean, "mm", "cup − mean bore", SOURCE)
            .derive("i_max", cupMm - narrow, "mm", "cup − narrowest bore", SOURCE)
            .derive("Δd", wide - narrow, "mm", "widest − narrowest bore", SOURCE)
            .derive("u", uncertainty, "mm", "both measured to ± u/2, added", SOURCE);
    explain(why, verdict, band, held, cupMm - wide, cupMm - narrow, wide - narrow);
    return new PressFit(
        cupMm - wide,
        cupMm - mean,
        cupMm - narrow,
        wide - narrow,
        verdict,
        why.reasons(),
        why.derivation());
  }

  private static Verdict verdict(
      FitWindow band, double least, double most, double outOfRound, double uncertainty) {
    FitVerdict loose =
        new FitWindow(band.min(), Math.max(band.min(), MOST_MM)).judge(least, uncertainty);
    FitVerdict tight = FitWindow.atMost(band.max()).judge(most, uncertainty);
    if (loose == FitVerdict.DOES_NOT || tight == FitVerdict.DOES_NOT) {
      return outOfRound > band.max() - band.min() + uncertainty
          ? Verdict.OUT_OF_ROUND
          : loose == FitVerdict.DOES_NOT ? Verdict.LOOSE : Verdict.TOO_TIGHT;
    }
    return loose == FitVerdict.FITS && tight == FitVerdict.FITS ? Verdict.FITS : Verdict.TOO_CLOSE;
  }

  private static void explain(
      Why why,
      Verdict verdict,
      @Nullable FitWindow stated,
      FitWindow band,
      double least,
      double most,
      double outOfRound) {
    switch (verdict) {
      case FITS ->
          why.because("It is held all the way round, by " + three(least) + " mm at the least.");
      case LOOSE ->
          why.because(
              "It holds by "
                  + three(least)
                  + " mm only where the bore is widest: it will creak or turn. A retaining compound"
                  + " where its maker allows, or another cup.");
      case TOO_TIGHT ->
          why.because(
              "It is pressed by "
                  + three(most)
                  + " mm where the bore is narrowest: do not force it.");
      case OUT_OF_ROUND ->
          why.because(
              "The bore is out of round by "
                  + three(outOfRound)
                  + " mm: no cup is held on one side of it without being forced on the other.");
      case TOO_CLOSE ->
          why.because(
              "Too close to call: measure bore and cup to ± "
                  + three(Math.min(band.neededAt(least), band.neededAt(most)) / 2)
                  + " mm or better.");
    }
    if (stated == null) {
      why.because("No band of its maker was given: anything that holds was taken for good.");
    }
  }

  @Override
  public FitVerdict inShort() {
    return switch (verdict) {
      case FITS -> FitVerdict.FITS;
      case TOO_CLOSE -> FitVerdict.TOO_CLOSE;
      case LOOSE, TOO_TIGHT, OUT_OF_ROUND -> FitVerdict.DOES_NOT;
    };
  }

  @Override
  public List<String> fails() {
    return switch (verdict) {
      case FITS -> List.of();
      case OUT_OF_ROUND -> List.of("outOfRoundMm");
      case LOOSE, TOO_TIGHT, TOO_CLOSE -> List.of("interferenceMm");
    };
  }

  private static String three(double mm) {
    return Figure.fixed(mm, 3);
  }
}
