package app.unimetric.core.bench;

import static app.unimetric.core.quantity.TorqueUnit.NEWTON_METRE;

import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.ToolType;
import app.unimetric.core.tool.TorqueTool;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** A run that is played in a test, one word after the other. */
final class AtTheBench {
  static final LocalDate TODAY = LocalDate.of(2026, 5, 4);
  private static final Instant AT = Instant.parse("2026-05-04T08:00:00Z");
  private static final Signature ASTA = new Signature(UUID.randomUUID(), "Asta", false);
  private static final Signature LEAD = new Signature(UUID.randomUUID(), "Lead", true);
  private static final int MOST = 300;
  final RunSheet sheet;
  final List<RunEvent> log = new ArrayList<>();

  AtTheBench(RunSheet sheet) {
    this.sheet = sheet;
  }

  static CribTool click(String id, double deviationPercent) {
    TorqueTool tool = new TorqueTool(2, 25, deviationPercent, 0.5, NEWTON_METRE, List.of());
    return new CribTool(id, "Tool " + id, ToolType.CLICK, tool, LocalDate.of(2026, 1, 1), 10, null);
  }

  RunState state() {
    return Replay.of(sheet, log);
  }

  Entry last() {
    RunState s = state();
    return s.entries().get(s.entries().size() - 1);
  }

  RunStep inHand() {
    return sheet.step(state().currentStep()).orElseThrow();
  }

  RunState say(EventKind kind, Double nm, String reason, Double limit, String toolId) {
    RunState s = state();
    boolean found = kind == EventKind.FOUND;
    log.add(
        LogLine.event(
            UUID.randomUUID(),
            s.currentStep() == null ? "sign-off" : s.currentStep(),
            kind,
            s.nextFastener(),
            nm,
            nm == null ? null : NEWTON_METRE,
            reason,
            found ? Finding.GOOD : null,
            limit,
            toolId,
            null,
            null,
            null,
            null,
            s.permits().contains(EventKind.SECOND_LOOK) ? LEAD : ASTA,
            null,
            EntryTime.at(AT)));
    if (log.size() > MOST) {
      throw new AssertionError("It does not go on: " + last().notCounted());
    }
    return state();
  }

  /** Says how far the next slot of a pinned nut is. */
  RunState slotAhead(double turnDeg, Double nmPerDegree) {
    SlotAhead ahead = new SlotAhead(turnDeg, nmPerDegree);
    return say(event(EventKind.SLOT_AHEAD, state().nextFastener(), null, null, null, ahead));
  }

  /** Says that a torque was read, with the curve of its pull. */
  RunState pulled(double nm, String curve) {
    return say(event(EventKind.READING, state().nextFastener(), nm, null, curve, null));
  }

  /** Corrects an entry by a figure, or strikes it without one. */
  RunState correct(Entry entry, Double nm) {
    return say(event(EventKind.CORRECTION, null, nm, entry.event().id(), null, null));
  }

  /** Says something with its own fields. */
  RunState say(Said said) {
    RunState s = state();
    return say(
        new RunEvent(
            UUID.randomUUID(),
            s.currentStep(),
            s.nextFastener(),
            said,
            ASTA,
            null,
            EntryTime.at(AT)));
  }

  private RunState say(RunEvent event) {
    log.add(event);
    return state();
  }

  private RunEvent event(
      EventKind kind, Integer fastener, Double nm, UUID corrects, String curve, SlotAhead slot) {
    return LogLine.event(
        UUID.randomUUID(),
        state().currentStep(),
        kind,
        fastener,
        nm,
        nm == null ? null : NEWTON_METRE,
        null,
        null,
        null,
        null,
        corrects,
        curve,
        null,
        slot,
        ASTA,
        null,
        EntryTime.at(AT));
  }

  RunState say(EventKind kind) {
    return say(kind, null, "1.2 mm, as it is", null, null);
  }

  /** Goes on in the usual way until a step of this kind is in hand. */
  RunState until(StepKind kind) {
    RunState s = state();
    for (int i = 0; i < MOST && s.currentStep() != null && inHand().kind() != kind; i++) {
      s = say(s.permits().get(0));
    }
    return s;
  }
}
