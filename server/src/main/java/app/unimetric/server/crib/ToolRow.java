package app.unimetric.server.crib;

import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.tool.Adapter;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.ToolType;
import app.unimetric.core.tool.TorqueTool;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A torque tool as stored; units by their UCUM code.
 *
 * @param cycles uses since the last calibration: those entered with the tool and those counted at
 *     the bench
 */
public record ToolRow(
    UUID id,
    String name,
    ToolType type,
    double minNm,
    double maxNm,
    @Nullable Double deviationPercent,
    @Nullable Double graduation,
    String unit,
    List<Double> presets,
    @Nullable LocalDate calibratedOn,
    int cycles,
    @Nullable Double adapterLeverMm,
    @Nullable Double adapterExtensionMm,
    @Nullable Double adapterAngleDeg) {

  CribTool tool() {
    TorqueUnit scale = TorqueUnit.ofCode(unit).orElseThrow();
    Double lever = adapterLeverMm;
    Double extension = adapterExtensionMm;
    Adapter adapter =
        lever == null || extension == null
            ? null
            : new Adapter(lever, extension, adapterAngleDeg == null ? 0 : adapterAngleDeg);
    return new CribTool(
        id.toString(),
        name,
        type,
        new TorqueTool(minNm, maxNm, deviationPercent, graduation, scale, presets),
        calibratedOn,
        cycles,
        adapter);
  }
}
