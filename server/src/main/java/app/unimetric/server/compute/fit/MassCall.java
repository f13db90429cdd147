package app.unimetric.server.compute.fit;

import app.unimetric.core.fit.MassChange;
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

/** What changing a part does to the mass of a machine. */
@ComputeCall
public final class MassCall {

  @Schema(name = "FlywheelWeight", description = "g, mm; turns of the engine for one of the wheel")
  public record Flywheel(
      double massG, double gyrationMm, double wheelRadiusMm, List<Double> ratios) {}

  @Schema(
      name = "MassRequest",
      example = "{\"removedG\": 300, \"fittedG\": 250, \"radiusOfGyrationRatio\": 0.9}")
  public record Request(
      @Schema(description = "g; with fittedG") @Nullable Double removedG,
      @Schema(description = "g") @Nullable Double fittedG,
      @Schema(
              description =
                  "radius of gyration to the radius of the wheel; left out: it does not turn")
          @Nullable Double radiusOfGyrationRatio,
      @Schema(description = "instead of the others") @Nullable Flywheel flywheel) {}

  @Schema(
      name = "MassResponse",
      description = "g; of a flywheel weight the equivalent is that of the first gear given")
  public record Response(
      double changeG,
      double equivalentChangeG,
      @Nullable List<Double> equivalentByGearG,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Operation(summary = "What changing a part does to the mass of a machine")
  @PostMapping("/mass")
  Response mass(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    Flywheel weight = r.flywheel();
    Double removed = r.removedG();
    Double fitted = r.fittedG();
    new Problems()
        .require(
            weight == null
                ? removed != null && fitted != null
                : removed == null && fitted == null && r.radiusOfGyrationRatio() == null,
            weight == null ? "fittedG" : "flywheel",
            "Give either removedG and fittedG, or flywheel.")
        .orThrow();
    if (weight != null) {
      Fields.noNulls(weight.ratios(), "flywheel.ratios");
      List<Double> gears =
          MassChange.ofFlywheel(
              weight.massG(), weight.gyrationMm(), weight.wheelRadiusMm(), weight.ratios());
      MassChange first = new MassChange(weight.massG(), gears.get(0));
      return response(first, gears, why);
    }
    Double ratio = r.radiusOfGyrationRatio();
    return response(
        MassChange.of(
            removed == null ? 0 : removed, fitted == null ? 0 : fitted, ratio == null ? 0 : ratio),
        null,
        why);
  }

  private static Response response(MassChange change, @Nullable List<Double> gears, boolean why) {
    return new Response(
        change.changeG(),
        change.equivalentChangeG(),
        gears,
        List.of(change.words()),
        why ? change.derivation() : null);
  }
}
