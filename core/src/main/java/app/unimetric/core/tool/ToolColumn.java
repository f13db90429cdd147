package app.unimetric.core.tool;

import app.unimetric.core.table.Column;
import java.util.List;

/** The columns of a sheet of tools. */
public enum ToolColumn implements Column {
  NAME(true, "name", "tool", "called", "description"),
  TYPE(true, "type", "kind"),
  UNIT(false, "unit", "scale", "units"),
  MIN(false, "min", "from", "lowest", "minimum"),
  MAX(false, "max", "to", "highest", "maximum", "capacity"),
  GRADUATION(false, "graduation", "division", "step"),
  DEVIATION(false, "deviation_percent", "deviation", "accuracy", "tolerance"),
  PRESETS(false, "presets", "preset values", "values"),
  LEFT_HAND(false, "left_hand", "left hand rated", "left", "counterclockwise"),
  ADAPTER_LEVER(false, "adapter_lever", "lever", "drive to grip"),
  ADAPTER_EXTENSION(false, "adapter_extension", "extension", "adapter length"),
  ADAPTER_ANGLE(false, "adapter_angle", "angle"),
  CALIBRATED_ON(false, "calibrated_on", "calibrated", "certificate", "last calibration"),
  USES(false, "uses", "cycles", "uses since");

  /** All of them, in the order they are written out. */
  public static final List<ToolColumn> ALL = List.of(values());

  private final boolean needed;
  private final String header;
  private final List<String> alsoCalled;

  ToolColumn(boolean needed, String header, String... alsoCalled) {
    this.needed = needed;
    this.header = header;
    this.alsoCalled = List.of(alsoCalled);
  }

  @Override
  public String header() {
    return header;
  }

  @Override
  public List<String> alsoCalled() {
    return alsoCalled;
  }

  @Override
  public boolean isNeeded() {
    return needed;
  }
}
