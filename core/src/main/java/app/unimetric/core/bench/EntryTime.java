package app.unimetric.core.bench;

import java.time.Duration;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * When something was done at the bench, and when it reached the workshop. A device that was out of
 * reach sends late, and its clock may be wrong: what counts is how long before sending it was done.
 *
 * @param doneAt on the workshop's clock; never after {@code receivedAt}
 * @param receivedAt on the workshop's clock
 * @param deviceAheadSeconds how far the device's clock is ahead of the workshop's; negative when
 *     behind; 0 when it did not say
 */
public record EntryTime(Instant doneAt, Instant receivedAt, long deviceAheadSeconds) {
  /** Up to here a difference is the way over the network, seconds. */
  public static final long TOLERATED_SECONDS = 120;

  private static final long SECONDS_AN_HOUR = 3600;
  private static final long SECONDS_A_MINUTE = 60;

  /** Done at the moment it was received. */
  public static EntryTime at(Instant receivedAt) {
    return new EntryTime(receivedAt, receivedAt, 0);
  }

  /**
   * From what the device says. What it says was done before the job began cannot be: its clock was
   * set in between, and only the moment of receiving is sure.
   *
   * @param doneOnDevice when it was done, by the device's clock; null when it does not say
   * @param sentOnDevice when it was sent, by the same clock; null when it does not say
   * @param begunAt when the job began, on the workshop's clock
   */
  public static EntryTime of(
      @Nullable Instant doneOnDevice,
      @Nullable Instant sentOnDevice,
      Instant receivedAt,
      Instant begunAt) {
    if (sentOnDevice == null) {
      return at(receivedAt);
    }
    long ahead = Duration.between(receivedAt, sentOnDevice).toSeconds();
    Duration waited =
        doneOnDevice == null ? Duration.ZERO : Duration.between(doneOnDevice, sentOnDevice);
    boolean possible =
        !waited.isNegative() && waited.compareTo(Duration.between(begunAt, receivedAt)) <= 0;
    return new EntryTime(possible ? receivedAt.minus(waited) : receivedAt, receivedAt, ahead);
  }

  /** Whether the device's clock is so wrong that a person should know. */
  public boolean isClockWrong() {
    return Math.abs(deviceAheadSeconds) > TOLERATED_SECONDS;
  }

  /** What a person should know about the device's clock; null when it is right. */
  public @Nullable String clockWords() {
    if (!isClockWrong()) {
      return null;
    }
    long off = Math.abs(deviceAheadSeconds);
    String span =
        off >= 2 * SECONDS_AN_HOUR
            ? Math.round((double) off / SECONDS_AN_HOUR) + " h"
            : Math.round((double) off / SECONDS_A_MINUTE) + " min";
    return "This device's clock is "
        + span
        + (deviceAheadSeconds > 0 ? " ahead" : " behind")
        + ". Times are kept by the workshop's clock; set the device's right.";
  }
}
