package app.unimetric.server.today;

import app.unimetric.core.recheck.RecheckDue;
import app.unimetric.server.bench.Runs;
import app.unimetric.server.crib.Crib;
import app.unimetric.server.job.Job;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.machine.Machine;
import app.unimetric.server.recheck.Recheck;
import app.unimetric.server.recheck.Rechecks;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the day asks for. */
@RestController
class TodayController {
  private final Jobs jobs;
  private final Runs runs;
  private final Fleet fleet;
  private final Rechecks rechecks;
  private final Crib crib;
  private final Clock clock;

  TodayController(Jobs jobs, Runs runs, Fleet fleet, Rechecks rechecks, Crib crib, Clock clock) {
    this.jobs = jobs;
    this.runs = runs;
    this.fleet = fleet;
    this.rechecks = rechecks;
    this.crib = crib;
    this.clock = clock;
  }

  /** A job on a lift. */
  record OnLift(
      UUID jobId,
      int number,
      String title,
      UUID machineId,
      String machineName,
      Runs.Standing standing,
      int blockers) {}

  /** A torque tool that may not be trusted. */
  record DoubtfulTool(String id, String name, @Nullable LocalDate calibrationEnded, int cycles) {}

  /**
   * @param waiting re-checks not yet due
   */
  record Today(
      LocalDate day, List<OnLift> jobs, List<Recheck> due, int waiting, List<DoubtfulTool> tools) {}

  @GetMapping("/api/today")
  Today today() {
    LocalDate day = LocalDate.now(clock);
    List<Recheck> open = rechecks.open(day);
    List<Recheck> due =
        open.stream()
            .filter(r -> r.standing() != RecheckDue.Standing.WAITING)
            .sorted(Comparator.comparing(Recheck::standing).reversed())
            .toList();
    return new Today(
        day,
        jobs.open().stream().map(j -> onLift(j, day)).toList(),
        due,
        open.size() - due.size(),
        crib.tools().stream()
            .filter(t -> !t.inCalibration(day))
            .map(t -> new DoubtfulTool(t.id(), t.name(), t.calibrationEnds(), t.cycles()))
            .toList());
  }

  private OnLift onLift(Job job, LocalDate day) {
    Machine machine = fleet.machine(job.machineId());
    Runs.Standing standing = runs.standing(job);
    int blockers =
        standing.station() == Runs.Station.PLAN ? jobs.plan(job, day).blockers().size() : 0;
    return new OnLift(
        job.id(), job.number(), job.title(), machine.id(), machine.name(), standing, blockers);
  }
}
