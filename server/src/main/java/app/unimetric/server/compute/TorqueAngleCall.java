package app.unimetric.server.compute;

import app.unimetric.core.fastener.Head;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.joint.TorqueAngle;
import app.unimetric.core.why.Derivation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Snug, then an angle. */
final class TorqueAngleCall {
  private TorqueAngleCall() {}

  @Schema(
      name = "TorqueAngleRequest",
      example =
          "{\"thread\": {\"nominalDiameterMm\": 8, \"pitchMm\": 1.25}, \"propertyClass\": \"8.8\", \"condition\": \"OILED\", \"head\": \"HEX\", \"engagement\": {\"lengthMm\": 12, \"material\": \"ALUMINIUM_CAST\"}, \"grip\": {\"lengthMm\": 20, \"outerDiameterMm\": 24}, \"snugNm\": 10, \"angleDeg\": 60}")
  record Request(
      ThreadCall.Request thread,
      @Schema(description = "mark on the head, such as 8.8; or yieldMPa and ultimateMPa")
          @Nullable String propertyClass,
      @Schema(description = "R_p0.2, MPa") @Nullable Double yieldMPa,
      @Schema(description = "R_m, MPa") @Nullable Double ultimateMPa,
      @Nullable FrictionPair friction,
      @Schema(description = "instead of friction; left out: not known")
          @Nullable FrictionCondition condition,
      @Nullable Bearing bearing,
      @Schema(description = "instead of bearing; left out: HEX") @Nullable Head head,
      @Schema(description = "share of yield, above 0 to 1; left out: 0.9")
          @Nullable Double utilisation,
      @Nullable EngagementFields engagement,
      @Nullable GripFields grip,
      @Nullable Interfaces interfaces,
      @Nullable ServiceLoads service,
      @Schema(description = "what the clamped surface stands, MPa")
          @Nullable Double pressureLimitMPa,
      @Schema(description = "N·m") double snugNm,
      @Schema(description = "further turn, degrees, 0 to 3600") double angleDeg)
      implements JointFields {}

  @Schema(
      name = "TorqueAngleResponse",
      description = "N, N·m; past yield the load at which it yields, and no torque")
  record Response(
      double preloadN,
      @Nullable Double torqueNm,
      double utilisation,
      boolean yields,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  static Response answer(Request r, boolean why) {
    return answer(TorqueAngle.of(r.joint(), r.snugNm(), r.angleDeg()), why);
  }

  static Response answer(TorqueAngle a, boolean why) {
    return new Response(
        a.preloadN(),
        a.torqueNm(),
        a.utilisation(),
        a.yields(),
        a.reasons(),
        why ? a.derivation() : null);
  }
}
