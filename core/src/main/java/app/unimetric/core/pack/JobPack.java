package app.unimetric.core.pack;

import app.unimetric.core.sequence.Precedence;
import java.util.List;

/**
 * A job as data.
 *
 * @param models the machines it is written for, by model name; empty for all of the kind
 */
public record JobPack(
    String key,
    String title,
    String summary,
    MachineKind machineKind,
    List<String> models,
    String fits,
    List<String> cautions,
    List<OneTimePart> oneTimeParts,
    List<PackStep> steps,
    List<PackJoint> joints,
    List<Precedence.Rule> order,
    List<PackCheck> checks) {
  /** The version of the document this code reads. */
  public static final int VERSION = 1;

  public JobPack {
    models = List.copyOf(models);
    cautions = List.copyOf(cautions);
    oneTimeParts = List.copyOf(oneTimeParts);
    steps = List.copyOf(steps);
    joints = List.copyOf(joints);
    order = List.copyOf(order);
    checks = List.copyOf(checks);
  }

  /** Whether the job is meant for this machine. */
  public boolean suits(MachineKind kind, String model) {
    return machineKind == kind && (models.isEmpty() || models.contains(model));
  }
}
