package app.unimetric.server.compute.tool;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.ScaleReading;
import app.unimetric.core.quantity.Torque;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.tool.Adapter;
import app.unimetric.core.tool.Setting;
import app.unimetric.core.tool.TorqueTool;
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

/** Where to set one tool for a band. */
@ComputeCall
public final class SettingCall {

  @Schema(name = "Tool", description = "span in N·m; graduation and presets in the tool's unit")
  public record Tool(
      double minNm,
      double maxNm,
      @Schema(description = "percent; left out: 6 to 10 N·m, 4 above (ISO 6789-1)")
          @Nullable Double deviationPercent,
      @Nullable Double graduation,
      TorqueUnit unit,
      @Nullable List<Double> presets) {
    public TorqueTool tool() {
      return new TorqueTool(
          minNm, maxNm, deviationPercent, graduation, unit, presets == null ? List.of() : presets);
    }
  }

  @Schema(name = "ToolAdapter", description = "lever and extension in mm, angle in degrees")
  public record Extension(double leverMm, double extensionMm, @Nullable Double angleDeg) {
    Adapter adapter() {
      return new Adapter(leverMm, extensionMm, angleDeg == null ? 0 : angleDeg);
    }
  }

  @Schema(
      name = "SettingRequest",
      example =
          "{\"bandMinNm\": 10, \"bandMaxNm\": 12, \"tool\": {\"minNm\": 5, \"maxNm\": 25, \"graduation\": 0.5, \"unit\": \"N.m\"},"
              + " \"adapter\": {\"leverMm\": 250, \"extensionMm\": 35, \"angleDeg\": 0}}")
  public record Request(
      double bandMinNm,
      double bandMaxNm,
      @Nullable Double aimNm,
      @Schema(description = "a part's limit that not even the deviation may pass")
          @Nullable Double maximumNm,
      Tool tool,
      @Nullable Extension adapter) {}

  @Schema(name = "Scale", description = "the reading on the tool's own scale")
  public record Scale(
      double value,
      TorqueUnit unit,
      @Schema(description = "with the digits of the graduation") String text) {
    /** Null without a reading. */
    public static @Nullable Scale of(@Nullable ScaleReading reading) {
      return reading == null ? null : new Scale(reading.figure(), reading.unit(), reading.text());
    }
  }

  @Schema(name = "AppliedNm", description = "torque at the fastener, N·m")
  public record Applied(double low, double nominal, double high) {}

  @Schema(name = "SettingResponse")
  public record Response(
      @Nullable Scale scale,
      @Nullable Double settingNm,
      @Nullable Applied appliedNm,
      Setting.Status status,
      double spillPercent,
      boolean withinBand,
      boolean overMaximum,
      @Nullable Double handleForceN,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Operation(summary = "Where to set a tool for a band")
  @PostMapping("/setting")
  Response setting(
      @RequestBody Request request, @RequestParam(defaultValue = "false") boolean why) {
    return answer(request, why);
  }

  public static Response answer(Request r, boolean why) {
    Problems problems = new Problems();
    problems
        .within(r.bandMinNm(), 0, Torque.MAX_NM, "bandMinNm")
        .positive(r.bandMaxNm(), Torque.MAX_NM, "bandMaxNm")
        .require(!(r.bandMinNm() > r.bandMaxNm()), "bandMinNm", "must not be above bandMaxNm.");
    positive(problems, r.aimNm(), "aimNm");
    positive(problems, r.maximumNm(), "maximumNm");
    TorqueTool tool = problems.under("tool", r.tool()::tool);
    Extension extension = r.adapter();
    Adapter adapter = extension == null ? null : problems.under("adapter", extension::adapter);
    problems.orThrow();
    if (tool == null) {
      throw Fields.missingAt("tool");
    }
    Setting s =
        Setting.choose(
            TorqueBand.of(r.bandMinNm(), r.bandMaxNm()), r.aimNm(), r.maximumNm(), tool, adapter);
    Setting.Applied applied = s.applied();
    return new Response(
        Scale.of(s.reading()),
        s.settingNm(),
        applied == null
            ? null
            : new Applied(applied.lowNm(), applied.nominalNm(), applied.highNm()),
        s.status(),
        s.spillPercent(),
        s.withinBand(),
        s.overMaximum(),
        s.handleForceN(),
        s.reasons(),
        why ? s.derivation() : null);
  }

  static void positive(Problems problems, @Nullable Double figure, String field) {
    if (figure != null) {
      problems.positive(figure, Torque.MAX_NM, field);
    }
  }
}
