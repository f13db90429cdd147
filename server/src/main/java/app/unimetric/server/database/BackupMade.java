package app.unimetric.server.database;

import java.time.Duration;
import java.time.Instant;

/**
 * A backup that was made and could be read back.
 *
 * @param file its name
 * @param bytes its size
 */
record BackupMade(String file, long bytes, Instant madeAt) {
  /** One is made every day; two missed ones are no accident. */
  private static final Duration FRESH = Duration.ofDays(2);

  boolean isOld(Instant now) {
    return madeAt.isBefore(now.minus(FRESH));
  }
}
