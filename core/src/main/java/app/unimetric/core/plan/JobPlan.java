package app.unimetric.core.plan;

import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.sequence.Precedence;
import app.unimetric.core.sequence.SettingOrder;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.ToolChoice;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A job worked out: joints in working order, and what stands in the way.
 *
 * @param joints in working order; in the pack's order when the rules contradict each other
 * @param blockers empty when the job may start
 * @param cycle ids of joints whose order rules form a ring
 * @param settingChanges changes of tool or setting for the final torques
 * @param settingChangesAtLeast no order within the rules has fewer; equal when proved
 */
public record JobPlan(
    JobPack pack,
    List<PlannedJoint> joints,
    List<Blocker> blockers,
    List<String> cycle,
    int settingChanges,
    int settingChangesAtLeast) {

  public boolean ready() {
    return blockers.isEmpty();
  }

  /** Works out a job with the tools of the crib on a day. */
  public static JobPlan of(
      JobPack pack, List<Decision> decisions, List<CribTool> crib, Policy policy, LocalDate today) {
    Map<String, PlannedJoint> planned = new LinkedHashMap<>();
    Map<String, @Nullable String> settings = new LinkedHashMap<>();
    List<Blocker> blockers = new ArrayList<>();
    for (PackJoint joint : pack.joints()) {
      PlannedJoint one = JointPlanner.plan(joint, pack.order(), decisions, crib, policy, today);
      planned.put(joint.id(), one);
      settings.put(joint.id(), settingOf(one));
      blockers.addAll(blockers(one));
    }
    Precedence.Result order = Precedence.order(settings, pack.order());
    if (!order.cycle().isEmpty()) {
      blockers.add(
          new Blocker(
              Blocker.Kind.ORDER_CYCLE,
              null,
              "The order rules contradict each other: "
                  + String.join(" before ", order.cycle())
                  + " before "
                  + order.cycle().get(0)
                  + "."));
    }
    SettingOrder working =
        order.cycle().isEmpty()
            ? SettingOrder.of(settings, pack.order())
            : new SettingOrder(List.copyOf(planned.keySet()), 0, 0);
    List<PlannedJoint> joints = new ArrayList<>();
    for (String id : working.order()) {
      PlannedJoint joint = planned.get(id);
      if (joint != null) {
        joints.add(joint);
      }
    }
    return new JobPlan(
        pack,
        List.copyOf(joints),
        List.copyOf(blockers),
        order.cycle(),
        working.changes(),
        working.atLeast());
  }

  /** Tool and scale reading: what must be changed between two joints. */
  static @Nullable String settingOf(PlannedJoint joint) {
    ToolChoice choice = joint.tool();
    return choice == null ? null : choice.tool().id() + " " + choice.setting().scale();
  }

  private static List<Blocker> blockers(PlannedJoint joint) {
    List<Blocker> found = new ArrayList<>();
    String id = joint.joint().id();
    if (joint.joint().values().isEmpty()) {
      found.add(
          new Blocker(
              Blocker.Kind.MISSING_VALUE,
              id,
              "No value yet: look it up ("
                  + String.join("; or ", joint.joint().slots())
                  + ") and fill it in."));
      return found;
    }
    for (String message : joint.resolution().blockers()) {
      found.add(new Blocker(Blocker.Kind.VALUES_DISAGREE, id, message));
    }
    if (joint.resolution().band() != null && joint.tool() == null) {
      String nearest =
          joint.tools().isEmpty()
              ? "The crib holds no torque tool."
              : "Best was "
                  + joint.tools().get(0).tool().name()
                  + ": "
                  + String.join(" ", joint.tools().get(0).reasons());
      found.add(
          new Blocker(
              Blocker.Kind.NO_TOOL, id, "No tool of the crib can be used here. " + nearest));
    }
    return found;
  }
}
