package app.unimetric.core.bench;

import java.util.List;
import java.util.Map;
import java.util.UUID;

/** Each fastener is tried at full torque, round after round until nothing moves. */
abstract class TriedRule extends StepRule {
  @Override
  List<EventKind> permits(Replay run, RunStep step) {
    return orAmended(run, step, List.of(EventKind.HELD, EventKind.MOVED));
  }

  @Override
  Verdict verdict(RunEvent event, Replay run, RunStep step) {
    return event.kind() == EventKind.MOVED ? Verdict.MOVED : Verdict.HELD;
  }

  @Override
  void settled(Replay run, RunStep step) {
    Map<Integer, UUID> done = run.done(step);
    boolean moved = done.values().stream().anyMatch(id -> run.entry(id).verdict() == Verdict.MOVED);
    if (done.size() == step.order().size() && moved && goesRoundAgain(run, step)) {
      run.nextRound(step);
    }
  }

  /** Whether what moved is tried once more. */
  boolean goesRoundAgain(Replay run, RunStep step) {
    return true;
  }
}
