package app.unimetric.server.sheet;

import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.plan.Needs;
import app.unimetric.core.plan.PlannedJoint;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.tool.Coverage;
import java.util.ArrayList;
import java.util.List;

/**
 * Of a job's plan what lists of all jobs show.
 *
 * @param blockers how many things keep it from the bench
 * @param needs what it takes, and what of it is missing
 * @param torques it asks for, each by the title of its joint
 */
public record Outlook(int blockers, Needs needs, List<Coverage.Need> torques) {
  public Outlook {
    torques = List.copyOf(torques);
  }

  static Outlook of(JobPlan plan) {
    List<Coverage.Need> torques = new ArrayList<>();
    for (PlannedJoint joint : plan.joints()) {
      TorqueBand band = joint.band();
      if (band != null && band.maxNm() > 0) {
        torques.add(
            new Coverage.Need(
                band,
                joint.aimNm(),
                joint.resolution().capNm(),
                joint.joint().duty().isCritical(),
                joint.joint().fastener().hand(),
                joint.joint().title()));
      }
    }
    return new Outlook(plan.blockers().size(), plan.needs(), torques);
  }
}
