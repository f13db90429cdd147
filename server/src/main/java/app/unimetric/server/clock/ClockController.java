package app.unimetric.server.clock;

import app.unimetric.server.people.Role;
import app.unimetric.server.people.SignedIn;
import app.unimetric.server.problem.Refusal;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;

/** Whether the time can be trusted. */
@RestController
class ClockController {
  private final SteadyClock clock;

  ClockController(SteadyClock clock) {
    this.clock = clock;
  }

  /**
   * @param now what the workshop goes by
   * @param computer what the clock of the server's computer says
   * @param question missing when both agree
   * @param mayAnswer whether the person who asks may
   */
  record ClockPage(Instant now, Instant computer, @Nullable String question, boolean mayAnswer) {}

  @GetMapping("/api/clock")
  ClockPage look(@AuthenticationPrincipal SignedIn person) {
    String question = clock.question();
    return new ClockPage(clock.instant(), Instant.now(), question, mayAnswer(person));
  }

  private boolean mayAnswer(SignedIn person) {
    return person.isLead() || person.role() != Role.GUEST && clock.asksWhoeverComesFirst();
  }

  /** Somebody looked at the computer's clock: it is right. */
  @PostMapping("/api/clock/confirmation")
  ClockPage confirm(@AuthenticationPrincipal SignedIn person) {
    if (!mayAnswer(person)) {
      throw Refusal.forbidden("A lead says which clock is right; tell one.");
    }
    clock.confirm();
    return look(person);
  }
}
