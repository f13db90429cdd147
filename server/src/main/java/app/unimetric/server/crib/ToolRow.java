package app.unimetric.server.crib;

import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.tool.Adapter;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.ToolStanding;
import app.unimetric.core.tool.ToolType;
import app.unimetric.core.tool.TorqueTool;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A torque tool as stored; units by their UCUM code.
 *
 * @param cyclesBefore uses since its calibration when it was entered
 * @param leftHand whether it is rated for turning left-handed
 * @param version raised with every change
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
    int cyclesBefore,
    @Nullable Double adapterLeverMm,
    @Nullable Double adapterExtensionMm,
    @Nullable Double adapterAngleDeg,
    boolean leftHand,
    int version) {

  @Nullable Adapter adapter() {
    Double lever = adapterLeverMm;
    Double extension = adapterExtensionMm;
    return lever == null || extension == null
        ? null
        : new Adapter(lever, extension, adapterAngleDeg == null ? 0 : adapterAngleDeg);
  }

  /**
   * @param cycles uses since the last calibration
   */
  CribTool tool(ToolStanding standing, int cycles) {
    TorqueUnit scale = TorqueUnit.ofCode(unit).orElseThrow();
    return new CribTool(
        id.toString(),
        name,
        type,
        new TorqueTool(minNm, maxNm, deviationPercent, graduation, scale, presets),
        standing.calibratedOn(),
        cycles,
        adapter(),
        leftHand,
        standing.out());
  }
}
