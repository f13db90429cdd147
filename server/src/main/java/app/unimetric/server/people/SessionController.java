package app.unimetric.server.people;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.server.problem.Refusal;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.session.SessionAuthenticationStrategy;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out. */
@RestController
class SessionController {
  private static final int LONGEST = 200;
  private final AuthenticationManager authentication;
  private final SecurityContextRepository contexts;
  private final SessionAuthenticationStrategy onSignIn;
  private final People people;
  private final Clock clock;

  SessionController(
      AuthenticationManager authentication,
      SecurityContextRepository contexts,
      SessionAuthenticationStrategy onSignIn,
      People people,
      Clock clock) {
    this.authentication = authentication;
    this.contexts = contexts;
    this.onSignIn = onSignIn;
    this.people = people;
    this.clock = clock;
  }

  record SignIn(String name, String password) {}

  record Someone(UUID id, String name, Role role) {}

  /** A unit as the screens show it: factor and sign come from the core. */
  record Unit(String code, String sign, double newtonMetres) {}

  /** Who is here, what day it is in the workshop, and the units there are. */
  record Session(@Nullable Someone person, LocalDate today, List<Unit> units) {}

  @GetMapping("/api/session")
  Session session(@AuthenticationPrincipal @Nullable SignedIn person) {
    return answer(person);
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
    people.countTry(request.name());
    Authentication proof;
    try {
      proof =
          authentication.authenticate(
              UsernamePasswordAuthenticationToken.unauthenticated(
                  request.name().strip(), request.password()));
    } catch (BadCredentialsException e) {
      throw Refusal.unauthenticated("Name and password do not match.");
    }
    people.forgetTries(request.name());
    onSignIn.onAuthentication(proof, http, response);
    sendNewToken(http);
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(proof);
    SecurityContextHolder.setContext(context);
    contexts.saveContext(context, http, response);
    return answer(proof.getPrincipal() instanceof SignedIn person ? person : null);
  }

  /** Signing in made the old token void; reading the new one puts it into the answer's cookie. */
  private static void sendNewToken(HttpServletRequest http) {
    if (http.getAttribute(CsrfToken.class.getName()) instanceof CsrfToken token) {
      token.getToken();
    }
  }

  @DeleteMapping("/api/session")
  Session signOut(HttpServletRequest http) {
    HttpSession session = http.getSession(false);
    if (session != null) {
      session.invalidate();
    }
    SecurityContextHolder.clearContext();
    return answer(null);
  }

  /** Names for the second look; signed in only. */
  @GetMapping("/api/people")
  List<Someone> names() {
    return people.all().stream()
        .filter(p -> p.role() != Role.GUEST)
        .map(p -> new Someone(p.id(), p.name(), p.role()))
        .toList();
  }

  private Session answer(@Nullable SignedIn person) {
    return new Session(
        person == null ? null : new Someone(person.id(), person.name(), person.role()),
        LocalDate.now(clock),
        Arrays.stream(TorqueUnit.values())
            .map(u -> new Unit(u.code(), u.sign(), u.newtonMetres()))
            .toList());
  }
}
