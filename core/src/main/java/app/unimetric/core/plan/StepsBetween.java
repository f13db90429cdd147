package app.unimetric.core.plan;

import app.unimetric.core.pack.PackStep;
import app.unimetric.core.pack.Phase;
import app.unimetric.core.plan.JointTasks.Kind;
import app.unimetric.core.plan.JointTasks.Task;
import java.util.ArrayList;
import java.util.List;

/**
 * Where the steps of a job stand among the tasks of its joints: a step beside a joint right before
 * or after it is prepared, started or brought to its final torque; any other at the head of its
 * phase.
 */
final class StepsBetween {
  private StepsBetween() {}

  /**
   * The tasks with the steps in their places; steps of one place keep the order they are written
   * in.
   */
  static List<Task> woven(List<Task> tasks, List<PackStep> between) {
    List<Task> woven = new ArrayList<>(tasks);
    for (PackStep step : between) {
      woven.add(place(step, woven), Task.of(step));
    }
    return woven;
  }

  private static int place(PackStep step, List<Task> tasks) {
    PackStep.Beside beside = step.beside();
    if (beside == null) {
      return headOf(step.phase(), tasks);
    }
    String id = beside.jointId();
    int start = indexOf(id, Kind.START, tasks);
    int wet = indexOf(id, Kind.WET, tasks);
    boolean wetFirst = step.phase() == Phase.PREPARE && wet >= 0 && wet < start;
    int at =
        wetFirst ? wet : step.phase() == Phase.TIGHTEN ? indexOf(id, Kind.FINAL, tasks) : start;
    boolean beforeStart = step.phase() == Phase.PREPARE && !wetFirst;
    int place = beside.after() && !beforeStart ? at + 1 : at;
    // Several steps after one joint keep the order they are written in.
    while (beside.after() && place < tasks.size() && besideSame(tasks.get(place), step)) {
      place++;
    }
    return place;
  }

  private static boolean besideSame(Task task, PackStep step) {
    PackStep other = task.step();
    return other != null
        && other.phase() == step.phase()
        && step.beside() != null
        && step.beside().equals(other.beside());
  }

  /** Before the first task of a phase; steps of the phase that stand there already go first. */
  private static int headOf(Phase phase, List<Task> tasks) {
    for (int i = 0; i < tasks.size(); i++) {
      Kind kind = tasks.get(i).kind();
      boolean reached =
          switch (phase) {
            case START -> kind == Kind.START;
            case TIGHTEN -> kind == Kind.FINAL;
            default -> kind == Kind.WET || kind == Kind.START;
          };
      if (reached) {
        return i;
      }
    }
    return 0;
  }

  private static int indexOf(String jointId, Kind kind, List<Task> tasks) {
    for (int i = 0; i < tasks.size(); i++) {
      if (tasks.get(i).is(jointId, kind)) {
        return i;
      }
    }
    return -1;
  }
}
