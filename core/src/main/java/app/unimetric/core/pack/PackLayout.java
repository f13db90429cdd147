package app.unimetric.core.pack;

import java.util.Set;

/**
 * How the parts of a job stand to each other in time.
 *
 * @param sidesInTurn whether one side is closed before the other is opened; else both go in step
 * @param around names of the joints, steps and checks of a job this one stands inside: what that
 *     undoes comes before, what it does after
 */
public record PackLayout(boolean sidesInTurn, Set<String> around) {
  /** Both sides in step, nothing around. */
  public static final PackLayout PLAIN = new PackLayout(false, Set.of());

  public PackLayout {
    around = Set.copyOf(around);
  }

  /** Whether this belongs to the job around. */
  public boolean isAround(String name) {
    return around.contains(name);
  }
}
