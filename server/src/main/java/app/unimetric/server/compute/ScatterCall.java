package app.unimetric.server.compute;

import app.unimetric.core.fastener.Head;
import app.unimetric.core.joint.AppliedTorque;
import app.unimetric.core.joint.BoltedJoint;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.joint.Scatter;
import app.unimetric.core.why.Derivation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Clamp load by chance. */
final class ScatterCall {
  private ScatterCall() {}

  @Schema(
      name = "ScatterRequest",
      example =
          "{\"thread\": {\"nominalDiameterMm\": 8, \"pitchMm\": 1.25}, \"propertyClass\": \"8.8\", \"condition\": \"OILED\", \"head\": \"HEX\", \"torqueNm\": 22, \"engagement\": {\"lengthMm\": 12, \"material\": \"ALUMINIUM_CAST\"}, \"grip\": {\"lengthMm\": 20, \"outerDiameterMm\": 24}, \"draws\": 10000, \"seed\": 1}")
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
      @Schema(description = "N·m") @Nullable Double torqueNm,
      @Nullable Span torqueBandNm,
      @Schema(description = "percent, 0 to 50; left out: 6 to 10 N·m, 4 above")
          @Nullable Double toolDeviationPercent,
      @Schema(description = "N·m, taken off before it clamps") @Nullable Double prevailingNm,
      @Nullable EngagementFields engagement,
      @Nullable GripFields grip,
      @Nullable Interfaces interfaces,
      @Nullable ServiceLoads service,
      @Schema(description = "what the clamped surface stands, MPa")
          @Nullable Double pressureLimitMPa,
      @Schema(description = "100 to 1 000 000") int draws,
      @Schema(description = "the same seed brings the same answer") long seed)
      implements JointFields {}

  @Schema(name = "PercentilesN", description = "clamp load, N")
  record Percents(double p1, double p5, double p50, double p95, double p99) {}

  @Schema(name = "ScatterResponse", description = "chances from 0 to 1")
  record Response(
      Percents percentilesN,
      double chanceAboveYield,
      double chanceBelowFloor,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  static Response answer(Request r, boolean why) {
    BoltedJoint joint = r.joint();
    AppliedTorque torque =
        JointFields.torque(
            r.torqueNm(), r.torqueBandNm(), r.toolDeviationPercent(), r.prevailingNm());
    if (torque == null) {
      throw Fields.missingAt("torqueNm");
    }
    Scatter s = Scatter.of(joint, torque, r.draws(), r.seed());
    return new Response(
        new Percents(s.p1N(), s.p5N(), s.p50N(), s.p95N(), s.p99N()),
        s.chanceAboveYield(),
        s.chanceBelowFloor(),
        List.of(
            "Torque, thread friction and head friction are drawn by themselves from a triangle over each band; most bolts lie well inside the worst case."),
        why
            ? List.of(
                new Derivation("n", r.draws(), "1", "draws, seed " + r.seed(), Scatter.SOURCE))
            : null);
  }
}
