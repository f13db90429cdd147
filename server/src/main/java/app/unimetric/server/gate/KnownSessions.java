package app.unimetric.server.gate;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Sessions in which somebody was signed in a moment ago, known without asking the database. It
 * opens nothing; it only tells whose requests go before those of strangers when threads run short.
 */
@Component
public class KnownSessions {
  private static final Duration LATELY = Duration.ofMinutes(10);
  private final String cookie;
  private final Cache<String, Boolean> known =
      Caffeine.newBuilder().maximumSize(20_000).expireAfterWrite(LATELY).build();

  KnownSessions(@Value("${server.servlet.session.cookie.name}") String cookie) {
    this.cookie = cookie;
  }

  /** Somebody is signed in with this request. */
  public void sawSomebody(HttpServletRequest request) {
    String value = value(request);
    if (!value.isEmpty()) {
      known.put(value, true);
    }
  }

  boolean isSomebodys(HttpServletRequest request) {
    String value = value(request);
    return !value.isEmpty() && known.getIfPresent(value) != null;
  }

  private String value(HttpServletRequest request) {
    Cookie[] all = request.getCookies();
    if (all != null) {
      for (Cookie one : all) {
        if (one.getName().equals(cookie)) {
          return one.getValue();
        }
      }
    }
    return "";
  }
}
