package app.unimetric.server.audit;

import app.unimetric.server.gate.Asked;
import app.unimetric.server.gate.LateBody;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.web.filter.OncePerRequestFilter;

/** Tells the log of the doors what calls did, once they are answered. */
@Component
public class AuditFilter extends OncePerRequestFilter {
  /** Request attribute: as whom somebody tried to come in. */
  public static final String AS_WHOM = "app.unimetric.as-whom";

  private static final Logger LOG = LoggerFactory.getLogger(AuditFilter.class);

  /** The same thing refused to the same person is written down once a minute. */
  private final Cache<String, Boolean> refused =
      Caffeine.newBuilder().maximumSize(10_000).expireAfterWrite(Duration.ofMinutes(1)).build();

  private final AuditLog log;

  AuditFilter(AuditLog log) {
    this.log = log;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !Asked.of(request).isCall();
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String before = name();
    chain.doFilter(request, response);
    if (LateBody.isComing(request)) {
      return;
    }
    AuditKind kind = AuditedCalls.kind(request.getMethod(), path(request), response.getStatus());
    if (kind == null) {
      return;
    }
    String who = who(request, before);
    String about = request.getMethod() + " " + path(request);
    if (kind == AuditKind.REFUSED && refused.asMap().putIfAbsent(who + about, true) != null) {
      return;
    }
    try {
      log.wrote(kind, who, about, request.getRemoteAddr());
    } catch (DataAccessException | TransactionException e) {
      LOG.warn("Not written to the log of the doors: {} {} {}", kind, who, e.toString());
    }
  }

  private static String path(HttpServletRequest request) {
    return Asked.of(request).path();
  }

  private static String who(HttpServletRequest request, String before) {
    Object tried = request.getAttribute(AS_WHOM);
    if (tried != null) {
      return tried.toString();
    }
    return before.isEmpty() ? name() : before;
  }

  private static String name() {
    Authentication now = SecurityContextHolder.getContext().getAuthentication();
    return now == null || now instanceof AnonymousAuthenticationToken ? "" : now.getName();
  }
}
