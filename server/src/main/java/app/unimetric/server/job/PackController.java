package app.unimetric.server.job;

import app.unimetric.server.people.SignedIn;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** Job packs out of the application and back in. */
@RestController
class PackController {
  private final Jobs jobs;
  private final JsonMapper json;

  PackController(Jobs jobs, JsonMapper json) {
    this.jobs = jobs;
    this.json = json;
  }

  /** What became of a pack brought in. */
  @Schema(name = "TakenPack")
  record Taken(String key, String title, int version, int joints) {}

  /** The pack a job works by, as a file to edit. */
  @GetMapping(path = "/api/jobs/{id}/pack.json", produces = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<Object> out(@PathVariable UUID id) {
    Object document = json.readValue(jobs.job(id).pack(), Object.class);
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("job-pack.json").build().toString())
        .body(document);
  }

  @PostMapping("/api/packs")
  Taken in(@RequestBody Map<String, Object> document, @AuthenticationPrincipal SignedIn person) {
    Jobs.TakenPack taken = jobs.addPack(json.writeValueAsString(document), person.name());
    return new Taken(
        taken.pack().key(), taken.pack().title(), taken.version(), taken.pack().joints().size());
  }
}
