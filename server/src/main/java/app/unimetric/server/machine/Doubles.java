package app.unimetric.server.machine;

import app.unimetric.core.meter.MeterKind;
import org.jspecify.annotations.Nullable;

/** Two entries that may be one machine. */
final class Doubles {
  private Doubles() {}

  /** Why two cannot be one, and what to do about it; null where they can. */
  static @Nullable String whyNotOne(Machine stays, Machine gone) {
    if (stays.id().equals(gone.id())) {
      return "It is this very machine; choose the other one.";
    }
    if (gone.mergedInto() != null) {
      return "“" + gone.name() + "” is taken for another machine already; part the two first.";
    }
    if (stays.kind() != gone.kind()) {
      return "One is a "
          + stays.kind().words()
          + ", the other a "
          + gone.kind().words()
          + "; change the wrong one first.";
    }
    if (stays.meter() != gone.meter()
        && stays.meter() != MeterKind.NONE
        && gone.meter() != MeterKind.NONE
        && gone.meterFigure() != null) {
      return "One meter counts "
          + stays.meter().counts()
          + ", the other "
          + gone.meter().counts()
          + "; their readings would be mixed up.";
    }
    if (!stays.frameNumber().isEmpty()
        && !gone.frameNumber().isEmpty()
        && !stays.frameNumber().equalsIgnoreCase(gone.frameNumber())) {
      return "Their frame numbers differ, "
          + stays.frameNumber()
          + " and "
          + gone.frameNumber()
          + "; change the wrong one first.";
    }
    return null;
  }
}
