package app.unimetric.core.fit;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.why.Derivation;
import app.unimetric.core.why.Why;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Spacers and stem on a steerer: the stack must stand above the steerer's end, so that the cap
 * presses on it, and the steerer must still pass the upper clamp bolt.
 *
 * @param gapMm from the steerer's end up to the top of the stack, under preload; negative where the
 *     steerer stands out
 * @param fits as measured, whatever the uncertainty
 * @param verdict with it
 * @param best the set from stock that fits and comes nearest to the target; null where none does or
 *     no stock was given
 */
public record SteererStack(
    double gapMm,
    boolean fits,
    FitVerdict verdict,
    SpacerChoice.@Nullable Set best,
    List<String> fails,
    List<String> reasons,
    List<Derivation> derivation)
    implements Judged {
  /** Most spacers below the stem on a carbon steerer, unless its maker says otherwise. */
  public static final double MOST_BELOW_CARBON_MM = 30;

  private static final String SOURCE = "workshop rule";
  private static final double MOST_MM = 500;
  private static final double MOST_TAKE_UP_MM = 10;
  private static final double MOST_UNCERTAINTY_MM = 5;
  private static final int MOST_PIECES = 40;
  private static final double ROUNDING_MM = 1e-9;

  /**
   * Where the gap should be.
   *
   * @param aimMm within the window
   */
  public record Target(double minMm, double aimMm, double maxMm) {
    /** Where the part says nothing else. */
    public static final Target USUAL = new Target(2, 3, 4);

    public Target {
      new Problems()
          .within(minMm, 0, 50, "target.min")
          .within(maxMm, 0, 50, "target.max")
          .require(!(minMm > aimMm) && !(aimMm > maxMm), "target.aim", "must lie from min to max.")
          .orThrow();
    }

    FitWindow window() {
      return new FitWindow(minMm, maxMm);
    }
  }

  /** An expander in the steerer, from and to how far below its end. */
  public record Expander(double fromMm, double toMm) {
    public Expander {
      new Problems()
          .within(fromMm, 0, MOST_MM, "expander.fromMm")
          .within(toMm, 0, MOST_MM, "expander.toMm")
          .require(fromMm < toMm, "expander.toMm", "must lie deeper than fromMm.")
          .orThrow();
    }
  }

  /**
   * What is measured.
   *
   * @param steererMm from the headset cover to its end
   * @param takeUpMm by how much the stack shortens under preload
   */
  public record Parts(
      double steererMm,
      double stemHeightMm,
      List<Double> spacersBelowMm,
      List<Double> spacersAboveMm,
      double takeUpMm) {
    public Parts {
      spacersBelowMm = List.copyOf(spacersBelowMm);
      spacersAboveMm = List.copyOf(spacersAboveMm);
      Problems problems =
          new Problems()
              .positive(steererMm, MOST_MM, "steererMm")
              .positive(stemHeightMm, 200, "stemHeightMm")
              .require(
                  !(stemHeightMm > steererMm),
                  "stemHeightMm",
                  "is more than the steerer: are the two swapped, or is one in inches?")
              .within(takeUpMm, 0, MOST_TAKE_UP_MM, "takeUpMm");
      pieces(spacersBelowMm, "spacersBelowMm", problems);
      pieces(spacersAboveMm, "spacersAboveMm", problems);
      problems.orThrow();
    }

    double gapMm(double belowMm, double aboveMm) {
      return belowMm + stemHeightMm + aboveMm - takeUpMm - steererMm;
    }

    int measured() {
      return 2 + spacersBelowMm.size() + spacersAboveMm.size();
    }
  }

  /**
   * What else must hold.
   *
   * @param mostBelowMm of spacers below the stem; null where nothing limits them
   * @param upperBoltBelowTopMm of the stem, which the steerer must pass; null where it is not known
   * @param expander null where there is none
   * @param materialSaid whether it is known what the steerer is of; where it is not, a high stack
   *     below is not called good
   */
  public record Limits(
      Target target,
      @Nullable Double mostBelowMm,
      @Nullable Double upperBoltBelowTopMm,
      @Nullable Expander expander,
      boolean materialSaid) {
    public Limits {
      Problems problems = new Problems();
      if (mostBelowMm != null) {
        problems.within(mostBelowMm, 0, MOST_MM, "maxBelowMm");
      }
      if (upperBoltBelowTopMm != null) {
        problems.within(upperBoltBelowTopMm, 0, 200, "upperBoltBelowTopMm");
      }
      problems.orThrow();
    }

    /**
     * How much may stand below the stem: what the part states, else what a carbon steerer bears.
     *
     * @param statedMm null where nothing is stated
     */
    public static @Nullable Double mostBelowMm(@Nullable Double statedMm, boolean carbon) {
      return statedMm == null && carbon ? (Double) MOST_BELOW_CARBON_MM : statedMm;
    }

    /** Whether so much below the stem would be too much if the steerer were of carbon. */
    boolean hangsOnMaterial(double belowMm) {
      return !materialSaid && mostBelowMm == null && belowMm > MOST_BELOW_CARBON_MM + ROUNDING_MM;
    }

    boolean below(double belowMm) {
      return mostBelowMm == null || belowMm <= mostBelowMm + ROUNDING_MM;
    }

    /** Whether the steerer's end stands higher than the upper bolt. */
    boolean passesBolt(double gapMm, double aboveMm) {
      return upperBoltBelowTopMm == null || gapMm - aboveMm < upperBoltBelowTopMm - ROUNDING_MM;
    }

    /** Whether the expander sits where the stem clamps. */
    boolean holdsExpander(Parts parts, double belowMm) {
      if (expander == null) {
        return true;
      }
      double foot = belowMm - parts.takeUpMm();
      return parts.steererMm() - expander.toMm() >= foot - ROUNDING_MM
          && parts.steererMm() - expander.fromMm() <= foot + parts.stemHeightMm() + ROUNDING_MM;
    }

    boolean hold(Parts parts, double belowMm, double aboveMm) {
      return below(belowMm)
          && passesBolt(parts.gapMm(belowMm, aboveMm), aboveMm)
          && holdsExpander(parts, belowMm);
    }
  }

  static void pieces(List<Double> pieces, String field, Problems problems) {
    problems.require(
        pieces.size() <= MOST_PIECES,
        field,
        "are more than 40; leave out what is not in question.");
    for (int i = 0; i < Math.min(pieces.size(), MOST_PIECES); i++) {
      problems.positive(pieces.get(i), 100, field + "[" + i + "]");
    }
  }

  /**
   * Judges a stack and looks for what would mend it.
   *
   * @param stockMm spacers in the box besides those fitted; null for no search
   * @param measuredToMm by how much each length may be wrong, either way
   */
  public static SteererStack of(
      Parts parts, Limits limits, @Nullable List<Double> stockMm, double measuredToMm) {
    Problems problems = new Problems().within(measuredToMm, 0, MOST_UNCERTAINTY_MM, "measuredToMm");
    if (stockMm != null) {
      pieces(stockMm, "stockMm", problems);
    }
    problems.orThrow();
    double below = SpacerSets.sum(parts.spacersBelowMm());
    double above = SpacerSets.sum(parts.spacersAboveMm());
    double gap = parts.gapMm(below, above);
    FitWindow window = limits.target().window();
    double uncertainty = measuredToMm * parts.measured();
    boolean rest = limits.hold(parts, below, above);
    FitVerdict verdict = rest ? window.judge(gap, uncertainty) : FitVerdict.DOES_NOT;
    SpacerChoice.Set best =
        stockMm == null ? null : SpacerChoice.of(parts, limits, stockMm).orElse(null);
    Why why =
        new Why()
            .derive("g", gap, "mm", "below + stem + above − take-up − steerer", SOURCE)
            .derive(
                "u",
                uncertainty,
                "mm",
                "all lengths at once wrong by what was measured to",
                SOURCE);
    explain(why, limits.target(), gap, window.judge(gap, uncertainty), parts);
    List<String> fails = new ArrayList<>();
    if (window.judge(gap, uncertainty) != FitVerdict.FITS) {
      fails.add("gapMm");
    }
    if (!limits.below(below)) {
      fails.add("spacersBelowMm");
      why.first(
          Figure.typed(below)
              + " mm of spacers stand below the stem, more than the steerer bears.");
    }
    if (!limits.passesBolt(gap, above)) {
      fails.add("upperBoltBelowTopMm");
      why.first("The steerer ends below the upper clamp bolt: the stem would crush, not hold.");
    }
    if (!limits.holdsExpander(parts, below)) {
      fails.add("expander");
      why.first("The expander does not sit where the stem clamps: the tube is not held up there.");
    }
    if (limits.hangsOnMaterial(below)) {
      verdict = verdict.and(FitVerdict.TOO_CLOSE);
      fails.add("spacersBelowMm");
      why.first(
          "Say what the steerer is of: carbon bears "
              + Figure.typed(MOST_BELOW_CARBON_MM)
              + " mm of spacers below the stem, where its maker states nothing else.");
    }
    boolean fits = rest && window.holds(gap);
    if (stockMm != null && !fits) {
      why.because(
          best == null
              ? "No set of these spacers brings it there."
              : "It would fit with " + best.words() + ".");
    }
    return new SteererStack(
        gap, fits, verdict, best, List.copyOf(fails), why.reasons(), why.derivation());
  }

  private static void explain(Why why, Target target, double gap, FitVerdict verdict, Parts parts) {
    String size = Figure.fixed(Math.abs(gap), 1) + " mm";
    String window = Figure.typed(target.minMm()) + " to " + Figure.typed(target.maxMm()) + " mm";
    if (verdict == FitVerdict.FITS) {
      why.because(
          "The steerer ends " + size + " below the top of the stack; " + window + " is right.");
    } else if (verdict == FitVerdict.TOO_CLOSE) {
      why.because(
          "Too close to call: measure steerer, stem and spacers to ± "
              + Figure.fixed(target.window().neededAt(gap) / parts.measured(), 2)
              + " mm or better.");
    } else if (gap < 0) {
      why.because(
          "The steerer stands "
              + size
              + " out of the stack: the cap presses on it and not on the stack, and the play stays.");
    } else if (gap < target.minMm()) {
      why.because(
          "Only "
              + size
              + " are left above the steerer; "
              + window
              + " is right: the cap may meet it before the play is out.");
    } else {
      why.because(
          "The steerer ends "
              + size
              + " below the top of the stack; "
              + window
              + " is right: the stem holds on too little of it.");
    }
  }

  @Override
  public FitVerdict inShort() {
    return verdict;
  }
}
