package app.unimetric.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A clamp climbed to hold is tested for slip. Where it holds, no higher torque of the climb is
 * pulled; slipping at the last one it is taken apart, or left by a lead.
 */
final class SlipTestStep extends StepRule {
  static final StepRule RULE = new SlipTestStep();

  private SlipTestStep() {}

  @Override
  List<EventKind> permits(Replay run, RunStep step) {
    return run.waiting(step) == null
        ? orBegunAgain(run, step, List.of(EventKind.HOLDS, EventKind.SLIPS))
        : List.of(EventKind.BEGUN_AGAIN, EventKind.LEFT);
  }

  @Override
  @Nullable String refuses(RunEvent event, Replay run, RunStep step) {
    String found = event.reason();
    boolean again = event.kind() == EventKind.BEGUN_AGAIN && run.waiting(step) != null;
    return again && (found == null || found.isBlank())
        ? "Say in a few words why it slipped and what was done about it."
        : null;
  }

  @Override
  String advice(Replay run, RunStep step) {
    return "It slips at the last torque below the limit: no tighter. Take it apart, find out why and begin again, or leave it with a reason.";
  }

  @Override
  Verdict verdict(RunEvent event, Replay run, RunStep step) {
    return event.kind() == EventKind.HOLDS
        ? Verdict.GOOD
        : step.percent() == RunStep.FULL_PERCENT ? Verdict.BAD : Verdict.MOVED;
  }

  @Override
  boolean isComplete(Replay run, RunStep step) {
    return super.isComplete(run, step) || isBeyondHold(run, step);
  }

  @Override
  String words(EventKind kind, Replay run, RunStep step) {
    return kind == EventKind.BEGUN_AGAIN ? "Taken apart: begin again" : kind.words();
  }

  /** Whether its clamp holds already at a lower torque of its climb. */
  static boolean isBeyondHold(Replay run, RunStep step) {
    Double held = heldAt(run, step.jointId());
    return held != null && step.percent() > held;
  }

  /** The share at which a climb ended: it held there, or was left slipping at the last. */
  static @Nullable Double heldAt(Replay run, @Nullable String jointId) {
    for (RunStep test : run.slipTests(jointId)) {
      UUID said = run.done(test).get(0);
      if (said != null && run.entry(said).verdict() != Verdict.MOVED) {
        return test.percent();
      }
    }
    return null;
  }

  /** Whether it was drawn tighter since it was tested at this torque. */
  static boolean isClimbedBeyond(Replay run, RunStep test) {
    return run.sheet().steps().stream()
        .filter(s -> s.kind() == StepKind.TIGHTEN && s.percent() > test.percent())
        .anyMatch(
            s -> String.valueOf(test.jointId()).equals(s.jointId()) && !run.done(s).isEmpty());
  }

  /** The torques the joint in hand is climbed by, with what their tests came to. */
  static List<ClimbedTorque> climb(Replay run, RunStep inHand) {
    List<ClimbedTorque> climb = new ArrayList<>();
    for (RunStep test : run.slipTests(inHand.jointId())) {
      Entry waiting = run.waiting(test);
      UUID settled = run.done(test).get(0);
      Entry said = settled == null ? waiting : run.entry(settled);
      Double setting =
          run.sheet().steps().stream()
              .filter(s -> s.kind() == StepKind.TIGHTEN && s.percent() == test.percent())
              .filter(s -> String.valueOf(test.jointId()).equals(s.jointId()))
              .findFirst()
              .map(RunStep::settingNm)
              .orElse(null);
      climb.add(
          new ClimbedTorque(
              test.id(),
              setting,
              inHand.percent() == test.percent(),
              said != null && said.event().kind() == EventKind.SLIPS,
              said != null && said.event().kind() == EventKind.HOLDS));
    }
    return climb;
  }
}
