package app.unimetric.core.fit;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.why.Derivation;
import app.unimetric.core.why.Why;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A crank spindle through its bearings: what is left of it must fall within the travel of the
 * preload adjuster.
 *
 * @param bearingWidthMm shell, spacers and cup flanges together
 * @param exposureMm what the spindle is longer: what the adjuster has to take up
 * @param fits as measured, whatever the uncertainty
 * @param verdict with it
 * @param collarTurns by how much the adjuster is turned for that; null where its pitch is not known
 */
public record Spindle(
    double bearingWidthMm,
    double exposureMm,
    boolean fits,
    FitVerdict verdict,
    @Nullable Double collarTurns,
    List<String> reasons,
    List<Derivation> derivation) {
  private static final String SOURCE = "workshop rule";
  private static final double MOST_MM = 400;
  private static final double MOST_PIECE_MM = 50;
  private static final double MOST_UNCERTAINTY_MM = 5;
  private static final double SMALLEST_MM = 1e-6;
  private static final int MOST_SPACERS = 32;

  /** What lies between the arms. */
  public record Between(double shellMm, List<Double> cupFlangesMm, List<Double> spacersMm) {
    public Between {
      cupFlangesMm = List.copyOf(cupFlangesMm);
      spacersMm = List.copyOf(spacersMm);
      Problems problems =
          new Problems()
              .positive(shellMm, MOST_MM, "shellMm")
              .require(
                  cupFlangesMm.size() == 2,
                  "cupFlangesMm",
                  "needs two, one of each side; 0 where none stands out.")
              .require(
                  spacersMm.size() <= MOST_SPACERS, "spacersMm", "are more than 32; add some up.");
      pieces(cupFlangesMm, "cupFlangesMm", problems);
      pieces(spacersMm, "spacersMm", problems);
      problems.orThrow();
    }

    private static void pieces(List<Double> pieces, String field, Problems problems) {
      for (int i = 0; i < Math.min(pieces.size(), MOST_SPACERS); i++) {
        problems.within(pieces.get(i), 0, MOST_PIECE_MM, field + "[" + i + "]");
      }
    }

    double widthMm() {
      return shellMm + sum(cupFlangesMm) + sum(spacersMm);
    }

    private static double sum(List<Double> pieces) {
      return pieces.stream().mapToDouble(Double::doubleValue).sum();
    }

    int measured() {
      return 1 + cupFlangesMm.size() + spacersMm.size();
    }
  }

  /**
   * Judges a spindle.
   *
   * @param spindleUsableMm from shoulder to shoulder, what may lie between the arms
   * @param adjusterTravelMm what the adjuster can take up
   * @param adjusterPitchMm travel a turn; null where it is not known
   * @param measuredToMm by how much each length may be wrong, either way
   */
  public static Spindle of(
      Between between,
      double spindleUsableMm,
      double adjusterTravelMm,
      @Nullable Double adjusterPitchMm,
      double measuredToMm) {
    Problems problems =
        new Problems()
            .positive(spindleUsableMm, MOST_MM, "spindleUsableMm")
            .require(
                !(spindleUsableMm < between.shellMm() / 4),
                "spindleUsableMm",
                "is far below the shell: was it typed in inches?")
            .positive(adjusterTravelMm, MOST_PIECE_MM, "adjusterTravelMm")
            .within(measuredToMm, 0, MOST_UNCERTAINTY_MM, "measuredToMm");
    if (adjusterPitchMm != null) {
      problems.positive(adjusterPitchMm, MOST_PIECE_MM, "adjusterPitchMm");
    }
    problems.orThrow();
    double width = between.widthMm();
    double exposure = spindleUsableMm - width;
    double uncertainty = measuredToMm * (between.measured() + 1);
    FitWindow travel = new FitWindow(Math.min(SMALLEST_MM, adjusterTravelMm), adjusterTravelMm);
    FitVerdict verdict = travel.judge(exposure, uncertainty);
    Double turns =
        adjusterPitchMm == null || verdict != FitVerdict.FITS
            ? null
            : (Double) (exposure / adjusterPitchMm);
    Why why =
        new Why()
            .derive("b", width, "mm", "shell + cup flanges + spacers", SOURCE)
            .derive("e", exposure, "mm", "spindle − b", SOURCE)
            .derive(
                "u",
                uncertainty,
                "mm",
                "all lengths at once wrong by what was measured to",
                SOURCE);
    String left = Figure.fixed(exposure, 2) + " mm";
    if (verdict == FitVerdict.FITS) {
      why.because(
          left
              + " are left for the adjuster, which takes up to "
              + Figure.typed(adjusterTravelMm)
              + " mm.");
    } else if (verdict == FitVerdict.TOO_CLOSE) {
      why.because(
          "Too close to call: measure the lengths to ± "
              + Figure.fixed(travel.neededAt(exposure) / (between.measured() + 1), 2)
              + " mm or better, or put the arms on with two fingers and look.");
    } else if (exposure > adjusterTravelMm) {
      why.because(
          left
              + " are left, more than the adjuster takes up: "
              + Figure.fixed(exposure - adjusterTravelMm, 2)
              + " to "
              + left
              + " of spacers more would mend it.");
    } else {
      why.because(
          "Nothing is left for the adjuster: the bearings would be clamped. It lacks "
              + Figure.fixed(-exposure, 2)
              + " mm; take out spacers where the shell's width allows, or it is the wrong spindle.");
    }
    return new Spindle(
        width, exposure, travel.holds(exposure), verdict, turns, why.reasons(), why.derivation());
  }
}
