package app.unimetric.server.compute.fit;

import app.unimetric.core.fit.FitVerdict;
import app.unimetric.core.fit.MassChange;
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

/** What changing a part does to the mass of a machine. */
@ComputeCall
public final class MassCall implements FitAsked<MassCall.Request> {

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
      @Nullable FitVerdict inShort,
      List<String> fails,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Override
  public FitCall call() {
    return FitCall.MASS;
  }

  @Operation(summary = "What changing a part does to the mass of a machine")
  @PostMapping("/mass")
  Response mass(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    MassChange change = judge(r);
    Flywheel weight = r.flywheel();
    return new Response(
        change.changeG(),
        change.equivalentChangeG(),
        weight == null ? null : gears(weight),
        change.inShort(),
        change.fails(),
        change.reasons(),
        why ? change.derivation() : null);
  }

  private static List<Double> gears(Flywheel weight) {
    return MassChange.ofFlywheel(
        weight.massG(), weight.gyrationMm(), weight.wheelRadiusMm(), weight.ratios());
  }

  @Override
  public MassChange judge(Request r) {
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
      return new MassChange(weight.massG(), gears(weight).get(0));
    }
    return MassChange.of(
        Fields.or(removed, 0), Fields.or(fitted, 0), Fields.or(r.radiusOfGyrationRatio(), 0));
  }
}
