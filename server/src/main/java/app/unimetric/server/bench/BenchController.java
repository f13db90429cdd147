package app.unimetric.server.bench;

import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunState;
import app.unimetric.server.job.Job;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.machine.Machine;
import app.unimetric.server.people.SignedIn;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The bench: a run and what is said in it. */
@RestController
class BenchController {
  private final Runs runs;
  private final Jobs jobs;
  private final Fleet fleet;
  private final Clock clock;

  BenchController(Runs runs, Jobs jobs, Fleet fleet, Clock clock) {
    this.runs = runs;
    this.jobs = jobs;
    this.fleet = fleet;
    this.clock = clock;
  }

  /**
   * @param version of the job as last seen
   */
  record Start(int version) {}

  /** What a device says, in its order. */
  record Saying(String device, List<Said> events) {}

  /** A run on screen. */
  record RunPage(
      UUID jobId,
      int number,
      String title,
      Machine machine,
      RunSheet sheet,
      RunState state,
      String startedBy,
      Instant startedAt) {}

  /** A job in a list, with where it stands. */
  record JobLine(
      UUID id,
      int number,
      String title,
      String createdBy,
      Instant createdAt,
      Runs.Standing standing) {}

  @GetMapping("/api/machines/{id}/jobs")
  List<JobLine> ofMachine(@PathVariable UUID id) {
    return jobs.ofMachine(id).stream()
        .map(
            j ->
                new JobLine(
                    j.id(), j.number(), j.title(), j.createdBy(), j.createdAt(), runs.standing(j)))
        .toList();
  }

  @PostMapping("/api/jobs/{id}/run")
  RunPage start(
      @PathVariable UUID id, @RequestBody Start start, @AuthenticationPrincipal SignedIn person) {
    return page(
        id, runs.start(id, start.version(), LocalDate.now(clock), clock.instant(), person.name()));
  }

  /** Where a job stands; answers before it is started too. */
  @GetMapping("/api/jobs/{id}/standing")
  Runs.Standing standing(@PathVariable UUID id) {
    return runs.standing(jobs.job(id));
  }

  @GetMapping("/api/jobs/{id}/run")
  RunPage run(@PathVariable UUID id) {
    return page(id, runs.run(id));
  }

  @PostMapping("/api/jobs/{id}/run/events")
  RunPage say(
      @PathVariable UUID id, @RequestBody Saying saying, @AuthenticationPrincipal SignedIn person) {
    return page(
        id,
        runs.say(
            id,
            saying.device(),
            saying.events(),
            clock.instant(),
            clock.getZone(),
            person.signature()));
  }

  private RunPage page(UUID id, Runs.Run run) {
    Job job = jobs.job(id);
    return new RunPage(
        id,
        job.number(),
        job.title(),
        fleet.machine(job.machineId()),
        run.sheet(),
        run.state(),
        run.startedBy(),
        run.startedAt());
  }
}
