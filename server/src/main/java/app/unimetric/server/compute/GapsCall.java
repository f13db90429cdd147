package app.unimetric.server.compute;

import app.unimetric.core.carbon.GapCheck;
import app.unimetric.core.sequence.GapStyle;
import app.unimetric.core.why.Derivation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Whether a faceplate has closed as it is meant to. */
final class GapsCall {
  private GapsCall() {}

  @Schema(name = "GapsRequest", example = "{\"gapsMm\": [2.1, 2.3, 2.2, 2.2]}")
  record Request(
      @Schema(description = "2 to 16 gaps, mm, clockwise from the top left") List<Double> gapsMm,
      @Schema(description = "left out: EVEN") @Nullable GapStyle style) {}

  @Schema(name = "GapsResponse", description = "difference of the gaps that are to be even, mm")
  record Response(
      double differenceMm,
      boolean even,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  static Response answer(Request r, boolean why) {
    Fields.noNulls(r.gapsMm(), "gapsMm");
    GapCheck check = GapCheck.of(r.gapsMm(), r.style() == null ? GapStyle.EVEN : r.style());
    return new Response(
        check.differenceMm(),
        check.even(),
        check.reasons(),
        why
            ? List.of(
                new Derivation(
                    "Δ", check.differenceMm(), "mm", "widest − narrowest ≤ 0.3", "workshop rule"))
            : null);
  }
}
