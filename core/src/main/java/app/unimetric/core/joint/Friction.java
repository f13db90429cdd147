package app.unimetric.core.joint;

import app.unimetric.core.problem.Problems;

/**
 * Friction at the thread and under the head.
 *
 * @param thread μ_th, 0.01 to 1
 * @param head μ_h, 0.01 to 1
 */
public record Friction(double thread, double head) {
  public Friction {
    new Problems().within(thread, 0.01, 1, "thread").within(head, 0.01, 1, "head").orThrow();
  }

  /** The same coefficient at both places, as the tables of VDI 2230 assume. */
  public static Friction of(double both) {
    return new Friction(both, both);
  }
}
