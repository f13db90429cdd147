package app.unimetric.server.compute.carbon;

import app.unimetric.core.carbon.GapCheck;
import app.unimetric.core.sequence.GapStyle;
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

/** Whether a faceplate has closed as it is meant to. */
@ComputeCall
public final class GapsCall {

  @Schema(name = "GapsRequest", example = "{\"gapsMm\": [2.1, 2.3, 2.2, 2.2]}")
  public record Request(
      @Schema(description = "2 to 16 gaps, mm, clockwise from the top left") List<Double> gapsMm,
      @Schema(description = "left out: EVEN") @Nullable GapStyle style) {}

  @Schema(name = "GapsResponse", description = "difference of the gaps that are to be even, mm")
  public record Response(
      double differenceMm,
      boolean even,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Operation(summary = "Whether a faceplate has closed as it is meant to")
  @PostMapping("/gaps")
  Response gaps(@RequestBody Request request, @RequestParam(defaultValue = "false") boolean why) {
    return answer(request, why);
  }

  public static Response answer(Request r, boolean why) {
    Fields.noNulls(r.gapsMm(), "gapsMm");
    GapCheck check = GapCheck.of(r.gapsMm(), r.style() == null ? GapStyle.EVEN : r.style());
    return new Response(
        check.differenceMm(),
        check.even(),
        check.reasons(),
        why ? List.of(check.derivation()) : null);
  }
}
