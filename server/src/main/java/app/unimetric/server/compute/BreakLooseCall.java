package app.unimetric.server.compute;

import app.unimetric.core.fastener.Drive;
import app.unimetric.core.joint.BreakLoose;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.why.Derivation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What it takes to undo a bolt. */
final class BreakLooseCall {
  private BreakLooseCall() {}

  @Schema(
      name = "BreakLooseRequest",
      example = "{\"tightenedNm\": 22, \"compound\": \"MEDIUM\", \"drive\": \"HEX_5\"}")
  record Request(
      ThreadCall.@Nullable Request thread,
      @Schema(description = "N·m") double tightenedNm,
      @Schema(description = "what was put on it; left out: nothing that hardens")
          @Nullable Compound compound,
      Drive drive) {}

  @Schema(name = "ExpectedNm", description = "N·m")
  record Expected(double low, double high) {}

  @Schema(name = "LeverForce", description = "N at a lever of one metre")
  record Pull(double perMetre) {}

  @Schema(name = "BreakLooseResponse")
  record Response(
      Expected expectedNm,
      @Nullable Double driveLimitNm,
      boolean heatFirst,
      Pull leverForceN,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  static Response answer(Request r, boolean why) {
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
