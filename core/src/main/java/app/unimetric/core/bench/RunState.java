package app.unimetric.core.bench;

import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Where a run stands.
 *
 * @param currentStep id of the step in hand; null when all is done
 * @param nextFastener number of the one to turn; null when the step is confirmed once
 * @param round of a check pass, from 1
 * @param pending what was said and waits: a reading outside its band for a reason or a redo, how
 *     far a nut's slot is for the turn; null when nothing does
 * @param doneSteps ids of completed steps
 * @param doneFasteners of the step in hand
 * @param answers what can be said now
 * @param shown what the bench shows of the step in hand; null when all is done
 * @param stepAmended the step in hand as it is done with the tool taken up instead; null while it
 *     is done as laid out
 * @param toolsTaken ids of tools taken up instead of those laid out, by joint
 * @param entries all events in order with what they came to
 * @param clocks products that set, one for each joint wetted so far
 * @param signedOff whether the run is closed
 */
public record RunState(
    @Nullable String currentStep,
    @Nullable Integer nextFastener,
    int round,
    @Nullable Entry pending,
    List<String> doneSteps,
    List<Integer> doneFasteners,
    Map<Integer, Double> percentByFastener,
    List<PermittedAnswer> answers,
    @Nullable StepShown shown,
    @Nullable RunStep stepAmended,
    Map<String, String> toolsTaken,
    List<Entry> entries,
    List<CureClock> clocks,
    boolean signedOff) {
  private static final Set<EventKind> FINDS =
      EnumSet.of(EventKind.FOUND, EventKind.SLIPS, EventKind.SLOT_AHEAD, EventKind.SECOND_LOOK);

  /** The same standing for somebody who is told these entries only. */
  public RunState telling(List<Entry> told) {
    return new RunState(
        currentStep,
        nextFastener,
        round,
        pending,
        doneSteps,
        doneFasteners,
        percentByFastener,
        answers,
        shown,
        stepAmended,
        toolsTaken,
        told,
        clocks,
        signedOff);
  }

  /** The kinds of what can be said now. */
  public List<EventKind> permits() {
    return answers.stream().map(PermittedAnswer::kind).toList();
  }

  /** A pinned nut that is due at its next slot; null elsewhere. */
  public @Nullable DueSlot dueSlot() {
    return shown == null ? null : shown.dueSlot();
  }

  /** That the tool in hand is out of use, in words; null when it is not. */
  public @Nullable String toolOut() {
    return shown == null ? null : shown.toolOut();
  }

  /** The entry made of this event, if it is in the log. */
  public @Nullable Entry entry(UUID eventId) {
    return entries.stream().filter(e -> e.event().id().equals(eventId)).findFirst().orElse(null);
  }

  /** Readings let stand outside their band. */
  public List<Entry> deviations() {
    return entries.stream()
        .filter(e -> e.acceptedReason() != null && e.correctedBy() == null)
        .toList();
  }

  /** All that was found not as it should be, whatever became of it. */
  public List<Entry> foundBad() {
    return entries.stream()
        .filter(e -> FINDS.contains(e.event().kind()) && e.isDeviation() && e.counts())
        .toList();
  }

  /** Fasteners that were only tried and moved. */
  public List<Entry> moved() {
    return entries.stream().filter(e -> e.event().moved() != null && e.counts()).toList();
  }

  /** Torques that count. */
  public List<Entry> readings() {
    return entries.stream().filter(Entry::isReading).toList();
  }

  /** Entries that a later one corrects. */
  public List<Entry> corrected() {
    return entries.stream().filter(e -> e.correctedBy() != null).toList();
  }

  /** The second look; null while nobody has looked. */
  public @Nullable Entry secondLook() {
    return last(EventKind.SECOND_LOOK);
  }

  /** The entry that signed the run off; null while it is open. */
  public @Nullable Entry signature() {
    return last(EventKind.SIGNED_OFF);
  }

  private @Nullable Entry last(EventKind kind) {
    Entry found = null;
    for (Entry entry : entries) {
      found = entry.event().kind() == kind && entry.counts() ? entry : found;
    }
    return found;
  }

  /** When the last product has fully cured; null when none does or one's sheet is not known. */
  public @Nullable Instant ridableFrom() {
    Instant latest = null;
    for (CureClock clock : clocks) {
      Instant from = clock.ridableFrom();
      if (from == null) {
        return null;
      }
      latest = latest == null || from.isAfter(latest) ? from : latest;
    }
    return latest;
  }
}
