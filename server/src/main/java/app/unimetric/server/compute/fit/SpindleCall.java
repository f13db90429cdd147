package app.unimetric.server.compute.fit;

import app.unimetric.core.fit.FitVerdict;
import app.unimetric.core.fit.Spindle;
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

/** A crank spindle through its bearings. */
@ComputeCall
public final class SpindleCall {

  @Schema(
      name = "SpindleRequest",
      example =
          "{\"shellMm\": 73, \"cupFlangesMm\": [10, 10], \"spacersMm\": [2.5], \"spindleUsableMm\": 96.5, \"adjusterTravelMm\": 2}")
  public record Request(
      @Schema(description = "mm") double shellMm,
      @Schema(description = "what stands out of the shell, one of each side, mm")
          List<Double> cupFlangesMm,
      @Schema(description = "mm") List<Double> spacersMm,
      @Schema(description = "from shoulder to shoulder, mm") double spindleUsableMm,
      @Schema(description = "mm") double adjusterTravelMm,
      @Schema(description = "travel a turn, mm") @Nullable Double adjusterPitchMm,
      @Schema(description = "by how much each length may be wrong, mm; left out: 0")
          @Nullable Double measuredToMm) {}

  @Schema(
      name = "SpindleResponse",
      description = "mm; fits as measured, verdict with what it may be wrong by")
  public record Response(
      double bearingWidthMm,
      double exposureMm,
      boolean fits,
      FitVerdict verdict,
      @Nullable Double collarTurns,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Operation(summary = "Whether a spindle leaves its adjuster what it can take up")
  @PostMapping("/spindle")
  Response spindle(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    Fields.noNulls(r.cupFlangesMm(), "cupFlangesMm");
    Fields.noNulls(r.spacersMm(), "spacersMm");
    Double to = r.measuredToMm();
    Spindle s =
        Spindle.of(
            new Spindle.Between(r.shellMm(), r.cupFlangesMm(), r.spacersMm()),
            r.spindleUsableMm(),
            r.adjusterTravelMm(),
            r.adjusterPitchMm(),
            to == null ? 0 : to);
    return new Response(
        s.bearingWidthMm(),
        s.exposureMm(),
        s.fits(),
        s.verdict(),
        s.collarTurns(),
        s.reasons(),
        why ? s.derivation() : null);
  }
}
