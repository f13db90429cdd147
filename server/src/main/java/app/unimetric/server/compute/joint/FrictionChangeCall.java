package app.unimetric.server.compute.joint;

import app.unimetric.core.fastener.BearingFace;
import app.unimetric.core.fastener.Head;
import app.unimetric.core.joint.Friction;
import app.unimetric.core.joint.FrictionChange;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Torque;
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

/** A torque carried over to another state of the threads. */
@ComputeCall
public final class FrictionChangeCall {

  @Schema(name = "FrictionNow", description = "coefficients at thread and head, 0.01 to 1")
  public record Coefficients(double thread, double head) {
    Friction friction() {
      return new Friction(thread, head);
    }
  }

  @Schema(
      name = "FrictionChangeRequest",
      example =
          "{\"thread\": {\"nominalDiameterMm\": 8, \"pitchMm\": 1.25}, \"head\": \"HEX\", \"torqueNm\": 25, \"fromCondition\": \"DRY\", \"toCondition\": \"GREASED\"}")
  public record Request(
      ThreadCall.Request thread,
      JointFields.@Nullable Bearing bearing,
      @Nullable Head head,
      @Schema(description = "N·m") double torqueNm,
      @Nullable Coefficients from,
      @Nullable FrictionCondition fromCondition,
      @Nullable Coefficients to,
      @Nullable FrictionCondition toCondition) {}

  @Schema(name = "FrictionChangeResponse", description = "N·m, N, percent")
  public record Response(
      double torqueNm,
      double preloadN,
      double overloadPercent,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Operation(summary = "A torque carried over to another state of the threads")
  @PostMapping("/friction-change")
  Response frictionChange(
      @RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    Problems problems = new Problems().positive(r.torqueNm(), Torque.MAX_NM, "torqueNm");
    ScrewThread thread = problems.under("thread", r.thread()::thread);
    Friction from = friction(problems, r.from(), r.fromCondition(), "from");
    Friction to = friction(problems, r.to(), r.toCondition(), "to");
    BearingFace face =
        thread == null ? null : JointFields.face(problems, thread, r.head(), r.bearing());
    problems.orThrow();
    if (thread == null || face == null || from == null || to == null) {
      throw Fields.missingAt("from");
    }
    FrictionChange c = FrictionChange.of(thread, face, r.torqueNm(), from, to);
    return new Response(
        c.torqueNm(), c.preloadN(), c.overloadPercent(), c.reasons(), why ? c.derivation() : null);
  }

  private static @Nullable Friction friction(
      Problems problems,
      @Nullable Coefficients given,
      @Nullable FrictionCondition condition,
      String field) {
    problems.require(
        (given == null) != (condition == null),
        field,
        "Give either " + field + " or " + field + "Condition.");
    if (condition != null) {
      return condition.nominal();
    }
    return given == null ? null : problems.under(field, given::friction);
  }
}
