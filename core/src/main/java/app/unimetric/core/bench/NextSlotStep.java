package app.unimetric.core.bench;

import app.unimetric.core.device.Curve;
import app.unimetric.core.fastener.Castellation;
import app.unimetric.core.fastener.CastleNut;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A pinned nut is turned on to its next slot, never back. How far the slot is comes first; then it
 * is turned on, or beyond the most it may carry taken off for another washer.
 */
final class NextSlotStep extends StepRule {
  static final StepRule RULE = new NextSlotStep();

  private NextSlotStep() {}

  @Override
  List<EventKind> permits(Replay run, RunStep step) {
    Entry said = run.waiting(step);
    if (said == null) {
      return orBegunAgain(run, step, List.of(EventKind.SLOT_AHEAD));
    }
    return said.isDeviation()
        ? List.of(EventKind.SLACKENED, EventKind.SLOT_AHEAD)
        : List.of(EventKind.DONE, EventKind.SLOT_AHEAD, EventKind.SLACKENED);
  }

  @Override
  @Nullable String refuses(RunEvent event, Replay run, RunStep step) {
    SlotAhead ahead = event.slot();
    Castellation nut = step.castellation();
    return ahead != null && nut != null && ahead.turnDeg() >= nut.stepDeg()
        ? nut.words() + " The next slot is never as far as that: count them and look again."
        : null;
  }

  @Override
  String advice(Replay run, RunStep step) {
    Entry said = run.waiting(step);
    return said != null && said.isDeviation()
        ? "At the next slot it would carry more than it may: take it off for another washer, and never back."
        : "Turn it on to the slot first, or take it off for another washer.";
  }

  @Override
  void take(RunEvent event, Replay run, RunStep step) {
    switch (event.kind()) {
      case SLACKENED -> run.beginAgain(event, step);
      case SLOT_AHEAD -> slotAhead(event, run, step);
      default -> turnedOn(event, run, step);
    }
  }

  /** What settles the nut is what was said of its slot, not that it was turned there. */
  private void turnedOn(RunEvent event, Replay run, RunStep step) {
    Entry said = run.waiting(step);
    run.add(Entry.of(event, run.round(step), Verdict.DONE));
    UUID settles = said == null ? event.id() : said.event().id();
    run.settle(step, fastenerOf(event), settles, Verdict.DONE);
  }

  /** What is in line is there; what is not is turned on to its slot first, or not at all. */
  private static void slotAhead(RunEvent event, Replay run, RunStep step) {
    SlotAhead ahead = event.slot();
    if (ahead == null) {
      return;
    }
    int fastener = fastenerOf(event);
    Double there = thereNm(ahead, step, due(run, step, fastener));
    Verdict verdict = atSlot(there, step);
    run.add(Entry.judged(event, run.round(step), step, null, there, verdict));
    if (ahead.isAligned() && !verdict.isDeviation()) {
      run.settle(step, fastener, event.id(), verdict);
    } else {
      run.waits(step, event.id());
    }
  }

  /** Only the most it may carry is judged: what it was pulled to was judged there. */
  private static Verdict atSlot(@Nullable Double thereNm, RunStep step) {
    if (thereNm == null || step.band() == null) {
      return Verdict.DONE;
    }
    return Verdict.of(thereNm, step.band()) == Verdict.ABOVE ? Verdict.ABOVE : Verdict.INSIDE;
  }

  private static @Nullable Double thereNm(SlotAhead ahead, RunStep step, DueSlot due) {
    Castellation nut = step.castellation();
    Double now = due.torqueNowNm();
    Double stated = ahead.nmPerDegree();
    Double rises = stated == null ? due.nmPerDegree() : stated;
    if (nut == null || now == null || rises == null && !ahead.isAligned()) {
      return null;
    }
    double nmPerDegree = rises == null ? 0 : rises;
    return CastleNut.ahead(nut, ahead.turnDeg(), now, nmPerDegree, null).torqueThereNm();
  }

  /** What the last pull of a pinned nut tells; a turn by an angle tells no torque. */
  static DueSlot due(Replay run, RunStep step, int fastener) {
    RunJoint joint = run.jointOf(step);
    List<RunStep> pulls =
        run.sheet().steps().stream()
            .filter(s -> s.turnsEach() && s.kind() != StepKind.NEXT_SLOT)
            .filter(s -> joint != null && joint.id().equals(s.jointId()))
            .toList();
    RunStep pulled = pulls.isEmpty() ? null : pulls.get(pulls.size() - 1);
    UUID id = pulled == null ? null : run.done(pulled).get(fastener);
    Entry last = id == null ? null : run.entry(id);
    String curve = last == null ? null : last.event().curve();
    double before = pulls.size() < 2 ? 0 : pulls.get(pulls.size() - 2).percent();
    Entry said = run.waiting(step);
    SlotAhead ahead = said == null ? null : said.event().slot();
    return new DueSlot(
        last == null ? null : last.torqueNm(),
        last == null || curve == null || joint == null
            ? null
            : Curve.parse(curve)
                .risesNmPerDegree(
                    DuePull.startNm(joint.aimNm(), before, TightenStep.leftBefore(run, last)))
                .orElse(null),
        ahead == null ? null : (Double) ahead.turnDeg(),
        said == null ? null : DueSlot.advice(step, said));
  }

  @Override
  String words(EventKind kind, Replay run, RunStep step) {
    return switch (kind) {
      case DONE -> "It stands at the slot";
      case SLACKENED -> "Other washer on: begin again";
      default -> kind.words();
    };
  }
}
