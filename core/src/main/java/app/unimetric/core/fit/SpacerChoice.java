package app.unimetric.core.fit;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.Figure;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Which spacers to put below and above a stem. Every set of what is fitted and in stock is looked
 * at: those with the same height below and above are one, kept in its fewest pieces.
 */
public final class SpacerChoice {
  /** More different heights than a box of spacers comes to. */
  private static final int MOST_SETS = 50_000;

  private static final int MOST_PIECES = 60;
  private static final double PER_MM = 1e6;
  private final SteererStack.Parts parts;
  private final SteererStack.Limits limits;
  private Map<Heights, Pieces> sets = new HashMap<>(Map.of(new Heights(0, 0), Pieces.NONE));

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

    private static String side(List<Double> pieces) {
      return pieces.isEmpty()
          ? "none"
          : pieces.stream().map(Figure::typed).collect(Collectors.joining(" + ")) + " mm";
    }
  }

  /** Millionths of a millimetre, so that equal heights are one. */
  private record Heights(long below, long above) {}

  /** A set as it grew: the piece last added, where to, and what was there before. */
  private record Pieces(int count, double last, boolean isBelow, @Nullable Pieces before) {
    static final Pieces NONE = new Pieces(0, 0, false, null);

    Pieces and(double piece, boolean below) {
      return new Pieces(count + 1, piece, below, this);
    }

    List<Double> on(boolean below) {
      List<Double> found = new ArrayList<>();
      for (Pieces p = this; p != null && p.count() > 0; p = p.before()) {
        if (p.isBelow() == below) {
          found.add(p.last());
        }
      }
      found.sort(Comparator.reverseOrder());
      return found;
    }
  }

  private SpacerChoice(SteererStack.Parts parts, SteererStack.Limits limits) {
    this.parts = parts;
    this.limits = limits;
  }

  /**
   * The set that fits and comes nearest to the target; of those the one with the fewest pieces,
   * then the one that keeps today's height below the stem best.
   *
   * @throws InvalidInput when the spacers make more different heights than can be looked at
   */
  static Optional<Set> of(
      SteererStack.Parts parts, SteererStack.Limits limits, List<Double> stockMm) {
    return new SpacerChoice(parts, limits).best(stockMm);
  }

  private Optional<Set> best(List<Double> stock) {
    List<Double> pool = new ArrayList<>(parts.spacersBelowMm());
    pool.addAll(parts.spacersAboveMm());
    pool.addAll(stock);
    if (pool.size() > MOST_PIECES) {
      throw InvalidInput.at("stockMm", "makes more than 60 spacers in all; leave some out.");
    }
    pool.sort(Comparator.reverseOrder());
    for (double piece : pool) {
      add(piece);
    }
    long today = units(SteererStack.sum(parts.spacersBelowMm()));
    return sets.entrySet().stream()
        .filter(e -> holds(e.getKey()))
        .min(
            Comparator.comparingLong((Map.Entry<Heights, Pieces> e) -> off(e.getKey()))
                .thenComparingInt(e -> e.getValue().count())
                .thenComparingLong(e -> Math.abs(e.getKey().below() - today))
                .thenComparingLong(e -> e.getKey().below()))
        .map(
            e ->
                new Set(
                    e.getValue().on(true),
                    e.getValue().on(false),
                    parts.gapMm(mm(e.getKey().below()), mm(e.getKey().above()))));
  }

  private void add(double piece) {
    Map<Heights, Pieces> grown = new HashMap<>(sets);
    sets.forEach(
        (heights, pieces) -> {
          keep(
              grown,
              new Heights(heights.below() + units(piece), heights.above()),
              pieces,
              piece,
              true);
          keep(
              grown,
              new Heights(heights.below(), heights.above() + units(piece)),
              pieces,
              piece,
              false);
        });
    if (grown.size() > MOST_SETS) {
      throw InvalidInput.at(
          "stockMm", "are more different spacers than can be looked at; leave some out.");
    }
    sets = grown;
  }

  private void keep(
      Map<Heights, Pieces> grown, Heights heights, Pieces before, double piece, boolean below) {
    boolean tooHigh =
        parts.gapMm(mm(heights.below()), mm(heights.above()))
            > limits.target().maxMm() + 1 / PER_MM;
    if (!tooHigh && limits.below(mm(heights.below()))) {
      grown.merge(heights, before.and(piece, below), (a, b) -> b.count() < a.count() ? b : a);
    }
  }

  private boolean holds(Heights h) {
    double below = mm(h.below());
    double above = mm(h.above());
    return limits.target().window().holds(parts.gapMm(below, above))
        && limits.hold(parts, below, above);
  }

  private long off(Heights h) {
    return units(Math.abs(parts.gapMm(mm(h.below()), mm(h.above())) - limits.target().aimMm()));
  }

  private static long units(double mm) {
    return Math.round(mm * PER_MM);
  }

  private static double mm(long units) {
    return units / PER_MM;
  }
}
