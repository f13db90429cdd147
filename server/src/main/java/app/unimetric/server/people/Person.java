package app.unimetric.server.people;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Someone of the workshop.
 *
 * @param passwordHash null until the person chose one
 * @param pinHash likewise
 * @param invitationHash of the word a lead handed over; null once it was used
 * @param invitedUntil when that word is void
 * @param shutOut whether a lead keeps the person out for now
 * @param retiredAt since when the person is no longer here; the name stays in all evidence
 * @param sessionsFrom sessions opened before are void
 * @param version counts the changes a lead made
 */
public record Person(
    UUID id,
    String name,
    Role role,
    @Nullable String passwordHash,
    @Nullable String pinHash,
    @Nullable String invitationHash,
    @Nullable Instant invitedUntil,
    boolean shutOut,
    @Nullable Instant retiredAt,
    Instant sessionsFrom,
    int version) {

  /** How a person stands with the workshop. */
  public enum State {
    /** Has not chosen a password yet. */
    INVITED,
    HERE,
    SHUT_OUT,
    RETIRED
  }

  public State state() {
    if (retiredAt != null) {
      return State.RETIRED;
    }
    if (shutOut) {
      return State.SHUT_OUT;
    }
    return passwordHash == null ? State.INVITED : State.HERE;
  }

  /** Whether the person may act at all. */
  boolean isHere() {
    return state() == State.HERE;
  }
}
