package app.unimetric.server.security;

import app.unimetric.server.gate.LateBody;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.web.filter.OncePerRequestFilter;

/** Stands behind all that may refuse: what comes so far may send its large body. */
final class LateBodies extends OncePerRequestFilter {
  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (!LateBody.read(request)) {
      chain.doFilter(request, response);
    }
  }
}
