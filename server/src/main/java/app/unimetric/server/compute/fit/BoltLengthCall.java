package app.unimetric.server.compute.fit;

import app.unimetric.core.fastener.BoltLength;
import app.unimetric.core.fit.BoltFit;
import app.unimetric.core.fit.FitVerdict;
import app.unimetric.core.pack.FitCall;
import app.unimetric.core.problem.Problems;
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

/** Whether a bolt is long enough and clear. */
@ComputeCall
public final class BoltLengthCall implements FitAsked<BoltLengthCall.Request> {

  @Schema(name = "BlindHole", description = "mm")
  public record Blind(double depthMm, double minimumEngagementMm, @Nullable Double countersinkMm) {}

  @Schema(
      name = "BoltLengthRequest",
      example =
          "{\"gripMm\": 20, \"washersMm\": 1.6, \"nutHeightMm\": 8, \"pitchMm\": 1.25, \"lengthMm\": 35, \"insertNut\": true}")
  public record Request(
      @Schema(description = "mm") double gripMm,
      @Schema(description = "mm") double washersMm,
      @Schema(description = "mm, insert included; with a nut") @Nullable Double nutHeightMm,
      @Schema(description = "mm") double pitchMm,
      @Schema(description = "under the head, mm") double lengthMm,
      @Nullable Boolean insertNut,
      @Schema(description = "from the nut's bearing face to what is behind, mm")
          @Nullable Double clearanceBehindMm,
      @Schema(description = "to keep from it, mm") @Nullable Double marginMm,
      @Schema(description = "instead of a nut") @Nullable Blind blind,
      @Schema(description = "by how much each length may be wrong, mm; left out: 0")
          @Nullable Double measuredToMm) {}

  @Schema(name = "BoltLengthResponse", description = "mm")
  public record Response(
      @Nullable Double protrusionMm,
      @Nullable Double engagementMm,
      @Nullable Double clearanceMm,
      boolean fits,
      double shortestMm,
      double longestMm,
      @Nullable FitVerdict inShort,
      List<String> fails,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Override
  public FitCall call() {
    return FitCall.BOLT_LENGTH;
  }

  @Operation(summary = "Whether a bolt is long enough and clear")
  @PostMapping("/bolt-length")
  Response boltLength(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    BoltFit fit = judge(r);
    BoltLength b = fit.bolt();
    return new Response(
        b.protrusionMm(),
        b.engagementMm(),
        b.clearanceMm(),
        b.fits(),
        b.shortestMm(),
        b.longestMm(),
        fit.inShort(),
        fit.fails(),
        fit.reasons(),
        why ? fit.derivation() : null);
  }

  @Override
  public BoltFit judge(Request r) {
    BoltLength.Stack bolt =
        new BoltLength.Stack(r.gripMm(), r.washersMm(), r.pitchMm(), r.lengthMm());
    Blind hole = r.blind();
    Double nut = r.nutHeightMm();
    new Problems()
        .require(
            (hole == null) != (nut == null),
            "nutHeightMm",
            "Give either nutHeightMm, or blind for a hole without a nut.")
        .orThrow();
    BoltLength b =
        hole == null
            ? BoltLength.through(
                bolt,
                nut == null ? 0 : nut,
                Boolean.TRUE.equals(r.insertNut()),
                r.clearanceBehindMm(),
                r.marginMm())
            : BoltLength.blind(
                bolt,
                hole.depthMm(),
                hole.minimumEngagementMm(),
                hole.countersinkMm() == null ? 0 : hole.countersinkMm());
    return BoltFit.of(
        b,
        r.pitchMm(),
        hole == null ? null : (Double) hole.minimumEngagementMm(),
        Fields.or(r.marginMm(), 0),
        Fields.or(r.measuredToMm(), 0));
  }
}
