package app.unimetric.server.compute.fit;

import app.unimetric.core.fit.FitVerdict;
import app.unimetric.core.fit.Flushness;
import app.unimetric.core.pack.FitCall;
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

/** Whether a cup sits flush. */
@ComputeCall
public final class FlushnessCall implements FitAsked<FlushnessCall.Request> {

  @Schema(name = "FlushnessRequest", example = "{\"readingsMm\": [0, 0.1, 0.2, 0.1]}")
  public record Request(
      @Schema(
              description =
                  "gaps at 4 or more places round the rim, equally spaced, mm; 0: touching")
          List<Double> readingsMm,
      @Schema(description = "by how much a gap may be wrong, mm; left out: 0")
          @Nullable Double measuredToMm) {}

  @Schema(
      name = "FlushnessResponse",
      description =
          "tilt over the whole rim and what it alone would leave at each place, mm; where the gap is widest, deg from the first place")
  public record Response(
      double tiltMm,
      double tiltAtDeg,
      boolean touches,
      List<Double> fittedMm,
      Flushness.Verdict verdict,
      @Nullable FitVerdict inShort,
      List<String> fails,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Override
  public FitCall call() {
    return FitCall.FLUSHNESS;
  }

  @Operation(summary = "Whether a cup sits flush")
  @PostMapping("/flushness")
  Response flushness(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    Flushness f = judge(r);
    return new Response(
        f.tiltMm(),
        f.tiltAtDeg(),
        f.touches(),
        f.fittedMm(),
        f.verdict(),
        f.inShort(),
        f.fails(),
        f.reasons(),
        why ? f.derivation() : null);
  }

  @Override
  public Flushness judge(Request r) {
    Fields.noNulls(r.readingsMm(), "readingsMm");
    return Flushness.of(r.readingsMm(), Fields.or(r.measuredToMm(), 0));
  }
}
