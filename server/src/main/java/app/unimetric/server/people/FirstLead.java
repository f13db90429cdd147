package app.unimetric.server.people;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The first lead of a workshop that is set up by a script: from the environment. */
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
    if (password.isEmpty()) {
      return;
    }
    people.add(name, Role.LEAD, password, null);
    LOG.info("First lead “{}” made.", name);
  }
}
