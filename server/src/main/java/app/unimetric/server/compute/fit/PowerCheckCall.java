package app.unimetric.server.compute.fit;

import app.unimetric.core.fit.PowerCheck;
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
public final class PowerCheckCall {

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
      List<Reading> readings) {}

  @Schema(
      name = "PowerCheckResponse",
      description = "N·m; error of each reading in the order given")
  public record Response(
      double expectedNm,
      List<Double> errorPercent,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Operation(summary = "A power meter against a known mass")
  @PostMapping("/power-check")
  Response check(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    Fields.noNulls(r.readings(), "readings");
    Double angle = r.angleDeg();
    PowerCheck check =
        PowerCheck.of(
            r.massG(),
            r.crankMm(),
            angle == null ? 0 : angle,
            r.readings().stream().map(Reading::readingNm).toList());
    return new Response(
        check.expectedNm(),
        check.errorPercent(),
        List.of(check.words()),
        why ? List.of(check.derivation()) : null);
  }
}
