package app.unimetric.server.people;

import java.io.Console;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** An empty workshop needs its first lead: from the environment, or asked on the console. */
@Component
@Order(10)
class FirstLead implements ApplicationRunner {
  private static final Logger LOG = LoggerFactory.getLogger(FirstLead.class);
  private final People people;
  private final boolean demo;
  private final String name;
  private final String password;

  FirstLead(
      People people,
      @Value("${unimetric.demo}") boolean demo,
      @Value("${UNIMETRIC_LEAD_NAME:Lead}") String name,
      @Value("${UNIMETRIC_LEAD_PASSWORD:}") String password) {
    this.people = people;
    this.demo = demo;
    this.name = name;
    this.password = password;
  }

  @Override
  public void run(ApplicationArguments args) {
    if (demo || !people.nobody()) {
      return;
    }
    String chosen = password;
    Console console = System.console();
    if (chosen.isEmpty() && console != null) {
      char[] typed =
          console.readPassword("Password for the first lead, “%s” (8 characters or more): ", name);
      chosen = typed == null ? "" : new String(typed);
    }
    if (chosen.isEmpty()) {
      throw new IllegalStateException(
          "The workshop has no lead yet. Set UNIMETRIC_LEAD_NAME and UNIMETRIC_LEAD_PASSWORD, or start on a console.");
    }
    people.add(name, Role.LEAD, chosen, null);
    LOG.info("First lead “{}” made.", name);
  }
}
