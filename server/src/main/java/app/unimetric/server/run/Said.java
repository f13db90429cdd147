package app.unimetric.server.run;

import app.unimetric.core.bench.EventKind;
import app.unimetric.core.bench.Finding;
import app.unimetric.core.bench.Saying;
import app.unimetric.core.quantity.TorqueUnit;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One thing said at the bench, as a device sends it.
 *
 * @param id made by the device
 * @param counter the device's own, from 1 without gaps for each job
 * @param typed a reading as typed, in {@code unit}
 * @param limit what stands on the part as its limit, as typed, in the unit of the measurement
 * @param toolId the tool taken up instead
 * @param corrects the entry a correction is about
 * @param curve of the pull the reading comes from: pairs of degrees and N·m
 * @param moved how a fastener moved that was only tried; figures as typed
 * @param slot how far the next slot of a pinned nut is; figures as typed
 * @param doneAt by the device's clock; null when it does not say
 * @param by who says it, where that is not whose session it is; must have signed on at the device
 * @param witness with a second look, or a lead's word on a deviation, on someone else's tablet
 */
public record Said(
    UUID id,
    int counter,
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
    Saying.@Nullable TypedMovement moved,
    Saying.@Nullable TypedSlot slot,
    @Nullable UUID by,
    @Nullable Witness witness,
    @Nullable Instant doneAt) {

  Saying saying() {
    return new Saying(
        id, stepId, kind, fastener, typed, unit, reason, finding, limit, toolId, corrects, curve,
        moved, slot);
  }

  /** Name and PIN of the other person; the PIN is checked and forgotten. */
  public record Witness(String name, String pin) {
    @Override
    public String toString() {
      return "Witness[" + name + "]";
    }
  }
}
