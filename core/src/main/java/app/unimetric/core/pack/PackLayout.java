package app.unimetric.core.pack;

import java.util.List;
import java.util.Set;

/**
 * How the parts of a job stand to each other in time.
 *
 * @param sidesInTurn whether one side is closed before the other is opened; else both go in step
 * @param around names of the joints, steps and checks of a job this one stands inside: what that
 *     undoes comes before, what it does after
 * @param together jobs that are done in one visit with this one; none where it is done alone
 */
public record PackLayout(boolean sidesInTurn, Set<String> around, List<JobPack> together) {
  /** Both sides in step, nothing around. */
  public static final PackLayout PLAIN = new PackLayout(false, Set.of(), List.of());

  public PackLayout {
    around = Set.copyOf(around);
    together = List.copyOf(together);
  }

  /** Whether this belongs to the job around. */
  public boolean isAround(String name) {
    return around.contains(name);
  }
}
