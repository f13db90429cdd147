package app.unimetric.core.fit;

import app.unimetric.core.quantity.Figure;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Which spacers to put below and above a stem. Every set of what is fitted and in stock is looked
 * at.
 */
public final class SpacerChoice {
  private static final double ROUNDING_MM = 1e-6;

  private SpacerChoice() {}

  /**
   * A set of spacers.
   *
   * @param below mm each, the tallest first
   * @param above likewise
   * @param gapMm they leave
   */
  public record Set(List<Double> below, List<Double> above, double gapMm) {
    public Set {
      below = List.copyOf(below);
      above = List.copyOf(above);
    }

    /** In words: {@code 10 + 5 mm below and 3 mm above}. */
    public String words() {
      return side(below) + " below and " + side(above) + " above";
    }
  }

  /** Spacers of one place in words: {@code 10 + 5 mm}. */
  static String side(List<Double> pieces) {
    return pieces.isEmpty()
        ? "none"
        : pieces.stream().map(Figure::typed).collect(Collectors.joining(" + ")) + " mm";
  }

  /**
   * The set that fits and comes nearest to the target; of those the one with the fewest pieces,
   * then the one that keeps today's height below the stem best.
   *
   * @throws app.unimetric.core.problem.InvalidInput when the spacers make more different heights
   *     than can be looked at
   */
  static Optional<Set> of(
      SteererStack.Parts parts, SteererStack.Limits limits, List<Double> stockMm) {
    List<Double> pool = new ArrayList<>(parts.spacersBelowMm());
    pool.addAll(parts.spacersAboveMm());
    pool.addAll(stockMm);
    double highest = limits.target().maxMm() + ROUNDING_MM;
    double today = SpacerSets.sum(parts.spacersBelowMm());
    return SpacerSets.of(
            pool, (below, above) -> parts.gapMm(below, above) <= highest && limits.below(below))
        .map(w -> new Set(w.first(), w.second(), parts.gapMm(w.firstMm(), w.secondMm())))
        .filter(s -> holds(s, parts, limits))
        .min(
            Comparator.comparingLong(
                    (Set s) -> SpacerSets.units(Math.abs(s.gapMm() - limits.target().aimMm())))
                .thenComparingInt(s -> s.below().size() + s.above().size())
                .thenComparingLong(
                    s -> SpacerSets.units(Math.abs(SpacerSets.sum(s.below()) - today)))
                .thenComparingLong(s -> SpacerSets.units(SpacerSets.sum(s.below()))));
  }

  private static boolean holds(Set s, SteererStack.Parts parts, SteererStack.Limits limits) {
    return limits.target().window().holds(s.gapMm())
        && limits.hold(parts, SpacerSets.sum(s.below()), SpacerSets.sum(s.above()));
  }
}
