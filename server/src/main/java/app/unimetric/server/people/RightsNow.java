package app.unimetric.server.people;

import app.unimetric.documents.settings.WorkshopSettings.Doors;
import app.unimetric.server.gate.Asked;
import app.unimetric.server.gate.KnownSessions;
import app.unimetric.server.settings.Settings;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * What a person may do is asked of the database at every request: who was removed, shut out or
 * given another role meanwhile is so from the next request on, wherever signed in.
 */
@Component
public class RightsNow extends OncePerRequestFilter {
  /** However busy a session is, it ends after this long. */
  private static final Duration LONGEST_SESSION = Duration.ofHours(24);

  private final People people;
  private final Settings settings;
  private final KnownSessions sessions;
  private final Clock clock;

  RightsNow(People people, Settings settings, KnownSessions sessions, Clock clock) {
    this.sessions = sessions;
    this.people = people;
    this.settings = settings;
    this.clock = clock;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !Asked.of(request).isCall();
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    Authentication known = SecurityContextHolder.getContext().getAuthentication();
    if (known != null && known.getPrincipal() instanceof SignedIn signed) {
      renew(request, signed);
    }
    chain.doFilter(request, response);
  }

  private void renew(HttpServletRequest request, SignedIn signed) {
    Person person = people.byId(signed.id());
    HttpSession session = request.getSession(false);
    if (person == null || !isStillGood(person, signed.since(), clock.instant())) {
      if (session != null) {
        session.invalidate();
      }
      SecurityContextHolder.clearContext();
      return;
    }
    sessions.sawSomebody(request);
    if (session != null) {
      int idle = idleSeconds(person.role(), settings.current().settings().doors());
      if (session.getMaxInactiveInterval() != idle) {
        session.setMaxInactiveInterval(idle);
      }
    }
    if (person.role() != signed.role()) {
      SignedIn now = new SignedIn(person, signed.since());
      SecurityContext context = SecurityContextHolder.createEmptyContext();
      context.setAuthentication(
          UsernamePasswordAuthenticationToken.authenticated(now, null, now.getAuthorities()));
      SecurityContextHolder.setContext(context);
    }
  }

  /** Whether who signed in at a moment still counts as signed in. */
  static boolean isStillGood(Person person, Instant since, Instant now) {
    return person.isHere()
        && !since.isBefore(person.sessionsFrom())
        && now.isBefore(since.plus(LONGEST_SESSION));
  }

  static int idleSeconds(Role role, Doors doors) {
    int minutes =
        role == Role.LEAD
            ? doors.idleMinutesLead()
            : role == Role.MECHANIC ? doors.idleMinutesMechanic() : doors.idleMinutesGuest();
    return (int) Duration.ofMinutes(minutes).toSeconds();
  }
}
