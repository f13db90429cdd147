package app.unimetric.core.fit;

import app.unimetric.core.problem.InvalidInput;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiPredicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Every way of putting spacers in two places. Those with the same height in both are one, kept in
 * its fewest pieces.
 */
final class SpacerSets {
  /** More different heights than a box of spacers comes to. */
  private static final int MOST_SETS = 50_000;

  private static final int MOST_PIECES = 60;
  private static final double PER_MM = 1e6;
  private final BiPredicate<Double, Double> worthKeeping;
  private Map<Heights, Pieces> sets = new HashMap<>(Map.of(new Heights(0, 0), Pieces.NONE));

  /**
   * One way.
   *
   * @param first mm each in the first place, the tallest first
   * @param second likewise in the second
   */
  record Way(List<Double> first, List<Double> second) {
    double firstMm() {
      return sum(first);
    }

    double secondMm() {
      return sum(second);
    }
  }

  /** Millionths of a millimetre, so that equal heights are one. */
  private record Heights(long first, long second) {}

  /** A set as it grew: the piece last added, where to, and what was there before. */
  private record Pieces(int count, double last, boolean isFirst, @Nullable Pieces before) {
    static final Pieces NONE = new Pieces(0, 0, false, null);

    Pieces and(double piece, boolean first) {
      return new Pieces(count + 1, piece, first, this);
    }

    List<Double> on(boolean first) {
      List<Double> found = new ArrayList<>();
      for (Pieces p = this; p != null && p.count() > 0; p = p.before()) {
        if (p.isFirst() == first) {
          found.add(p.last());
        }
      }
      found.sort(Comparator.reverseOrder());
      return found;
    }
  }

  private SpacerSets(BiPredicate<Double, Double> worthKeeping) {
    this.worthKeeping = worthKeeping;
  }

  /**
   * @param pool mm each
   * @param worthKeeping of the heights in both places, mm: false where no more pieces bring it
   *     right
   * @throws InvalidInput when the pieces make more different heights than can be looked at
   */
  static Stream<Way> of(List<Double> pool, BiPredicate<Double, Double> worthKeeping) {
    if (pool.size() > MOST_PIECES) {
      throw InvalidInput.at("stockMm", "makes more than 60 spacers in all; leave some out.");
    }
    SpacerSets all = new SpacerSets(worthKeeping);
    pool.stream().sorted(Comparator.reverseOrder()).forEach(all::add);
    return all.sets.values().stream().map(p -> new Way(p.on(true), p.on(false)));
  }

  private void add(double piece) {
    Map<Heights, Pieces> grown = new HashMap<>(sets);
    sets.forEach(
        (at, pieces) -> {
          keep(grown, new Heights(at.first() + units(piece), at.second()), pieces.and(piece, true));
          keep(
              grown, new Heights(at.first(), at.second() + units(piece)), pieces.and(piece, false));
        });
    if (grown.size() > MOST_SETS) {
      throw InvalidInput.at(
          "stockMm", "are more different spacers than can be looked at; leave some out.");
    }
    sets = grown;
  }

  private void keep(Map<Heights, Pieces> grown, Heights at, Pieces pieces) {
    if (worthKeeping.test(at.first() / PER_MM, at.second() / PER_MM)) {
      grown.merge(at, pieces, (a, b) -> b.count() < a.count() ? b : a);
    }
  }

  static long units(double mm) {
    return Math.round(mm * PER_MM);
  }

  static double sum(List<Double> pieces) {
    return pieces.stream().mapToDouble(Double::doubleValue).sum();
  }
}
