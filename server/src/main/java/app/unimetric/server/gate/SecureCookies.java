package app.unimetric.server.gate;

import java.net.URI;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Whether browsers reach the workshop by HTTPS: from a keystore of its own, or through a proxy that
 * ends it, which the public address tells. Headers of a request are not believed; anybody can write
 * them.
 */
@Component
public class SecureCookies {
  private final boolean needed;

  SecureCookies(
      @Value("${unimetric.public-url}") String publicUrl,
      @Value("${server.ssl.key-store:}") String keyStore) {
    needed =
        !keyStore.isBlank()
            || !publicUrl.isBlank() && "https".equals(URI.create(publicUrl).getScheme());
  }

  /** Whether cookies go by HTTPS only, and browsers are told to come by nothing else. */
  public boolean isNeeded() {
    return needed;
  }
}
