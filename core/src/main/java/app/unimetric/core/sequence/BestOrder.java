package app.unimetric.core.sequence;

import java.util.ArrayList;
import java.util.List;

/** The order of few fasteners that leaves the least spread, found by trying all of them. */
public final class BestOrder {
  public static final int MOST_FASTENERS = 7;
  private static final double TIE_PERCENT = 1e-9;
  private final ElasticInteraction joint;
  private final double targetN;
  private final int passes;
  private double least = Double.MAX_VALUE;
  private int[] best = new int[0];

  private BestOrder(ElasticInteraction joint, double targetN, int passes) {
    this.joint = joint;
    this.targetN = targetN;
    this.passes = passes;
  }

  /**
   * The best known order; of equal ones the first by number.
   *
   * @param joint of at most {@value #MOST_FASTENERS} fasteners
   */
  public static List<Integer> of(ElasticInteraction joint, double targetN, int passes) {
    if (joint.count() > MOST_FASTENERS) {
      throw new IllegalArgumentException("too many to try all orders: " + joint.count());
    }
    BestOrder search = new BestOrder(joint, targetN, passes);
    search.extend(new int[joint.count()], 0, new boolean[joint.count()]);
    List<Integer> order = new ArrayList<>();
    for (int i : search.best) {
      order.add(i + 1);
    }
    return order;
  }

  private void extend(int[] turns, int length, boolean[] used) {
    if (length == turns.length) {
      double spread = joint.spreadPercent(targetN, turns, passes);
      if (spread < least - TIE_PERCENT) {
        least = spread;
        best = turns.clone();
      }
      return;
    }
    for (int i = 0; i < used.length; i++) {
      if (!used[i]) {
        used[i] = true;
        turns[length] = i;
        extend(turns, length + 1, used);
        used[i] = false;
      }
    }
  }
}
