package app.unimetric.core.bench;

import java.util.List;

/** Each fastener is turned on by an angle and confirmed; no torque tells how far it is. */
final class AngleStep extends StepRule {
  static final StepRule RULE = new AngleStep();

  private AngleStep() {}

  @Override
  List<EventKind> permits(Replay run, RunStep step) {
    return orBegunAgain(run, step, List.of(EventKind.DONE));
  }
}
