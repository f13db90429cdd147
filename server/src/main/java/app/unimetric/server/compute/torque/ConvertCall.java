package app.unimetric.server.compute.torque;

import app.unimetric.core.quantity.Torque;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.why.Derivation;
import app.unimetric.server.compute.ComputeCall;
import app.unimetric.server.compute.Fields;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;

/** A torque from one unit into all. */
@ComputeCall
public final class ConvertCall {

  @Schema(name = "ConvertRequest", example = "{\"value\": 12, \"unit\": \"[ft_i].[lbf_av]\"}")
  public record Request(
      @Schema(description = "torque, 0 to 10 000 N·m") double value, TorqueUnit unit) {}

  @Schema(name = "ConvertResponse")
  public record Response(
      double torqueNm,
      Map<String, Double> in,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Operation(summary = "A torque in all units")
  @PostMapping("/convert")
  Response convert(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    Torque torque = Fields.at("value", () -> Torque.of(r.value(), r.unit()));
    Map<String, Double> in = new LinkedHashMap<>();
    for (TorqueUnit unit : TorqueUnit.values()) {
      in.put(unit.code(), unit == r.unit() ? (Double) r.value() : (Double) torque.in(unit));
    }
    return new Response(
        torque.newtonMetres(),
        in,
        List.of("1 " + r.unit().sign() + " is exactly " + r.unit().newtonMetres() + " N·m."),
        why
            ? List.of(
                new Derivation(
                    "T",
                    torque.newtonMetres(),
                    "N·m",
                    "value · factor",
                    "NIST SP 811: 1 lbf = 4.4482216152605 N, 1 in = 25.4 mm, 1 kgf = 9.80665 N"))
            : null);
  }
}
