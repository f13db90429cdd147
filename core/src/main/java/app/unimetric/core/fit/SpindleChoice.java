package app.unimetric.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Which spacers to put on each side of a shell so that the spindle leaves its adjuster what it can
 * take up. Every set of what is fitted and in stock is looked at.
 */
public final class SpindleChoice {
  private static final double ROUNDING_MM = 1e-6;

  private SpindleChoice() {}

  /**
   * A set of spacers.
   *
   * @param left mm each, the widest first
   * @param right likewise
   * @param exposureMm they leave
   */
  public record Set(List<Double> left, List<Double> right, double exposureMm) {
    public Set {
      left = List.copyOf(left);
      right = List.copyOf(right);
    }

    /** In words: {@code 2.5 mm left and 2.5 mm right}. */
    public String words() {
      return SpacerChoice.side(left) + " left and " + SpacerChoice.side(right) + " right";
    }

    private double apartMm() {
      return Math.abs(SpacerSets.sum(left) - SpacerSets.sum(right));
    }
  }

  /**
   * The set that fits and leaves the adjuster in the middle of its travel, so that it may go either
   * way; of those the most even one, as the chain line wants it, then the one with the fewest
   * pieces, then the wider side on the right, where the chain is.
   */
  static Optional<Set> of(
      Spindle.Between between, double spindleMm, FitWindow travel, List<Double> stockMm) {
    double bare = between.shellMm() + SpacerSets.sum(between.cupFlangesMm());
    List<Double> pool = new ArrayList<>(between.spacersMm());
    pool.addAll(stockMm);
    pool.removeIf(piece -> piece <= 0);
    double middle = travel.max() / 2;
    return SpacerSets.of(
            pool, (left, right) -> spindleMm - bare - left - right >= travel.min() - ROUNDING_MM)
        .map(w -> new Set(w.first(), w.second(), spindleMm - bare - w.firstMm() - w.secondMm()))
        .filter(s -> travel.holds(s.exposureMm()))
        .min(
            Comparator.comparingLong((Set s) -> SpacerSets.units(Math.abs(s.exposureMm() - middle)))
                .thenComparingLong(s -> SpacerSets.units(s.apartMm()))
                .thenComparingInt(s -> s.left().size() + s.right().size())
                .thenComparingLong(s -> SpacerSets.units(SpacerSets.sum(s.left()))));
  }
}
