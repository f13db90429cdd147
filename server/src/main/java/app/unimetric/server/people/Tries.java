package app.unimetric.server.people;

import app.unimetric.server.problem.Refusal;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * Slows guessing down, by name and by place, counted in the database so that all servers count
 * together. A place is a device somebody signed in on before, else an address. Whoever is right
 * from where they usually come in is never kept out by the wrong tries of strangers elsewhere, be
 * it at the same address.
 */
@Service
class Tries {
  /** So many wrong ones from one place for one name cost nothing: fingers slip. */
  private static final int FREE = 5;

  private static final int LONGEST_WAIT_SECONDS = 60;

  /** From one address for any names, within ten minutes. */
  private static final int MOST_OF_ADDRESS = 100;

  /** For one name from places it never came in from, within ten minutes. */
  private static final int MOST_OF_STRANGERS = 30;

  private static final int STRANGERS_WAIT_SECONDS = 2;
  private static final int LONGEST_NAME = 200;
  private final TryMapper mapper;
  private final DeviceMarks marks;

  Tries(TryMapper mapper, DeviceMarks marks) {
    this.mapper = mapper;
    this.marks = marks;
  }

  /** What is tried. */
  enum Kind {
    PASSWORD,
    PIN,
    /** The one with which an empty workshop is begun. */
    KEY
  }

  /** One form of a name, however it was typed. */
  static String normal(String typed) {
    String name = Crew.plain(typed).toLowerCase(Locale.ROOT);
    return name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name;
  }

  /**
   * Counts a try before it is known whether it is right, so that many at once count too.
   *
   * @return to tell that it was right
   * @throws Refusal when it comes too soon after wrong ones
   */
  @Transactional
  public long begin(Kind kind, String typed) {
    String name = normal(typed);
    DeviceMarks.Place place = marks.place(name);
    String address = place.id();
    Instant now = mapper.now();
    TryCount of = mapper.count(kind, name, address);
    int wait = waitSeconds(place.isNamesOwn() ? of.knownHere() : of, now);
    if (wait > 0) {
      throw Refusal.tooMany(
          "Too many wrong tries; wait " + (wait == 1 ? "a second" : wait + " seconds") + ".");
    }
    return mapper.begin(kind, name, address);
  }

  private static int waitSeconds(TryCount of, Instant now) {
    int own =
        of.wrong() < FREE ? 0 : Math.min(LONGEST_WAIT_SECONDS, 1 << Math.min(of.wrong() - FREE, 6));
    int place = of.ofAddress() < MOST_OF_ADDRESS ? 0 : LONGEST_WAIT_SECONDS;
    int strangers =
        of.isKnownHere() || of.ofStrangers() < MOST_OF_STRANGERS ? 0 : STRANGERS_WAIT_SECONDS;
    return Math.max(
        left(own, of.last(), now),
        Math.max(left(place, of.lastOfAddress(), now), left(strangers, of.lastOfName(), now)));
  }

  private static int left(int seconds, @Nullable Instant since, Instant now) {
    if (seconds == 0 || since == null) {
      return 0;
    }
    long passed = Duration.between(since, now).toMillis();
    return (int) Math.max(0, (seconds * 1000L - passed + 999) / 1000);
  }

  /** It was right: wrong ones before it from here count no longer. */
  @Transactional
  public void right(long id) {
    mapper.right(id);
    mapper.forgetOld();
  }

  static String address() {
    return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes here
        ? address(here.getRequest())
        : "";
  }

  private static String address(HttpServletRequest request) {
    return request.getRemoteAddr() == null ? "" : request.getRemoteAddr();
  }
}
