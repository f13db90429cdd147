package app.unimetric.server.compute.tool;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Torque;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.thread.Hand;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.Setting;
import app.unimetric.core.tool.ToolChoice;
import app.unimetric.core.tool.ToolType;
import app.unimetric.core.tool.TorqueTool;
import app.unimetric.core.why.Derivation;
import app.unimetric.server.compute.ComputeCall;
import app.unimetric.server.compute.Fields;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;

/** The tools of a crib ranked for one band. */
@ComputeCall
public final class ToolsCall {

  @Schema(name = "CribToolFields", description = "a torque tool as it hangs in the crib")
  public record CribFields(
      String id,
      @Nullable String name,
      @Nullable ToolType type,
      double minNm,
      double maxNm,
      @Nullable Double deviationPercent,
      @Nullable Double graduation,
      TorqueUnit unit,
      @Nullable List<Double> presets,
      SettingCall.@Nullable Extension adapter,
      @Schema(description = "left out: never") @Nullable LocalDate calibratedOn,
      @Schema(description = "uses since then") @Nullable Integer cycles) {
    public CribTool tool() {
      Fields.noNulls(presets, "presets");
      return new CribTool(
          id,
          name == null ? id : name,
          type == null ? ToolType.CLICK : type,
          new TorqueTool(
              minNm,
              maxNm,
              deviationPercent,
              graduation,
              unit,
              presets == null ? List.of() : presets),
          calibratedOn,
          cycles == null ? 0 : cycles,
          adapter == null ? null : Fields.under("adapter", adapter::adapter));
    }
  }

  @Schema(
      name = "ToolsRequest",
      example =
          "{\"bandMinNm\": 20, \"bandMaxNm\": 24, \"critical\": true, \"today\": \"2026-06-01\", \"tools\": [{\"id\": \"a\", \"minNm\": 5, \"maxNm\": 25, \"graduation\": 0.5, \"unit\": \"N.m\", \"calibratedOn\": \"2026-02-01\", \"cycles\": 300}]}")
  public record Request(
      double bandMinNm,
      double bandMaxNm,
      @Nullable Double aimNm,
      @Schema(description = "a part's limit that not even the deviation may pass")
          @Nullable Double maximumNm,
      @Nullable Boolean critical,
      @Schema(description = "at most 200") List<CribFields> tools,
      LocalDate today) {}

  @Schema(name = "RankedTool")
  public record Choice(
      String id,
      boolean usable,
      boolean calibrated,
      Setting.Status status,
      SettingCall.@Nullable Scale scale,
      @Nullable Double settingNm,
      double spillPercent,
      List<String> reasons) {}

  @Schema(name = "ToolsResponse", description = "best first, then the refused ones with why")
  public record Response(
      List<Choice> choices, List<String> reasons, @Nullable List<Derivation> derivation) {}

  @Operation(summary = "The tools of a crib ranked for one band")
  @PostMapping("/tools")
  Response tools(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    Problems problems =
        new Problems()
            .within(r.bandMinNm(), 0, Torque.MAX_NM, "bandMinNm")
            .positive(r.bandMaxNm(), Torque.MAX_NM, "bandMaxNm")
            .require(!(r.bandMinNm() > r.bandMaxNm()), "bandMinNm", "must not be above bandMaxNm.")
            .require(r.tools().size() <= 200, "tools", "must hold at most 200 tools.");
    SettingCall.positive(problems, r.aimNm(), "aimNm");
    SettingCall.positive(problems, r.maximumNm(), "maximumNm");
    problems.orThrow();
    List<CribTool> crib = new ArrayList<>();
    for (int i = 0; i < r.tools().size(); i++) {
      CribFields given = r.tools().get(i);
      String at = "tools[" + i + "]";
      CribTool tool =
          given == null
              ? problems.under(at, () -> Fields.missing(""))
              : problems.under(at, given::tool);
      if (tool != null) {
        crib.add(tool);
      }
    }
    problems.orThrow();
    List<ToolChoice> ranked =
        ToolChoice.rank(
            TorqueBand.of(r.bandMinNm(), r.bandMaxNm()),
            r.aimNm(),
            r.maximumNm(),
            Boolean.TRUE.equals(r.critical()),
            Hand.RIGHT,
            crib,
            r.today());
    boolean none = ranked.stream().noneMatch(ToolChoice::usable);
    return new Response(
        ranked.stream().map(ToolsCall::choice).toList(),
        List.of(
            none
                ? "No tool of these may be used for this band."
                : "Inside the band first, then in calibration, then least spill, then nearest to the aim."),
        why
            ? ranked.stream().limit(1).flatMap(c -> c.setting().derivation().stream()).toList()
            : null);
  }

  private static Choice choice(ToolChoice c) {
    return new Choice(
        c.tool().id(),
        c.usable(),
        c.calibrated(),
        c.setting().status(),
        SettingCall.Scale.of(c.setting().reading()),
        c.setting().settingNm(),
        c.setting().spillPercent(),
        c.reasons());
  }
}
