package app.unimetric.core.bench;

import java.util.List;

/** A product that goes on a thread: from the bottle laid out, or from another that is named. */
final class SurfaceStep extends StepRule {
  static final StepRule RULE = new SurfaceStep();

  private SurfaceStep() {}

  @Override
  List<EventKind> permits(Replay run, RunStep step) {
    return List.of(EventKind.DONE, EventKind.OTHER_PRODUCT);
  }
}
