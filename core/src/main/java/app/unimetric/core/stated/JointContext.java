package app.unimetric.core.stated;

import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.thread.ScrewThread;
import org.jspecify.annotations.Nullable;

/**
 * What is known of a joint while its values are resolved.
 *
 * @param thread null when unknown
 * @param propertyClass null when unknown
 * @param head what it is turned by; a hexagon where nothing is said
 * @param duty what it is there for
 * @param workshopAim where the workshop aims, unless the duty says otherwise
 * @param toolDeviationPercent a, percent, 0 to 50; null for the usual one by size
 * @param tolerances the workshop's band round a single value
 * @param pinned whether its nut goes on to the next slot and is pinned there
 */
public record JointContext(
    @Nullable ScrewThread thread,
    @Nullable PropertyClass propertyClass,
    Head head,
    Duty duty,
    Aim workshopAim,
    @Nullable Double toolDeviationPercent,
    Tolerances tolerances,
    boolean pinned) {

  public JointContext {
    Problems problems = new Problems();
    if (toolDeviationPercent != null) {
      problems.within(toolDeviationPercent, 0, 50, "toolDeviationPercent");
    }
    problems.orThrow();
  }

  /** A joint of which nothing but its duty is known. */
  public static JointContext of(Duty duty) {
    return new JointContext(null, null, Head.HEX, duty, Aim.MIDDLE, null, Tolerances.USUAL, false);
  }

  /** A clamping joint of which nothing else is known. */
  public static JointContext plain() {
    return of(Duty.PLAIN);
  }

  /** The same joint, its fastener known. */
  public JointContext fastenedBy(
      @Nullable ScrewThread thread, @Nullable PropertyClass propertyClass, Head head) {
    return new JointContext(
        thread, propertyClass, head, duty, workshopAim, toolDeviationPercent, tolerances, pinned);
  }

  /** Where this joint aims. */
  Aim aim() {
    return duty.aimWithin(workshopAim);
  }
}
