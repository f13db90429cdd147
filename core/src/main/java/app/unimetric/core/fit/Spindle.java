package app.unimetric.core.fit;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.why.Derivation;
import app.unimetric.core.why.Why;
import java.util.ArrayList;
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
 * @param best the set from stock that fits; null where none does or no stock was given
 * @param collarTurns by how much the adjuster is turned for that; null where its pitch is not known
 */
public record Spindle(
    double bearingWidthMm,
    double exposureMm,
    boolean fits,
    FitVerdict verdict,
    @Nullable Double collarTurns,
    SpindleChoice.@Nullable Set best,
    List<String> fails,
    List<String> reasons,
    List<Derivation> derivation)
    implements Judged {
  /** What ring and arm must keep from stay and cup, since both give under load. */
  public static final double LEAST_CLEARANCE_MM = 3;

  private static final String SOURCE = "workshop rule";
  private static final double MOST_MM = 400;
  private static final double MOST_PIECE_MM = 50;
  private static final double MOST_UNCERTAINTY_MM = 5;
  private static final double SMALLEST_MM = 1e-6;
  private static final int MOST_SPACERS = 32;
  private static final FitWindow CLEAR = FitWindow.atLeast(LEAST_CLEARANCE_MM);

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
   * The adjuster.
   *
   * @param travelMm what it can take up
   * @param pitchMm travel a turn; null where it is not known
   */
  public record Adjuster(double travelMm, @Nullable Double pitchMm) {
    public Adjuster {
      Problems problems = new Problems().positive(travelMm, MOST_PIECE_MM, "adjusterTravelMm");
      if (pitchMm != null) {
        problems.positive(pitchMm, MOST_PIECE_MM, "adjusterPitchMm");
      }
      problems.orThrow();
    }
  }

  /**
   * What turns past what stands still; null where it was not measured.
   *
   * @param ringMm of the chainring to the stay
   * @param armMm of the arm to cup or stay
   */
  public record Clearances(@Nullable Double ringMm, @Nullable Double armMm) {
    /** Not measured. */
    public static final Clearances NONE = new Clearances(null, null);

    public Clearances {
      Problems problems = new Problems();
      if (ringMm != null) {
        problems.within(ringMm, -MOST_PIECE_MM, MOST_MM, "ringClearanceMm");
      }
      if (armMm != null) {
        problems.within(armMm, -MOST_PIECE_MM, MOST_MM, "armClearanceMm");
      }
      problems.orThrow();
    }
  }

  /**
   * Judges a spindle.
   *
   * @param spindleUsableMm from shoulder to shoulder, what may lie between the arms
   * @param stockMm spacers in the box besides those fitted; null for no search
   * @param measuredToMm by how much each length may be wrong, either way
   */
  public static Spindle of(
      Between between,
      double spindleUsableMm,
      Adjuster adjuster,
      Clearances clearances,
      @Nullable List<Double> stockMm,
      double measuredToMm) {
    double adjusterTravelMm = adjuster.travelMm();
    Double adjusterPitchMm = adjuster.pitchMm();
    Problems problems =
        new Problems()
            .positive(spindleUsableMm, MOST_MM, "spindleUsableMm")
            .require(
                !(spindleUsableMm < between.shellMm() / 4),
                "spindleUsableMm",
                "is far below the shell: was it typed in inches?")
            .within(measuredToMm, 0, MOST_UNCERTAINTY_MM, "measuredToMm");
    if (stockMm != null) {
      SteererStack.pieces(stockMm, "stockMm", problems);
    }
    problems.orThrow();
    double width = between.widthMm();
    double exposure = spindleUsableMm - width;
    double uncertainty = measuredToMm * (between.measured() + 1);
    FitWindow travel = new FitWindow(Math.min(SMALLEST_MM, adjusterTravelMm), adjusterTravelMm);
    FitVerdict room = travel.judge(exposure, uncertainty);
    FitVerdict ring = clear(clearances.ringMm(), measuredToMm);
    FitVerdict arm = clear(clearances.armMm(), measuredToMm);
    FitVerdict verdict = room.and(ring).and(arm);
    Double turns =
        adjusterPitchMm == null || room != FitVerdict.FITS
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
    List<String> fails = new ArrayList<>();
    if (room != FitVerdict.FITS) {
      fails.add("exposureMm");
    }
    if (room == FitVerdict.FITS) {
      why.because(
          left
              + " are left for the adjuster, which takes up to "
              + Figure.typed(adjusterTravelMm)
              + " mm.");
    } else if (room == FitVerdict.TOO_CLOSE) {
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
    passing("chainring", ring, clearances.ringMm(), "ringClearanceMm", fails, why);
    passing("arm", arm, clearances.armMm(), "armClearanceMm", fails, why);
    SpindleChoice.Set best =
        stockMm == null
            ? null
            : SpindleChoice.of(between, spindleUsableMm, travel, stockMm).orElse(null);
    if (stockMm != null && !travel.holds(exposure)) {
      why.because(
          best == null
              ? "No set of these spacers brings it there: it takes another spindle."
              : "It would fit with " + best.words() + ".");
    }
    return new Spindle(
        width,
        exposure,
        travel.holds(exposure) && CLEAR.holds(least(clearances)),
        verdict,
        turns,
        best,
        List.copyOf(fails),
        why.reasons(),
        why.derivation());
  }

  private static double least(Clearances c) {
    return Math.min(
        c.ringMm() == null ? LEAST_CLEARANCE_MM : c.ringMm(),
        c.armMm() == null ? LEAST_CLEARANCE_MM : c.armMm());
  }

  private static FitVerdict clear(@Nullable Double clearanceMm, double measuredToMm) {
    return clearanceMm == null ? FitVerdict.FITS : CLEAR.judge(clearanceMm, measuredToMm);
  }

  private static void passing(
      String what,
      FitVerdict found,
      @Nullable Double mm,
      String field,
      List<String> fails,
      Why why) {
    if (found == FitVerdict.FITS || mm == null) {
      return;
    }
    fails.add(field);
    why.first(
        found == FitVerdict.TOO_CLOSE
            ? "Too close to call whether the " + what + " passes: measure it better."
            : "The "
                + what
                + " passes by "
                + Figure.typed(mm)
                + " mm, "
                + Figure.typed(LEAST_CLEARANCE_MM)
                + " mm are wanted: both give under load. Move a spacer to that side.");
  }

  @Override
  public FitVerdict inShort() {
    return verdict;
  }
}
