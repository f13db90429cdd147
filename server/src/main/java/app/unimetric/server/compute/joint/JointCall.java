package app.unimetric.server.compute.joint;

import app.unimetric.core.joint.AssemblyPreload;
import app.unimetric.core.joint.ClampLimits;
import app.unimetric.core.joint.ClampLoad;
import app.unimetric.core.joint.Engagement;
import app.unimetric.core.joint.JointCheck;
import app.unimetric.core.joint.Stripping;
import app.unimetric.core.why.Derivation;
import app.unimetric.server.compute.ComputeCall;
import app.unimetric.server.compute.Flat;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import tools.jackson.databind.annotation.JsonDeserialize;

/** One bolted joint: clamp load, what breaks first, floor and ceiling. */
@ComputeCall
public final class JointCall {

  @Schema(
      name = "JointRequest",
      example =
          "{\"thread\": {\"nominalDiameterMm\": 8, \"pitchMm\": 1.25}, \"propertyClass\": \"8.8\", \"condition\": \"OILED\", \"head\": \"HEX\", \"torqueNm\": 22, \"engagement\": {\"lengthMm\": 12, \"material\": \"ALUMINIUM_CAST\"}, \"grip\": {\"lengthMm\": 20, \"outerDiameterMm\": 24}}")
  @JsonDeserialize(using = Reader.class)
  public record Request(@JsonUnwrapped JointFields joint, @JsonUnwrapped TorqueFields torque) {}

  static final class Reader extends Flat<Request> {
    Reader() {
      super(Request.class);
    }
  }

  @Schema(name = "ClampLoadN", description = "N")
  public record Load(double min, double nominal, double max) {}

  @Schema(name = "YieldPoint", description = "where the bolt begins to yield: N·m and N")
  public record Point(
      double torqueNm,
      double preloadN,
      @Schema(description = "what the tool reads there, with what prevails, N·m")
          double readingNm) {
    static Point of(AssemblyPreload at, JointCheck check) {
      return new Point(at.torqueNm(), at.preloadN(), check.readingAtNm(at));
    }
  }

  @Schema(name = "YieldPoints", description = "at the least, nominal and greatest friction")
  public record Points(Point min, Point nominal, Point max) {}

  @Schema(name = "JointResponse", description = "loads N, torques N·m, lengths mm")
  public record Response(
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
      @Schema(description = "the same in words") @Nullable String failsFirstWords,
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
      @Schema(description = "from here on the torque clamps, N·m") double clampsFromNm,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Operation(summary = "Clamp load, what breaks first, floor and ceiling of one bolted joint")
  @PostMapping("/joint")
  Response joint(@RequestBody Request request, @RequestParam(defaultValue = "false") boolean why) {
    return answer(request, why);
  }

  public static Response answer(Request r, boolean why) {
    return answer(r, JointCheck.of(r.joint().joint(), r.torque().torque()), why);
  }

  /** The answer for a joint checked already. */
  public static Response answer(Request r, JointCheck c, boolean why) {
    ClampLoad load = c.load();
    Stripping s = c.stripping();
    List<String> reasons = new ArrayList<>(c.reasons());
    r.joint().galling().ifPresent(reasons::add);
    if (r.joint().carriesNoPromise()) {
      reasons.add(Engagement.NO_PROMISE);
    }
    return new Response(
        c.assembly().preloadN(),
        c.assembly().torqueNm(),
        load == null ? null : new Load(load.minN(), load.nominalN(), load.maxN()),
        c.utilisation(),
        c.pastYield(),
        c.tighteningFactor(),
        s == null ? null : (Double) s.boltBreakN(),
        s == null ? null : (Double) s.boltStripN(),
        s == null ? null : (Double) s.threadStripN(),
        s == null ? null : s.failsFirst(),
        s == null ? null : s.failsFirst().words(),
        c.failsAtNm(),
        s == null ? null : (Double) s.boltFirstMm(),
        c.limits().ceilingN(),
        c.ceilingNm(),
        c.limits().ceilingBy(),
        c.limits().floorN(),
        c.floorNm(),
        c.limits().floorBy(),
        c.embeddingLossN(),
        c.expectedAngleDeg(),
        new Points(
            Point.of(c.yieldPoints().min(), c),
            Point.of(c.yieldPoints().nominal(), c),
            Point.of(c.yieldPoints().max(), c)),
        c.prevailingNm(),
        reasons,
        why ? c.derivation() : null);
  }
}
