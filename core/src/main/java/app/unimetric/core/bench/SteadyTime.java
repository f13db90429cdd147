package app.unimetric.core.bench;

import java.time.Duration;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * Time that does not leap, so that nothing has cured because somebody set a clock. It follows the
 * computer's clock while that keeps step with a counter nobody can set; when it does not, it goes
 * on by the counter until a person says which is right. It never goes back.
 *
 * @param moment what it says
 * @param counterNanos of the counter at that moment
 * @param leap how far the computer's clock has gone ahead of it, negative when behind; null while
 *     both agree
 * @param off how long the computer was off before, where nobody can tell that it kept its time;
 *     null when that is not asked, or was answered
 * @param cures whether something cured while it was off
 */
public record SteadyTime(
    Instant moment,
    long counterNanos,
    @Nullable Duration leap,
    @Nullable Duration off,
    boolean cures) {
  /** What a clock may be put right at once without being asked about. */
  public static final Duration STEP = Duration.ofSeconds(2);

  /** What a quartz may run fast or slow, parts in a million, ten times over. */
  private static final long DRIFT_PPM = 500;

  /** A computer that was off for longer than a long weekend may have lost its time. */
  public static final Duration LONG_OFF = Duration.ofDays(4);

  /** Where something cures, an hour too many may put somebody on the road too early. */
  public static final Duration LONG_OFF_WHILE_CURING = Duration.ofHours(1);

  private static final long MILLION = 1_000_000;

  /**
   * Time as a server begins. Where something cured while it was off for more than an hour, time
   * goes on from when it was last seen until a person says that the clock is right.
   *
   * @param wall what the computer's clock says
   * @param lastSeen what time it was when it was last looked at, before; null when never
   * @param cures whether something was still to cure when it was last seen
   */
  public static SteadyTime begin(
      Instant wall, long counterNanos, @Nullable Instant lastSeen, boolean cures) {
    if (lastSeen == null) {
      return new SteadyTime(wall, counterNanos, null, null, false);
    }
    Duration since = Duration.between(lastSeen, wall);
    if (since.compareTo(STEP.negated()) < 0) {
      return new SteadyTime(lastSeen, counterNanos, since, null, false);
    }
    if (cures && since.compareTo(LONG_OFF_WHILE_CURING) > 0) {
      return new SteadyTime(lastSeen, counterNanos, since, since, true);
    }
    return new SteadyTime(
        wall.isBefore(lastSeen) ? lastSeen : wall,
        counterNanos,
        null,
        since.compareTo(LONG_OFF) > 0 ? since : null,
        false);
  }

  /**
   * Time a while later.
   *
   * @param wall what the computer's clock says
   */
  public SteadyTime at(Instant wall, long nowNanos) {
    long elapsed = Math.max(0, nowNanos - counterNanos);
    Instant expected = moment.plusNanos(elapsed);
    Duration ahead = Duration.between(expected, wall);
    Duration allowed = STEP.plusNanos(elapsed / MILLION * DRIFT_PPM);
    boolean agree = leap == null && ahead.abs().compareTo(allowed) <= 0;
    if (!agree) {
      return new SteadyTime(
          expected, nowNanos, ahead.abs().compareTo(STEP) <= 0 ? null : ahead, off, cures);
    }
    return new SteadyTime(wall.isBefore(moment) ? moment : wall, nowNanos, null, off, cures);
  }

  /** As it goes on once a person said that the computer's clock is right. */
  public SteadyTime confirmed(Instant wall, long nowNanos) {
    return new SteadyTime(wall, nowNanos, null, null, false);
  }

  /** What a person is asked, in words; null when there is nothing to ask. */
  public @Nullable String question() {
    Duration stopped = off;
    if (stopped != null && cures) {
      return "The server was off for "
          + words(stopped)
          + ", by its computer's clock, while something cures. Until somebody says that this clock is right, times go on from when it stopped, and nothing counts as cured by it. Is it right?";
    }
    Duration away = leap;
    if (away != null) {
      return "The clock of the server's computer went "
          + words(away.abs())
          + (away.isNegative() ? " back" : " ahead")
          + ". Times go on by what passed since, so that nothing counts as cured too early. Is its clock right now?";
    }
    Duration gone = off;
    return gone == null
        ? null
        : "The server was off for "
            + words(gone)
            + ", by its computer's clock. Is that clock right?";
  }

  /**
   * Whether what is asked is only how long a stop was, which whoever comes first sees on any clock;
   * a clock that leapt is a lead's matter.
   */
  public boolean asksWhoeverComesFirst() {
    return off != null;
  }

  private static String words(Duration span) {
    if (span.toDays() > 0) {
      return span.toDays() + " d " + span.toHoursPart() + " h";
    }
    return span.toHours() > 0
        ? span.toHours() + " h " + span.toMinutesPart() + " min"
        : span.toMinutes() > 0
            ? span.toMinutes() + " min " + span.toSecondsPart() + " s"
            : span.toSeconds() + " s";
  }
}
