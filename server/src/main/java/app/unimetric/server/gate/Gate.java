package app.unimetric.server.gate;

import app.unimetric.server.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import java.util.concurrent.Semaphore;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Stands before all other filters: judges the address of a request and refuses, before any body is
 * read, what nothing here would take.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class Gate extends OncePerRequestFilter {
  /** Of the two hundred threads of the web server; the others are for who is signed in. */
  static final int STRANGERS_AT_ONCE = 100;

  /** So many strangers are told that it is too much; beyond that the connection just ends. */
  private static final int TOLD_AT_ONCE = 16;

  private final ProblemWriter problems;
  private final KnownSessions sessions;
  private final Semaphore strangers = new Semaphore(STRANGERS_AT_ONCE);
  private final Semaphore told = new Semaphore(TOLD_AT_ONCE);

  Gate(ProblemWriter problems, KnownSessions sessions) {
    this.problems = problems;
    this.sessions = sessions;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (sessions.isSomebodys(request)) {
      judge(request, response, chain);
    } else if (strangers.tryAcquire()) {
      try {
        judge(request, response, chain);
      } finally {
        strangers.release();
      }
    } else {
      turnAway(request, response);
    }
  }

  /** Telling takes a thread too, as long as nobody reads it. */
  private void turnAway(HttpServletRequest request, HttpServletResponse response)
      throws IOException {
    if (!told.tryAcquire()) {
      Wire.hangUp(request);
      return;
    }
    try {
      response.setHeader(HttpHeaders.RETRY_AFTER, "2");
      problems.write(
          response,
          HttpStatus.SERVICE_UNAVAILABLE,
          "Too many ask here at once; try again in a moment.");
    } finally {
      told.release();
    }
  }

  private void judge(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    Asked asked;
    try {
      asked = Asked.judged(request.getMethod(), request.getRequestURI(), request.getQueryString());
    } catch (DisguisedAddress e) {
      problems.write(response, HttpStatus.BAD_REQUEST, String.valueOf(e.getMessage()));
      return;
    }
    asked.keepWith(request);
    if (!asked.isCall() && !asked.isReading()) {
      response.setHeader(HttpHeaders.ALLOW, "GET, HEAD, OPTIONS");
      problems.write(
          response,
          HttpStatus.METHOD_NOT_ALLOWED,
          "This address does not take that kind of request.");
    } else if (isOfNoKind(request.getContentType())) {
      problems.write(
          response,
          HttpStatus.UNSUPPORTED_MEDIA_TYPE,
          "Say what it is that you send: JSON, with the content type application/json. Forms are not taken.");
    } else {
      chain.doFilter(request, new LeastRate(request, response));
    }
  }

  /** Forms would be read before it is known who sends them; nothing here takes one. */
  private static boolean isOfNoKind(@Nullable String type) {
    if (type == null) {
      return false;
    }
    String plain = type.strip().toLowerCase(Locale.ROOT);
    return plain.contains("*")
        || plain.startsWith("application/x-www-form-urlencoded")
        || plain.startsWith("multipart/");
  }
}
