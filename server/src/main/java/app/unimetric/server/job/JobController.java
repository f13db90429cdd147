package app.unimetric.server.job;

import app.unimetric.core.pack.Answers;
import app.unimetric.core.problem.Problems;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.machine.Machine;
import app.unimetric.server.pack.Packs;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** What may be done on a machine, and the document a job works by. */
@RestController
class JobController {
  private static final int LONGEST_SEARCH = 200;
  private final Jobs jobs;
  private final Packs packs;
  private final Fleet fleet;
  private final JsonMapper json;

  JobController(Jobs jobs, Packs packs, Fleet fleet, JsonMapper json) {
    this.jobs = jobs;
    this.packs = packs;
    this.fleet = fleet;
    this.json = json;
  }

  /** A kind of job that suits a machine. */
  record OfferedJob(String key, String title, String summary, int joints, double minutes) {}

  @GetMapping("/api/machines/{id}/offered-jobs")
  List<OfferedJob> offered(@PathVariable UUID id, @RequestParam(defaultValue = "") String q) {
    new Problems()
        .require(q.length() <= LONGEST_SEARCH, "q", "must have at most 200 characters.")
        .orThrow();
    Machine machine = fleet.machine(id);
    return packs.offered(machine.kind(), machine.model(), q).stream()
        .map(p -> p.answered(Answers.NONE))
        .map(p -> new OfferedJob(p.key(), p.title(), p.summary(), p.joints().size(), p.minutes()))
        .toList();
  }

  /** The pack a job works by, as a file to edit. */
  @GetMapping(path = "/api/jobs/{id}/pack.json", produces = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<Object> pack(@PathVariable UUID id) {
    Object document = json.readValue(jobs.job(id).pack(), Object.class);
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("job-pack.json").build().toString())
        .body(document);
  }
}
