package app.unimetric.server.compute;

import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.spec.AlsoStated;
import app.unimetric.core.spec.SpecForm;
import app.unimetric.core.spec.SpecValue;
import app.unimetric.core.spec.TorqueText;
import app.unimetric.core.why.Derivation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** A torque as people type it. */
final class AskCall {
  private AskCall() {}

  @Schema(name = "AskRequest", example = "{\"text\": \"10-12 Nm\"}")
  record Request(@Schema(description = "at most 200 characters") String text) {}

  @Schema(name = "AskFigures", description = "the figures in one unit")
  record Figures(@Nullable Double value, @Nullable Double min, @Nullable Double max) {}

  @Schema(name = "AskAlsoStated", description = "the second statement, in its own unit")
  record Second(double min, double max, TorqueUnit unit, boolean agrees) {}

  @Schema(name = "AskResponse", description = "figures in the stated unit; angle in degrees")
  record Response(
      SpecForm form,
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

  static Response answer(Request r, boolean why) {
    return answer(Fields.at("text", () -> TorqueText.parse(r.text())), why);
  }

  static Response answer(SpecValue v, boolean why) {
    Map<String, Figures> in = new LinkedHashMap<>();
    TorqueUnit stated = v.unit();
    if (stated != null) {
      for (TorqueUnit unit : TorqueUnit.values()) {
        in.put(
            unit.code(),
            new Figures(
                into(v.value(), stated, unit),
                into(v.min(), stated, unit),
                into(v.max(), stated, unit)));
      }
    }
    return new Response(
        v.form(),
        v.value(),
        v.min(),
        v.max(),
        v.angleDeg(),
        v.stages().isEmpty() ? null : v.stages(),
        stated,
        v.approximate(),
        second(v),
        in,
        v.asStated(),
        v.readAs(),
        why ? List.of() : null);
  }

  private static @Nullable Second second(SpecValue v) {
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
