package app.unimetric.server.fit;

import app.unimetric.core.pack.FitCall;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.server.compute.fit.FitJudge;
import app.unimetric.server.job.Jobs;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.people.SignedIn;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Fits of a machine on screen. */
@RestController
class FitController {
  private final KeptFits fits;
  private final FitJudge judge;
  private final Fleet fleet;
  private final Jobs jobs;
  private final Clock clock;

  FitController(KeptFits fits, FitJudge judge, Fleet fleet, Jobs jobs, Clock clock) {
    this.fits = fits;
    this.judge = judge;
    this.fleet = fleet;
    this.jobs = jobs;
    this.clock = clock;
  }

  /**
   * @param id made by the sender
   * @param state the address part that shows it again
   * @param request as the call takes it
   * @param jobId the job it belongs to, on this machine; missing for none
   */
  record NewKeptFit(
      UUID id,
      FitCall call,
      String state,
      JsonNode request,
      Taken taken,
      String note,
      @Nullable UUID jobId) {}

  @GetMapping("/api/machines/{machineId}/fits")
  List<KeptFit> fits(@PathVariable UUID machineId) {
    return fits.ofMachine(fleet.machine(machineId).id());
  }

  /** What was measured for a job. */
  @GetMapping("/api/jobs/{id}/fits")
  List<KeptFit> ofJob(@PathVariable UUID id) {
    return fits.ofJob(jobs.job(id).id());
  }

  @PostMapping("/api/machines/{machineId}/fits")
  List<KeptFit> keep(
      @PathVariable UUID machineId,
      @RequestBody NewKeptFit f,
      @AuthenticationPrincipal SignedIn person) {
    fits.keep(
        new KeptFits.Measured(
            f.id(),
            fleet.machine(machineId).id(),
            ofMachine(f.jobId(), machineId),
            null,
            f.taken(),
            f.request(),
            f.note().strip()),
        judge.work(f.call(), f.state(), f.request()),
        clock.instant(),
        person.signature());
    return fits(machineId);
  }

  private @Nullable UUID ofMachine(@Nullable UUID jobId, UUID machineId) {
    if (jobId != null && !jobs.job(jobId).machineId().equals(machineId)) {
      throw InvalidInput.at("jobId", "is a job on another machine.");
    }
    return jobId;
  }
}
