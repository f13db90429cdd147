package app.unimetric.server.people;

import app.unimetric.server.settings.Settings;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import org.springframework.http.HttpHeaders;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.session.SessionAuthenticationStrategy;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.stereotype.Component;

/** Opens a session for a person who proved who it is. */
@Component
public class OpenSession {
  private final SecurityContextRepository contexts;
  private final SessionAuthenticationStrategy onSignIn;
  private final Settings settings;
  private final DeviceMarks marks;

  OpenSession(
      SecurityContextRepository contexts,
      SessionAuthenticationStrategy onSignIn,
      Settings settings,
      DeviceMarks marks) {
    this.contexts = contexts;
    this.onSignIn = onSignIn;
    this.settings = settings;
    this.marks = marks;
  }

  /** From here on this browser is the person's. */
  public void open(SignedIn person, HttpServletRequest http, HttpServletResponse response) {
    person.eraseCredentials();
    Authentication proof =
        UsernamePasswordAuthenticationToken.authenticated(person, null, person.getAuthorities());
    onSignIn.onAuthentication(proof, http, response);
    sendNewToken(http);
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(proof);
    SecurityContextHolder.setContext(context);
    contexts.saveContext(context, http, response);
    marks.mark(http, response, person.name());
    HttpSession session = http.getSession();
    String agent = http.getHeader(HttpHeaders.USER_AGENT);
    session.setAttribute(Devices.AGENT, Devices.agent(agent == null ? "" : agent));
    session.setMaxInactiveInterval(
        RightsNow.idleSeconds(person.role(), settings.current().settings().doors()));
  }

  /** Signing in made the old token void; reading the new one puts it into the answer's cookie. */
  private static void sendNewToken(HttpServletRequest http) {
    if (http.getAttribute(CsrfToken.class.getName()) instanceof CsrfToken token) {
      token.getToken();
    }
  }
}
