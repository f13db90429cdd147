package app.unimetric.server.compute.carbon;

import app.unimetric.core.carbon.ClimbToHold;
import app.unimetric.core.why.Derivation;
import app.unimetric.server.compute.ComputeCall;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;

/** The torques to try where only a maximum is known. */
@ComputeCall
public final class ClimbCall {

  @Schema(name = "ClimbRequest", example = "{\"limitNm\": 6}")
  public record Request(
      @Schema(description = "lowest limit of all parts in the clamp, N·m") double limitNm,
      @Schema(description = "percent, 0 to 50; left out: 6 to 10 N·m, 4 above")
          @Nullable Double toolDeviationPercent,
      @Schema(description = "0.1 to 1; left out: 0.6") @Nullable Double startFraction) {}

  @Schema(name = "ClimbResponse", description = "N·m")
  public record Response(
      List<Double> stepsNm, List<String> reasons, @Nullable List<Derivation> derivation) {}

  @Operation(summary = "The torques to try where only a maximum is known")
  @PostMapping("/climb")
  Response climb(@RequestBody Request request, @RequestParam(defaultValue = "false") boolean why) {
    return answer(request, why);
  }

  public static Response answer(Request r, boolean why) {
    Double percent = r.toolDeviationPercent();
    List<Double> steps =
        ClimbToHold.steps(
            r.limitNm(),
            percent == null ? null : (Double) (percent / 100),
            r.startFraction() == null ? ClimbToHold.USUAL_START : r.startFraction());
    return new Response(
        steps,
        ClimbToHold.reasons(),
        why
            ? List.of(
                new Derivation(
                    "T_last",
                    steps.get(steps.size() - 1),
                    "N·m",
                    "largest step not above limit/(1 + a)",
                    "workshop rule"))
            : null);
  }
}
