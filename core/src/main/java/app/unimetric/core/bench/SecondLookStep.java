package app.unimetric.core.bench;

import app.unimetric.core.pack.Measure;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Another person looks, or in a workshop of one the same person after a pause: good or not good.
 * What is not good keeps the job from its signature.
 */
final class SecondLookStep extends StepRule {
  static final StepRule RULE = new SecondLookStep();

  private SecondLookStep() {}

  @Override
  List<EventKind> permits(Replay run, RunStep step) {
    return run.waiting(step) == null
        ? List.of(EventKind.SECOND_LOOK)
        : List.of(EventKind.SECOND_LOOK, EventKind.LEFT);
  }

  @Override
  boolean isCritical(Replay run, RunStep step) {
    return true;
  }

  @Override
  String advice(Replay run, RunStep step) {
    return "The second look found something: put it right and have it looked at again, or a lead leaves it with a reason.";
  }

  @Override
  Verdict verdict(RunEvent event, Replay run, RunStep step) {
    return event.said() instanceof Said.SecondLook look
        ? Verdict.of(look.finding(), Measure.Judged.NOTED)
        : Verdict.DONE;
  }

  @Override
  @Nullable String refuses(RunEvent event, Replay run, RunStep step) {
    if (event.kind() != EventKind.SECOND_LOOK) {
      return null;
    }
    Signature witness = event.answeredBy();
    Instant last =
        run.entries().stream()
            .filter(
                e ->
                    e.torqueNm() != null
                        && e.notCounted() == null
                        && e.event().by().id().equals(witness.id()))
            .map(e -> e.event().time().doneAt())
            .max(Comparator.naturalOrder())
            .orElse(null);
    Integer pause = run.sheet().lookAgainMinutes();
    if (last == null) {
      return null;
    }
    if (pause == null) {
      return witness.name() + " tightened here; the second look is another person's.";
    }
    Duration since = Duration.between(last, event.time().doneAt());
    long left = pause - since.toMinutes();
    return left <= 0
        ? null
        : "Your last tightening was "
            + since.toMinutes()
            + " min ago. Do something else for another "
            + left
            + " min and look then: fresh eyes see what tired ones passed over.";
  }
}
