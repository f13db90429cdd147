package app.unimetric.server.device;

import app.unimetric.core.bench.DueDial;
import app.unimetric.core.device.DialFault;
import app.unimetric.core.device.DialGauge;
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
 * One turn under the simulated dial gauge at the step in hand, as a stream of events: {@code begun}
 * with what is turned, {@code read} with what was read since the last, {@code ended} with what it
 * comes to. Nothing is written down here: whoever turned it says what was found.
 */
@Hidden
@RestController
class DialController {
  private final RunLog runs;
  private final Beat beat;

  DialController(RunLog runs, Beat beat) {
    this.runs = runs;
    this.beat = beat;
  }

  /**
   * @param fault what is wrong, to be practised
   */
  @GetMapping(path = "/api/jobs/{id}/run/dial", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  ResponseEntity<SseEmitter> turn(
      @PathVariable UUID id, @RequestParam(defaultValue = "NONE") DialFault fault) {
    RunLog.Run run = runs.run(id);
    DueDial due =
        DueDial.of(run.sheet(), run.state())
            .orElseThrow(
                () ->
                    Refusal.conflict(
                        "Nothing is dialled at the step in hand; look at the bench again.",
                        Map.of()));
    DialGauge dial = due.simulated(fault, ThreadLocalRandom.current().nextLong());
    return OpenStream.of(
        beat.follow(
            new FollowedTurn.Begun(dial.name(), due),
            stream -> new FollowedTurn(stream, dial.turn(), due)));
  }
}
