package app.unimetric.server.gate;

import app.unimetric.server.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
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
  private final ProblemWriter problems;

  Gate(ProblemWriter problems) {
    this.problems = problems;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
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
