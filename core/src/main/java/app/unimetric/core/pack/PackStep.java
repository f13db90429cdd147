package app.unimetric.core.pack;

import app.unimetric.core.order.Task;
import app.unimetric.core.order.TaskKind;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One thing to do besides tightening.
 *
 * @param traps what people get wrong here
 * @param minutes how long it takes a practised hand; 0 when not stated
 * @param hold whether it cannot be passed silently
 * @param beside the joint it stands next to; null at the head of its phase
 * @param kind what it is among the tasks
 * @param side on which it is done; null where it is done once
 */
public record PackStep(
    String id,
    Phase phase,
    String title,
    String text,
    List<String> traps,
    double minutes,
    boolean hold,
    @Nullable Beside beside,
    TaskKind kind,
    @Nullable Side side) {
  public PackStep {
    traps = List.copyOf(traps);
  }

  /** What it is called among the tasks of the job, apart from the names of joints. */
  public String taskId() {
    return taskIdOf(id);
  }

  /** The same for a step of this id. */
  public static String taskIdOf(String id) {
    return "step." + id;
  }

  public Task task() {
    return Task.ofStep(kind, taskId());
  }

  /** Its name in the pack, the same on both sides. */
  public String packId() {
    return side == null ? id : id.substring(0, id.length() - side.name().length() - 1);
  }

  /** The same step on one side, beside the joint of that side. */
  PackStep on(Side one, @Nullable Beside there) {
    return called(one.of(id), Selection.onSide(title, one), there, one);
  }

  /** The same step as another job calls it. */
  PackStep called(String name, @Nullable Beside there) {
    return called(name, title, there, side);
  }

  private PackStep called(String name, String words, @Nullable Beside there, @Nullable Side where) {
    return new PackStep(name, phase, words, text, traps, minutes, hold, there, kind, where);
  }

  /**
   * Next to a joint: right before or right after it is prepared, started or brought to its final
   * torque, by the phase of the step.
   */
  public record Beside(String jointId, boolean after) {}
}
