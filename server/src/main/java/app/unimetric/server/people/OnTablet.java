package app.unimetric.server.people;

import app.unimetric.core.bench.Signature;
import app.unimetric.server.problem.Refusal;
import jakarta.servlet.http.HttpSession;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * People who make entries at a device where somebody else is signed in: each proved by PIN, for a
 * shift at most, and no longer than that session.
 */
@Component
public class OnTablet {
  /** One for each person, so that two who sign on at the same moment both stand. */
  private static final String ATTRIBUTE = "unimetric.onTablet.";

  private static final Duration A_SHIFT = Duration.ofHours(12);

  private final People people;
  private final Clock clock;

  OnTablet(People people, Clock clock) {
    this.people = people;
    this.clock = clock;
  }

  /**
   * @throws Refusal where name and PIN do not match
   */
  void signOn(HttpSession session, String name, String pin) {
    Signature person = people.witness(name, pin);
    session.setAttribute(ATTRIBUTE + person.id(), clock.instant());
  }

  /** Who has not signed on may sign off. */
  void signOff(HttpSession session, UUID personId) {
    session.removeAttribute(ATTRIBUTE + personId);
  }

  /** Who is signed on beside whose session it is, as they are now. */
  List<Person> signedOn(@Nullable HttpSession session) {
    return at(session, clock.instant()).stream()
        .map(people::byId)
        .filter(Objects::nonNull)
        .filter(p -> p.isHere() && p.role() != Role.GUEST)
        .toList();
  }

  /**
   * Whose word something is.
   *
   * @param by who is said to say it; null for whose session it is
   * @throws Refusal where that person has not signed on here
   */
  public Signature whoSays(SignedIn signedIn, @Nullable UUID by, @Nullable HttpSession session) {
    if (by == null || by.equals(signedIn.id())) {
      return signedIn.signature();
    }
    return signedOn(session).stream()
        .filter(p -> p.id().equals(by))
        .map(p -> new Signature(p.id(), p.name(), p.role() == Role.LEAD))
        .findFirst()
        .orElseThrow(
            () ->
                Refusal.unauthenticated(
                    "Whoever said this has not signed on at this device, or the shift is over; sign on with the PIN, it is kept until then."));
  }

  /** Whose shift at this device has not ended. */
  static List<UUID> at(@Nullable HttpSession session, Instant now) {
    List<UUID> there = new ArrayList<>();
    if (session != null) {
      for (String name : Collections.list(session.getAttributeNames())) {
        if (name.startsWith(ATTRIBUTE)
            && session.getAttribute(name) instanceof Instant since
            && now.isBefore(since.plus(A_SHIFT))) {
          there.add(UUID.fromString(name.substring(ATTRIBUTE.length())));
        }
      }
    }
    return there;
  }
}
