package app.unimetric.server.compute.fit;

import app.unimetric.core.fit.FitVerdict;
import app.unimetric.core.fit.FitWindow;
import app.unimetric.core.fit.PressFit;
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

/** A cup against its bore. */
@ComputeCall
public final class PressFitCall implements FitAsked<PressFitCall.Request> {

  @Schema(name = "InterferenceBand", description = "by how much the cup is to be larger, mm")
  public record Band(double min, double max) {
    FitWindow window() {
      return new FitWindow(min, max);
    }
  }

  @Schema(
      name = "PressFitRequest",
      example =
          "{\"boreReadingsMm\": [40.92, 40.95, 40.94], \"cupMm\": 41, \"bandMm\": {\"min\": 0.02, \"max\": 0.1}}")
  public record Request(
      @Schema(description = "diameters at 2 or more angles, mm") List<Double> boreReadingsMm,
      @Schema(description = "mm") double cupMm,
      @Schema(description = "as the maker states it; left out: anything that holds")
          @Nullable Band bandMm,
      @Schema(description = "by how much a reading may be wrong, mm; left out: 0")
          @Nullable Double measuredToMm) {}

  @Schema(name = "Interference", description = "cup less bore, mm")
  public record Interference(double min, double mean, double max) {}

  @Schema(name = "PressFitResponse", description = "mm")
  public record Response(
      Interference interferenceMm,
      double outOfRoundMm,
      PressFit.Verdict verdict,
      @Nullable FitVerdict inShort,
      List<String> fails,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Override
  public FitCall call() {
    return FitCall.PRESS_FIT;
  }

  @Operation(summary = "A cup against its bore")
  @PostMapping("/press-fit")
  Response pressFit(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    PressFit fit = judge(r);
    return new Response(
        new Interference(fit.minMm(), fit.meanMm(), fit.maxMm()),
        fit.outOfRoundMm(),
        fit.verdict(),
        fit.inShort(),
        fit.fails(),
        fit.reasons(),
        why ? fit.derivation() : null);
  }

  @Override
  public PressFit judge(Request r) {
    Fields.noNulls(r.boreReadingsMm(), "boreReadingsMm");
    Problems problems = new Problems();
    Band stated = r.bandMm();
    FitWindow band = stated == null ? null : problems.under("bandMm", stated::window);
    problems.orThrow();
    return PressFit.of(r.boreReadingsMm(), r.cupMm(), band, Fields.or(r.measuredToMm(), 0));
  }
}
