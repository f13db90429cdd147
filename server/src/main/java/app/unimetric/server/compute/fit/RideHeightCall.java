package app.unimetric.server.compute.fit;

import app.unimetric.core.fit.RideHeight;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.why.Derivation;
import app.unimetric.server.compute.ComputeCall;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;

/** What lowering or raising one end does to how a motorcycle steers. */
@ComputeCall
public final class RideHeightCall {

  @Schema(
      name = "RideHeightRequest",
      example =
          "{\"end\": \"REAR\", \"eyeOffsetMm\": 10, \"motionRatio\": 2.5, \"wheelbaseMm\": 1500, \"rakeDeg\": 26, \"forkOffsetMm\": 40, \"frontTyreRadiusMm\": 320}")
  public record Request(
      RideHeight.End end,
      @Schema(
              description =
                  "at the rear: by how much the eye of the shock comes nearer, mm; positive lowers")
          @Nullable Double eyeOffsetMm,
      @Schema(
              description =
                  "at the front: by how much the tubes go up through their clamps, mm; positive lowers")
          @Nullable Double forkSlideMm,
      @Schema(description = "wheel travel for shock travel; with eyeOffsetMm, left out: 1")
          @Nullable Double motionRatio,
      @Schema(description = "mm") double wheelbaseMm,
      @Schema(description = "of the steering head from the vertical, deg") double rakeDeg,
      @Schema(description = "mm") double forkOffsetMm,
      @Schema(description = "mm") double frontTyreRadiusMm) {}

  @Schema(name = "RideHeightResponse", description = "mm and deg; pitch whichever way")
  public record Response(
      double dropMm,
      double pitchDeg,
      double rakeDeg,
      double trailMm,
      double trailChangeMm,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Operation(summary = "What lowering or raising one end does to rake and trail")
  @PostMapping("/ride-height")
  Response rideHeight(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    Double eye = r.eyeOffsetMm();
    Double slide = r.forkSlideMm();
    Double ratio = r.motionRatio();
    boolean rear = r.end() == RideHeight.End.REAR;
    new Problems()
        .require(
            rear ? eye != null && slide == null : slide != null && eye == null,
            rear ? "eyeOffsetMm" : "forkSlideMm",
            rear
                ? "is what changes the rear; give it alone."
                : "is what changes the front; give it alone.")
        .orThrow();
    RideHeight.Before before =
        new RideHeight.Before(
            r.wheelbaseMm(), r.rakeDeg(), r.forkOffsetMm(), r.frontTyreRadiusMm());
    RideHeight h =
        rear
            ? RideHeight.rear(before, eye == null ? 0 : eye, ratio == null ? 1 : ratio)
            : RideHeight.front(before, slide == null ? 0 : slide);
    return new Response(
        h.dropMm(),
        h.pitchDeg(),
        h.rakeDeg(),
        h.trailMm(),
        h.trailChangeMm(),
        h.reasons(),
        why ? h.derivation() : null);
  }
}
