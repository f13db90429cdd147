package app.unimetric.server.sheet;

import app.unimetric.core.tool.Coverage;
import app.unimetric.server.crib.Crib;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.job.ListedJob;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Which torques of the shop's jobs its tools cover. */
@RestController
class CoverageController {
  private final Jobs jobs;
  private final Outlooks outlooks;
  private final Crib crib;
  private final Clock clock;

  CoverageController(Jobs jobs, Outlooks outlooks, Crib crib, Clock clock) {
    this.jobs = jobs;
    this.outlooks = outlooks;
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
    List<ListedJob> open = jobs.open();
    Map<UUID, Outlook> outlooks = this.outlooks.of(open, today);
    List<Asked> asked = new ArrayList<>();
    for (ListedJob job : open) {
      for (Coverage.Need need : Objects.requireNonNull(outlooks.get(job.id())).torques()) {
        asked.add(
            new Asked(
                job.id(), need.at(need.where() + ", " + job.title() + ", " + job.machineName())));
      }
    }
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
}
