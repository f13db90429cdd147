package app.unimetric.core.bench;

import java.util.List;

/** After the last pass each fastener is tried once round; what moved sends the round once more. */
final class CheckRoundStep extends TriedRule {
  static final StepRule RULE = new CheckRoundStep();

  private CheckRoundStep() {}

  @Override
  List<EventKind> permits(Replay run, RunStep step) {
    return orBegunAgain(run, step, super.permits(run, step));
  }

  /** A clamp that was climbed is gone round at the torque that held, and at no other. */
  @Override
  boolean isComplete(Replay run, RunStep step) {
    Double held = SlipTestStep.heldAt(run, step.jointId());
    return super.isComplete(run, step) || held != null && step.percent() != held;
  }
}
