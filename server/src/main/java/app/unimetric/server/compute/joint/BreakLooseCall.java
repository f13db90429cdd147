package app.unimetric.server.compute.joint;

import app.unimetric.core.fastener.Drive;
import app.unimetric.core.joint.BreakLoose;
import app.unimetric.core.surface.Compound;
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

/** What it takes to undo a bolt. */
@ComputeCall
public final class BreakLooseCall {

  @Schema(
      name = "BreakLooseRequest",
      example = "{\"tightenedNm\": 22, \"compound\": \"MEDIUM\", \"drive\": \"HEX_5\"}")
  public record Request(
      ThreadCall.@Nullable Request thread,
      @Schema(description = "N·m") double tightenedNm,
      @Schema(description = "what was put on it; left out: nothing that hardens")
          @Nullable Compound compound,
      Drive drive) {}

  @Schema(name = "ExpectedNm", description = "N·m")
  public record Expected(double low, double high) {}

  @Schema(name = "LeverForce", description = "N at a lever of one metre")
  public record Pull(double perMetre) {}

  @Schema(name = "BreakLooseResponse")
  public record Response(
      Expected expectedNm,
      @Nullable Double driveLimitNm,
      boolean heatFirst,
      Pull leverForceN,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Operation(summary = "What it takes to undo a bolt, and whether its drive stands it")
  @PostMapping("/break-loose")
  Response breakLoose(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    ThreadCall.Request thread = r.thread();
    if (thread != null) {
      Fields.under("thread", thread::thread);
    }
    Compound compound = r.compound();
    BreakLoose b =
        BreakLoose.of(r.tightenedNm(), compound != null && compound.isAnaerobic(), r.drive());
    return new Response(
        new Expected(b.lowNm(), b.highNm()),
        b.driveLimitNm(),
        b.heatFirst(),
        new Pull(b.forceAtOneMetreN()),
        b.reasons(),
        why ? b.derivation() : null);
  }
}
