package app.unimetric.core.bench;

import app.unimetric.core.pack.Measure;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Something is measured and written down; beyond its limit it is redone or let stand. */
final class MeasureStep extends StepRule {
  static final StepRule RULE = new MeasureStep();

  private MeasureStep() {}

  @Override
  List<EventKind> permits(Replay run, RunStep step) {
    return run.waiting(step) == null
        ? List.of(EventKind.MEASURED)
        : List.of(EventKind.MEASURED, EventKind.DEVIATION_ACCEPTED);
  }

  @Override
  @Nullable String refuses(RunEvent event, Replay run, RunStep step) {
    return event.kind() == EventKind.MEASURED ? figureMissing(event, step) : null;
  }

  /** A figure must come first, and the limit off the part before it; null where both are there. */
  static @Nullable String figureMissing(RunEvent event, RunStep step) {
    Measure measure = step.measure();
    String found = event.reason();
    if (measure == null) {
      return null;
    }
    if (!measure.accepts(found == null ? "" : found)) {
      return "Type the figure in " + measure.unit() + " first; words may follow.";
    }
    return measure.asksLimit() && event.said().limitOnPart() == null
        ? "Read the limit off the part first and type it, in " + measure.unit() + "."
        : null;
  }

  @Override
  String advice(Replay run, RunStep step) {
    return step.comparesWith() == null
        ? "Measure again, put in a good part and measure that, or let it stand with a reason."
        : "Set it back and measure again, or let it stand with a reason.";
  }

  @Override
  String onlyALead() {
    return "On a critical joint only a lead lets a reading outside the band stand.";
  }

  @Override
  boolean isCritical(Replay run, RunStep step) {
    return run.sheet().critical();
  }

  @Override
  Verdict verdict(RunEvent event, Replay run, RunStep step) {
    return Verdict.of(measured(event, run, step));
  }

  /** How a figure stands to its limit, to the limit on the part, or to what was found. */
  static Measure.Judged measured(RunEvent event, Replay run, RunStep step) {
    Measure measure = step.measure();
    String written = event.reason();
    if (measure == null || written == null) {
      return Measure.Judged.NOTED;
    }
    if (step.comparesWith() == null) {
      Double limit = event.said().limitOnPart();
      return (measure.asksLimit() && limit != null ? measure.limitedTo(limit) : measure)
          .standing(written);
    }
    String found = run.foundBefore(step);
    return found == null ? Measure.Judged.NOTED : measure.cameBack(found, written);
  }
}
