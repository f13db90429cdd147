package app.unimetric.core.bench;

import java.util.List;

/**
 * A cap, collar or nut that sets play: turned until there is none and it turns freely, and answered
 * good or not good. No torque takes the place of that.
 */
final class SetToCheckStep extends JudgedStep {
  static final StepRule RULE = new SetToCheckStep();

  private SetToCheckStep() {}

  @Override
  List<EventKind> permits(Replay run, RunStep step) {
    return run.waiting(step) == null
        ? orBegunAgain(run, step, List.of(EventKind.FOUND))
        : super.permits(run, step);
  }

  @Override
  String advice(Replay run, RunStep step) {
    return "It is not right yet: turn it and feel again, renew what is worn, or leave it with a reason.";
  }
}
