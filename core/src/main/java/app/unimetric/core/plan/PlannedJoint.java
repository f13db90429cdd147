package app.unimetric.core.plan;

import app.unimetric.core.pack.DocumentedValue;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.pack.SetToCheck;
import app.unimetric.core.quantity.ScaleReading;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.sequence.FastenerPosition;
import app.unimetric.core.sequence.Pass;
import app.unimetric.core.stated.Resolution;
import app.unimetric.core.stated.Role;
import app.unimetric.core.stated.Statement;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.surface.CompoundAdvice;
import app.unimetric.core.tool.ToolChoice;
import app.unimetric.core.why.Derivation;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * One joint of a plan.
 *
 * @param asStated all values resolved as they stand
 * @param resolution the same after a lead's decision; what holds
 * @param decision null when nobody had to decide
 * @param band what its last torque must lie in; null without a value
 * @param aimNm where in it, N·m
 * @param climb how it is climbed to hold; null where it is tightened to its band
 * @param ceiling null when thread or class is unknown
 * @param compound what goes on the thread
 * @param tools all tools, best first, of a climb set for its first torque; empty without a band
 * @param tool the one to use; null when none fits
 * @param orderReasons why the joint stands here in the order
 * @param passReasons why the passes are as they are
 * @param notes what else to know, such as a dry value on greased threads
 * @param derivation numbers behind resolution and ceiling
 */
public record PlannedJoint(
    PackJoint joint,
    Resolution asStated,
    Resolution resolution,
    @Nullable Decision decision,
    @Nullable TorqueBand band,
    @Nullable Double aimNm,
    @Nullable Climb climb,
    @Nullable Ceiling ceiling,
    CompoundAdvice compound,
    List<ToolChoice> tools,
    @Nullable ToolChoice tool,
    List<Pass> passes,
    List<FastenerPosition> positions,
    List<String> orderReasons,
    List<String> passReasons,
    List<String> notes,
    List<Derivation> derivation) {
  private static final String NONE = "none";

  /** How its pinned nut goes on to the next slot; empty where it has none. */
  public Optional<NextSlot> nextSlot() {
    return NextSlot.of(joint, resolution, band, ceiling);
  }

  public String id() {
    return joint.id();
  }

  /** The value that holds, as its sheet prints it, with its document; the first where none does. */
  public String stated() {
    Integer governing = resolution.governing();
    List<DocumentedValue> values = joint.torque().values();
    if (governing != null) {
      return values.get(governing).words();
    }
    SetToCheck set = joint.turning().setToCheck();
    return values.isEmpty() ? set == null ? NONE : set.target() : values.get(0).value().asPrinted();
  }

  /**
   * The band to reach, such as {@code 9.5–10.5 N·m}; where the torque is climbed until the part
   * holds, the first and the last torque.
   */
  public String target() {
    TorqueBand within = band;
    Climb climbed = climb;
    SetToCheck set = joint.turning().setToCheck();
    if (set != null && set.drawTo() == null) {
      return set.target();
    }
    return climbed != null ? climbed.words() : within == null ? NONE : within.toString();
  }

  /** Whether a product goes on it; what is only tried keeps what is on it. */
  public boolean isWetted() {
    return !joint.isTried() && compound.advice() != Compound.CLEAN_DRY;
  }

  /** Whether a product had set on what is only tried. */
  public boolean isCured() {
    return joint.isTried() && compound.advice().isAnaerobic();
  }

  /**
   * Whether what is only tried can be told by a torque: it has a band, a tool, and is not turned on
   * by an angle, after which no torque tells anything. What sets play is held by something else,
   * what must still turn is proved by turning, and of a pinned nut only the pin can be looked at.
   */
  public boolean isTriedByTorque() {
    Integer governing = resolution.governing();
    boolean byAngle =
        governing != null
            && joint.torque().stated().get(governing).statement() instanceof Statement.TorqueAngle;
    Role role = joint.duty().role();
    boolean torqueTells = role != Role.ADJUST && role != Role.PIVOT && !byAngle;
    return joint.isTried() && !joint.isPinned() && torqueTells && band != null && tool != null;
  }

  /** What to set on which tool: {@code 10.25 N·m on Small click}. */
  public String setting() {
    ToolChoice choice = tool;
    ScaleReading reading = reading();
    return choice == null || reading == null
        ? NONE
        : reading.text() + " on " + choice.tool().name();
  }

  /** What to set on the chosen tool; null without one. */
  public @Nullable ScaleReading reading() {
    ToolChoice choice = tool;
    return choice == null ? null : choice.setting().reading();
  }
}
