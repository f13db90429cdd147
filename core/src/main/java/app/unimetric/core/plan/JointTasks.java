package app.unimetric.core.plan;

import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.pack.PackStep;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.surface.Compound;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * When each joint is wetted, started, snugged and brought to its final torque, so that it gets
 * there before its product sets.
 *
 * <p>Usually all are wetted, all started, all snugged, then each brought to its torque. A joint
 * whose product would set before its turn is started dry and wetted later: before its snug, or at
 * last right before its own passes. A wicking product goes on when all is tight.
 *
 * @param tasks in order of time
 * @param moments of every joint that gets a product
 */
public record JointTasks(List<Task> tasks, Map<String, Moment> moments) {
  private static final double DRAW_SHARE = 0.2;
  private static final double MINUTES_A_FASTENER = 0.75;
  private static final double WETTING_MINUTES_A_FASTENER = 0.25;

  public JointTasks {
    tasks = List.copyOf(tasks);
    moments = Map.copyOf(moments);
  }

  /** What is done to a joint. */
  public enum Kind {
    WET,
    START,
    SNUG,
    FINAL,
    /** Something else in between; only these carry a step. */
    STEP
  }

  /** One thing done to one joint, or a step of the job between them. */
  public record Task(@Nullable String jointId, Kind kind, @Nullable PackStep step) {
    static Task of(String jointId, Kind kind) {
      return new Task(jointId, kind, null);
    }

    static Task of(PackStep step) {
      return new Task(null, Kind.STEP, step);
    }

    boolean is(String joint, Kind what) {
      return kind == what && joint.equals(jointId);
    }
  }

  /** When a joint is wetted. */
  public enum Placed {
    BEFORE_START,
    BEFORE_SNUG,
    AT_ITS_TURN,
    WHEN_TIGHT
  }

  /**
   * When a joint gets its product and how long it then has.
   *
   * @param minutesToFinal estimated from wetting the first to the final torque of the last; 0 when
   *     it goes on afterwards
   * @param fixtureMinutes from the product's own sheet; null when unknown
   * @param inTime whether it gets there before the product sets; true when that is not known
   */
  public record Moment(
      Placed placed, double minutesToFinal, @Nullable Double fixtureMinutes, boolean inTime) {

    /** Why it is wetted then, in words; empty when there is nothing to say. */
    public String words() {
      Double fixture = fixtureMinutes;
      if (placed == Placed.WHEN_TIGHT) {
        return "Wicks in when all is tight.";
      }
      if (fixture == null) {
        return "";
      }
      String times =
          "about "
              + Figure.rounded(minutesToFinal, 0)
              + " min from wetting to the final torque, the product sets in "
              + Figure.rounded(fixture, 0);
      if (!inTime) {
        return "Too slow for this product: "
            + times
            + ". Work with two, or take one that sets later.";
      }
      return placed == Placed.BEFORE_START
          ? ""
          : "Started dry and wetted late, so that it is tight before it sets: " + times + ".";
    }
  }

  /**
   * Lays the tasks of the joints out in time.
   *
   * @param between steps of the job among them; they take their time too
   */
  static JointTasks of(List<PlannedJoint> joints, Needs needs, List<PackStep> between) {
    Map<String, Placed> placed = new LinkedHashMap<>();
    for (PlannedJoint joint : joints) {
      Compound compound = joint.compound().advice();
      if (compound != Compound.CLEAN_DRY) {
        placed.put(
            joint.joint().id(),
            compound == Compound.WICKING ? Placed.WHEN_TIGHT : Placed.BEFORE_START);
      }
    }
    for (Placed later : List.of(Placed.BEFORE_SNUG, Placed.AT_ITS_TURN)) {
      Map<String, Double> windows =
          windows(joints, StepsBetween.woven(lay(joints, placed), between));
      placed.replaceAll(
          (id, now) ->
              now != Placed.WHEN_TIGHT && late(windows.getOrDefault(id, 0.0), id, needs)
                  ? later
                  : now);
    }
    List<Task> tasks = StepsBetween.woven(lay(joints, placed), between);
    Map<String, Double> windows = windows(joints, tasks);
    Map<String, Moment> moments = new LinkedHashMap<>();
    placed.forEach(
        (id, when) -> {
          double minutes = windows.getOrDefault(id, 0.0);
          moments.put(id, new Moment(when, minutes, fixture(id, needs), !late(minutes, id, needs)));
        });
    return new JointTasks(tasks, moments);
  }

