package app.unimetric.core.order;

import org.jspecify.annotations.Nullable;

/**
 * One thing to do, as it stands in the order of the work.
 *
 * @param jointId the joint it works on; null for a step
 * @param stepId the step it is; null for what is done to a joint
 * @param pass place among the passes of its joint, from 0; −1 where it is none
 */
public record Task(TaskKind kind, @Nullable String jointId, @Nullable String stepId, int pass) {
  /** What is done to a joint once. */
  public static Task of(TaskKind kind, String jointId) {
    return new Task(kind, jointId, null, -1);
  }

  /** One pass over the fasteners of a joint. */
  public static Task ofPass(TaskKind kind, String jointId, int pass) {
    return new Task(kind, jointId, null, pass);
  }

  /** A step of the job. */
  public static Task ofStep(TaskKind kind, String stepId) {
    return new Task(kind, null, stepId, -1);
  }

  /** Whether it is this kind of task on this joint. */
  public boolean is(TaskKind what, String joint) {
    return kind == what && joint.equals(jointId);
  }

  /** For a message: {@code FINAL plate}. */
  public String name() {
    return kind + " " + (jointId == null ? stepId : jointId);
  }
}
