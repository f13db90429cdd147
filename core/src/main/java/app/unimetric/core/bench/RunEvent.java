package app.unimetric.core.bench;

import app.unimetric.core.problem.Problems;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One entry in a job's log: what was said, where, by whom and when. Never changed; a later one may
 * correct it.
 *
 * @param id made by the device, so that a resend is recognised
 * @param fastener number, from 1; null for steps confirmed once
 * @param by who
 * @param witness the other person of a second look, or the lead who lets something stand
 * @param time when it was done and when it was received
 */
public record RunEvent(
    UUID id,
    String stepId,
    @Nullable Integer fastener,
    Said said,
    Signature by,
    @Nullable Signature witness,
    EntryTime time) {
  private static final int LONGEST_ID = 200;

  public RunEvent {
    new Problems()
        .require(
            !stepId.isBlank() && stepId.length() <= LONGEST_ID, "stepId", "is missing or too long.")
        .require(fastener == null || fastener >= 1, "fastener", "is numbered from 1.")
        .orThrow();
  }

  /** What kind of entry it is. */
  public EventKind kind() {
    return said.kind();
  }

  /** Words of the person; null without any. */
  public @Nullable String reason() {
    return said.reason();
  }

  /** The curve of the pull it comes from; null without one. */
  public @Nullable String curve() {
    return said.curve();
  }

  /** How a fastener moved that was only tried; null elsewhere. */
  public @Nullable MovedFastener moved() {
    return said instanceof Said.Moved moved ? moved.how() : null;
  }

  /** How far the next slot of a pinned nut is; null elsewhere. */
  public @Nullable SlotAhead slot() {
    return said instanceof Said.ToSlot slot ? slot.ahead() : null;
  }

  /** The tool taken up instead; null elsewhere. */
  public @Nullable String toolTaken() {
    return said instanceof Said.Amended amended ? amended.toolId() : null;
  }

  /** The entry it corrects; null where it corrects none. */
  public @Nullable UUID corrects() {
    return said instanceof Said.Correction correction ? correction.corrects() : null;
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
    return stepId.equals(o.stepId) && Objects.equals(fastener, o.fastener) && said.equals(o.said);
  }

  /** The figure in N·m; null without one. */
  public @Nullable Double torqueNm() {
    return said.torqueNm();
  }
}
