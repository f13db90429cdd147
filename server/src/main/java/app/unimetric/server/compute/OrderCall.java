package app.unimetric.server.compute;

import app.unimetric.core.sequence.FastenerPosition;
import app.unimetric.core.sequence.GapStyle;
import app.unimetric.core.sequence.Layout;
import app.unimetric.core.sequence.Pass;
import app.unimetric.core.sequence.TighteningOrder;
import app.unimetric.core.why.Derivation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The passes over the fasteners of a joint. */
final class OrderCall {
  private OrderCall() {}

  @Schema(name = "OrderRequest", example = "{\"count\": 12, \"layout\": \"CIRCLE\"}")
  record Request(
      @Schema(description = "1 to 64") int count,
      Layout layout,
      @Schema(description = "of a FACEPLATE; left out: EVEN") @Nullable GapStyle gapStyle,
      @Schema(description = "rising shares of the final torque, percent, the last one 100")
          @Nullable List<Double> passesPercent) {}

  @Schema(
      name = "OrderResponse",
      description = "fasteners numbered from 1; positions −1 to 1, y downwards")
  record Response(
      List<Pass> passes,
      List<FastenerPosition> positions,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  static Response answer(Request r, boolean why) {
    Fields.noNulls(r.passesPercent(), "passesPercent");
    return new Response(
        TighteningOrder.passes(r.count(), r.layout(), r.gapStyle(), r.passesPercent()),
        FastenerPosition.all(r.count(), r.layout()),
        TighteningOrder.reasons(r.count(), r.layout(), r.gapStyle()),
        why
            ? List.of(
                new Derivation(
                    "n",
                    r.count(),
                    "1",
                    "opposite, then the gaps halved",
                    "ASME PCC-1, the idea of it"))
            : null);
  }
}
