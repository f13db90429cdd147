package app.unimetric.server.recheck;

import app.unimetric.server.people.SignedIn;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Re-checks on a machine's page. */
@RestController
class RecheckController {
  private final Rechecks rechecks;
  private final Clock clock;

  RecheckController(Rechecks rechecks, Clock clock) {
    this.rechecks = rechecks;
    this.clock = clock;
  }

  /**
   * @param id made by the sender
   */
  record Finding(UUID id, Rechecks.Outcome outcome, @Nullable String note) {}

  @GetMapping("/api/machines/{id}/rechecks")
  List<Recheck> ofMachine(@PathVariable UUID id) {
    return rechecks.ofMachine(id, LocalDate.now(clock));
  }

  @PostMapping("/api/rechecks/{id}/result")
  Recheck settle(
      @PathVariable UUID id, @RequestBody Finding f, @AuthenticationPrincipal SignedIn person) {
    String note = f.note() == null ? "" : f.note();
    return rechecks.settle(
        id, f.id(), f.outcome(), note, clock.instant(), LocalDate.now(clock), person.signature());
  }
}
