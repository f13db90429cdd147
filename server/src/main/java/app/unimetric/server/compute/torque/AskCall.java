package app.unimetric.server.compute.torque;

import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.stated.AlsoStated;
import app.unimetric.core.stated.Form;
import app.unimetric.core.stated.StatedValue;
import app.unimetric.core.stated.StatementFields;
import app.unimetric.core.stated.TorqueText;
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

/** A torque as people type it. */
@ComputeCall
public final class AskCall {

  @Schema(name = "AskRequest", example = "{\"text\": \"10-12 Nm\"}")
  public record Request(@Schema(description = "at most 200 characters") String text) {}

  @Schema(name = "AskFigures", description = "the figures in one unit")
  public record Figures(@Nullable Double value, @Nullable Double min, @Nullable Double max) {}

  @Schema(name = "AskAlsoStated", description = "the second statement, in its own unit")
  public record Second(double min, double max, TorqueUnit unit, boolean agrees) {}

  @Schema(name = "AskResponse", description = "figures in the stated unit; angle in degrees")
  public record Response(
      Form form,
      @Nullable Double value,
      @Nullable Double min,
      @Nullable Double max,
      @Nullable Double angleDeg,
      @Nullable List<Double> stages,
      @Nullable TorqueUnit unit,
      boolean approximate,
      @Nullable Second alsoStated,
      Map<String, Figures> in,
      String stated,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Operation(summary = "Reads a torque as people type it")
  @PostMapping("/ask")
  Response ask(@RequestBody Request request, @RequestParam(defaultValue = "false") boolean why) {
    return answer(request, why);
  }

  public static Response answer(Request r, boolean why) {
    return answer(Fields.at("text", () -> TorqueText.parse(r.text())), why);
  }

  public static Response answer(StatedValue v, boolean why) {
    StatementFields f = StatementFields.of(v.statement());
    Map<String, Figures> in = new LinkedHashMap<>();
    TorqueUnit stated = f.unit();
    if (stated != null) {
      for (TorqueUnit unit : TorqueUnit.values()) {
        in.put(
            unit.code(),
            new Figures(
                into(f.value(), stated, unit),
                into(f.min(), stated, unit),
                into(f.max(), stated, unit)));
      }
    }
    return new Response(
        f.form(),
        f.value(),
        f.min(),
        f.max(),
        f.angleDeg(),
        f.stages().isEmpty() ? null : f.stages(),
        stated,
        v.approximate(),
        second(v),
        in,
        v.asStated(),
        v.readAs(),
        why ? List.of() : null);
  }

  private static @Nullable Second second(StatedValue v) {
    AlsoStated twice = v.alsoStated();
    return twice == null
        ? null
        : new Second(twice.value(), twice.upper(), twice.unit(), v.agreesWithItself());
  }

  private static @Nullable Double into(@Nullable Double figure, TorqueUnit from, TorqueUnit to) {
    if (figure == null || from == to) {
      return figure;
    }
    return figure * from.newtonMetres() / to.newtonMetres();
  }
}
