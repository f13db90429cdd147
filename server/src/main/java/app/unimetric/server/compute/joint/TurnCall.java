package app.unimetric.server.compute.joint;

import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.fastener.YoungModulus;
import app.unimetric.core.joint.Compliance;
import app.unimetric.core.joint.Grip;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.thread.ScrewThread;
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

/** What a turn means in clamp load. */
@ComputeCall
public final class TurnCall {

  @Schema(
      name = "TurnRequest",
      example =
          "{\"thread\": {\"nominalDiameterMm\": 8, \"pitchMm\": 1.25}, \"grip\": {\"lengthMm\": 20, \"outerDiameterMm\": 24}, \"angleDeg\": 5}")
  public record Request(
      ThreadCall.Request thread,
      JointFields.GripFields grip,
      @Schema(description = "degrees, −3600 to 3600") double angleDeg,
      @Nullable String propertyClass,
      @Nullable Head head) {}

  @Schema(name = "TurnResponse", description = "N")
  public record Response(
      double loadChangeN, List<String> reasons, @Nullable List<Derivation> derivation) {}

  @Operation(summary = "What a turn means in clamp load")
  @PostMapping("/turn")
  Response turn(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    Problems problems = new Problems().within(r.angleDeg(), -3600, 3600, "angleDeg");
    ScrewThread thread = problems.under("thread", r.thread()::thread);
    Grip grip = problems.under("grip", r.grip()::grip);
    PropertyClass material = JointFields.material(problems, r.propertyClass());
    problems.orThrow();
    if (thread == null || grip == null) {
      throw Fields.missingAt("thread");
    }
    Head head = r.head() == null ? Head.HEX : r.head();
    Compliance c =
        Compliance.of(
            thread,
            head.face(thread),
            material == null ? YoungModulus.STEEL_MPA : material.youngMPa(),
            grip);
    double load = c.loadOfTurnN(r.angleDeg(), thread);
    return new Response(
        load,
        List.of(
            "As long as everything stays elastic, load changes in step with the turn; the longer the grip, the less a degree means."),
        why
            ? List.of(
                new Derivation("δ_S", c.boltMmPerN(), "mm/N", "bolt", Compliance.SOURCE),
                new Derivation("δ_P", c.partsMmPerN(), "mm/N", "clamped parts", Compliance.SOURCE),
                new Derivation("ΔF", load, "N", "θ·(P/360°)/(δ_S + δ_P)", Compliance.SOURCE))
            : null);
  }
}
