package app.unimetric.core.bench;

import app.unimetric.core.device.CurveVerdict;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * An event and what the replay made of it.
 *
 * @param round of a check round, from 1
 * @param words what was said and what it came to, without its figure
 * @param shown what the tool showed: as typed, or its setting with the digits of its graduation; of
 *     what was tried and moved how and why; of a pinned nut how far its slot is; of a product from
 *     which bottle or tub; null when there is nothing of it
 * @param torqueNm what counts, N·m; of a pinned nut what it comes to at its next slot, as
 *     estimated; null when nothing was measured
 * @param verdict null when the event did not count or judges nothing
 * @param notCounted why it moved nothing on; null when it counted
 * @param acceptedReason why a deviation was let stand; null when it was not
 * @param correctedBy the later entry that corrects it; null when it stands
 * @param curve what stands against the fastener by the curve of its pull; null where nothing does
 */
public record Entry(
    RunEvent event,
    int round,
    EntryWords words,
    @Nullable String shown,
    @Nullable Double torqueNm,
    @Nullable Verdict verdict,
    @Nullable String notCounted,
    @Nullable String acceptedReason,
    @Nullable UUID correctedBy,
    @Nullable CurveVerdict curve) {

  /** An entry that moved nothing on. */
  static Entry notCounted(RunEvent event, @Nullable String why) {
    return new Entry(event, 0, EntryWords.of(event, null), null, null, null, why, null, null, null);
  }

  /**
   * An entry that counts and measures nothing with a tool.
   *
   * @param verdict null where nothing is judged
   */
  static Entry of(RunEvent event, int round, @Nullable Verdict verdict) {
    return new Entry(
        event, round, EntryWords.of(event, verdict), null, null, verdict, null, null, null, null);
  }

  /** An entry with what it came to. */
  static Entry judged(
      RunEvent event,
      int round,
      RunStep step,
      @Nullable RunJoint joint,
      @Nullable Double torqueNm,
      Verdict verdict) {
    return new Entry(
        event,
        round,
        EntryWords.of(event, verdict, step, torqueNm),
        event.said().shown(step, joint),
        torqueNm,
        verdict,
        null,
        null,
        null,
        null);
  }

  /** The same with what stands against the fastener by the curve of its pull. */
  Entry with(@Nullable CurveVerdict found) {
    return new Entry(
        event,
        round,
        words,
        shown,
        torqueNm,
        verdict,
        notCounted,
        acceptedReason,
        correctedBy,
        found);
  }

  /** Whether it stands: it fitted its step and no later entry corrects it. */
  public boolean counts() {
    return notCounted == null && correctedBy == null;
  }

  /** Whether it is a torque a tool showed, and counts. */
  public boolean isReading() {
    return torqueNm != null && event.slot() == null && counts();
  }

  /** Whether it lies outside its band or limit. */
  public boolean isDeviation() {
    return verdict != null && verdict.isDeviation();
  }

  /** Whether a later entry may still correct it. */
  public boolean isCorrectable() {
    return verdict != null && correctedBy == null;
  }

  Entry corrected(UUID by) {
    return new Entry(
        event, round, words, shown, torqueNm, verdict, notCounted, acceptedReason, by, curve);
  }

  Entry accepted(String reason) {
    return new Entry(
        event, round, words, shown, torqueNm, verdict, notCounted, reason, correctedBy, curve);
  }
}
