package app.unimetric.server.compute.fit;

import app.unimetric.core.fit.FitVerdict;
import app.unimetric.core.fit.PowerCheck;
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

/** A power meter against a known mass. */
@ComputeCall
public final class PowerCheckCall implements FitAsked<PowerCheckCall.Request> {

  @Schema(name = "PowerReading", description = "N·m, without its sign")
  public record Reading(@Schema(description = "such as LEFT") String side, double readingNm) {}

  @Schema(
      name = "PowerCheckRequest",
      example =
          "{\"massG\": 10000, \"crankMm\": 170, \"readings\": [{\"side\": \"LEFT\", \"readingNm\": 16.5}]}")
  public record Request(
      @Schema(description = "hung from the pedal, g") double massG,
      @Schema(description = "mm") double crankMm,
      @Schema(description = "of the crank from level, deg; left out: 0") @Nullable Double angleDeg,
      List<Reading> readings,
      @Schema(description = "by how much a reading may be off, %; left out: not judged")
          @Nullable Double withinPercent) {}

  @Schema(
      name = "PowerCheckResponse",
      description = "N·m; error of each reading in the order given")
  public record Response(
      double expectedNm,
      List<Double> errorPercent,
      @Nullable FitVerdict inShort,
      List<String> fails,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Override
  public FitCall call() {
    return FitCall.POWER_CHECK;
  }

  @Operation(summary = "A power meter against a known mass")
  @PostMapping("/power-check")
  Response check(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    PowerCheck check = judge(r);
    return new Response(
        check.expectedNm(),
        check.errorPercent(),
        check.inShort(),
        check.fails(),
        check.reasons(),
        why ? check.derivation() : null);
  }

  @Override
  public PowerCheck judge(Request r) {
    Fields.noNulls(r.readings(), "readings");
    return PowerCheck.of(
        r.massG(),
        r.crankMm(),
        Fields.or(r.angleDeg(), 0),
        r.readings().stream().map(Reading::readingNm).toList(),
        r.withinPercent());
  }
}