  private static @Nullable Double fixture(String jointId, Needs needs) {
    Needs.ProductNeed product = needs.productOf(jointId);
    return product == null || !product.compound().isAnaerobic() ? null : product.fixtureMinutes();
  }

  private static boolean late(double minutes, String jointId, Needs needs) {
    Double fixture = fixture(jointId, needs);
    return fixture != null && minutes > fixture;
  }

  private static List<Task> lay(List<PlannedJoint> joints, Map<String, Placed> placed) {
    List<Task> tasks = new ArrayList<>();
    List<String> ids = joints.stream().map(j -> j.joint().id()).toList();
    ids.stream()
        .filter(id -> placed.get(id) == Placed.BEFORE_START)
        .forEach(id -> tasks.add(Task.of(id, Kind.WET)));
    ids.forEach(id -> tasks.add(Task.of(id, Kind.START)));
    for (String id : ids) {
      if (placed.get(id) != Placed.AT_ITS_TURN) {
        wet(id, placed.get(id) == Placed.BEFORE_SNUG, tasks);
        tasks.add(Task.of(id, Kind.SNUG));
      }
    }
    for (String id : ids) {
      if (placed.get(id) == Placed.AT_ITS_TURN) {
        wet(id, true, tasks);
        tasks.add(Task.of(id, Kind.SNUG));
      }
      tasks.add(Task.of(id, Kind.FINAL));
    }
    ids.forEach(id -> wet(id, placed.get(id) == Placed.WHEN_TIGHT, tasks));
    return tasks;
  }

  private static void wet(String id, boolean now, List<Task> tasks) {
    if (now) {
      tasks.add(Task.of(id, Kind.WET));
    }
  }

  /** Estimated minutes from the beginning of a joint's wetting to the end of its final torque. */
  private static Map<String, Double> windows(List<PlannedJoint> joints, List<Task> tasks) {
    Map<String, PackJoint> packs = new LinkedHashMap<>();
    joints.forEach(j -> packs.put(j.joint().id(), j.joint()));
    Map<String, Double> wetted = new LinkedHashMap<>();
    Map<String, Double> windows = new LinkedHashMap<>();
    double clock = 0;
    for (Task task : tasks) {
      String id = task.jointId();
      PackStep step = task.step();
      PackJoint joint = packs.get(id);
      if (id != null && task.kind() == Kind.WET) {
        wetted.put(id, clock);
      }
      clock += step != null ? step.minutes() : joint == null ? 0 : minutes(joint, task.kind());
      Double since = wetted.get(id);
      if (id != null && task.kind() == Kind.FINAL && since != null) {
        windows.put(id, clock - since);
      }
    }
    return windows;
  }

  /**
   * A fifth of a joint's time each goes into starting and snugging it, the rest into its passes.
   */
  private static double minutes(PackJoint joint, Kind kind) {
    double stated = joint.turning().minutes();
    double all = stated > 0 ? stated : MINUTES_A_FASTENER * joint.pattern().count();
    Map<Kind, Double> shares = new EnumMap<>(Kind.class);
    shares.put(Kind.START, DRAW_SHARE * all);
    shares.put(Kind.SNUG, DRAW_SHARE * all);
    shares.put(Kind.FINAL, (1 - 2 * DRAW_SHARE) * all);
    shares.put(Kind.WET, WETTING_MINUTES_A_FASTENER * joint.pattern().count());
    return shares.getOrDefault(kind, 0.0);
  }
}
