package app.unimetric.core.bench;

import app.unimetric.core.device.Curve;
import app.unimetric.core.device.CurveVerdict;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Each fastener is brought to a share of its torque. Below its band it is turned on. Above it,
 * turning again clears nothing: it is slackened and begins again, or renewed where its thread may
 * have given; only what the tool's own deviation accounts for may stand with a reason.
 */
final class TightenStep extends StepRule {
  static final StepRule RULE = new TightenStep();

  /** What arithmetic may lose. */
  private static final double ROUNDING = 1e-9;

  private TightenStep() {}

  @Override
  List<EventKind> permits(Replay run, RunStep step) {
    List<EventKind> tightening = orAmendedPull(run, step, tightening(run, step));
    return orBegunAgain(run, step, tightening);
  }

  private static List<EventKind> orAmendedPull(Replay run, RunStep step, List<EventKind> permits) {
    return permits.contains(EventKind.READING) ? orAmended(run, step, permits) : permits;
  }

  private static List<EventKind> tightening(Replay run, RunStep step) {
    EventKind usual = step.settingNm() == null ? EventKind.DONE : EventKind.CLICKED;
    Entry over = run.waiting(step);
    if (over == null) {
      return List.of(usual, EventKind.READING);
    }
    CurveVerdict curve = over.curve();
    if (curve != null) {
      return curve.shape().mayBeRight()
          ? List.of(EventKind.SLACKENED, EventKind.REPLACED)
          : List.of(EventKind.REPLACED);
    }
    Double most = step.mayStandToNm();
    Double torque = over.torqueNm();
    if (most == null || torque == null || over.verdict() != Verdict.ABOVE) {
      return List.of(usual, EventKind.READING, EventKind.DEVIATION_ACCEPTED);
    }
    RunJoint joint = run.jointOf(step);
    Double ceiling = joint == null ? null : joint.ceilingNm();
    if (ceiling != null && torque > ceiling) {
      return List.of(EventKind.REPLACED);
    }
    return torque <= most * (1 + ROUNDING)
        ? List.of(EventKind.SLACKENED, EventKind.DEVIATION_ACCEPTED)
        : List.of(EventKind.SLACKENED);
  }

  @Override
  String advice(Replay run, RunStep step) {
    Entry waiting = run.waiting(step);
    CurveVerdict curve = waiting == null ? null : waiting.curve();
    if (curve != null) {
      return curve.words();
    }
    List<EventKind> permits = tightening(run, step);
    if (permits.contains(EventKind.REPLACED)) {
      return "This torque is more than the fastener carries: take it out, look at thread and part, put in a new one.";
    }
    return permits.contains(EventKind.SLACKENED)
        ? "Turning again does not make an over-tightened fastener right: slacken it fully, look at thread and part, renew what is used once; its passes begin again."
        : "Turn it again, or let it stand with a reason.";
  }

  @Override
  String onlyALead() {
    return "On a critical joint only a lead lets a reading outside the band stand.";
  }

  @Override
  void take(RunEvent event, Replay run, RunStep step) {
    switch (event.kind()) {
      case SLACKENED, REPLACED -> run.beginAgain(event, step);
      case CLICKED, READING -> pulled(event, run, step);
      default -> confirm(event, run, step);
    }
  }

  private static void pulled(RunEvent event, Replay run, RunStep step) {
    Double torque = event.kind() == EventKind.CLICKED ? step.settingNm() : event.torqueNm();
    CurveVerdict curve = against(event, run, step).orElse(null);
    Verdict verdict =
        curve != null
            ? Verdict.BAD
            : torque == null ? Verdict.DONE : Verdict.of(torque, step.band());
    run.add(
        Entry.judged(event, run.round(step), step, run.jointOf(step), torque, verdict).with(curve));
    run.settle(step, fastenerOf(event), event.id(), verdict);
  }

  /** What the curve of a pull tells against its fastener, beside its like of the same pass. */
  private static Optional<CurveVerdict> against(RunEvent event, Replay run, RunStep step) {
    String written = event.curve();
    if (written == null) {
      return Optional.empty();
    }
    RunJoint joint = run.jointOf(step);
    int fastener = fastenerOf(event);
    double reached = run.percents(step).getOrDefault(fastener, 0.0);
    Entry waiting = run.waiting(step);
    boolean same = waiting != null && fastenerOf(run.first(waiting.event())) == fastener;
    List<Curve> others =
        run.done(step).values().stream()
            .map(id -> run.entry(id).event().curve())
            .filter(Objects::nonNull)
            .map(Curve::parse)
            .toList();
    return CurveVerdict.of(
        Curve.parse(written),
        DuePull.startNm(
            joint == null ? null : joint.aimNm(),
            reached,
            same && waiting != null ? waiting.torqueNm() : null),
        others);
  }

  @Override
  boolean isComplete(Replay run, RunStep step) {
    return super.isComplete(run, step) || SlipTestStep.isBeyondHold(run, step);
  }

  @Override
  String words(EventKind kind, Replay run, RunStep step) {
    return switch (kind) {
      case CLICKED -> run.waiting(step) == null ? kind.words() : "Redone: clicked at the setting";
      case REPLACED -> "Renewed: begin again";
      default -> kind.words();
    };
  }

  /** What an earlier pull of the same pass had brought, below its band; null where none had. */
  static @Nullable Double leftBefore(Replay run, Entry reading) {
    UUID id = reading.event().id();
    for (int i = run.indexOf(id) - 1; i >= 0; i--) {
      Entry e = run.entry(i);
      boolean same =
          e.event().stepId().equals(reading.event().stepId())
              && Objects.equals(e.event().fastener(), reading.event().fastener());
      if (same && e.counts()) {
        return e.verdict() == Verdict.BELOW ? e.torqueNm() : null;
      }
    }
    return null;
  }
}
