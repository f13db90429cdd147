package app.unimetric.server.people;

import app.unimetric.core.meter.MeterKind;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.documents.settings.Right;
import app.unimetric.documents.settings.WorkshopSettings;
import app.unimetric.server.audit.AuditFilter;
import app.unimetric.server.gate.Bounds;
import app.unimetric.server.problem.Refusal;
import app.unimetric.server.settings.Settings;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out, and what is one's own: password, PIN, devices. */
@RestController
class SessionController {
  private static final int LONGEST = 200;
  private static final String NO_INVITATION =
      "Name and word do not match, or the word is older than seven days. Ask a lead for another.";

  private final AuthenticationManager authentication;
  private final OpenSession sessions;
  private final People people;
  private final Passwords passwords;
  private final Devices devices;
  private final Settings settings;
  private final Tries tries;
  private final Hashing hashing;
  private final OnTablet onTablet;
  private final Clock clock;

  SessionController(
      AuthenticationManager authentication,
      OpenSession sessions,
      People people,
      Passwords passwords,
      Devices devices,
      Settings settings,
      Tries tries,
      Hashing hashing,
      OnTablet onTablet,
      Clock clock) {
    this.authentication = authentication;
    this.sessions = sessions;
    this.people = people;
    this.passwords = passwords;
    this.devices = devices;
    this.settings = settings;
    this.tries = tries;
    this.hashing = hashing;
    this.onTablet = onTablet;
    this.clock = clock;
  }

  record SignIn(String name, String password) {}

  record Someone(UUID id, String name, Role role) {}

  /** A unit as the screens show it: factor and sign come from the core. */
  record Unit(String code, String sign, double newtonMetres) {}

  /** What a machine's meter can count, with its sign. */
  record Meter(MeterKind code, String sign, String counts) {}

  /**
   * The workshop as every screen needs it.
   *
   * @param unit code of the one torques are read in where nobody chose another
   */
  record ThisWorkshop(String name, String unit, String currency, int leastPin) {}

  /**
   * The largest files that are taken, so that a screen can say so before it sends one.
   *
   * @param packBytes of a pack
   * @param sheetBytes of a sheet, and of a whole workshop
   */
  record Largest(int packBytes, int sheetBytes) {}

  /**
   * Who is here, what day it is in the workshop, and the units there are.
   *
   * @param empty whether nobody has begun with this workshop yet
   * @param onTablet who else makes entries at this device, by PIN
   * @param rights what whoever is here may do of what a workshop can keep to its leads
   */
  record Session(
      @Nullable Someone person,
      List<Someone> onTablet,
      boolean empty,
      LocalDate today,
      List<Unit> units,
      List<Meter> meters,
      ThisWorkshop workshop,
      Largest largest,
      List<Right> rights) {}

  @GetMapping("/api/session")
  Session session(@AuthenticationPrincipal @Nullable SignedIn person, HttpServletRequest http) {
    return answer(person, http.getSession(false));
  }

  /** Somebody else, at the device of whoever is signed in. */
  record SignOn(String name, String pin) {}

  @PostMapping("/api/session/tablet")
  Session signOn(
      @RequestBody SignOn request,
      @AuthenticationPrincipal SignedIn person,
      HttpServletRequest http) {
    if (person.role() == Role.GUEST) {
      throw Refusal.forbidden("A guest's device takes no entries; sign in with a password.");
    }
    http.setAttribute(AuditFilter.AS_WHOM, Crew.plain(request.name()));
    onTablet.signOn(http.getSession(), request.name(), request.pin());
    return answer(person, http.getSession(false));
  }

  @DeleteMapping("/api/session/tablet/{id}")
  Session signOff(
      @PathVariable UUID id, @AuthenticationPrincipal SignedIn person, HttpServletRequest http) {
    onTablet.signOff(http.getSession(), id);
    return answer(person, http.getSession(false));
  }

  @PostMapping("/api/session")
  Session signIn(
      @RequestBody SignIn request, HttpServletRequest http, HttpServletResponse response) {
    new Problems()
        .require(
            !request.name().isBlank() && request.name().length() <= LONGEST,
            "name",
            "must have 1 to 200 characters.")
        .require(
            !request.password().isEmpty() && request.password().length() <= LONGEST,
            "password",
            "must have 1 to 200 characters.")
        .orThrow();
    http.setAttribute(AuditFilter.AS_WHOM, Crew.plain(request.name()));
    return open(hashing.inTurn(() -> provedBy(request)), http, response);
  }

  private SignedIn provedBy(SignIn request) {
    long tried = tries.begin(Tries.Kind.PASSWORD, request.name());
    Authentication proof;
    try {
      proof =
          authentication.authenticate(
              UsernamePasswordAuthenticationToken.unauthenticated(
                  Crew.plain(request.name()), request.password()));
    } catch (AuthenticationException e) {
      if (people.invited(request.name(), request.password()) != null) {
        throw Refusal.chooseFirst(
            "That is the word you were given to begin with. Now choose a password and a PIN of your own.");
      }
      if (e instanceof BadCredentialsException) {
        throw Refusal.unauthenticated("Name and password do not match.");
      }
      throw e;
    }
    tries.right(tried);
    SignedIn person = (SignedIn) Objects.requireNonNull(proof.getPrincipal());
    people.keepAnew(person, request.password());
    return person;
  }

  /**
   * The first sign-in of somebody a lead added.
   *
   * @param word handed over by the lead
   */
  record First(String name, String word, String password, String pin) {}

