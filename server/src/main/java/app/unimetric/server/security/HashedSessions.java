package app.unimetric.server.security;

import app.unimetric.server.gate.Asked;
import app.unimetric.server.gate.Secret;
import app.unimetric.server.gate.SecureCookies;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.session.SessionIdGenerator;
import org.springframework.session.web.http.CookieHttpSessionIdResolver;
import org.springframework.session.web.http.DefaultCookieSerializer;
import org.springframework.session.web.http.HttpSessionIdResolver;
import org.springframework.stereotype.Component;

/**
 * Sessions are stored under the digest of what the browser keeps, so that nobody who reads the
 * database, or a copy of it, can walk in with what stands there.
 */
@Component
class HashedSessions implements SessionIdGenerator, HttpSessionIdResolver {
  private final CookieHttpSessionIdResolver cookie = new CookieHttpSessionIdResolver();

  /** Between making an id and sending it to the browser, within one request. */
  private final Cache<String, String> onTheWay =
      Caffeine.newBuilder().maximumSize(10_000).expireAfterWrite(Duration.ofMinutes(2)).build();

  HashedSessions(
      @Value("${server.servlet.session.cookie.name}") String name, SecureCookies secure) {
    DefaultCookieSerializer written = new DefaultCookieSerializer();
    written.setCookieName(name);
    written.setUseSecureCookie(secure.isNeeded());
    written.setUseHttpOnlyCookie(true);
    written.setSameSite("Lax");
    cookie.setCookieSerializer(written);
  }

  @Override
  public String generate() {
    String secret = Secret.make();
    String stored = Secret.digest(secret);
    onTheWay.put(stored, secret);
    return stored;
  }

  @Override
  public List<String> resolveSessionIds(HttpServletRequest request) {
    return asksWho(request)
        ? cookie.resolveSessionIds(request).stream().map(Secret::digest).toList()
        : List.of();
  }

  /**
   * Pages are the same for everybody and the compute calls are nobody's: neither looks for a
   * session, so that both answer while the database is away.
   */
  private static boolean asksWho(HttpServletRequest request) {
    Asked asked = Asked.of(request);
    return asked.isCall() && !asked.isOpenCall();
  }

  @Override
  public void setSessionId(
      HttpServletRequest request, HttpServletResponse response, String stored) {
    String secret = onTheWay.getIfPresent(stored);
    if (secret != null) {
      onTheWay.invalidate(stored);
      cookie.setSessionId(request, response, secret);
    }
  }

  @Override
  public void expireSession(HttpServletRequest request, HttpServletResponse response) {
    cookie.expireSession(request, response);
  }
}
