package app.unimetric.core.pack;

import java.util.List;

/** Joints on which less is said to hang than before: that is for a lead to say, with a reason. */
public final class Lowered {
  private Lowered() {}

  /**
   * Titles of joints that were critical and are no longer.
   *
   * @param before the job before it was shaped
   * @param after the same job after
   */
  public static List<String> between(JobPack before, JobPack after) {
    return before.joints().stream()
        .filter(j -> j.duty().isCritical())
        .filter(
            j ->
                after.joints().stream()
                    .anyMatch(a -> a.packId().equals(j.packId()) && !a.duty().isCritical()))
        .map(PackJoint::titleOfBothSides)
        .distinct()
        .toList();
  }
}
