package app.unimetric.server.people;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * Tries that went before one.
 *
 * @param wrong from this address for this name since the last right one, within a quarter of an
 *     hour
 * @param last the latest of those
 * @param ofAddress wrong ones from this address for any name, within ten minutes
 * @param ofStrangers wrong ones for this name from addresses it never came in from, within ten
 *     minutes
 * @param isKnownHere whether this name came in from this address within ninety days
 */
record TryCount(
    int wrong,
    @Nullable Instant last,
    int ofAddress,
    @Nullable Instant lastOfAddress,
    int ofStrangers,
    @Nullable Instant lastOfName,
    boolean isKnownHere) {

  /** The same where it is known otherwise that this name comes in from here. */
  TryCount knownHere() {
    return new TryCount(wrong, last, ofAddress, lastOfAddress, ofStrangers, lastOfName, true);
  }
}
