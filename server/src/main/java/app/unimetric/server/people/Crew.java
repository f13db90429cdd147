package app.unimetric.server.people;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.problem.Problems;
import app.unimetric.server.problem.Refusal;
import java.security.SecureRandom;
import java.text.Normalizer;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who works here and as what: what leads decide. Nobody is deleted; evidence keeps its names. */
@Service
class Crew {
  private static final Duration INVITED_FOR = Duration.ofDays(7);

  /** Letters and figures that nobody mistakes for one another when read aloud or off a note. */
  private static final String CLEAR = "ABCDEFGHJKMNPQRSTUVWXYZ23456789";

  private static final int WORD = 10;

  private final PersonMapper mapper;
  private final Passwords passwords;
  private final Devices devices;
  private final Clock clock;
  private final SecureRandom random = new SecureRandom();

  Crew(PersonMapper mapper, Passwords passwords, Devices devices, Clock clock) {
    this.mapper = mapper;
    this.passwords = passwords;
    this.devices = devices;
    this.clock = clock;
  }

  /** A person with the word to hand over; the word is told once and kept only as a digest. */
  record Invited(UUID id, String name, @Nullable String word) {}

  /** A name without what cannot be seen of it: spaces around and doubled, letters composed. */
  static String plain(String typed) {
    return Normalizer.normalize(typed, Normalizer.Form.NFKC).strip().replaceAll("\\s+", " ");
  }

  /** A name as it is kept. */
  static String named(String typed) {
    String name = plain(typed);
    new Problems()
        .require(
            !name.isEmpty() && name.length() <= People.LONGEST_NAME,
            "name",
            "must have 1 to 100 characters.")
        .require(
            name.codePoints().noneMatch(Character::isISOControl),
            "name",
            "holds a character no keyboard makes; type it anew.")
        .orThrow();
    return name;
  }

  /** An invitation word however it was typed: spaces, dashes and case do not matter. */
  static String spoken(String typed) {
    return typed.toUpperCase(Locale.ROOT).replaceAll("[\\s-]", "");
  }

  /**
   * Adds a person, who chooses password and PIN at the first sign-in.
   *
   * @param id made by the sender; sent again nothing is added and no word is told
   */
  @Transactional
  public Invited add(UUID id, String typed, Role role, Signature by) {
    String name = named(typed);
    Person same = mapper.byId(id);
    if (same != null) {
      return new Invited(same.id(), same.name(), null);
    }
    String word = word();
    try {
      mapper.add(
          new Person(
              id,
              name,
              role,
              null,
              null,
              passwords.digest(spoken(word)),
              clock.instant().plus(INVITED_FOR),
              false,
              null,
              Instant.EPOCH,
              1));
    } catch (DuplicateKeyException e) {
      throw Refusal.conflict(
          "There is somebody called “"
              + name
              + "” already, perhaps retired; names in the records must be told apart, so add a letter or a surname.",
          Map.of());
    }
    wroteDown(id, "added as " + words(role), by);
    return new Invited(id, name, word);
  }

  /** Another role; what is open of the person's sessions has it from the next request on. */
  @Transactional
  public void giveRole(UUID id, int version, Role role, Signature by) {
    Person p = person(id);
    if (p.role() == role) {
      return;
    }
    keepALead(p, role == Role.LEAD);
    store(
        version,
        with(p, role, p.shutOut(), p.retiredAt(), p.sessionsFrom()),
        "now " + words(role) + ", before " + words(p.role()),
        by);
  }

  /** Takes password and PIN away and gives a new word to begin with; ends all sessions. */
  @Transactional
  public Invited reset(UUID id, int version, Signature by) {
    Person p = person(id);
    if (p.retiredAt() != null) {
      throw Refusal.conflict(p.name() + " is retired; bring the person back first.", Map.of());
    }
    keepALead(p, false);
    String word = word();
    store(
        version,
        new Person(
            id,
            p.name(),
            p.role(),
            null,
            null,
            passwords.digest(spoken(word)),
            clock.instant().plus(INVITED_FOR),
            p.shutOut(),
            null,
            clock.instant(),
            p.version()),
        "password and PIN taken away, a new word handed over",
        by);
    devices.endAll(p.name());
    return new Invited(id, p.name(), word);
  }

  /** Keeps a person out until let in again; ends all sessions. */
  @Transactional
  public void shutOut(UUID id, int version, boolean out, Signature by) {
    Person p = person(id);
    keepALead(p, !out);
    store(
        version,
        with(p, p.role(), out, p.retiredAt(), clock.instant()),
        out ? "locked out" : "let in again",
        by);
    devices.endAll(p.name());
  }

  /** A person who left; the name stays wherever it stands. */
  @Transactional
  public void retire(UUID id, int version, boolean retired, Signature by) {
    Person p = person(id);
    keepALead(p, !retired);
    store(
        version,
        with(p, p.role(), p.shutOut(), retired ? clock.instant() : null, clock.instant()),
        retired ? "retired" : "back again",
        by);
    devices.endAll(p.name());
  }

  List<PersonChange> changes(UUID id) {
    return mapper.changes(id);
  }

  private Person person(UUID id) {
    return Optional.ofNullable(mapper.byId(id)).orElseThrow(() -> Refusal.notFound("This person"));
  }

  private static Person with(
      Person p, Role role, boolean shutOut, @Nullable Instant retiredAt, Instant sessionsFrom) {
    return new Person(
        p.id(),
        p.name(),
        role,
        p.passwordHash(),
        p.pinHash(),
        p.invitationHash(),
        p.invitedUntil(),
        shutOut,
        retiredAt,
        sessionsFrom,
        p.version());
  }

  private void store(int version, Person changed, String what, Signature by) {
    if (mapper.change(changed, version) == 0) {
      throw Refusal.stale(version, changed.version());
    }
    wroteDown(changed.id(), what, by);
  }

  private void wroteDown(UUID id, String what, Signature by) {
    mapper.wroteDown(UUID.randomUUID(), id, what, by, clock.instant());
  }

  /** Somebody must be left who can decide and let people in. */
  private void keepALead(Person p, boolean leadsAfterwards) {
    List<UUID> leads = mapper.lockLeads();
    if (!leadsAfterwards && leads.equals(List.of(p.id()))) {
      throw Refusal.conflict(
          p.name()
              + " is the only lead who can sign in. Make somebody else a lead first, or nobody could decide or let people in.",
          Map.of());
    }
  }

  private String word() {
    StringBuilder word = new StringBuilder();
    for (int i = 0; i < WORD; i++) {
      if (i == WORD / 2) {
        word.append('-');
      }
      word.append(CLEAR.charAt(random.nextInt(CLEAR.length())));
    }
    return word.toString();
  }

  private static String words(Role role) {
    return role.name().toLowerCase(Locale.ROOT);
  }
}
