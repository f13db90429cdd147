package app.unimetric.core.meter;

import app.unimetric.core.quantity.Figure;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

/**
 * A reading so far above the last one that somebody should look again: more than a machine does in
 * the days between. A digit typed twice or left out looks like that.
 */
public final class MeterLeap {
  /** More than this a day is asked about, km. */
  private static final double MOST_KM_A_DAY = 300;

  /** More than this a day is asked about, h. */
  private static final double MOST_HOURS_A_DAY = 12;

  private MeterLeap() {}

  /**
   * What to ask about a reading; empty when it is an ordinary one.
   *
   * @param meter what is counted
   * @param before the last reading and when it was taken
   * @param now the reading in hand; below the last one is no leap
   */
  public static Optional<String> question(
      MeterKind meter, double before, Instant takenAt, double now, Instant at) {
    double days = Math.max(0, Duration.between(takenAt, at).toDays()) + 1;
    double most = days * (meter.isDistance() ? meter.ofKm(MOST_KM_A_DAY) : MOST_HOURS_A_DAY);
    double rise = now - before;
    if (rise <= most) {
      return Optional.empty();
    }
    String unit = " " + meter.sign();
    return Optional.of(
        Figure.rounded(rise, 1)
            + unit
            + " more than the last reading of "
            + Figure.rounded(before, 1)
            + unit
            + ", "
            + (days <= 1 ? "taken today" : Figure.rounded(days - 1, 0) + " days ago")
            + ". Check the digits; if it is right, say so.");
  }
}
