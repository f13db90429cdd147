package app.unimetric.server.compute;

import app.unimetric.core.thread.MetricThread;
import app.unimetric.core.why.Derivation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The diameters and stress area of a 60° thread. */
final class ThreadCall {
  private ThreadCall() {}

  @Schema(name = "Thread", example = "{\"nominalDiameterMm\": 8, \"pitchMm\": 1.25}")
  record Request(
      @Schema(description = "d, mm, 1 to 100") double nominalDiameterMm,
      @Schema(description = "P, mm, 0.01 to 10, at most d/4") double pitchMm) {
    MetricThread thread() {
      return MetricThread.of(nominalDiameterMm, pitchMm);
    }
  }

  @Schema(name = "ThreadResponse")
  record Response(
      double pitchDiameterMm,
      double minorDiameterMm,
      double internalMinorDiameterMm,
      double stressAreaMm2,
      String designation,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  static Response answer(Request r, boolean why) {
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
