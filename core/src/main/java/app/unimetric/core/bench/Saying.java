package app.unimetric.core.bench;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.DecimalText;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.recheck.MovedCause;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a person says at the bench, with its figures as they were typed.
 *
 * @param id made by the device
 * @param typed a reading as typed; a bare figure is in {@code unit}
 * @param limit what stands on the part as its limit, as typed, in the unit of the measurement
 * @param toolId the tool taken up instead
 * @param corrects the entry a correction is about
 * @param curve of the pull the reading comes from
 * @param moved how a fastener moved that was only tried, as typed
 * @param slot how far the next slot of a pinned nut is, as typed
 */
public record Saying(
    UUID id,
    String stepId,
    EventKind kind,
    @Nullable Integer fastener,
    @Nullable String typed,
    @Nullable TorqueUnit unit,
    @Nullable String reason,
    @Nullable Finding finding,
    @Nullable String limit,
    @Nullable String toolId,
    @Nullable UUID corrects,
    @Nullable String curve,
    @Nullable TypedMovement moved,
    @Nullable TypedSlot slot) {

  /**
   * How a fastener moved, with its figures as they were typed.
   *
   * @param angleDeg degrees; null or empty when nobody looked
   * @param gripMm thickness of what is clamped, mm; null or empty when not known
   */
  public record TypedMovement(
      MovedCause cause, @Nullable String angleDeg, @Nullable String gripMm) {}

  /**
   * How far the next slot is, with its figures as they were typed.
   *
   * @param turnDeg degrees; 0 when slot and hole are in line
   * @param nmPerDegree N·m per degree; null or empty where the curve of its pull tells, or nobody
   *     knows
   */
  public record TypedSlot(String turnDeg, @Nullable String nmPerDegree) {}

  /**
   * The entry it makes.
   *
   * @throws InvalidInput where a figure is none, or what is said does not hang together
   */
  public RunEvent by(Signature person, @Nullable Signature witness, EntryTime time) {
    TypedReading reading = typed == null ? null : TypedReading.parse(typed, unit);
    return new RunEvent(
        id,
        stepId,
        kind,
        fastener,
        reading == null ? null : (Double) reading.value(),
        reading == null ? unit : reading.unit(),
        reason,
        finding,
        limit == null || limit.isBlank() ? null : (Double) DecimalText.parse(limit, "limit"),
        toolId,
        corrects,
        curve,
        moved == null ? null : MovedFastener.parse(moved.cause(), moved.angleDeg(), moved.gripMm()),
        slot == null ? null : SlotAhead.parse(slot.turnDeg(), slot.nmPerDegree()),
        person,
        witness,
        time);
  }
}