  @PostMapping("/api/session/first")
  Session first(@RequestBody First request, HttpServletRequest http, HttpServletResponse response) {
    if (request.name().length() > LONGEST || request.word().length() > LONGEST) {
      throw Refusal.unauthenticated(NO_INVITATION);
    }
    http.setAttribute(AuditFilter.AS_WHOM, Crew.plain(request.name()));
    return open(hashing.inTurn(() -> chosenBy(request)), http, response);
  }

  private SignedIn chosenBy(First request) {
    long tried = tries.begin(Tries.Kind.PASSWORD, request.name());
    Person person = people.invited(request.name(), request.word());
    if (person == null) {
      throw Refusal.unauthenticated(NO_INVITATION);
    }
    Problems problems = new Problems();
    String password =
        problems.under("", () -> passwords.password(request.password(), person.name()));
    String pin =
        person.role() == Role.GUEST && request.pin().isEmpty()
            ? null
            : problems.under("", () -> passwords.pin(request.pin(), leastPin()));
    problems.orThrow();
    tries.right(tried);
    return people.choose(person, String.valueOf(password), pin, "chose password and PIN");
  }

  /** What is changed of one's own proof: the password of today comes with it. */
  record OwnPassword(String password, String newPassword) {}

  record OwnPin(String password, String newPin) {}

  @PostMapping("/api/session/password")
  Session password(
      @RequestBody OwnPassword request,
      @AuthenticationPrincipal SignedIn person,
      HttpServletRequest http,
      HttpServletResponse response) {
    Person own = proved(person, request.password());
    Problems problems = new Problems();
    String digest =
        hashing.inTurn(
            () ->
                problems.under("new", () -> passwords.password(request.newPassword(), own.name())));
    problems.orThrow();
    SignedIn now = people.choose(own, String.valueOf(digest), null, "chose another password");
    HttpSession session = http.getSession(false);
    devices.endOthers(own.name(), session == null ? "" : session.getId());
    return open(now, http, response);
  }

  @PostMapping("/api/session/pin")
  Session pin(
      @RequestBody OwnPin request,
      @AuthenticationPrincipal SignedIn person,
      HttpServletRequest http) {
    Person own = proved(person, request.password());
    Problems problems = new Problems();
    String digest =
        hashing.inTurn(
            () -> problems.under("new", () -> passwords.pin(request.newPin(), leastPin())));
    problems.orThrow();
    people.choosePin(own, String.valueOf(digest));
    return answer(person, http.getSession(false));
  }

  private Person proved(SignedIn person, String password) {
    return hashing.inTurn(() -> provedInTurn(person, password));
  }

  private Person provedInTurn(SignedIn person, String password) {
    long tried = tries.begin(Tries.Kind.PASSWORD, person.name());
    Person own = people.byId(person.id());
    if (own == null || !passwords.matches(password, own.passwordHash())) {
      throw InvalidInput.at("password", "is not the one you sign in with.");
    }
    tries.right(tried);
    return own;
  }

  @GetMapping("/api/session/devices")
  List<Devices.Device> devices(@AuthenticationPrincipal SignedIn person, HttpServletRequest http) {
    HttpSession session = http.getSession(false);
    return devices.of(person.name(), session == null ? "" : session.getId());
  }

  @DeleteMapping("/api/session/devices/{key}")
  List<Devices.Device> end(
      @PathVariable String key, @AuthenticationPrincipal SignedIn person, HttpServletRequest http) {
    devices.end(person.name(), key);
    return devices(person, http);
  }

  private int leastPin() {
    return settings.current().settings().doors().leastPin();
  }

  private Session open(SignedIn person, HttpServletRequest http, HttpServletResponse response) {
    sessions.open(person, http, response);
    return answer(person, http.getSession(false));
  }

  @DeleteMapping("/api/session")
  Session signOut(HttpServletRequest http) {
    HttpSession session = http.getSession(false);
    if (session != null) {
      session.invalidate();
    }
    SecurityContextHolder.clearContext();
    return answer(null, null);
  }

  /** Names for the second look; signed in only. */
  @GetMapping("/api/people")
  List<Someone> names() {
    return people.all().stream()
        .filter(p -> p.role() != Role.GUEST && p.isHere() && p.pinHash() != null)
        .map(SessionController::someone)
        .toList();
  }

  private static Someone someone(Person p) {
    return new Someone(p.id(), p.name(), p.role());
  }

  private Session answer(@Nullable SignedIn person, @Nullable HttpSession session) {
    WorkshopSettings own = settings.current().settings();
    return new Session(
        person == null ? null : new Someone(person.id(), person.name(), person.role()),
        person == null
            ? List.of()
            : onTablet.signedOn(session).stream().map(SessionController::someone).toList(),
        person == null && people.nobody(),
        LocalDate.now(clock),
        Arrays.stream(TorqueUnit.values())
            .map(u -> new Unit(u.code(), u.sign(), u.newtonMetres()))
            .toList(),
        Arrays.stream(MeterKind.values()).map(k -> new Meter(k, k.sign(), k.counts())).toList(),
        new ThisWorkshop(own.name(), own.unit().code(), own.currency(), own.doors().leastPin()),
        new Largest(Bounds.LARGE_CALL_BYTES, Bounds.SHEET_BYTES),
        person == null || person.role() == Role.GUEST
            ? List.of()
            : Right.all().stream().filter(r -> settings.allow(r, person.isLead())).toList());
  }
}
