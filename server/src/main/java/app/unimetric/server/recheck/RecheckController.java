package app.unimetric.server.recheck;

import app.unimetric.core.recheck.MovedCause;
import app.unimetric.core.recheck.MovedCauseChoice;
import app.unimetric.server.people.SignedIn;
import io.swagger.v3.oas.annotations.media.Schema;
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
  private final Looks looks;
  private final Clock clock;

  RecheckController(Rechecks rechecks, Looks looks, Clock clock) {
    this.rechecks = rechecks;
    this.looks = looks;
    this.clock = clock;
  }

  /**
   * @param id made by the sender
   */
  @Schema(name = "RecheckFinding")
  record Finding(
      UUID id,
      Rechecks.Outcome outcome,
      @Nullable String note,
      @Schema(description = "which joint moved, where there are several") @Nullable String jointId,
      @Schema(description = "why it moved") @Nullable MovedCause cause,
      @Schema(description = "how far, degrees, as typed") @Nullable String angleDeg,
      @Schema(description = "thickness of what is clamped, mm, as typed")
          @Nullable String gripMm) {}

  @GetMapping("/api/rechecks/causes")
  List<MovedCauseChoice> causes() {
    return MovedCauseChoice.all();
  }

  @GetMapping("/api/machines/{id}/rechecks")
  List<Recheck> ofMachine(@PathVariable UUID id) {
    return rechecks.ofMachine(id, LocalDate.now(clock));
  }

  /**
   * @param id made by the sender
   */
  @Schema(name = "NewLook")
  record NewLook(UUID id) {}

  /** The job in which a re-check is looked at. */
  @Schema(name = "Look")
  record Look(UUID jobId) {}

  @PostMapping("/api/rechecks/{id}/look")
  Look look(
      @PathVariable UUID id, @RequestBody NewLook look, @AuthenticationPrincipal SignedIn person) {
    return new Look(
        looks.open(id, look.id(), clock.instant(), LocalDate.now(clock), person.signature()).id());
  }

  @PostMapping("/api/rechecks/{id}/result")
  Recheck settle(
      @PathVariable UUID id, @RequestBody Finding f, @AuthenticationPrincipal SignedIn person) {
    String note = f.note() == null ? "" : f.note();
    return rechecks.settle(
        id,
        f.id(),
        new Rechecks.Finding(f.outcome(), note, f.jointId(), f.cause(), f.angleDeg(), f.gripMm()),
        clock.instant(),
        LocalDate.now(clock),
        person.signature());
  }
}
