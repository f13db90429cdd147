package app.unimetric.server.compute;

import app.unimetric.core.fastener.Head;
import app.unimetric.core.joint.AppliedTorque;
import app.unimetric.core.joint.AssemblyPreload;
import app.unimetric.core.joint.BoltedJoint;
import app.unimetric.core.joint.ClampLimits;
import app.unimetric.core.joint.ClampLoad;
import app.unimetric.core.joint.Engagement;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.joint.JointCheck;
import app.unimetric.core.joint.Stripping;
import app.unimetric.core.why.Derivation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One bolted joint: clamp load, what breaks first, floor and ceiling. */
final class JointCall {
  private JointCall() {}

  @Schema(
      name = "JointRequest",
      example =
          "{\"thread\": {\"nominalDiameterMm\": 8, \"pitchMm\": 1.25}, \"propertyClass\": \"8.8\", \"condition\": \"OILED\", \"head\": \"HEX\", \"torqueNm\": 22, \"engagement\": {\"lengthMm\": 12, \"material\": \"ALUMINIUM_CAST\"}, \"grip\": {\"lengthMm\": 20, \"outerDiameterMm\": 24}}")
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
          @Nullable Double pressureLimitMPa)
      implements JointFields {}

  @Schema(name = "ClampLoadN", description = "N")
  record Load(double min, double nominal, double max) {}

  @Schema(name = "YieldPoint", description = "where the bolt begins to yield: N·m and N")
  record Point(double torqueNm, double preloadN) {
    static Point of(AssemblyPreload at) {
      return new Point(at.torqueNm(), at.preloadN());
    }
  }

  @Schema(name = "YieldPoints", description = "at the least, nominal and greatest friction")
  record Points(Point min, Point nominal, Point max) {}

  @Schema(name = "JointResponse", description = "loads N, torques N·m, lengths mm")
  record Response(
      double assemblyPreloadN,
      double assemblyTorqueNm,
      @Nullable Load preloadN,
      @Nullable Double utilisation,
      @Schema(description = "so that the clamp load told is never reached") boolean pastYield,
      @Nullable Double tighteningFactor,
      @Nullable Double boltBreakN,
      @Nullable Double boltStripLoadN,
      @Nullable Double threadStripLoadN,
      Stripping.@Nullable Weakest failsFirst,
      @Nullable Double failsAtNm,
      @Nullable Double engagementForBoltFirstMm,
      double ceilingN,
      double ceilingNm,
      ClampLimits.CeilingBy ceilingBy,
      @Nullable Double floorN,
      @Nullable Double floorNm,
      ClampLimits.@Nullable FloorBy floorBy,
      @Nullable Double embeddingLossN,
      @Nullable Double expectedAngleDeg,
      Points yieldPoints,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  static Response answer(Request r, boolean why) {
    BoltedJoint joint = r.joint();
    AppliedTorque torque =
        JointFields.torque(
            r.torqueNm(), r.torqueBandNm(), r.toolDeviationPercent(), r.prevailingNm());
    JointCheck c = JointCheck.of(joint, torque);
    double metres = joint.leverMm(joint.friction().nominal()) / 1000;
    ClampLoad load = c.load();
    Stripping s = c.stripping();
    Double floor = c.limits().floorN();
    List<String> reasons = new ArrayList<>(c.reasons());
    if (r.engagement() != null && r.engagement().carriesNoPromise()) {
      reasons.add(Engagement.NO_PROMISE);
    }
    boolean certain = load != null && load.minN() > 0;
    return new Response(
        c.assembly().preloadN(),
        c.assembly().torqueNm(),
        load == null ? null : new Load(load.minN(), load.nominalN(), load.maxN()),
        c.utilisation(),
        c.pastYield(),
        certain && load != null ? (Double) load.tighteningFactor() : null,
        s == null ? null : (Double) s.boltBreakN(),
        s == null ? null : (Double) s.boltStripN(),
        s == null ? null : (Double) s.threadStripN(),
        s == null ? null : s.failsFirst(),
        s == null ? null : (Double) (s.failsAtN() * metres),
        s == null ? null : (Double) s.boltFirstMm(),
        c.limits().ceilingN(),
        c.limits().ceilingN() * metres,
        c.limits().ceilingBy(),
        floor,
        floor == null ? null : (Double) (floor * metres),
        c.limits().floorBy(),
        c.embeddingLossN(),
        c.expectedAngleDeg(),
        new Points(
            Point.of(c.yieldPoints().min()),
            Point.of(c.yieldPoints().nominal()),
            Point.of(c.yieldPoints().max())),
        reasons,
        why ? c.derivation() : null);
  }
}
