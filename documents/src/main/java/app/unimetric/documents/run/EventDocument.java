package app.unimetric.documents.run;

import app.unimetric.core.bench.EntryTime;
import app.unimetric.core.bench.EventKind;
import app.unimetric.core.bench.Finding;
import app.unimetric.core.bench.MovedFastener;
import app.unimetric.core.bench.RunEvent;
import app.unimetric.core.bench.Signature;
import app.unimetric.core.bench.SlotAhead;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.recheck.MovedCause;
import app.unimetric.documents.Versioned;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One entry of the bench as stored.
 *
 * @param deviceAheadSeconds how far the device's clock was ahead
 */
public record EventDocument(
    UUID id,
    String stepId,
    EventKind kind,
    @Nullable Integer fastener,
    @Nullable Double value,
    @Nullable TorqueUnit unit,
    @Nullable String reason,
    @Nullable Finding finding,
    @Nullable Double limit,
    @Nullable String toolId,
    @Nullable UUID corrects,
    @Nullable String curve,
    @Nullable MovedFields moved,
    @Nullable SlotFields slot,
    Person by,
    @Nullable Person witness,
    Instant doneAt,
    Instant receivedAt,
    long deviceAheadSeconds) {
  private static final Versioned<EventDocument> FORMAT =
      new Versioned<>("bench entry", EventDocument.class, List.of());

  /** Who, by id, with the name and the right of that day. */
  public record Person(UUID id, String name, boolean lead) {
    static Person of(Signature s) {
      return new Person(s.id(), s.name(), s.lead());
    }

    Signature signature() {
      return new Signature(id, name, lead);
    }
  }

  /** How a fastener moved: why, degrees, mm of what is clamped. */
  public record MovedFields(MovedCause cause, @Nullable Double angleDeg, @Nullable Double gripMm) {
    static @Nullable MovedFields of(@Nullable MovedFastener m) {
      return m == null ? null : new MovedFields(m.cause(), m.angleDeg(), m.gripMm());
    }

    MovedFastener moved() {
      return new MovedFastener(cause, angleDeg, gripMm);
    }
  }

  /** How far the next slot is: degrees, N·m per degree as stated. */
  public record SlotFields(double turnDeg, @Nullable Double nmPerDegree) {
    static @Nullable SlotFields of(@Nullable SlotAhead s) {
      return s == null ? null : new SlotFields(s.turnDeg(), s.nmPerDegree());
    }

    SlotAhead slot() {
      return new SlotAhead(turnDeg, nmPerDegree);
    }
  }

  /** Writes an entry. */
  public static String write(RunEvent event) {
    return FORMAT.write(of(event));
  }

  /** Reads an entry. */
  public static RunEvent read(String text) {
    return FORMAT.read(text).event();
  }

  static EventDocument of(RunEvent e) {
    Signature witness = e.witness();
    return new EventDocument(
        e.id(),
        e.stepId(),
        e.kind(),
        e.fastener(),
        e.value(),
        e.unit(),
        e.reason(),
        e.finding(),
        e.limit(),
        e.toolId(),
        e.corrects(),
        e.curve(),
        MovedFields.of(e.moved()),
        SlotFields.of(e.slot()),
        Person.of(e.by()),
        witness == null ? null : Person.of(witness),
        e.time().doneAt(),
        e.time().receivedAt(),
        e.time().deviceAheadSeconds());
  }

  RunEvent event() {
    return new RunEvent(
        id,
        stepId,
        kind,
        fastener,
        value,
        unit,
        reason,
        finding,
        limit,
        toolId,
        corrects,
        curve,
        moved == null ? null : moved.moved(),
        slot == null ? null : slot.slot(),
        by.signature(),
        witness == null ? null : witness.signature(),
        new EntryTime(doneAt, receivedAt, deviceAheadSeconds));
  }
}
