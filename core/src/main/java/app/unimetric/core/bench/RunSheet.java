package app.unimetric.core.bench;

import java.util.List;
import java.util.Optional;

/** Everything a run needs, fixed when the job starts. */
public record RunSheet(
    String title,
    boolean critical,
    List<String> cautions,
    List<RunJoint> joints,
    List<RunStep> steps) {
  public RunSheet {
    cautions = List.copyOf(cautions);
    joints = List.copyOf(joints);
    steps = List.copyOf(steps);
  }

  public Optional<RunStep> step(String id) {
    return steps.stream().filter(s -> s.id().equals(id)).findFirst();
  }

  public Optional<RunJoint> joint(String id) {
    return joints.stream().filter(j -> j.id().equals(id)).findFirst();
  }
}
