package app.unimetric.server.compute.fit;

import app.unimetric.core.fit.FitVerdict;
import app.unimetric.core.fit.ThroughAxle;
import app.unimetric.core.pack.FitCall;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.why.Derivation;
import app.unimetric.server.compute.ComputeCall;
import app.unimetric.server.compute.Fields;
import com.fasterxml.jackson.annotation.JsonProperty;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;

/** A new axle in the place of the old one. */
@ComputeCall
public final class ThroughAxleCall implements FitAsked<ThroughAxleCall.Request> {

  @Schema(name = "ThroughAxleSize", description = "mm; length from under its head")
  public record Axle(
      double diameterMm,
      double pitchMm,
      double lengthMm,
      ThroughAxle.Head head,
      @Schema(description = "of thread that holds, mm") @Nullable Double engagementMm) {
    ThroughAxle.Axle axle() {
      return new ThroughAxle.Axle(diameterMm, pitchMm, lengthMm, head, engagementMm);
    }
  }

  @Schema(
      name = "ThroughAxleRequest",
      example =
          "{\"old\": {\"diameterMm\": 12, \"pitchMm\": 1.5, \"lengthMm\": 172, \"head\": \"FLAT\"}, \"new\": {\"diameterMm\": 12, \"pitchMm\": 1.5, \"lengthMm\": 180, \"head\": \"FLAT\", \"engagementMm\": 12}, \"spacersMm\": [5, 3]}")
  public record Request(
      Axle old,
      @JsonProperty("new") Axle fresh,
      @Schema(description = "in the box, mm") List<Double> spacersMm,
      @Schema(description = "by how much the lengths may differ, mm; left out: 2")
          @Nullable Double toleranceMm,
      @Schema(description = "by how much each length may be wrong, mm; left out: 0")
          @Nullable Double measuredToMm) {}

  @Schema(
      name = "ThroughAxleResponse",
      description = "new less old, mm; best: spacers under its head")
  public record Response(
      boolean fits,
      double differenceMm,
      @Nullable List<Double> best,
      @Nullable FitVerdict inShort,
      List<String> fails,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Override
  public FitCall call() {
    return FitCall.THROUGH_AXLE;
  }

  @Operation(summary = "Whether a new axle fits in the place of the old one")
  @PostMapping("/through-axle")
  Response axle(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    ThroughAxle a = judge(r);
    return new Response(
        a.fits(),
        a.differenceMm(),
        a.best(),
        a.inShort(),
        a.fails(),
        a.reasons(),
        why ? a.derivation() : null);
  }

  @Override
  public ThroughAxle judge(Request r) {
    Fields.noNulls(r.spacersMm(), "spacersMm");
    Problems problems = new Problems();
    ThroughAxle.Axle old = problems.under("old", r.old()::axle);
    ThroughAxle.Axle fresh = problems.under("new", r.fresh()::axle);
    problems.orThrow();
    return ThroughAxle.of(
        Objects.requireNonNull(old),
        Objects.requireNonNull(fresh),
        r.spacersMm(),
        Fields.or(r.toleranceMm(), ThroughAxle.TOLERANCE_MM),
        Fields.or(r.measuredToMm(), 0));
  }
}
