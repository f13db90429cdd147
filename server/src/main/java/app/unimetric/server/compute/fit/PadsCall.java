package app.unimetric.server.compute.fit;

import app.unimetric.core.fit.FitVerdict;
import app.unimetric.core.fit.PadWear;
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

/** How long pads will last. */
@ComputeCall
public final class PadsCall implements FitAsked<PadsCall.Request> {

  @Schema(
      name = "PadsRequest",
      example = "{\"newMm\": 4, \"nowMm\": 2.2, \"limitMm\": 1, \"distanceKm\": 6000}")
  public record Request(
      @Schema(description = "mm") double newMm,
      @Schema(description = "mm") double nowMm,
      @Schema(description = "mm") double limitMm,
      @Schema(description = "since new, km") double distanceKm,
      @Schema(description = "by how much each length may be wrong, mm; left out: 0")
          @Nullable Double measuredToMm) {}

  @Schema(
      name = "PadsResponse",
      description = "mm in 1000 km; km until the limit, missing where nothing was worn yet")
  public record Response(
      double wearPer1000Km,
      @Nullable Double leftKm,
      PadWear.Verdict verdict,
      @Nullable FitVerdict inShort,
      List<String> fails,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Override
  public FitCall call() {
    return FitCall.PADS;
  }

  @Operation(summary = "How long pads will last")
  @PostMapping("/pads")
  Response pads(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    PadWear w = judge(r);
    return new Response(
        w.wearPer1000Km(),
        w.leftKm(),
        w.verdict(),
        w.inShort(),
        w.fails(),
        w.reasons(),
        why ? w.derivation() : null);
  }

  @Override
  public PadWear judge(Request r) {
    return PadWear.of(
        r.newMm(), r.nowMm(), r.limitMm(), r.distanceKm(), Fields.or(r.measuredToMm(), 0));
  }
}
