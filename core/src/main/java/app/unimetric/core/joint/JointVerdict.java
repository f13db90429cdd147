package app.unimetric.core.joint;

import org.jspecify.annotations.Nullable;

/**
 * What a torque does to a joint, in one word and one line: the first of the things below that is
 * so. Past yield, above what the threads or the surface stand, or short of the floor at nominal
 * friction, it fails; where only some bolts of many would, it is doubtful.
 *
 * @param words for a person, a line without full stop
 */
public record JointVerdict(Trust standing, String words) {
  /** Fewer than one bolt in a thousand is let pass: no torque tool is surer than that. */
  public static final double RARE = 0.001;

  /** How far the joint can be trusted at this torque. */
  public enum Trust {
    HOLDS,
    DOUBTFUL,
    FAILS
  }

  /**
   * Judges a joint at a torque.
   *
   * @return null when the joint was checked without a torque
   */
  public static @Nullable JointVerdict of(JointCheck check, Scatter scatter) {
    ClampLoad load = check.load();
    Double utilisation = check.utilisation();
    if (load == null || utilisation == null) {
      return null;
    }
    ClampLimits limits = check.limits();
    boolean otherThanYield = limits.ceilingBy() != ClampLimits.CeilingBy.YIELD;
    Double floor = limits.floorN();
    if (check.pastYield()) {
      return fails("past yield");
    }
    if (otherThanYield && load.nominalN() > limits.ceilingN()) {
      return fails(limits.ceilingBy().words());
    }
    if (floor != null && floor > limits.ceilingN()) {
      return fails("what it must hold lies above what it stands");
    }
    if (floor != null && load.nominalN() < floor) {
      return fails("does not reach the floor");
    }
    if (otherThanYield && load.maxN() > limits.ceilingN()) {
      return doubtful("with the least friction " + limits.ceilingBy().words());
    }
    if (scatter.chanceAboveYield() > RARE) {
      return doubtful(share(scatter.chanceAboveYield()) + " would yield");
    }
    if (floor != null && scatter.chanceBelowFloor() > RARE) {
      return doubtful(share(scatter.chanceBelowFloor()) + " would miss the floor");
    }
    if (load.nominalN() > limits.ceilingN()) {
      return doubtful("above the share of yield that was set");
    }
    return new JointVerdict(Trust.HOLDS, "holds");
  }

  private static JointVerdict fails(String words) {
    return new JointVerdict(Trust.FAILS, words);
  }

  private static JointVerdict doubtful(String words) {
    return new JointVerdict(Trust.DOUBTFUL, words);
  }

  private static String share(double chance) {
    return chance < 0.01
        ? Math.max(1, Math.round(chance * 1000)) + " in 1000"
        : Math.round(chance * 100) + " in 100";
  }
}
