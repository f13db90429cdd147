package app.unimetric.server.compute.joint;

import app.unimetric.core.thread.MetricThread;
import app.unimetric.core.why.Derivation;
import app.unimetric.server.compute.ComputeCall;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;

/** The diameters and stress area of a 60° thread. */
@ComputeCall
public final class ThreadCall {

  @Schema(name = "Thread", example = "{\"nominalDiameterMm\": 8, \"pitchMm\": 1.25}")
  public record Request(
      @Schema(description = "d, mm, 1 to 100") double nominalDiameterMm,
      @Schema(description = "P, mm, 0.01 to 10, at most d/4") double pitchMm) {
    public MetricThread thread() {
      return MetricThread.of(nominalDiameterMm, pitchMm);
    }
  }

  @Schema(name = "ThreadResponse")
  public record Response(
      double pitchDiameterMm,
      double minorDiameterMm,
      double internalMinorDiameterMm,
      double stressAreaMm2,
      String designation,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Operation(summary = "Diameters and stress area of a thread")
  @PostMapping("/thread")
  Response thread(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    MetricThread t = r.thread();
    return new Response(
        t.pitchDiameterMm(),
        t.minorDiameterMm(),
        t.internalMinorDiameterMm(),
        t.stressAreaMm2(),
        t.designation(),
        List.of("Basic profile of ISO 68-1; the stress area is that of ISO 898-1."),
        why ? t.derivation() : null);
  }
}
