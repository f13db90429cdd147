package app.unimetric.core.plan;

import app.unimetric.core.order.Assemblies;
import app.unimetric.core.order.Task;
import app.unimetric.core.order.TaskKind;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackStep;
import app.unimetric.core.plan.Wetting.Placed;
import app.unimetric.core.surface.Compound;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * All tasks of a job in the order of the work, so that each joint gets to its final torque before
 * its product sets.
 *
 * <p>Usually the joints of a block are all wetted, all started, all snugged, then each is brought
 * to its torque. A joint whose product would set before its turn is started dry and wetted later:
 * before its snug, or at last right before its own passes. A wicking product goes on when its joint
 * is tight.
 *
 * @param tasks in order of time; empty when the rules contradict each other
 * @param cycle tasks that wait for each other in a ring; empty when there is none
 * @param wettings of every joint that gets a product
 */
public record WorkOrder(List<Task> tasks, List<Task> cycle, Map<String, Wetting> wettings) {
  private static final double DRAW_SHARE = 0.2;
  private static final double MINUTES_A_FASTENER = 0.75;
  private static final int MOST_LAYOUTS = 12;
  private static final double WETTING_MINUTES_A_FASTENER = 0.25;

  public WorkOrder {
    tasks = List.copyOf(tasks);
    cycle = List.copyOf(cycle);
    wettings = Map.copyOf(wettings);
  }

  /**
   * Lays the tasks of a job out in time.
   *
   * @param joints in the order of their final torques
   */
  static WorkOrder of(
      JobPack pack, List<PlannedJoint> joints, OrderLinks links, Assemblies blocks, Needs needs) {
    Map<String, Placed> placed = new LinkedHashMap<>();
    for (PlannedJoint joint : joints) {
      if (joint.isWetted()) {
        placed.put(
            joint.id(),
            joint.compound().advice() == Compound.WICKING
                ? Placed.WHEN_TIGHT
                : Placed.BEFORE_START);
      }
    }
    Minutes minutes = Minutes.of(pack, joints);
    TaskGraph graph = new TaskGraph(pack, joints, links, blocks);
    List<Task> tasks = graph.row(placed).tasks();
    boolean moved = true;
    for (int i = 0; i < MOST_LAYOUTS && moved; i++) {
      moved = wetLater(placed, minutes.windows(tasks), needs);
      tasks = moved ? graph.row(placed).tasks() : tasks;
    }
    Map<String, Double> windows = minutes.windows(tasks);
    Map<String, Wetting> wettings = new LinkedHashMap<>();
    placed.forEach(
        (id, when) -> {
          double left = windows.getOrDefault(id, 0.0);
          wettings.put(id, new Wetting(when, left, fixture(id, needs), !late(left, id, needs)));
        });
    return new WorkOrder(tasks, tasks.isEmpty() ? graph.row(placed).cycle() : List.of(), wettings);
  }

  /** Where a product would set too soon, it goes on one place later; true when any does. */
  private static boolean wetLater(
      Map<String, Placed> placed, Map<String, Double> windows, Needs needs) {
    boolean moved = false;
    for (Map.Entry<String, Placed> one : placed.entrySet()) {
      Placed now = one.getValue();
      Placed later = now == Placed.BEFORE_START ? Placed.BEFORE_SNUG : Placed.AT_ITS_TURN;
      if (now != Placed.WHEN_TIGHT
          && now != later
          && late(windows.getOrDefault(one.getKey(), 0.0), one.getKey(), needs)) {
        one.setValue(later);
        moved = true;
      }
    }
    return moved;
  }

  private static @Nullable Double fixture(String jointId, Needs needs) {
    Needs.ProductNeed product = needs.productOf(jointId);
    return product == null || !product.compound().isAnaerobic() ? null : product.fixtureMinutes();
  }

  private static boolean late(double minutes, String jointId, Needs needs) {
    Double fixture = fixture(jointId, needs);
    return fixture != null && minutes > fixture;
  }

  /**
   * How long the tasks take a practised hand: a fifth of a joint's time each goes into starting and
   * snugging it, the rest into its passes.
   *
   * @param ofJoint all tasks of a joint but wetting it
   */
  private record Minutes(
      Map<String, Double> ofJoint, Map<String, Integer> fasteners, Map<String, Double> ofStep) {
    static Minutes of(JobPack pack, List<PlannedJoint> joints) {
      Map<String, Double> ofJoint = new HashMap<>();
      Map<String, Integer> fasteners = new HashMap<>();
      for (PlannedJoint joint : joints) {
        int count = joint.joint().pattern().count();
        double stated = joint.joint().turning().minutes();
        ofJoint.put(joint.id(), stated > 0 ? stated : MINUTES_A_FASTENER * count);
        fasteners.put(joint.id(), count);
      }
      Map<String, Double> ofStep = new HashMap<>();
      for (PackStep step : pack.steps()) {
        ofStep.put(step.taskId(), step.minutes());
      }
      return new Minutes(ofJoint, fasteners, ofStep);
    }

    private double of(Task task) {
      String joint = task.jointId();
      if (joint == null) {
        return ofStep.getOrDefault(task.stepId(), 0.0);
      }
      double all = ofJoint.getOrDefault(joint, 0.0);
      return switch (task.kind()) {
        case WET -> WETTING_MINUTES_A_FASTENER * fasteners.getOrDefault(joint, 0);
        case START, SNUG -> DRAW_SHARE * all;
        case FINAL -> (1 - 2 * DRAW_SHARE) * all;
        default -> 0;
      };
    }

    /** From the beginning of a joint's wetting to the end of its final torque. */
    Map<String, Double> windows(List<Task> tasks) {
      Map<String, Double> wetted = new HashMap<>();
      Map<String, Double> windows = new HashMap<>();
      double clock = 0;
      for (Task task : tasks) {
        String joint = task.jointId();
        if (joint != null && task.kind() == TaskKind.WET) {
          wetted.put(joint, clock);
        }
        clock += of(task);
        Double since = wetted.get(joint);
        if (joint != null && task.kind() == TaskKind.FINAL && since != null) {
          windows.put(joint, clock - since);
        }
      }
      return windows;
    }
  }
}
