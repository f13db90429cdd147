package app.unimetric.core.bench;

import java.util.List;

/** The end: after it nothing more is added. */
final class SignOffStep extends StepRule {
  static final StepRule RULE = new SignOffStep();

  private SignOffStep() {}

  @Override
  List<EventKind> permits(Replay run, RunStep step) {
    return List.of(EventKind.SIGNED_OFF);
  }

  @Override
  void take(RunEvent event, Replay run, RunStep step) {
    super.take(event, run, step);
    run.signOff();
  }
}
