package app.unimetric.server.gate;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;

/** Secrets that somebody else keeps: 256 random bits, of which only the digest is stored here. */
public final class Secret {
  private static final int BYTES = 32;
  private static final SecureRandom RANDOM = new SecureRandom();

  private Secret() {}

  /** A new one, 43 characters that stand in addresses and cookies. */
  public static String make() {
    byte[] bytes = new byte[BYTES];
    RANDOM.nextBytes(bytes);
    return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
  }

  /** SHA-256 of a secret, in the same characters. */
  public static String digest(String secret) {
    try {
      byte[] digest =
          MessageDigest.getInstance("SHA-256").digest(secret.getBytes(StandardCharsets.UTF_8));
      return Base64.getUrlEncoder().withoutPadding().encodeToString(digest);
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
