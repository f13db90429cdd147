package app.unimetric.server.people;

import app.unimetric.core.bench.Signature;
import app.unimetric.server.audit.AuditKind;
import app.unimetric.server.audit.AuditLog;
import app.unimetric.server.problem.Refusal;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The people of the workshop, and proof of who they are. */
@Service
public class People implements UserDetailsService {
  static final int LONGEST_NAME = 100;
  private static final int LONGEST_PIN = 8;

  private final PersonMapper mapper;
  private final Passwords passwords;
  private final Clock clock;
  private final Tries tries;
  private final Hashing hashing;
  private final AuditLog audit;

  People(
      PersonMapper mapper,
      Passwords passwords,
      Tries tries,
      Hashing hashing,
      AuditLog audit,
      Clock clock) {
    this.hashing = hashing;
    this.mapper = mapper;
    this.tries = tries;
    this.audit = audit;
    this.passwords = passwords;
    this.clock = clock;
  }

  @Override
  public SignedIn loadUserByUsername(String name) {
    Person person = mapper.byName(Crew.plain(name));
    if (person == null || !person.isHere()) {
      throw new UsernameNotFoundException(name);
    }
    return new SignedIn(person, clock.instant());
  }

  public boolean nobody() {
    return mapper.count() == 0;
  }

  /** Whether more than one person can sign in, or was asked to. */
  public boolean areSeveral() {
    return mapper.all().stream().filter(p -> p.retiredAt() == null).count() > 1;
  }

  List<Person> all() {
    return mapper.all();
  }

  @Nullable Person byId(UUID id) {
    return mapper.byId(id);
  }

  /**
   * Adds someone who has chosen already: the first lead, and the people of a demo.
   *
   * @param pin for a second look on another's tablet; null without one
   */
  @Transactional
  public SignedIn add(String name, Role role, String password, @Nullable String pin) {
    Person person =
        new Person(
            UUID.randomUUID(),
            Crew.named(name),
            role,
            passwords.password(password, name),
            pin == null ? null : passwords.pin(pin, 0),
            null,
            null,
            false,
            null,
            Instant.EPOCH,
            1);
    mapper.add(person);
    return new SignedIn(person, clock.instant());
  }

  /**
   * Whether this is the word a lead handed to somebody who has not chosen a password yet.
   *
   * @return who it is; null when it is not
   */
  @Nullable Person invited(String name, String word) {
    Person person = mapper.byName(Crew.plain(name));
    if (person == null || person.state() != Person.State.INVITED) {
      return null;
    }
    Instant until = person.invitedUntil();
    return until != null
            && clock.instant().isBefore(until)
            && passwords.matches(Crew.spoken(word), person.invitationHash())
        ? person
        : null;
  }

  /**
   * The password a person chose; sessions opened with an earlier one are void.
   *
   * @param digest of the password
   */
  @Transactional
  public SignedIn choose(Person person, String digest, @Nullable String pinDigest, String what) {
    // Times are stored to the microsecond: the session that follows is not older than this.
    Instant now = clock.instant().truncatedTo(ChronoUnit.MILLIS);
    mapper.setPassword(person.id(), digest, now);
    if (pinDigest != null) {
      mapper.setPin(person.id(), pinDigest);
    }
    mapper.wroteDown(
        UUID.randomUUID(),
        person.id(),
        what,
        new Signature(person.id(), person.name(), person.role() == Role.LEAD),
        now);
    return loadUserByUsername(person.name());
  }

  void choosePin(Person person, String digest) {
    mapper.setPin(person.id(), digest);
    mapper.wroteDown(
        UUID.randomUUID(),
        person.id(),
        "chose another PIN",
        new Signature(person.id(), person.name(), person.role() == Role.LEAD),
        clock.instant());
  }

  /** A right password that was kept in an older way is kept anew. */
  void keepAnew(SignedIn person, String password) {
    Person stored = mapper.byId(person.id());
    String digest = stored == null ? null : stored.passwordHash();
    if (digest != null && passwords.isDated(digest)) {
      mapper.rehash(person.id(), passwords.digest(password));
    }
  }

  /** Somebody begins with an empty workshop: the key is not to be guessed either. */
  public void tryKey(boolean right) {
    long tried = tries.begin(Tries.Kind.KEY, "");
    if (right) {
      tries.right(tried);
    }
  }

  /**
   * The person who gives name and PIN on someone else's tablet. Asked before a transaction begins:
   * it takes its time and counts whatever becomes of what is signed.
   */
  public Signature witness(String name, String pin) {
    if (name.length() > LONGEST_NAME || pin.length() > LONGEST_PIN) {
      throw Refusal.forbidden("Name and PIN do not match.");
    }
    return hashing.inTurn(() -> witnessInTurn(name, pin));
  }

  private Signature witnessInTurn(String name, String pin) {
    long tried = tries.begin(Tries.Kind.PIN, name);
    Person person = mapper.byName(Crew.plain(name));
    if (person == null
        || !person.isHere()
        || person.role() == Role.GUEST
        || !passwords.matches(pin, person.pinHash())) {
      audit.wrote(AuditKind.PIN_REFUSED, Crew.plain(name), "second look", Tries.address());
      throw Refusal.forbidden("Name and PIN do not match.");
    }
    tries.right(tried);
    return new Signature(person.id(), person.name(), person.role() == Role.LEAD);
  }
}
