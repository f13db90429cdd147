package app.unimetric.server.people;

import app.unimetric.core.bench.Signature;
import app.unimetric.core.problem.Problems;
import app.unimetric.server.problem.Refusal;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bucket;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;

/** The people of the workshop, and proof of who they are. */
@Service
public class People implements UserDetailsService {
  private static final int TRIES_PER_MINUTE = 10;
  private static final int LONGEST_NAME = 100;
  private static final int SHORTEST_PASSWORD = 8;
  private static final int LONGEST_PASSWORD = 72;

  private final PersonMapper mapper;
  private final PasswordEncoder encoder;
  private final Cache<String, Bucket> tries =
      Caffeine.newBuilder().maximumSize(10_000).expireAfterAccess(Duration.ofMinutes(10)).build();

  People(PersonMapper mapper, PasswordEncoder encoder) {
    this.mapper = mapper;
    this.encoder = encoder;
  }

  @Override
  public SignedIn loadUserByUsername(String name) {
    Person person = mapper.byName(name);
    if (person == null) {
      throw new UsernameNotFoundException(name);
    }
    return new SignedIn(person);
  }

  public boolean nobody() {
    return mapper.count() == 0;
  }

  List<Person> all() {
    return mapper.all();
  }

  /**
   * Adds someone.
   *
   * @param pin for a second look on another's tablet; null without one
   */
  public SignedIn add(String name, Role role, String password, @Nullable String pin) {
    new Problems()
        .require(
            !name.isBlank() && name.length() <= LONGEST_NAME,
            "name",
            "must have 1 to 100 characters.")
        .require(
            password.length() >= SHORTEST_PASSWORD
                && password.getBytes(java.nio.charset.StandardCharsets.UTF_8).length
                    <= LONGEST_PASSWORD,
            "password",
            "must have 8 to 72 characters.")
        .orThrow();
    Person person =
        new Person(
            UUID.randomUUID(),
            name.strip(),
            role,
            encode(password),
            pin == null ? null : encode(pin));
    mapper.add(person);
    return new SignedIn(person);
  }

  private String encode(String secret) {
    return java.util.Objects.requireNonNull(encoder.encode(secret));
  }

  /** Slows guessing down: so many tries a minute for one name. */
  void countTry(String name) {
    Bucket bucket =
        tries.get(
            name.toLowerCase(Locale.ROOT),
            n ->
                Bucket.builder()
                    .addLimit(
                        l ->
                            l.capacity(TRIES_PER_MINUTE)
                                .refillGreedy(TRIES_PER_MINUTE, Duration.ofMinutes(1)))
                    .build());
    if (!bucket.tryConsume(1)) {
      throw Refusal.tooMany("Too many tries for this name; wait a minute.");
    }
  }

  /** A success ends the count: only wrong tries slow a name down. */
  void forgetTries(String name) {
    tries.invalidate(name.toLowerCase(Locale.ROOT));
  }

  /** The person who gives name and PIN on someone else's tablet. */
  public Signature witness(String name, String pin) {
    if (name.length() > LONGEST_NAME || pin.length() > LONGEST_PASSWORD) {
      throw Refusal.forbidden("Name and PIN do not match.");
    }
    countTry(name);
    Person person = mapper.byName(name);
    String hash = person == null ? null : person.pinHash();
    if (person == null
        || hash == null
        || person.role() == Role.GUEST
        || !encoder.matches(pin, hash)) {
      throw Refusal.forbidden("Name and PIN do not match.");
    }
    forgetTries(name);
    return new Signature(person.id(), person.name(), person.role() == Role.LEAD);
  }
}
