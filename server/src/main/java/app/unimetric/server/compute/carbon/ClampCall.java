package app.unimetric.server.compute.carbon;

import app.unimetric.core.carbon.ClampPressure;
import app.unimetric.core.why.Derivation;
import app.unimetric.server.compute.ComputeCall;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;

/** Pressure and hold of a split clamp on a tube. */
@ComputeCall
public final class ClampCall {

  @Schema(
      name = "ClampRequest",
      example =
          "{\"tubeDiameterMm\": 31.8, \"widthMm\": 40, \"style\": \"FACEPLATE\", \"bolts\": 4, \"boltLoadN\": 4000, \"friction\": 0.2}")
  public record Request(
      @Schema(description = "mm") double tubeDiameterMm,
      @Schema(description = "mm") double widthMm,
      ClampPressure.Style style,
      @Schema(description = "in all") int bolts,
      @Schema(description = "of each, N") double boltLoadN,
      @Schema(description = "between clamp and tube") double friction,
      @Schema(description = "what the tube stands, MPa") @Nullable Double limitMPa) {}

  @Schema(name = "HoldNm", description = "N·m")
  public record HoldNm(double low, double high) {}

  @Schema(name = "HoldN", description = "N")
  public record HoldN(double low, double high) {}

  @Schema(name = "ClampResponse", description = "MPa")
  public record Response(
      double pressureMPa,
      double peakPressureMPa,
      HoldNm slipTorqueNm,
      HoldN slideForceN,
      @Nullable Boolean withinLimit,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Operation(summary = "Pressure and hold of a split clamp on a tube")
  @PostMapping("/clamp")
  Response clamp(@RequestBody Request request, @RequestParam(defaultValue = "false") boolean why) {
    return answer(request, why);
  }

  public static Response answer(Request r, boolean why) {
    ClampPressure p =
        ClampPressure.of(
            r.tubeDiameterMm(),
            r.widthMm(),
            r.style(),
            r.bolts(),
            r.boltLoadN(),
            r.friction(),
            r.limitMPa());
    return new Response(
        p.meanMPa(),
        p.peakMPa(),
        new HoldNm(p.slipTorqueLowNm(), p.slipTorqueHighNm()),
        new HoldN(p.slideForceLowN(), p.slideForceHighN()),
        p.withinLimit(),
        p.reasons(),
        why ? p.derivation() : null);
  }
}
