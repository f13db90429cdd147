package app.unimetric.server.device;

import app.unimetric.core.bench.DuePull;
import app.unimetric.core.device.Fault;
import app.unimetric.core.device.SimulatedWrench;
import app.unimetric.server.live.OpenStream;
import app.unimetric.server.problem.Refusal;
import app.unimetric.server.run.RunLog;
import io.swagger.v3.oas.annotations.Hidden;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ThreadLocalRandom;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * A pull of the simulated wrench at the fastener in hand, as a stream of events: {@code begun} with
 * what is pulled, {@code read} with what was read since the last, {@code ended} with how it ended
 * and the reading. Nothing is written down here: the bench says the reading as any other.
 */
@Hidden
@RestController
class WrenchController {
  private final RunLog runs;
  private final Beat beat;

  WrenchController(RunLog runs, Beat beat) {
    this.runs = runs;
    this.beat = beat;
  }

  /**
   * @param speed how fast it is pulled, degrees per second
   * @param fault what is wrong with it, to be practised
   */
  @GetMapping(path = "/api/jobs/{id}/run/wrench", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  ResponseEntity<SseEmitter> pull(
      @PathVariable UUID id,
      @RequestParam(defaultValue = "20") double speed,
      @RequestParam(defaultValue = "NONE") Fault fault) {
    RunLog.Run run = runs.run(id);
    DuePull due =
        DuePull.of(run.sheet(), run.state())
            .orElseThrow(
                () ->
                    Refusal.conflict(
                        "No torque wrench is pulled at the step in hand; look at the bench again.",
                        Map.of()));
    SimulatedWrench wrench =
        SimulatedWrench.of(due.fullNm(), speed, fault, ThreadLocalRandom.current().nextLong());
    return OpenStream.of(
        beat.follow(
            new FollowedPull.Begun(wrench.name(), due),
            stream -> new FollowedPull(stream, wrench.pull(due.startNm(), due.settingNm()), due)));
  }
}
