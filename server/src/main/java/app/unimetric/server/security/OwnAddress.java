package app.unimetric.server.security;

import app.unimetric.server.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers only under names that are this workshop's: its public one, this machine's own, and bare
 * addresses. A stranger's page whose name was made to lead here gets nothing.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 2)
class OwnAddress extends OncePerRequestFilter {
  private static final Pattern BARE_ADDRESS =
      Pattern.compile("\\d{1,3}(\\.\\d{1,3}){3}|\\[[0-9a-f:.]+(%[\\w.]+)?]");
  private final ProblemWriter problems;
  private final Set<String> names = new TreeSet<>(Set.of("localhost"));

  OwnAddress(
      ProblemWriter problems,
      @Value("${unimetric.public-url}") String publicUrl,
      @Value("${server.address:}") String listen) {
    this.problems = problems;
    if (!publicUrl.isBlank()) {
      String host = URI.create(publicUrl).getHost();
      names.add(host == null ? publicUrl : host.toLowerCase(Locale.ROOT));
    }
    if (!listen.isBlank()) {
      names.add(listen.toLowerCase(Locale.ROOT));
    }
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String name = request.getServerName().toLowerCase(Locale.ROOT);
    if (names.contains(name) || BARE_ADDRESS.matcher(name).matches()) {
      chain.doFilter(request, response);
    } else {
      problems.write(
          response,
          HttpStatus.BAD_REQUEST,
          "This workshop is not called so; use one of "
              + String.join(", ", names)
              + ", or start it with --public-url.");
    }
  }
}
