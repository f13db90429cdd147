package app.unimetric.server.fit;

import app.unimetric.core.pack.FitCall;
import app.unimetric.server.compute.fit.FitJudge;
import app.unimetric.server.machine.Fleet;
import app.unimetric.server.people.SignedIn;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Fits of a machine on screen. */
@RestController
@RequestMapping("/api/machines/{machineId}/fits")
class FitController {
  private final KeptFits fits;
  private final FitJudge judge;
  private final Fleet fleet;
  private final Clock clock;

  FitController(KeptFits fits, FitJudge judge, Fleet fleet, Clock clock) {
    this.fits = fits;
    this.judge = judge;
    this.fleet = fleet;
    this.clock = clock;
  }

  /**
   * @param id made by the sender
   * @param state the address part that shows it again
   * @param request as the call takes it
   */
  record NewKeptFit(
      UUID id, FitCall call, String state, JsonNode request, Taken taken, String note) {}

  @GetMapping
  List<KeptFit> fits(@PathVariable UUID machineId) {
    return fits.ofMachine(fleet.machine(machineId).id());
  }

  @PostMapping
  List<KeptFit> keep(
      @PathVariable UUID machineId,
      @RequestBody NewKeptFit f,
      @AuthenticationPrincipal SignedIn person) {
    fits.keep(
        new KeptFits.Measured(
            f.id(), fleet.machine(machineId).id(), null, f.taken(), f.request(), f.note().strip()),
        judge.work(f.call(), f.state(), f.request()),
        clock.instant(),
        person.signature());
    return fits(machineId);
  }
}
