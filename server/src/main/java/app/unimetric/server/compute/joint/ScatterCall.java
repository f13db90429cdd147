package app.unimetric.server.compute.joint;

import app.unimetric.core.joint.AppliedTorque;
import app.unimetric.core.joint.BoltedJoint;
import app.unimetric.core.joint.Scatter;
import app.unimetric.core.why.Derivation;
import app.unimetric.server.compute.ComputeCall;
import app.unimetric.server.compute.Fields;
import app.unimetric.server.compute.Flat;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import tools.jackson.databind.annotation.JsonDeserialize;

/** Clamp load by chance. */
@ComputeCall
public final class ScatterCall {

  @Schema(
      name = "ScatterRequest",
      example =
          "{\"thread\": {\"nominalDiameterMm\": 8, \"pitchMm\": 1.25}, \"propertyClass\": \"8.8\", \"condition\": \"OILED\", \"head\": \"HEX\", \"torqueNm\": 22, \"engagement\": {\"lengthMm\": 12, \"material\": \"ALUMINIUM_CAST\"}, \"grip\": {\"lengthMm\": 20, \"outerDiameterMm\": 24}, \"draws\": 10000, \"seed\": 1}")
  @JsonDeserialize(using = Reader.class)
  public record Request(
      @JsonUnwrapped JointFields joint,
      @JsonUnwrapped TorqueFields torque,
      @JsonUnwrapped Draws draws) {}

  /** How often, and from which beginning. */
  public record Draws(
      @Schema(description = "100 to 1 000 000") int draws,
      @Schema(description = "the same seed brings the same answer") long seed) {}

  static final class Reader extends Flat<Request> {
    Reader() {
      super(Request.class);
    }
  }

  @Schema(name = "PercentilesN", description = "clamp load, N")
  public record Percents(double p1, double p5, double p50, double p95, double p99) {}

  @Schema(name = "ScatterResponse", description = "chances from 0 to 1")
  public record Response(
      Percents percentilesN,
      double chanceAboveYield,
      double chanceBelowFloor,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Operation(summary = "Clamp load by chance: percentiles, and the odds of yield and of too little")
  @PostMapping("/scatter")
  Response scatter(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    BoltedJoint joint = r.joint().joint();
    AppliedTorque torque = r.torque().torque();
    Draws draws = r.draws();
    if (torque == null) {
      throw Fields.missingAt("torqueNm");
    }
    Scatter s = Scatter.of(joint, torque, draws.draws(), draws.seed());
    return new Response(
        new Percents(s.p1N(), s.p5N(), s.p50N(), s.p95N(), s.p99N()),
        s.chanceAboveYield(),
        s.chanceBelowFloor(),
        List.of(
            "Torque, thread friction and head friction are drawn by themselves from a triangle over each band; most bolts lie well inside the worst case."),
        why
            ? List.of(
                new Derivation(
                    "n", draws.draws(), "1", "draws, seed " + draws.seed(), Scatter.SOURCE))
            : null);
  }
}
