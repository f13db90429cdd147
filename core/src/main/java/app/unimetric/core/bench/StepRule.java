package app.unimetric.core.bench;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * How a step of one kind is answered: what may be said, what is refused and why, what an answer
 * comes to, and when the step is done. There is one class for each kind; {@link Replay} asks it and
 * knows nothing of kinds. A rule holds nothing of a run.
 */
abstract class StepRule {
  /** The rule of a step. */
  static StepRule of(RunStep step) {
    return step.judged() && step.kind() != StepKind.SET_TO_CHECK
        ? JudgedStep.RULE
        : of(step.kind());
  }

  private static StepRule of(StepKind kind) {
    return switch (kind) {
      case WORK, HAND, FUNCTION_CHECK -> DoneStep.RULE;
      case SURFACE -> SurfaceStep.RULE;
      case MEASURE -> MeasureStep.RULE;
      case TIGHTEN -> TightenStep.RULE;
      case ANGLE -> AngleStep.RULE;
      case NEXT_SLOT -> NextSlotStep.RULE;
      case SLIP_TEST -> SlipTestStep.RULE;
      case CHECK_PASS -> CheckRoundStep.RULE;
      case TRY -> TryStep.RULE;
      case SET_TO_CHECK -> SetToCheckStep.RULE;
      case SECOND_LOOK -> SecondLookStep.RULE;
      case SIGN_OFF -> SignOffStep.RULE;
    };
  }

  /** What may be said now. */
  abstract List<EventKind> permits(Replay run, RunStep step);

  /** Why an entry that is permitted does not count all the same; null when it does. */
  @Nullable String refuses(RunEvent event, Replay run, RunStep step) {
    return null;
  }

  /** What to do about what waits here. */
  String advice(Replay run, RunStep step) {
    return "A reading outside its limits waits: redo it or let it stand with a reason.";
  }

  /** Why on a critical joint or job only a lead may leave what waits. */
  String onlyALead() {
    return "On a critical job only a lead leaves what is not as it should be.";
  }

  /** Whether what is left here is for a lead alone. */
  boolean isCritical(Replay run, RunStep step) {
    RunJoint joint = run.jointOf(step);
    return joint != null && joint.critical();
  }

  /** Takes an entry that was not refused. */
  void take(RunEvent event, Replay run, RunStep step) {
    confirm(event, run, step);
  }

  /** What an answer comes to. */
  Verdict verdict(RunEvent event, Replay run, RunStep step) {
    return Verdict.DONE;
  }

  /** Notes an answer and settles its fastener, or lets it wait where it is not as it should be. */
  final void confirm(RunEvent event, Replay run, RunStep step) {
    Verdict verdict = verdict(event, run, step);
    run.add(Entry.judged(event, run.round(step), step, run.jointOf(step), null, verdict));
    run.settle(step, fastenerOf(event), event.id(), verdict);
  }

  /** Called when a fastener was settled, so that a round may begin again. */
  void settled(Replay run, RunStep step) {}

  /** Whether nothing more is to be said here. */
  boolean isComplete(Replay run, RunStep step) {
    Map<Integer, UUID> done = run.done(step);
    return step.perFastener() ? done.keySet().containsAll(step.order()) : done.containsKey(0);
  }

  /** What saying this means here, in a few words. */
  String words(EventKind kind, Replay run, RunStep step) {
    return kind.words();
  }

  static int fastenerOf(RunEvent event) {
    Integer number = event.fastener();
    return number == null ? 0 : number;
  }

  /** With what else can be said at every joint that has been begun. */
  static List<EventKind> orBegunAgain(Replay run, RunStep step, List<EventKind> permits) {
    return run.isBegun(step) ? plus(permits, EventKind.BEGUN_AGAIN) : permits;
  }

  /** With another tool, where one was laid out. */
  static List<EventKind> orAmended(Replay run, RunStep step, List<EventKind> permits) {
    RunJoint joint = run.jointOf(step);
    return joint == null || joint.otherTools().isEmpty()
        ? permits
        : plus(permits, EventKind.AMENDED);
  }

  private static List<EventKind> plus(List<EventKind> permits, EventKind one) {
    return Stream.concat(permits.stream(), Stream.of(one)).toList();
  }
}
