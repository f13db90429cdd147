package app.unimetric.server.calendar;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.problem.Problems;
import app.unimetric.server.gate.Secret;
import app.unimetric.server.problem.Refusal;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Calendars under secret addresses: whoever has one reads it until it is revoked, or until whoever
 * made it works here no longer.
 */
@Service
class Feeds {
  private static final int LONGEST_NAME = 100;
  private static final int MOST = 100;
  private final FeedMapper mapper;

  Feeds(FeedMapper mapper) {
    this.mapper = mapper;
  }

  /** A feed and its secret, which is told this once. */
  record Made(Feed feed, String secret) {}

  List<Feed> all() {
    return mapper.all();
  }

  @Transactional
  Made make(UUID id, String name, Signature by, Instant at) {
    String called = name.strip();
    new Problems()
        .require(
            !called.isEmpty() && called.length() <= LONGEST_NAME,
            "name",
            "must have 1 to 100 characters: whose calendar it is for.")
        .orThrow();
    if (mapper.byId(id) != null) {
      throw Refusal.conflict(
          "This calendar is there already; its address is told only once. Make another.", Map.of());
    }
    if (mapper.all().size() >= MOST) {
      throw Refusal.conflict("There are 100 calendars; revoke those nobody reads.", Map.of());
    }
    String secret = Secret.make();
    mapper.add(id, Secret.digest(secret), called, by, at);
    return new Made(new Feed(id, called, by.name(), by.id(), at, null), secret);
  }

  /** Whoever made it, or a lead, revokes a feed; what is revoked already stays so. */
  @Transactional
  List<Feed> revoke(UUID id, Signature by, Instant at) {
    Feed feed = mapper.byId(id);
    if (feed != null && !by.lead() && !feed.madeById().equals(by.id())) {
      throw Refusal.forbidden("Who made it, or a lead, revokes a calendar.");
    }
    mapper.revoke(id, by, at);
    return mapper.all();
  }

  /**
   * @throws Refusal where no feed has this secret, or no longer
   */
  void mustBeOpen(String secret, Instant at) {
    if (mapper.read(Secret.digest(secret), at) == 0) {
      throw Refusal.notFound("A calendar at this address");
    }
  }
}
