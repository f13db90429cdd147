package app.unimetric.server.compute.fit;

import app.unimetric.core.fit.FitVerdict;
import app.unimetric.core.fit.Spindle;
import app.unimetric.core.fit.SpindleChoice;
import app.unimetric.core.pack.FitCall;
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

/** A crank spindle through its bearings. */
@ComputeCall
public final class SpindleCall implements FitAsked<SpindleCall.Request> {

  @Schema(
      name = "SpindleRequest",
      example =
          "{\"shellMm\": 73, \"cupFlangesMm\": [10, 10], \"spacersMm\": [2.5], \"spindleUsableMm\": 96.5, \"adjusterTravelMm\": 2}")
  public record Request(
      @Schema(description = "mm") double shellMm,
      @Schema(description = "what stands out of the shell, one of each side, mm")
          List<Double> cupFlangesMm,
      @Schema(description = "mm") List<Double> spacersMm,
      @Schema(description = "from shoulder to shoulder, mm") double spindleUsableMm,
      @Schema(description = "mm") double adjusterTravelMm,
      @Schema(description = "travel a turn, mm") @Nullable Double adjusterPitchMm,
      @Schema(description = "of the chainring to the stay, mm") @Nullable Double ringClearanceMm,
      @Schema(description = "of the arm to cup or stay, mm") @Nullable Double armClearanceMm,
      @Schema(description = "spacers in the box besides those fitted, mm")
          @Nullable List<Double> stockMm,
      @Schema(description = "by how much each length may be wrong, mm; left out: 0")
          @Nullable Double measuredToMm) {}

  @Schema(name = "SpindleSpacers", description = "mm, the widest first")
  public record Best(List<Double> left, List<Double> right, double exposureMm) {}

  @Schema(
      name = "SpindleResponse",
      description = "mm; fits as measured, verdict with what it may be wrong by")
  public record Response(
      double bearingWidthMm,
      double exposureMm,
      boolean fits,
      FitVerdict verdict,
      @Nullable Double collarTurns,
      @Nullable Best best,
      @Nullable FitVerdict inShort,
      List<String> fails,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Override
  public FitCall call() {
    return FitCall.SPINDLE;
  }

  @Operation(summary = "Whether a spindle leaves its adjuster what it can take up")
  @PostMapping("/spindle")
  Response spindle(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    Spindle s = judge(r);
    SpindleChoice.Set best = s.best();
    return new Response(
        s.bearingWidthMm(),
        s.exposureMm(),
        s.fits(),
        s.verdict(),
        s.collarTurns(),
        best == null ? null : new Best(best.left(), best.right(), best.exposureMm()),
        s.inShort(),
        s.fails(),
        s.reasons(),
        why ? s.derivation() : null);
  }

  @Override
  public Spindle judge(Request r) {
    Fields.noNulls(r.cupFlangesMm(), "cupFlangesMm");
    Fields.noNulls(r.stockMm(), "stockMm");
    Fields.noNulls(r.spacersMm(), "spacersMm");
    return Spindle.of(
        new Spindle.Between(r.shellMm(), r.cupFlangesMm(), r.spacersMm()),
        r.spindleUsableMm(),
        new Spindle.Adjuster(r.adjusterTravelMm(), r.adjusterPitchMm()),
        new Spindle.Clearances(r.ringClearanceMm(), r.armClearanceMm()),
        r.stockMm(),
        Fields.or(r.measuredToMm(), 0));
  }
}
