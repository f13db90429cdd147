package app.unimetric.core.spec;

import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.thread.MetricThread;
import org.jspecify.annotations.Nullable;

/**
 * What is known of a joint while its values are resolved.
 *
 * @param thread null when unknown
 * @param propertyClass null when unknown
 * @param head what it is turned by; a hexagon where nothing is said
 * @param role what the fastener is for
 * @param critical a failure can kill or lock a wheel
 * @param carbon carbon is clamped
 * @param softThread plastic, soft or repaired thread
 * @param aim where the workshop aims
 * @param toolDeviationPercent a, percent; null for the usual one by size
 * @param tolerancePercent the workshop's band round a single value, percent; null for the usual one
 */
public record JointContext(
    @Nullable MetricThread thread,
    @Nullable PropertyClass propertyClass,
    Head head,
    Role role,
    boolean critical,
    boolean carbon,
    boolean softThread,
    Aim aim,
    @Nullable Double toolDeviationPercent,
    @Nullable Double tolerancePercent) {

  public JointContext {
    Problems problems = new Problems();
    if (toolDeviationPercent != null) {
      problems.within(toolDeviationPercent, 0, 50, "toolDeviationPercent");
    }
    if (tolerancePercent != null) {
      problems.within(tolerancePercent, 0, 50, "tolerancePercent");
    }
    problems.orThrow();
  }

  /** A clamping joint of which nothing else is known. */
  public static JointContext plain() {
    return new JointContext(
        null, null, Head.HEX, Role.CLAMP, false, false, false, Aim.MIDDLE, null, null);
  }

  public JointContext critical(boolean is) {
    return new JointContext(
        thread,
        propertyClass,
        head,
        role,
        is,
        carbon,
        softThread,
        aim,
        toolDeviationPercent,
        tolerancePercent);
  }

  public JointContext with(@Nullable MetricThread thread, @Nullable PropertyClass propertyClass) {
    return new JointContext(
        thread,
        propertyClass,
        head,
        role,
        critical,
        carbon,
        softThread,
        aim,
        toolDeviationPercent,
        tolerancePercent);
  }

  public JointContext aiming(Aim aim) {
    return new JointContext(
        thread,
        propertyClass,
        head,
        role,
        critical,
        carbon,
        softThread,
        aim,
        toolDeviationPercent,
        tolerancePercent);
  }
}
