package app.unimetric.core.bench;

import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.TorqueUnit;
import java.util.UUID;

/** Entries for tests, made of a kind and whatever of the rest belongs to it. */
final class LogLine {
  private LogLine() {}

  static RunEvent event(
      UUID id,
      String stepId,
      EventKind kind,
      Integer fastener,
      Double value,
      TorqueUnit unit,
      String reason,
      Finding finding,
      Double limit,
      String toolId,
      UUID corrects,
      String curve,
      MovedFastener moved,
      SlotAhead slot,
      Signature by,
      Signature witness,
      EntryTime time) {
    String typed = typed(value);
    Said said =
        switch (kind) {
          case DONE -> new Said.Done();
          case OTHER_PRODUCT -> new Said.OtherProduct(reason, null);
          case MEASURED -> new Said.Measured(reason, typed(limit));
          case FOUND -> new Said.Found(finding, reason, typed(limit));
          case REPLACED -> new Said.Replaced(reason);
          case LEFT -> new Said.Left(reason);
          case SLACKENED -> new Said.Slackened(reason);
          case BEGUN_AGAIN -> new Said.BegunAgain(reason);
          case AMENDED -> new Said.Amended(toolId, reason);
          case CLICKED -> new Said.Clicked();
          case READING -> new Said.Reading(typed, unit, curve);
          case HELD -> new Said.Held(curve);
          case MOVED ->
              moved == null
                  ? new Said.Moved(null, null, null, curve)
                  : new Said.Moved(
                      moved.cause(), typed(moved.angleDeg()), typed(moved.gripMm()), curve);
          case HOLDS -> new Said.Holds();
          case SLIPS -> new Said.Slips();
          case SLOT_AHEAD -> new Said.ToSlot(typed(slot.turnDeg()), typed(slot.nmPerDegree()));
          case DEVIATION_ACCEPTED -> new Said.DeviationAccepted(reason);
          case CORRECTION -> new Said.Correction(corrects, typed, unit, reason);
          case SECOND_LOOK -> new Said.SecondLook(finding == null ? Finding.GOOD : finding, reason);
          case NOTE -> new Said.Note(reason);
          case SIGNED_OFF -> new Said.SignedOff();
        };
    return new RunEvent(id, stepId, fastener, said, by, witness, time);
  }

  private static String typed(Double figure) {
    return figure == null ? null : Figure.typed(figure);
  }
}
