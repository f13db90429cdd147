package app.unimetric.core.bench;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Work on a joint that was left standing: overnight in the middle of its passes, or until what was
 * put on its threads had set. What must be done over is said before it is gone on with.
 *
 * @param lastEntry the last thing said before it was left
 * @param wetAgain whether a product has set, so that threads are cleaned and wetted once more
 * @param words what happened and what to do
 */
public record Interruption(String jointId, UUID lastEntry, boolean wetAgain, String words) {
  /** A meal is no interruption; a night is. */
  private static final Duration LONG = Duration.ofHours(4);

  /** What stands over at the joint in hand; empty where it may simply be gone on with. */
  public static Optional<Interruption> of(RunSheet sheet, RunState state, Instant now) {
    if (state.pending() != null || !state.permits().contains(EventKind.BEGUN_AGAIN)) {
      return Optional.empty();
    }
    RunJoint joint =
        sheet
            .step(String.valueOf(state.currentStep()))
            .map(RunStep::jointId)
            .flatMap(sheet::joint)
            .orElse(null);
    Entry last = lastCounted(state);
    if (joint == null || last == null) {
      return Optional.empty();
    }
    UUID before = last.event().id();
    CureClock set = setBefore(joint, state, now);
    if (set != null) {
      return Optional.of(
          new Interruption(
              joint.id(),
              before,
              true,
              set.product()
                  + " on "
                  + joint.title()
                  + " has set before its final torque. Take the fasteners out, clean threads and holes, wet them again; its passes begin again."));
    }
    Duration left = Duration.between(last.event().time().doneAt(), now);
    boolean begun = !state.percentByFastener().isEmpty() || !state.doneFasteners().isEmpty();
    return left.compareTo(LONG) < 0 || !begun
        ? Optional.empty()
        : Optional.of(
            new Interruption(
                joint.id(),
                before,
                false,
                joint.title()
                    + " was left in the middle of its passes for "
                    + left.toHours()
                    + " h. What was clamped has settled unevenly meanwhile: go round again from its first pass."));
  }

  private static @Nullable CureClock setBefore(RunJoint joint, RunState state, Instant now) {
    return state.clocks().stream()
        .filter(c -> c.jointId().equals(joint.id()) && c.finalAt() == null)
        .filter(c -> c.finalBy() != null && now.isAfter(c.finalBy()))
        .findFirst()
        .orElse(null);
  }

  private static @Nullable Entry lastCounted(RunState state) {
    for (int i = state.entries().size() - 1; i >= 0; i--) {
      if (state.entries().get(i).notCounted() == null) {
        return state.entries().get(i);
      }
    }
    return null;
  }
}
