package app.unimetric.server.today;

import app.unimetric.core.plan.Needs;
import app.unimetric.core.recheck.RecheckDue;
import app.unimetric.core.tool.CribTool;
import app.unimetric.server.book.StatedBook;
import app.unimetric.server.crib.Crib;
import app.unimetric.server.job.Job;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.machine.Machine;
import app.unimetric.server.people.People;
import app.unimetric.server.recheck.Recheck;
import app.unimetric.server.recheck.Rechecks;
import app.unimetric.server.run.Progress;
import app.unimetric.server.run.RunLog;
import app.unimetric.server.settings.Settings;
import app.unimetric.server.sheet.Sheets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the day asks for. */
@RestController
class TodayController {
  private static final Duration LONGEST_CURE = Duration.ofDays(15);
  private final Jobs jobs;
  private final RunLog runs;
  private final Sheets sheets;
  private final Fleet fleet;
  private final Rechecks rechecks;
  private final Crib crib;
  private final StatedBook book;
  private final People people;
  private final Settings settings;
  private final Clock clock;

  TodayController(
      Jobs jobs,
      RunLog runs,
      Sheets sheets,
      Fleet fleet,
      Rechecks rechecks,
      Crib crib,
      StatedBook book,
      People people,
      Settings settings,
      Clock clock) {
    this.jobs = jobs;
    this.runs = runs;
    this.sheets = sheets;
    this.fleet = fleet;
    this.rechecks = rechecks;
    this.crib = crib;
    this.book = book;
    this.people = people;
    this.settings = settings;
    this.clock = clock;
  }

  /** A job on a lift. */
  record OnLift(
      UUID jobId,
      int number,
      String title,
      UUID machineId,
      String machineName,
      Progress standing,
      int blockers) {}

  /** A torque tool that may not be trusted. */
  record DoubtfulTool(
      String id,
      String name,
      @Nullable LocalDate calibrationEnded,
      int cycles,
      @Nullable String out) {}

  /** A machine that waits for a product to cure. */
  record Curing(
      UUID jobId, int number, String title, UUID machineId, String machineName, Instant from) {}

  /** Something a job not yet started lacks. */
  record ToGet(UUID jobId, int number, String machineName, String about, String words) {}

  /**
   * What a workshop that has just begun has and has not yet.
   *
   * @param people whether somebody else can look, or one person does it alone
   */
  record MovingIn(boolean machine, boolean tool, boolean people, boolean value) {}

  /**
   * @param waiting re-checks not yet due
   * @param crib whether any torque tool hangs there
   * @param movingIn what to add first; missing once all is there
   */
  record Today(
      LocalDate day,
      List<OnLift> jobs,
      List<Curing> curing,
      List<ToGet> toGet,
      List<Recheck> due,
      int waiting,
      List<DoubtfulTool> tools,
      boolean crib,
      @Nullable MovingIn movingIn) {}

  @GetMapping("/api/today")
  Today today() {
    LocalDate day = LocalDate.now(clock);
    List<Recheck> open = rechecks.open(day);
    List<Recheck> due =
        open.stream()
            .filter(r -> r.standing() != RecheckDue.Urgency.WAITING)
            .sorted(Comparator.comparing(Recheck::standing).reversed())
            .toList();
    List<CribTool> tools = crib.tools();
    return new Today(
        day,
        jobs.open().stream().map(j -> onLift(j, day)).toList(),
        curing(),
        toGet(day),
        due,
        open.size() - due.size(),
        tools.stream()
            .filter(t -> !t.inCalibration(day))
            .map(t -> new DoubtfulTool(t.id(), t.name(), t.calibrationEnds(), t.cycles(), t.out()))
            .toList(),
        !tools.isEmpty(),
        movingIn(!tools.isEmpty()));
  }

  private @Nullable MovingIn movingIn(boolean tool) {
    boolean alone = settings.policy().secondLook().selfAfterMinutes() != null;
    MovingIn so = new MovingIn(fleet.isAny(), tool, alone || people.areSeveral(), !book.isEmpty());
    return so.machine() && so.tool() && so.people() && so.value() ? null : so;
  }

  private List<Curing> curing() {
    Instant now = clock.instant();
    List<Curing> curing = new ArrayList<>();
    for (Job job : jobs.startedSince(now.minus(LONGEST_CURE))) {
      Instant from = Progress.of(job, runs.find(job.id())).ridableFrom();
      if (from != null && from.isAfter(now)) {
        Machine machine = fleet.machine(job.machineId());
        curing.add(
            new Curing(job.id(), job.number(), job.title(), machine.id(), machine.name(), from));
      }
    }
    curing.sort(Comparator.comparing(Curing::from));
    return curing;
  }

  private List<ToGet> toGet(LocalDate day) {
    List<ToGet> wanted = new ArrayList<>();
    for (Job job : jobs.open()) {
      if (runs.find(job.id()).isEmpty()) {
        String machine = fleet.machine(job.machineId()).name();
        for (Needs.Missing missing : sheets.plan(job, day).needs().missing()) {
          wanted.add(new ToGet(job.id(), job.number(), machine, missing.name(), missing.words()));
        }
      }
    }
    return wanted;
  }

  private OnLift onLift(Job job, LocalDate day) {
    Machine machine = fleet.machine(job.machineId());
    Progress standing = Progress.of(job, runs.find(job.id()));
    int blockers =
        standing.station() == Progress.Station.PLAN ? sheets.plan(job, day).blockers().size() : 0;
    return new OnLift(
        job.id(), job.number(), job.title(), machine.id(), machine.name(), standing, blockers);
  }
}
