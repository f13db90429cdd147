package app.unimetric.server.workshop;

import app.unimetric.server.people.People;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Base64;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * Proof that whoever begins with an empty workshop started it: a key told once, where it was
 * started, so that a stranger on the network cannot make himself its lead.
 */
@Component
@Order(20)
public class FirstKey implements ApplicationRunner {
  private static final Logger LOG = LoggerFactory.getLogger(FirstKey.class);
  private static final int BYTES = 12;
  private final People people;
  private final String key;

  FirstKey(People people) {
    this.people = people;
    byte[] bytes = new byte[BYTES];
    new SecureRandom().nextBytes(bytes);
    this.key = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
  }

  @Override
  public void run(ApplicationArguments args) {
    if (people.nobody()) {
      LOG.info("An empty workshop. Begin with key {}", key);
    }
  }

  /** As it is told where the workshop was started. */
  public String key() {
    return key;
  }

  boolean is(String typed) {
    return MessageDigest.isEqual(
        typed.strip().getBytes(StandardCharsets.UTF_8), key.getBytes(StandardCharsets.UTF_8));
  }
}
