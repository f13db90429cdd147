package app.unimetric.core.bench;

import app.unimetric.core.recheck.MovedCause;
import org.jspecify.annotations.Nullable;

/** A joint that is looked at again is tried as it was left; what moved says why. */
final class TryStep extends TriedRule {
  static final StepRule RULE = new TryStep();

  private TryStep() {}

  @Override
  @Nullable String refuses(RunEvent event, Replay run, RunStep step) {
    return event.kind() == EventKind.MOVED && event.moved() == null
        ? "Say why it moved, as far as it is known; that it was not found is an answer too."
        : null;
  }

  /** What moved and is taken apart and done again is not tried until nothing moves. */
  @Override
  boolean goesRoundAgain(Replay run, RunStep step) {
    RunJoint joint = run.jointOf(step);
    return joint == null
        || run.done(step).values().stream()
            .map(id -> run.entry(id).event().moved())
            .noneMatch(m -> m != null && m.follows(joint) == MovedCause.Follows.TAKE_APART);
  }
}
