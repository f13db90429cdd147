package app.unimetric.server.live;

import app.unimetric.core.problem.Problems;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.people.SignedIn;
import io.swagger.v3.oas.annotations.Hidden;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * What happens at a bench while it is open, as a stream of events: {@code moved} with how many
 * entries there are now, {@code people} with who has it open, {@code pictured} when a photograph
 * came, {@code look} where something may have been missed. It never ends by itself, so the
 * description of the API leaves it out.
 */
@Hidden
@RestController
class LiveController {
  private final Followers followers;
  private final Jobs jobs;

  LiveController(Followers followers, Jobs jobs) {
    this.followers = followers;
    this.jobs = jobs;
  }

  @GetMapping(path = "/api/jobs/{id}/run/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  ResponseEntity<SseEmitter> live(
      @PathVariable UUID id,
      @RequestParam String device,
      @AuthenticationPrincipal SignedIn person) {
    new Problems()
        .require(
            device.matches("[A-Za-z0-9-]{1,100}"),
            "device",
            "is the device's own id, 1 to 100 long.")
        .orThrow();
    jobs.job(id);
    return OpenStream.of(
        followers.follow(
            new Word.Here(id, person.signature().id(), device, person.signature().name())));
  }
}
