package app.unimetric.server.compute.joint;

import app.unimetric.core.joint.TorqueAngle;
import app.unimetric.core.why.Derivation;
import app.unimetric.server.compute.ComputeCall;
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

/** Snug, then an angle. */
@ComputeCall
public final class TorqueAngleCall {

  @Schema(
      name = "TorqueAngleRequest",
      example =
          "{\"thread\": {\"nominalDiameterMm\": 8, \"pitchMm\": 1.25}, \"propertyClass\": \"8.8\", \"condition\": \"OILED\", \"head\": \"HEX\", \"engagement\": {\"lengthMm\": 12, \"material\": \"ALUMINIUM_CAST\"}, \"grip\": {\"lengthMm\": 20, \"outerDiameterMm\": 24}, \"snugNm\": 10, \"angleDeg\": 60}")
  @JsonDeserialize(using = Reader.class)
  public record Request(@JsonUnwrapped JointFields joint, @JsonUnwrapped SnugThenAngle turn) {}

  /** Snug to a torque, then a turn. */
  public record SnugThenAngle(
      @Schema(description = "N·m") double snugNm,
      @Schema(description = "further turn, degrees, 0 to 3600") double angleDeg) {}

  static final class Reader extends Flat<Request> {
    Reader() {
      super(Request.class);
    }
  }

  @Schema(
      name = "TorqueAngleResponse",
      description = "N, N·m; past yield the load at which it yields, and no torque")
  public record Response(
      double preloadN,
      @Nullable Double torqueNm,
      double utilisation,
      boolean yields,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Operation(summary = "Snug, then an angle: clamp load and torque")
  @PostMapping("/torque-angle")
  Response torqueAngle(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    return answer(TorqueAngle.of(r.joint().joint(), r.turn().snugNm(), r.turn().angleDeg()), why);
  }

  public static Response answer(TorqueAngle a, boolean why) {
    return new Response(
        a.preloadN(),
        a.torqueNm(),
        a.utilisation(),
        a.yields(),
        a.reasons(),
        why ? a.derivation() : null);
  }
}
