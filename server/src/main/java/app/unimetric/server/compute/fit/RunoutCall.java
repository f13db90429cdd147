package app.unimetric.server.compute.fit;

import app.unimetric.core.fit.FitVerdict;
import app.unimetric.core.fit.Runout;
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

/** What of a rotor leans, what is bent, how thick it is. */
@ComputeCall
public final class RunoutCall implements FitAsked<RunoutCall.Request> {

  @Schema(
      name = "RunoutRequest",
      example =
          "{\"readingsMm\": [0, 0.02, 0.05, 0.09, 0.1, 0.08, 0.05, 0.02], \"limitMm\": 0.15, \"thicknessReadingsMm\": [4.1, 4.08], \"minimumThicknessMm\": 4}")
  public record Request(
      @Schema(description = "8 or more round one turn, mm") List<Double> readingsMm,
      @Schema(description = "where each was taken, rising, deg; left out: equally spaced from 0")
          @Nullable List<Double> anglesDeg,
      @Schema(description = "most total indicated reading allowed, mm") double limitMm,
      @Schema(description = "mm; with minimumThicknessMm")
          @Nullable List<Double> thicknessReadingsMm,
      @Schema(description = "mm") @Nullable Double minimumThicknessMm,
      @Schema(description = "by how much each length may be wrong, mm; left out: 0")
          @Nullable Double measuredToMm) {}

  @Schema(
      name = "RunoutResponse",
      description =
          "mm and deg; wobble and residual peak to peak; fitted: what the wobble alone would read at each place. WORN: below its least thickness; WARPED: most of what is too much does not lean; WOBBLE: it rises once a turn")
  public record Response(
      double totalMm,
      double wobbleMm,
      double wobbleAtDeg,
      double residualMm,
      @Nullable Double thicknessVariationMm,
      List<Double> fittedMm,
      Runout.Verdict verdict,
      @Nullable FitVerdict inShort,
      List<String> fails,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Override
  public FitCall call() {
    return FitCall.RUNOUT;
  }

  @Operation(summary = "What of a rotor leans, what is bent, how thick it is")
  @PostMapping("/runout")
  Response runout(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    Runout out = judge(r);
    return new Response(
        out.totalMm(),
        out.wobbleMm(),
        out.wobbleAtDeg(),
        out.residualMm(),
        out.thicknessVariationMm(),
        out.fittedMm(),
        out.verdict(),
        out.inShort(),
        out.fails(),
        out.reasons(),
        why ? out.derivation() : null);
  }

  @Override
  public Runout judge(Request r) {
    Fields.noNulls(r.readingsMm(), "readingsMm");
    Fields.noNulls(r.anglesDeg(), "anglesDeg");
    Fields.noNulls(r.thicknessReadingsMm(), "thicknessReadingsMm");
    List<Double> thick = r.thicknessReadingsMm();
    Double least = r.minimumThicknessMm();
    new Problems()
        .require(
            (thick == null) == (least == null),
            "minimumThicknessMm",
            "goes with thicknessReadingsMm: give both or neither.")
        .orThrow();
    return Runout.of(
        r.readingsMm(),
        r.anglesDeg(),
        r.limitMm(),
        thick == null || least == null ? null : new Runout.Thickness(thick, least),
        Fields.or(r.measuredToMm(), 0));
  }
}
