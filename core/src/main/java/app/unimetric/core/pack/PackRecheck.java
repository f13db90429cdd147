package app.unimetric.core.pack;

import app.unimetric.core.recheck.RecheckRule;
import java.util.List;

/**
 * A re-check that one job asks for besides the workshop's own rules.
 *
 * @param jointIds what it is about; empty for all joints
 */
public record PackRecheck(RecheckRule rule, List<String> jointIds) {
  public PackRecheck {
    jointIds = List.copyOf(jointIds);
  }

  /** Whether it is about this joint. */
  public boolean isAbout(PackJoint joint) {
    return jointIds.isEmpty() || jointIds.contains(joint.id());
  }
}
