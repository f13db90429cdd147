package app.unimetric.core.bench;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Everything a run needs, fixed when the job starts.
 *
 * @param lookAgainMinutes how long after the last tightening the same person may look again, in a
 *     workshop of one; null where the second look is another person's
 */
public record RunSheet(
    String title,
    boolean critical,
    List<String> cautions,
    List<RunJoint> joints,
    List<RunStep> steps,
    @Nullable Integer lookAgainMinutes) {
  public RunSheet {
    cautions = List.copyOf(cautions);
    joints = List.copyOf(joints);
    steps = List.copyOf(steps);
  }

  public Optional<RunStep> step(String id) {
    return steps.stream().filter(s -> s.id().equals(id)).findFirst();
  }

  /** Joints that come loose at steps that turn nothing further, by the step's id. */
  public Map<String, String> drawnBeside() {
    return joints.stream()
        .filter(j -> step(j.undoId()).isPresent())
        .collect(Collectors.toUnmodifiableMap(RunJoint::undoId, RunJoint::id));
  }

  public Optional<RunJoint> joint(String id) {
    return joints.stream().filter(j -> j.id().equals(id)).findFirst();
  }
}
