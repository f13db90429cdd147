package app.unimetric.server.run;

import app.unimetric.core.bench.EntryTime;
import app.unimetric.core.bench.EventKind;
import app.unimetric.core.bench.RunEvent;
import app.unimetric.core.bench.Said;
import app.unimetric.core.bench.Signature;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * An entry as a device sends it.
 *
 * @param id made by the device
 * @param counter the device's own, from 1 without gaps for each job
 * @param fastener number; null for steps confirmed once
 * @param said what is said, with its figures as typed
 * @param doneAt by the device's clock; null when it does not say
 * @param by who says it, where that is not whose session it is; must have signed on at the device
 * @param witness with a second look, or a lead's word on a deviation, on someone else's tablet
 */
public record EntrySent(
    UUID id,
    int counter,
    String stepId,
    @Nullable Integer fastener,
    Said said,
    @Nullable UUID by,
    @Nullable Witness witness,
    @Nullable Instant doneAt) {

  EventKind kind() {
    return said.kind();
  }

  RunEvent by(Signature person, @Nullable Signature other, EntryTime time) {
    return new RunEvent(id, stepId, fastener, said, person, other, time);
  }

  /** Name and PIN of the other person; the PIN is checked and forgotten. */
  public record Witness(String name, String pin) {
    @Override
    public String toString() {
      return "Witness[" + name + "]";
    }
  }
}
