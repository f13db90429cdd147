package app.unimetric.server.sheet;

import app.unimetric.core.plan.PlannedJoint;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.tool.Coverage;
import app.unimetric.server.crib.Crib;
import app.unimetric.server.job.Job;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.machine.Fleet;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Which torques of the shop's jobs its tools cover. */
@RestController
class CoverageController {
  /** Newest first; a shop with more open jobs than these has no gap only in older ones. */
  private static final int MOST_JOBS = 100;

  private final Jobs jobs;
  private final Sheets sheets;
  private final Fleet fleet;
  private final Crib crib;
  private final Clock clock;

  CoverageController(Jobs jobs, Sheets sheets, Fleet fleet, Crib crib, Clock clock) {
    this.jobs = jobs;
    this.sheets = sheets;
    this.fleet = fleet;
    this.crib = crib;
    this.clock = clock;
  }

  /**
   * A torque that a job asks for.
   *
   * @param covered whether a tool may be used for it
   * @param tight whether its best tool can leave the band with its deviation
   */
  record CoverageNeed(
      UUID jobId, String where, double minNm, double maxNm, boolean covered, boolean tight) {}

  /**
   * @param advice the one tool that would close most gaps; missing without gaps
   */
  record CoveragePage(
      List<CoverageNeed> needs, int covered, int gaps, Coverage.@Nullable Advice advice) {}

  private record Asked(UUID jobId, Coverage.Need need) {}

  @GetMapping("/api/crib/coverage")
  CoveragePage coverage() {
    LocalDate today = LocalDate.now(clock);
    List<Asked> asked = new ArrayList<>();
    jobs.open().stream().limit(MOST_JOBS).forEach(job -> asked.addAll(needs(job, today)));
    Coverage coverage = Coverage.of(asked.stream().map(Asked::need).toList(), crib.tools(), today);
    return new CoveragePage(
        asked.stream()
            .map(
                a ->
                    new CoverageNeed(
                        a.jobId(),
                        a.need().where(),
                        a.need().band().minNm(),
                        a.need().band().maxNm(),
                        !coverage.gaps().contains(a.need()),
                        coverage.tight().contains(a.need())))
            .toList(),
        coverage.covered(),
        coverage.gaps().size(),
        coverage.advice());
  }

  private List<Asked> needs(Job job, LocalDate today) {
    String machine = fleet.machine(job.machineId()).name();
    List<Asked> needs = new ArrayList<>();
    for (PlannedJoint joint : sheets.plan(job, today).joints()) {
      TorqueBand band = joint.resolution().band();
      if (band != null && band.maxNm() > 0) {
        needs.add(
            new Asked(
                job.id(),
                new Coverage.Need(
                    band,
                    joint.resolution().aimNm(),
                    joint.resolution().capNm(),
                    joint.joint().duty().isCritical(),
                    joint.joint().fastener().hand(),
                    joint.joint().title() + ", " + job.title() + ", " + machine)));
      }
    }
    return needs;
  }
}
