package app.unimetric.core.bench;

import app.unimetric.core.device.CurveVerdict;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.ScaleReading;
import app.unimetric.core.quantity.TorqueUnit;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * An event and what the replay made of it.
 *
 * @param round of a check pass, from 1
 * @param shown what the tool showed: as typed, or its setting with the digits of its graduation; of
 *     what was tried and moved how and why; of a pinned nut how far its slot is; null when nothing
 *     was measured with a tool
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
    @Nullable String shown,
    @Nullable Double torqueNm,
    @Nullable Verdict verdict,
    @Nullable String notCounted,
    @Nullable String acceptedReason,
    @Nullable UUID correctedBy,
    @Nullable CurveVerdict curve) {

  /** An entry that moved nothing on, or that judges nothing. */
  static Entry plain(RunEvent event, int round, @Nullable String notCounted) {
    return new Entry(event, round, null, null, null, notCounted, null, null, null);
  }

  /**
   * An entry with what it came to.
   *
   * @param curve what stands against the fastener by the curve of its pull; null where nothing does
   */
  static Entry judged(
      RunEvent event,
      int round,
      RunStep step,
      @Nullable RunJoint joint,
      @Nullable Double torqueNm,
      Verdict verdict,
      @Nullable CurveVerdict curve) {
    return new Entry(
        event, round, shown(event, step, joint), torqueNm, verdict, null, null, null, curve);
  }

  /**
   * What the tool showed: a figure as typed, a click as the tool was set; of what was tried and
   * moved how and why.
   *
   * @param joint in hand; null where none is
   */
  public static @Nullable String shown(
      RunEvent event, @Nullable RunStep step, @Nullable RunJoint joint) {
    MovedFastener moved = event.moved();
    if (moved != null && joint != null) {
      return moved.words(joint);
    }
    SlotAhead slot = event.slot();
    if (slot != null) {
      return slot.words();
    }
    Double typed = event.value();
    TorqueUnit unit = event.unit();
    if (typed != null && unit != null) {
      return Figure.typed(typed) + " " + unit.sign();
    }
    ScaleReading set = step == null ? null : step.reading();
    return event.kind() == EventKind.CLICKED && set != null ? set.text() : null;
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

  Entry corrected(UUID by) {
    return new Entry(event, round, shown, torqueNm, verdict, notCounted, acceptedReason, by, curve);
  }

  Entry accepted(String reason) {
    return new Entry(
        event, round, shown, torqueNm, verdict, notCounted, reason, correctedBy, curve);
  }
}
