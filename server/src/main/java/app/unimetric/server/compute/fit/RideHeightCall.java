package app.unimetric.server.compute.fit;

import app.unimetric.core.fit.FitVerdict;
import app.unimetric.core.fit.RideHeight;
import app.unimetric.core.fit.SideStand;
import app.unimetric.core.fit.SideView;
import app.unimetric.core.pack.FitCall;
import app.unimetric.core.problem.Problems;
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

/** What lowering or raising one end does to how a motorcycle steers. */
@ComputeCall
public final class RideHeightCall implements FitAsked<RideHeightCall.Request> {

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
      @Schema(description = "mm") double frontTyreRadiusMm,
      @Nullable Stand stand,
      @Schema(description = "left out: no exact rotation") @Nullable Chassis chassis,
      @Schema(description = "by how much each length may be wrong, mm; left out: 0")
          @Nullable Double measuredToMm) {}

  @Schema(name = "SideStand")
  public record Stand(
      @Schema(description = "from the middle plane out to the foot, mm") double reachMm,
      @Schema(description = "now, deg") double leanDeg,
      @Schema(description = "along the machine to the foot, mm") double fromRearAxleMm,
      @Schema(description = "of the rear wheel on the centre stand, mm") @Nullable Double liftMm) {
    SideStand.Now now() {
      return new SideStand.Now(reachMm, leanDeg, fromRearAxleMm, liftMm);
    }
  }

  @Schema(name = "Chassis", description = "mm; lowest from the rear axle's foot, forwards and up")
  public record Chassis(
      double rearTyreRadiusMm,
      double swingarmLengthMm,
      double pivotHeightMm,
      SideView.@Nullable Point lowest,
      @Nullable Double leastClearanceMm) {
    SideView.Chassis chassis() {
      return new SideView.Chassis(
          rearTyreRadiusMm, swingarmLengthMm, pivotHeightMm, lowest, leastClearanceMm);
    }
  }

  @Schema(name = "RideHeightResponse", description = "mm and deg; pitch whichever way")
  public record Response(
      double dropMm,
      double pitchDeg,
      double rakeDeg,
      double trailMm,
      double trailChangeMm,
      @Nullable Double standLeanDeg,
      @Nullable Double centreLiftMm,
      @Schema(description = "by exact rotation, before and after") @Nullable SideView view,
      @Nullable FitVerdict inShort,
      List<String> fails,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Override
  public FitCall call() {
    return FitCall.RIDE_HEIGHT;
  }

  @Operation(summary = "What lowering or raising one end does to rake and trail")
  @PostMapping("/ride-height")
  Response rideHeight(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    RideHeight h = judge(r);
    SideStand stand = h.stand();
    return new Response(
        h.dropMm(),
        h.pitchDeg(),
        h.rakeDeg(),
        h.trailMm(),
        h.trailChangeMm(),
        stand == null ? null : (Double) stand.leanDeg(),
        stand == null ? null : stand.liftMm(),
        h.view(),
        h.inShort(),
        h.fails(),
        h.reasons(),
        why ? h.derivation() : null);
  }

  @Override
  public RideHeight judge(Request r) {
    Double eye = r.eyeOffsetMm();
    Double slide = r.forkSlideMm();
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
    Stand stands = r.stand();
    Chassis frame = r.chassis();
    RideHeight.Asked asked =
        new RideHeight.Asked(
            stands == null ? null : stands.now(),
            frame == null ? null : frame.chassis(),
            Fields.or(r.measuredToMm(), 0));
    return rear
        ? RideHeight.rear(before, Fields.or(eye, 0), Fields.or(r.motionRatio(), 1), asked)
        : RideHeight.front(before, Fields.or(slide, 0), asked);
  }
}
