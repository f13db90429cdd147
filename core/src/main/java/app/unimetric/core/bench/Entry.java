package app.unimetric.core.bench;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * An event and what the replay made of it.
 *
 * @param round of a check pass, from 1
 * @param torqueNm what counts, N·m; null when nothing was measured
 * @param verdict null when the event did not count or judges nothing
 * @param notCounted why it moved nothing on; null when it counted
 * @param acceptedReason why a deviation was let stand; null when it was not
 * @param correctedBy the later entry that corrects it; null when it stands
 */
public record Entry(
    RunEvent event,
    int round,
    @Nullable Double torqueNm,
    @Nullable Verdict verdict,
    @Nullable String notCounted,
    @Nullable String acceptedReason,
    @Nullable UUID correctedBy) {

  /** Whether it stands: it fitted its step and no later entry corrects it. */
  public boolean counts() {
    return notCounted == null && correctedBy == null;
  }

  /** Whether it is a torque that counts. */
  public boolean isReading() {
    return torqueNm != null && counts();
  }

  /** Whether it lies outside its band or limit. */
  public boolean isDeviation() {
    return verdict != null && verdict.isDeviation();
  }

  Entry corrected(UUID by) {
    return new Entry(event, round, torqueNm, verdict, notCounted, acceptedReason, by);
  }

  Entry accepted(String reason) {
    return new Entry(event, round, torqueNm, verdict, notCounted, reason, correctedBy);
  }
}
