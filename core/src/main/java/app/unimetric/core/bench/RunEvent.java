package app.unimetric.core.bench;

import app.unimetric.core.device.Curve;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Torque;
import app.unimetric.core.quantity.TorqueUnit;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One entry in a job's log. Never changed; a later one may correct it.
 *
 * @param id made by the device, so that a resend is recognised
 * @param fastener number; null for steps confirmed once
 * @param value figure of a reading, in {@code unit}
 * @param reason words of the person; of a measurement what was found
 * @param finding what a look or a check came to
 * @param limit what stands on the part as the limit of a measurement, in its unit
 * @param toolId the tool taken up instead
 * @param corrects the entry a correction is about
 * @param curve of the pull a reading comes from, or what was tried, as {@link Curve#written} writes
 *     it
 * @param moved how a fastener moved that was only tried
 * @param slot how far the next slot of a pinned nut still has to come
 * @param by who
 * @param witness the other person of a second look
 * @param time when it was done and when it was received
 */
public record RunEvent(
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
    @Nullable MovedFastener moved,
    @Nullable SlotAhead slot,
    Signature by,
    @Nullable Signature witness,
    EntryTime time) {
  private static final int LONGEST_REASON = 1000;
  private static final int LONGEST_ID = 200;
  private static final double MOST_LIMIT = 1_000_000;

  public RunEvent {
    Problems problems = new Problems();
    problems.require(
        !stepId.isBlank() && stepId.length() <= LONGEST_ID, "stepId", "is missing or too long.");
    boolean figure = kind == EventKind.READING || kind == EventKind.CORRECTION;
    problems.require(
        kind != EventKind.READING || value != null,
        "value",
        "is missing: type what the tool showed.");
    problems.require(
        value == null || figure, "value", "belongs to a reading or a correction only.");
    problems.require(
        (value == null) == (unit == null), "unit", "goes with the figure: give both or neither.");
    if (value != null && unit != null) {
      problems.positive(value, Torque.MAX_NM / unit.newtonMetres(), "value");
    }
    problems.require(
        (kind == EventKind.CORRECTION) == (corrects != null),
        "corrects",
        "names the entry a correction is about, and only there.");
    problems.require(
        (kind == EventKind.FOUND) == (finding != null),
        "finding",
        "says what a look or a check came to, and only there.");
    boolean measures = kind == EventKind.MEASURED || kind == EventKind.FOUND;
    problems.require(limit == null || measures, "limit", "belongs to a measurement only.");
    problems.require(
        curve == null
            || kind == EventKind.READING
            || kind == EventKind.HELD
            || kind == EventKind.MOVED,
        "curve",
        "belongs to what a tool was pulled for only.");
    problems.require(
        moved == null || kind == EventKind.MOVED,
        "moved",
        "belongs to a fastener that moved only.");
    problems.require(
        (kind == EventKind.SLOT_AHEAD) == (slot != null),
        "slot",
        "says how far the next slot is, and only there.");
    if (limit != null) {
      problems.within(limit, -MOST_LIMIT, MOST_LIMIT, "limit");
    }
    problems.require(
        (kind == EventKind.AMENDED) == (toolId != null),
        "toolId",
        "names the tool taken up instead, and only there.");
    boolean needsReason =
        kind == EventKind.DEVIATION_ACCEPTED
            || kind == EventKind.NOTE
            || kind == EventKind.AMENDED
            || kind == EventKind.LEFT
            || finding == Finding.BAD;
    problems.require(
        kind != EventKind.MEASURED || (reason != null && !reason.isBlank()),
        "reason",
        "is missing: write down what you found.");
    problems.require(
        !needsReason || (reason != null && !reason.isBlank()),
        "reason",
        "is missing: say why in a few words.");
    problems.require(
        reason == null || reason.length() <= LONGEST_REASON,
        "reason",
        "is longer than 1 000 characters; say it shorter.");
    problems.require(fastener == null || fastener >= 1, "fastener", "is numbered from 1.");
    problems.orThrow();
    if (curve != null) {
      Curve.parse(curve);
    }
  }

  /** Who answers for it: the person who signed with a PIN on this tablet, else who is signed in. */
  public Signature answeredBy() {
    Signature other = witness;
    return other == null ? by : other;
  }

  /**
   * Whether another says the same, whoever says it and whenever: an entry sent again does, one that
   * took another's id does not.
   */
  public boolean saysTheSameAs(RunEvent o) {
    return stepId.equals(o.stepId)
        && kind == o.kind
        && Objects.equals(fastener, o.fastener)
        && Objects.equals(value, o.value)
        && unit == o.unit
        && Objects.equals(reason, o.reason)
        && finding == o.finding
        && Objects.equals(limit, o.limit)
        && Objects.equals(toolId, o.toolId)
        && Objects.equals(corrects, o.corrects)
        && Objects.equals(curve, o.curve)
        && Objects.equals(moved, o.moved)
        && Objects.equals(slot, o.slot);
  }

  /** The figure in N·m; null without one. */
  public @Nullable Double torqueNm() {
    Double figure = value;
    TorqueUnit in = unit;
    return figure == null || in == null
        ? null
        : Double.valueOf(Torque.of(figure, in).newtonMetres());
  }
}
