package app.unimetric.core.pack;

import app.unimetric.core.order.Task;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One thing to do besides tightening.
 *
 * @param traps what people get wrong here
 * @param minutes how long it takes a practised hand; 0 when not stated
 * @param hold whether it cannot be passed silently
 * @param beside the joint it stands next to; null at the head of its phase
 */
public record PackStep(
    String id,
    Phase phase,
    String title,
    String text,
    List<String> traps,
    double minutes,
    boolean hold,
    @Nullable Beside beside) {
  public PackStep {
    traps = List.copyOf(traps);
  }

  /** What it is called among the tasks of the job, apart from the names of joints. */
  public String taskId() {
    return "step." + id;
  }

  public Task task() {
    return Task.ofStep(phase.taskKind(), taskId());
  }

  /**
   * Next to a joint: right before or right after it is prepared, started or brought to its final
   * torque, by the phase of the step.
   */
  public record Beside(String jointId, boolean after) {}
}
