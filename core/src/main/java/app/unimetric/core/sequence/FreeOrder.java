package app.unimetric.core.sequence;

import app.unimetric.core.problem.Problems;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The order over fasteners that sit anywhere, by the same idea as the named layouts: those on one
 * line from its centre outwards; otherwise the inner ones before the rim, and each ring crosswise,
 * taken clockwise from its top (after the idea of ASME PCC-1).
 */
public final class FreeOrder {
  private static final double LINE_SHARE = 0.02;
  private static final double INNER_SHARE = 0.5;

  private FreeOrder() {}

  /**
   * Where a fastener sits; only the proportions count.
   *
   * @param x to the right
   * @param y downwards
   */
  public record Place(double x, double y) {}

  /**
   * The order, by numbers from 1 as the places are listed.
   *
   * @param places 2 to 64, no two at one place
   */
  public static List<Integer> of(List<Place> places) {
    Problems problems =
        new Problems()
            .require(
                places.size() >= 2 && places.size() <= TighteningOrder.MOST_FASTENERS,
                "positions",
                "needs 2 to 64 fasteners.");
    for (int i = 0; i < Math.min(places.size(), TighteningOrder.MOST_FASTENERS); i++) {
      problems.within(places.get(i).x(), -1e5, 1e5, "positions[" + i + "].x");
      problems.within(places.get(i).y(), -1e5, 1e5, "positions[" + i + "].y");
      problems.require(
          places.indexOf(places.get(i)) == i,
          "positions[" + i + "]",
          "is the same place as an earlier one.");
    }
    problems.orThrow();
    List<Spot> spots = spots(places);
    List<Spot> ordered = onOneLine(spots) ? alongTheLine(spots) : ringByRing(spots);
    return ordered.stream().map(Spot::number).toList();
  }

  /** Why the order is as it is, in words. */
  public static List<String> reasons() {
    return List.of(
        "All are started by hand before any is pulled, so that no thread is forced.",
        "The inner ones are pulled before the rim and each ring crosswise, so that the part lies down from its middle.",
        "The last round checks at full torque until nothing moves.");
  }

  /** A fastener seen from the middle of all. */
  private record Spot(int number, double x, double y) {
    double fromMiddle() {
      return Math.hypot(x, y);
    }

    /** From the top, clockwise, 0 to 2π. */
    double clockwise() {
      double angle = Math.atan2(x, -y);
      return angle < -1e-9 ? angle + 2 * Math.PI : Math.max(0, angle);
    }
  }

  private static List<Spot> spots(List<Place> places) {
    double midX = places.stream().mapToDouble(Place::x).average().orElse(0);
    double midY = places.stream().mapToDouble(Place::y).average().orElse(0);
    return IntStream.range(0, places.size())
        .mapToObj(i -> new Spot(i + 1, places.get(i).x() - midX, places.get(i).y() - midY))
        .toList();
  }

  private static double reach(List<Spot> spots) {
    return spots.stream().mapToDouble(Spot::fromMiddle).max().orElse(0);
  }

  private static Spot furthest(List<Spot> spots) {
    return spots.stream().max(Comparator.comparingDouble(Spot::fromMiddle)).orElseThrow();
  }

  private static boolean onOneLine(List<Spot> spots) {
    Spot end = furthest(spots);
    double reach = reach(spots);
    return spots.stream()
        .allMatch(s -> Math.abs(s.x() * end.y() - s.y() * end.x()) <= LINE_SHARE * reach * reach);
  }

  private static List<Spot> alongTheLine(List<Spot> spots) {
    Spot end = furthest(spots);
    List<Spot> line =
        spots.stream()
            .sorted(Comparator.comparingDouble(s -> s.x() * end.x() + s.y() * end.y()))
            .toList();
    int size = line.size();
    boolean asListed = line.get(0).number() < end.number();
    return TighteningOrder.outwards(size).stream()
        .map(n -> line.get(asListed ? n - 1 : size - n))
        .toList();
  }

  private static List<Spot> ringByRing(List<Spot> spots) {
    double rim = INNER_SHARE * reach(spots);
    List<Spot> inner = spots.stream().filter(s -> s.fromMiddle() < rim).toList();
    List<Spot> ring =
        spots.stream()
            .filter(s -> s.fromMiddle() >= rim)
            .sorted(Comparator.comparingDouble(Spot::clockwise).thenComparing(Spot::number))
            .toList();
    List<Spot> ordered = new ArrayList<>(inner.isEmpty() ? List.of() : ringByRing(inner));
    TighteningOrder.cross(ring.size()).forEach(n -> ordered.add(ring.get(n - 1)));
    return ordered;
  }
}
