package app.unimetric.core.bench;

import app.unimetric.core.pack.Measure;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A look, an inspection, a function check or another hold point: answered good or not good. What is
 * not good stays until it was put right, replaced, or left with a reason, on a critical job by a
 * lead; everything after it waits.
 */
class JudgedStep extends StepRule {
  static final StepRule RULE = new JudgedStep();

  JudgedStep() {}

  @Override
  List<EventKind> permits(Replay run, RunStep step) {
    return run.waiting(step) == null
        ? List.of(EventKind.FOUND)
        : List.of(EventKind.FOUND, EventKind.REPLACED, EventKind.LEFT);
  }

  @Override
  @Nullable String refuses(RunEvent event, Replay run, RunStep step) {
    return event.said() instanceof Said.Found found && found.finding() != Finding.BAD
        ? MeasureStep.figureMissing(event, step)
        : null;
  }

  @Override
  String advice(Replay run, RunStep step) {
    return "What was found is not as it should be: put it right and look again, replace it, or leave it with a reason.";
  }

  @Override
  boolean isCritical(Replay run, RunStep step) {
    return run.sheet().critical();
  }

  @Override
  void take(RunEvent event, Replay run, RunStep step) {
    if (event.kind() == EventKind.REPLACED) {
      run.add(Entry.of(event, run.round(step), Verdict.PUT_RIGHT));
      run.waitsNoMore(step);
      run.settle(step, 0, event.id());
    } else {
      super.take(event, run, step);
    }
  }

  @Override
  Verdict verdict(RunEvent event, Replay run, RunStep step) {
    Finding finding = event.said() instanceof Said.Found found ? found.finding() : Finding.GOOD;
    Measure.Judged figure = MeasureStep.measured(event, run, step);
    return Verdict.of(finding, figure);
  }
}
