package app.unimetric.core.sequence;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * The passes over the fasteners of one joint and the order within each (after the idea of ASME
 * PCC-1: opposite, then the gaps halved, so that the part seats evenly).
 */
public final class TighteningOrder {
  public static final int MOST_FASTENERS = 64;
  private static final List<Double> USUAL_PERCENTS = List.of(30.0, 65.0, 100.0);
  private static final double SNUG_BELOW = 50;

  private TighteningOrder() {}

  /**
   * All passes, first to last.
   *
   * @param count fasteners, 1 to 64
   * @param gapStyle for a faceplate; null is EVEN
   * @param percents shares of the final torque, rising, the last one 100; null for 30, 65, 100
   * @throws InvalidInput when a count or share is out of range
   */
  public static List<Pass> passes(
      int count, Layout layout, @Nullable GapStyle gapStyle, @Nullable List<Double> percents) {
    List<Double> shares = percents == null ? USUAL_PERCENTS : percents;
    check(count, layout, gapStyle, shares);
    List<Pass> passes = new ArrayList<>();
    List<Integer> round = IntStream.rangeClosed(1, count).boxed().toList();
    passes.add(new Pass(0, round, PassKind.HAND));
    if (count == 1 && percents == null) {
      passes.add(new Pass(100, round, PassKind.CROSS));
      return passes;
    }
    List<Integer> order = order(count, layout, gapStyle == null ? GapStyle.EVEN : gapStyle);
    boolean alternates = count == 2 || layout == Layout.PINCH || closesOneSideFirst(gapStyle);
    PassKind kind = alternates ? PassKind.ALTERNATE : PassKind.CROSS;
    for (int i = 0; i < shares.size(); i++) {
      boolean snug = i == 0 && shares.size() > 1 && shares.get(i) < SNUG_BELOW;
      passes.add(new Pass(shares.get(i), order, snug ? PassKind.SNUG : kind));
    }
    passes.add(new Pass(100, round, PassKind.CIRCULAR_CHECK));
    return passes;
  }

  /**
   * All passes over fasteners that sit anywhere.
   *
   * @param places 2 to 64, no two at one place
   * @param percents as above
   * @throws InvalidInput when two sit at one place or a share is out of range
   * @see FreeOrder
   */
  public static List<Pass> passes(List<FreeOrder.Place> places, @Nullable List<Double> percents) {
    List<Integer> order = FreeOrder.of(places);
    return passes(places.size(), Layout.ROW, null, percents).stream()
        .map(
            p ->
                p.kind() == PassKind.SNUG || p.kind() == PassKind.CROSS
                    ? new Pass(p.percent(), order, p.kind())
                    : p)
        .toList();
  }

  /** Why the passes are as they are, in words. */
  public static List<String> reasons(int count, Layout layout, @Nullable GapStyle gapStyle) {
    List<String> reasons = new ArrayList<>();
    if (count == 1) {
      reasons.add("One fastener: start it by hand, then one smooth pull to the setting.");
      return reasons;
    }
    reasons.add("All are started by hand before any is pulled, so that no thread is forced.");
    if (closesOneSideFirst(gapStyle)) {
      reasons.add(
          "This plate closes on one side: bring that side metal to metal first, then pull the other.");
    } else if (count == 2 || layout == Layout.PINCH) {
      reasons.add(
          "The first goes slack when the next is pulled: alternate in small equal steps until none moves.");
    } else if (layout == Layout.ROW) {
      reasons.add("A row is pulled from the centre outwards, so that the part lies down flat.");
    } else {
      reasons.add(
          "Cross order keeps the part flat while it closes; the passes, not the order, even out the loads.");
    }
    reasons.add("The last round checks at full torque until nothing moves.");
    return reasons;
  }

  private static void check(
      int count, Layout layout, @Nullable GapStyle gapStyle, List<Double> shares) {
    Problems problems =
        new Problems()
            .require(
                count >= 1 && count <= MOST_FASTENERS,
                "count",
                "must be a whole number from 1 to 64.")
            .require(
                !shares.isEmpty() && shares.size() <= 20, "passesPercent", "needs 1 to 20 shares.");
    for (int i = 0; i < shares.size() && i < 20; i++) {
      problems.positive(shares.get(i), 100, "passesPercent[" + i + "]");
      problems.require(
          i == 0 || shares.get(i) > shares.get(i - 1),
          "passesPercent[" + i + "]",
          "must be above the share before it.");
    }
    problems.require(
        shares.isEmpty() || shares.get(shares.size() - 1) == 100,
        "passesPercent",
        "must end at 100.");
    problems.require(
        gapStyle == null || layout == Layout.FACEPLATE, "gapStyle", "belongs to a FACEPLATE only.");
    problems.orThrow();
  }

  private static boolean closesOneSideFirst(@Nullable GapStyle gapStyle) {
    return gapStyle == GapStyle.CLOSE_TOP_FIRST || gapStyle == GapStyle.CLOSE_BOTTOM_FIRST;
  }

  private static List<Integer> order(int count, Layout layout, GapStyle gapStyle) {
    return switch (layout) {
      case CIRCLE -> cross(count);
      case ROW -> outwards(count);
      case PINCH -> IntStream.rangeClosed(1, count).boxed().toList();
      case FACEPLATE -> closesOneSideFirst(gapStyle) ? oneSideFirst(count, gapStyle) : cross(count);
    };
  }

  /**
   * Opposite ones in turn, the gaps halved each time: an even circle is two half circles
   * interleaved; an odd one steps by just under half round, which meets every fastener once.
   */
  static List<Integer> cross(int count) {
    List<Integer> order = new ArrayList<>(count);
    if (count <= 3) {
      IntStream.rangeClosed(1, count).forEach(order::add);
    } else if (count % 2 == 0) {
      for (int first : cross(count / 2)) {
        order.add(first);
        order.add(first + count / 2);
      }
    } else {
      int step = (count - 1) / 2;
      for (int i = 0, at = 0; i < count; i++, at = (at + step) % count) {
        order.add(at + 1);
      }
    }
    return order;
  }

  /** From the centre of a row to its ends. */
  static List<Integer> outwards(int count) {
    List<Integer> order = new ArrayList<>(count);
    int left = (count + 1) / 2;
    int right = left + 1;
    if (count % 2 == 1) {
      order.add(left--);
    }
    while (order.size() < count) {
      order.add(left--);
      order.add(right++);
    }
    return order;
  }

  /** Numbered clockwise from the top left: the first half sits on top, the second below. */
  private static List<Integer> oneSideFirst(int count, GapStyle gapStyle) {
    int top = (count + 1) / 2;
    List<Integer> order = new ArrayList<>(count);
    IntStream.rangeClosed(1, top).forEach(order::add);
    List<Integer> below = IntStream.rangeClosed(top + 1, count).boxed().toList();
    order.addAll(gapStyle == GapStyle.CLOSE_TOP_FIRST ? order.size() : 0, below);
    return order;
  }
}
