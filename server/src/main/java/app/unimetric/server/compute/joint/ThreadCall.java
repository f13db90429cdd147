package app.unimetric.server.compute.joint;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.thread.Profile;
import app.unimetric.core.thread.ScrewThread;
import app.unimetric.core.why.Derivation;
import app.unimetric.server.compute.ComputeCall;
import app.unimetric.server.compute.Fields;
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
      @Schema(description = "d, mm, 1 to 100") @Nullable Double nominalDiameterMm,
      @Schema(description = "P, mm, 0.01 to 10, at most d/4") @Nullable Double pitchMm,
      @Schema(description = "UN for unified inch threads; left out: ISO") @Nullable Profile series,
      @Schema(description = "instead of figures: M8, 1/4-20 UNC, 1.375 in × 24")
          @Nullable String designation) {
    /** A thread by its figures. */
    public static Request of(ScrewThread thread) {
      return new Request(thread.nominalDiameterMm(), thread.pitchMm(), thread.profile(), null);
    }

    public ScrewThread thread() {
      String name = designation;
      Double d = nominalDiameterMm;
      Double pitch = pitchMm;
      if (name != null) {
        new Problems()
            .require(
                d == null && pitch == null && series == null,
                "designation",
                "Give either the designation or the figures, not both.")
            .orThrow();
        return Fields.as("designation", () -> ScrewThread.parse(name));
      }
      if (d == null || pitch == null) {
        throw Fields.missingAt(d == null ? "nominalDiameterMm" : "pitchMm");
      }
      return new ScrewThread(d, pitch, series == null ? Profile.ISO : series);
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
    ScrewThread t = r.thread();
    return new Response(
        t.pitchDiameterMm(),
        t.minorDiameterMm(),
        t.internalMinorDiameterMm(),
        t.stressAreaMm2(),
        t.designation(),
        List.of(
            t.profile() == Profile.UN
                ? "Basic profile and stress area of ASME B1.1."
                : "Basic profile of ISO 68-1; the stress area is that of ISO 898-1."),
        why ? t.derivation() : null);
  }
}
