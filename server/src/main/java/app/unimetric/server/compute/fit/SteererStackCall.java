package app.unimetric.server.compute.fit;

import app.unimetric.core.fit.FitVerdict;
import app.unimetric.core.fit.SpacerChoice;
import app.unimetric.core.fit.SteererStack;
import app.unimetric.core.pack.FitCall;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.why.Derivation;
import app.unimetric.server.compute.ComputeCall;
import app.unimetric.server.compute.Fields;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;

/** Spacers and stem on a steerer. */
@ComputeCall
public final class SteererStackCall implements FitAsked<SteererStackCall.Request> {

  @Schema(name = "GapTarget", description = "mm; 2, 3 and 4 where the part says nothing else")
  public record Target(double min, double aim, double max) {
    SteererStack.Target target() {
      return new SteererStack.Target(min, aim, max);
    }
  }

  @Schema(name = "SteererExpander", description = "how far below the steerer's end, mm")
  public record Expander(double fromMm, double toMm) {
    SteererStack.Expander expander() {
      return new SteererStack.Expander(fromMm, toMm);
    }
  }

  @Schema(
      name = "SteererStackRequest",
      example =
          "{\"steererMm\": 55, \"stemHeightMm\": 40, \"spacersBelowMm\": [10], \"spacersAboveMm\": [5], \"takeUpMm\": 0.2, \"stockMm\": [3, 2, 1, 5]}")
  public record Request(
      @Schema(description = "from the headset cover to its end, mm") double steererMm,
      @Schema(description = "mm") double stemHeightMm,
      @Schema(description = "mm") List<Double> spacersBelowMm,
      @Schema(description = "mm") List<Double> spacersAboveMm,
      @Schema(description = "by how much the stack shortens under preload, mm") double takeUpMm,
      @Nullable Target target,
      @Schema(description = "spacers in the box besides those fitted, mm")
          @Nullable List<Double> stockMm,
      @Schema(
              description =
                  "most spacers below the stem, mm; 30 on carbon where its maker says nothing")
          @Nullable Double maxBelowMm,
      @Schema(description = "of the stem, mm") @Nullable Double upperBoltBelowTopMm,
      @Nullable Expander expander,
      @Schema(
              description =
                  "whether the steerer is of carbon; left out: not known, and then more than 30 mm below is not called good")
          @Nullable Boolean carbon,
      @Schema(description = "by how much each length may be wrong, mm; left out: 0")
          @Nullable Double measuredToMm) {}

  @Schema(name = "SpacerSet", description = "mm, the tallest first")
  public record Best(List<Double> below, List<Double> above, double gapMm) {}

  @Schema(
      name = "SteererStackResponse",
      description =
          "gap under preload, mm, negative where the steerer stands out; best of what is fitted and in stock; fits as measured, verdict with what it may be wrong by")
  public record Response(
      double gapMm,
      boolean fits,
      FitVerdict verdict,
      @Nullable Best best,
      @Nullable FitVerdict inShort,
      List<String> fails,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Override
  public FitCall call() {
    return FitCall.STEERER_STACK;
  }

  @Operation(summary = "Whether a stack of spacers and stem stands right above its steerer")
  @PostMapping("/steerer-stack")
  Response stack(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    SteererStack s = judge(r);
    SpacerChoice.Set best = s.best();
    return new Response(
        s.gapMm(),
        s.fits(),
        s.verdict(),
        best == null ? null : new Best(best.below(), best.above(), best.gapMm()),
        s.inShort(),
        s.fails(),
        s.reasons(),
        why ? s.derivation() : null);
  }

  @Override
  public SteererStack judge(Request r) {
    Fields.noNulls(r.spacersBelowMm(), "spacersBelowMm");
    Fields.noNulls(r.spacersAboveMm(), "spacersAboveMm");
    Fields.noNulls(r.stockMm(), "stockMm");
    Target aimed = r.target();
    Expander held = r.expander();
    Problems problems = new Problems();
    SteererStack.Parts parts =
        problems.under(
            "",
            () ->
                new SteererStack.Parts(
                    r.steererMm(),
                    r.stemHeightMm(),
                    r.spacersBelowMm(),
                    r.spacersAboveMm(),
                    r.takeUpMm()));
    SteererStack.Target target =
        aimed == null ? SteererStack.Target.USUAL : problems.under("", aimed::target);
    SteererStack.Expander expander = held == null ? null : problems.under("", held::expander);
    problems.orThrow();
    return SteererStack.of(
        Objects.requireNonNull(parts),
        new SteererStack.Limits(
            Objects.requireNonNull(target),
            SteererStack.Limits.mostBelowMm(r.maxBelowMm(), Boolean.TRUE.equals(r.carbon())),
            r.upperBoltBelowTopMm(),
            expander,
            r.carbon() != null),
        r.stockMm(),
        Fields.or(r.measuredToMm(), 0));
  }
}
