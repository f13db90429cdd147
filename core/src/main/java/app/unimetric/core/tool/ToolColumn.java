package app.unimetric.core.tool;

import static app.unimetric.core.table.ColumnWords.needed;
import static app.unimetric.core.table.ColumnWords.optional;

import app.unimetric.core.table.Column;
import app.unimetric.core.table.ColumnWords;
import java.util.List;

/** The columns of a sheet of tools. */
public enum ToolColumn implements Column {
  NAME(needed("name", "tool", "called", "description")),
  TYPE(needed("type", "kind")),
  UNIT(optional("unit", "scale", "units")),
  MIN(optional("min", "from", "lowest", "minimum")),
  MAX(optional("max", "to", "highest", "maximum", "capacity")),
  GRADUATION(optional("graduation", "division", "step")),
  DEVIATION(optional("deviation_percent", "deviation", "accuracy", "tolerance")),
  PRESETS(optional("presets", "preset values", "values")),
  LEFT_HAND(optional("left_hand", "left hand rated", "left", "counterclockwise")),
  ADAPTER_LEVER(optional("adapter_lever", "lever", "drive to grip")),
  ADAPTER_EXTENSION(optional("adapter_extension", "extension", "adapter length")),
  ADAPTER_ANGLE(optional("adapter_angle", "angle")),
  CALIBRATED_ON(optional("calibrated_on", "calibrated", "certificate", "last calibration")),
  USES(optional("uses", "cycles", "uses since"));

  /** All of them, in the order they are written out. */
  public static final List<ToolColumn> ALL = List.of(values());

  private final ColumnWords words;

  ToolColumn(ColumnWords words) {
    this.words = words;
  }

  @Override
  public ColumnWords words() {
    return words;
  }
}
