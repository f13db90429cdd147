package app.unimetric.core.machine;

import app.unimetric.core.meter.MeterKind;
import org.jspecify.annotations.Nullable;

/** Two entries that may be one machine. */
public final class Doubles {
  private Doubles() {}

  /**
   * Why two cannot be one machine, and what to do about it; null where they can: two kinds, two
   * frame numbers, or two meters that count otherwise and whose readings would be mixed up.
   */
  public static @Nullable String whyNotOne(MachineLine stays, MachineLine gone) {
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
    String one = stays.plate().frameNumber();
    String other = gone.plate().frameNumber();
    if (!one.isEmpty() && !other.isEmpty() && !one.equalsIgnoreCase(other)) {
      return "Their frame numbers differ, "
          + one
          + " and "
          + other
          + "; change the wrong one first.";
    }
    return null;
  }
}
