package app.unimetric.server.run;

import app.unimetric.core.bench.DueDial;
import app.unimetric.core.bench.Entry;
import app.unimetric.core.bench.EntryTime;
import app.unimetric.core.bench.Interruption;
import app.unimetric.core.bench.RunNews;
import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunState;
import app.unimetric.core.bench.Summary;
import app.unimetric.core.bench.ToolsOut;
import app.unimetric.core.bench.Tray;
import app.unimetric.core.photograph.AsItWas;
import app.unimetric.core.recheck.MovedCauseChoice;
import app.unimetric.server.job.Job;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.machine.Machine;
import app.unimetric.server.people.OnTablet;
import app.unimetric.server.people.SignedIn;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The bench: a run and what is said in it. */
@RestController
class RunController {
  private final RunLog runs;
  private final Standings standings;
  private final Jobs jobs;
  private final Fleet fleet;
  private final OnTablet onTablet;
  private final Clock clock;

  RunController(
      RunLog runs, Standings standings, Jobs jobs, Fleet fleet, OnTablet onTablet, Clock clock) {
    this.runs = runs;
    this.standings = standings;
    this.jobs = jobs;
    this.fleet = fleet;
    this.onTablet = onTablet;
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
   * @param known how many entries of the run the device has; the answer leaves them out
   */
  record Saying(
      String device, @Nullable Instant sentAt, @Nullable Integer known, List<EntrySent> events) {}

  /**
   * Where a run stands after something was said.
   *
   * @param state its entries are those after the first {@code from}
   * @param from how many entries stay as the device has them, but for those changed
   * @param changed entries the device has that a later one corrected or let stand
   * @param summary once all is done but to sign; null before
   * @param interruption what stands over at the joint in hand since it was left; null where nothing
   *     does
   * @param trays what is loose or off and not back yet
   * @param deviceClock what is wrong with the clock of the device that asks; null when it is right
   */
  record Moved(
      RunState state,
      int from,
      List<Entry> changed,
      @Nullable Summary summary,
      @Nullable Interruption interruption,
      List<Tray> trays,
      @Nullable String deviceClock) {}

  /**
   * A run on screen.
   *
   * @param drawnBeside joints that are drawn beside steps that turn nothing, by the step's id
   * @param asItWas steps at which it matters how it was, each with those whose photographs show it
   * @param dialled steps at which a dial gauge reads
   * @param movedCauses why something that is only tried may have moved
   * @param toolsOut when tools of the sheet were out of use, by the tool's id, so that a device out
   *     of reach plays the log as the server does
   * @param summary what must be seen at a glance before it is signed
   * @param interruption what stands over at the joint in hand since it was left; null where nothing
   *     does
   * @param trays what is loose or off and not back yet
   * @param deviceClock what is wrong with the clock of the device that asks; null when it is right
   */
  record RunPage(
      UUID jobId,
      int number,
      String title,
      Machine machine,
      RunSheet sheet,
      RunState state,
      Map<String, String> drawnBeside,
      Map<String, List<String>> asItWas,
      List<String> dialled,
      List<MovedCauseChoice> movedCauses,
      ToolsOut toolsOut,
      String startedBy,
      Instant startedAt,
      Summary summary,
      @Nullable Interruption interruption,
      List<Tray> trays,
      @Nullable String deviceClock) {}

  /** A job in a list, with where it stands. */
  record JobLine(
      UUID id, int number, String title, String createdBy, Instant createdAt, Progress standing) {}

  @GetMapping("/api/machines/{id}/jobs")
  List<JobLine> ofMachine(@PathVariable UUID id) {
    List<Job> there = jobs.ofMachine(id);
    Map<UUID, Progress> standing = standings.of(there.stream().map(Job::id).toList());
    return there.stream()
        .map(
            j ->
                new JobLine(
                    j.id(), j.number(), j.title(), j.createdBy(), j.createdAt(), at(j, standing)))
        .toList();
  }

  private static Progress at(Job job, Map<UUID, Progress> standings) {
    Progress reached = standings.getOrDefault(job.id(), Progress.NOT_STARTED);
    return job.cancelled() ? reached.cancelled() : reached;
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
    return at(job, standings.of(List.of(id)));
  }

  @GetMapping("/api/jobs/{id}/run")
  RunPage run(@PathVariable UUID id) {
    return page(id, runs.run(id), null);
  }

  @PostMapping("/api/jobs/{id}/run/events")
  Moved say(
      @PathVariable UUID id,
      @RequestBody Saying saying,
      @AuthenticationPrincipal SignedIn person,
      HttpServletRequest http) {
    Instant now = clock.instant();
    Integer known = saying.known();
    RunLog.Moved moved =
        runs.say(
            id,
            saying.device(),
            saying.sentAt(),
            known == null ? 0 : known,
            saying.events(),
            now,
            LocalDate.now(clock),
            by -> onTablet.whoSays(person, by, http.getSession(false)));
    return told(moved, EntryTime.of(null, saying.sentAt(), now, now).clockWords());
  }

  /**
   * What came since.
   *
   * @param known how many entries of the run the device has
   */
  @GetMapping("/api/jobs/{id}/run/events")
  Moved since(@PathVariable UUID id, @RequestParam int known) {
    return told(runs.since(id, known), null);
  }

  private Moved told(RunLog.Moved moved, @Nullable String deviceClock) {
    RunState state = moved.run().state();
    RunNews news = moved.news();
    return new Moved(
        state.telling(news.entries()),
        news.from(),
        news.changed(),
        Summary.whenDue(moved.run().sheet(), state),
        Interruption.of(moved.run().sheet(), state, clock.instant()).orElse(null),
        Tray.of(moved.run().sheet(), state),
        deviceClock);
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
        run.sheet().drawnBeside(),
        AsItWas.of(run.sheet()),
        DueDial.steps(run.sheet()),
        MovedCauseChoice.all(),
        run.toolsOut(),
        run.startedBy(),
        run.startedAt(),
        Summary.of(run.sheet(), run.state()),
        Interruption.of(run.sheet(), run.state(), clock.instant()).orElse(null),
        Tray.of(run.sheet(), run.state()),
        deviceClock);
  }
}
