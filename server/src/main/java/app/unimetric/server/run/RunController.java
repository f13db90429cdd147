package app.unimetric.server.run;

import app.unimetric.core.bench.EntryTime;
import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunState;
import app.unimetric.core.bench.Summary;
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
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The bench: a run and what is said in it. */
@RestController
class RunController {
  private final RunLog runs;
  private final Jobs jobs;
  private final Fleet fleet;
  private final Clock clock;

  RunController(RunLog runs, Jobs jobs, Fleet fleet, Clock clock) {
    this.runs = runs;
    this.jobs = jobs;
    this.fleet = fleet;
    this.clock = clock;
  }

  /**
   * @param version of the job as last seen
   */
  record Start(int version) {}

  /**
   * What a device says, in its order.
   *
   * @param sentAt by the device's clock, so that a wrong one is noticed
   */
  record Saying(String device, @Nullable Instant sentAt, List<Said> events) {}

  /**
   * A run on screen.
   *
   * @param summary what must be seen at a glance before it is signed
   * @param deviceClock what is wrong with the clock of the device that asks; null when it is right
   */
  record RunPage(
      UUID jobId,
      int number,
      String title,
      Machine machine,
      RunSheet sheet,
      RunState state,
      String startedBy,
      Instant startedAt,
      Summary summary,
      @Nullable String deviceClock) {}

  /** A job in a list, with where it stands. */
  record JobLine(
      UUID id, int number, String title, String createdBy, Instant createdAt, Progress standing) {}

  @GetMapping("/api/machines/{id}/jobs")
  List<JobLine> ofMachine(@PathVariable UUID id) {
    return jobs.ofMachine(id).stream()
        .map(
            j ->
                new JobLine(
                    j.id(),
                    j.number(),
                    j.title(),
                    j.createdBy(),
                    j.createdAt(),
                    Progress.of(j, runs.find(j.id()))))
        .toList();
  }

  @PostMapping("/api/jobs/{id}/run")
  RunPage start(
      @PathVariable UUID id, @RequestBody Start start, @AuthenticationPrincipal SignedIn person) {
    return page(
        id,
        runs.start(id, start.version(), LocalDate.now(clock), clock.instant(), person.signature()),
        null);
  }

  /** Where a job stands; answers before it is started too. */
  @GetMapping("/api/jobs/{id}/standing")
  Progress standing(@PathVariable UUID id) {
    Job job = jobs.job(id);
    return Progress.of(job, runs.find(job.id()));
  }

  @GetMapping("/api/jobs/{id}/run")
  RunPage run(@PathVariable UUID id) {
    return page(id, runs.run(id), null);
  }

  @PostMapping("/api/jobs/{id}/run/events")
  RunPage say(
      @PathVariable UUID id, @RequestBody Saying saying, @AuthenticationPrincipal SignedIn person) {
    Instant now = clock.instant();
    return page(
        id,
        runs.say(
            id,
            saying.device(),
            saying.sentAt(),
            saying.events(),
            now,
            LocalDate.now(clock),
            person.signature()),
        EntryTime.of(null, saying.sentAt(), now, now).clockWords());
  }

  private RunPage page(UUID id, RunLog.Run run, @Nullable String deviceClock) {
    Job job = jobs.job(id);
    return new RunPage(
        id,
        job.number(),
        job.title(),
        fleet.machine(job.machineId()),
        run.sheet(),
        run.state(),
        run.startedBy(),
        run.startedAt(),
        Summary.of(run.sheet(), run.state()),
        deviceClock);
  }
}
