package app.unimetric.server.compute.group;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.sequence.FastenerPosition;
import app.unimetric.core.sequence.FreeOrder;
import app.unimetric.core.sequence.GapStyle;
import app.unimetric.core.sequence.Layout;
import app.unimetric.core.sequence.Pass;
import app.unimetric.core.sequence.TighteningOrder;
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

/** The passes over the fasteners of a joint. */
@ComputeCall
public final class OrderCall {

  @Schema(name = "OrderRequest", example = "{\"count\": 12, \"layout\": \"CIRCLE\"}")
  public record Request(
      @Schema(description = "1 to 64") int count,
      @Schema(description = "or positions") @Nullable Layout layout,
      @Schema(description = "of a FACEPLATE; left out: EVEN") @Nullable GapStyle gapStyle,
      @Schema(description = "rising shares of the final torque, percent, the last one 100")
          @Nullable List<Double> passesPercent,
      @Schema(description = "where they sit, y downwards, instead of a layout; as many as count")
          @Nullable List<FreeOrder.Place> positions) {}

  @Schema(
      name = "OrderResponse",
      description = "fasteners numbered from 1; positions −1 to 1, y downwards")
  public record Response(
      List<Pass> passes,
      List<FastenerPosition> positions,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Operation(summary = "Passes and order over the fasteners of a joint")
  @PostMapping("/order")
  Response order(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    Fields.noNulls(r.passesPercent(), "passesPercent");
    Fields.noNulls(r.positions(), "positions");
    Layout layout = r.layout();
    List<FreeOrder.Place> places = r.positions();
    if (places != null) {
      return anywhere(r, places, why);
    }
    if (layout == null) {
      throw Fields.missingAt("layout");
    }
    return new Response(
        TighteningOrder.passes(r.count(), layout, r.gapStyle(), r.passesPercent()),
        FastenerPosition.all(r.count(), layout),
        TighteningOrder.reasons(r.count(), layout, r.gapStyle()),
        why ? derivation(r, "opposite, then the gaps halved") : null);
  }

  private static Response anywhere(Request r, List<FreeOrder.Place> places, boolean why) {
    new Problems()
        .require(
            r.layout() == null && r.gapStyle() == null,
            "positions",
            "Give either positions or a layout with its gap style, not both.")
        .require(r.count() == places.size(), "count", "must be the number of positions.")
        .orThrow();
    return new Response(
        TighteningOrder.passes(places, r.passesPercent()),
        FastenerPosition.fitted(places),
        FreeOrder.reasons(),
        why ? derivation(r, "inner before outer, each ring crosswise") : null);
  }

  private static List<Derivation> derivation(Request r, String formula) {
    return List.of(new Derivation("n", r.count(), "1", formula, "ASME PCC-1, the idea of it"));
  }
}
