package app.unimetric.server.problem;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Outermost but for the gate: sessions are read in filters too, where no controller advice reaches.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class DatabaseAwayFilter extends OncePerRequestFilter {
  private final ProblemWriter problems;

  DatabaseAwayFilter(ProblemWriter problems) {
    this.problems = problems;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    try {
      chain.doFilter(request, response);
    } catch (ServletException | RuntimeException e) {
      if (!DatabaseAway.causes(e)) {
        throw e;
      }
      response.setHeader("Retry-After", "5");
      problems.write(response, HttpStatus.SERVICE_UNAVAILABLE, ProblemWriter.DATABASE_AWAY);
    }
  }
}
