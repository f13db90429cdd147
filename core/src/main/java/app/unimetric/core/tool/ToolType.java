package app.unimetric.core.tool;

import app.unimetric.core.quantity.PermissibleDeviation;

/** How a torque tool tells its torque. */
public enum ToolType {
  CLICK("click"),
  BEAM("beam"),
  DIAL("dial"),
  DIGITAL("digital"),
  PRESET("preset"),
  SCREWDRIVER("torque screwdriver");

  private static final double PERCENT = 100;
  private final String words;

  ToolType(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /**
   * How far one may be off where nobody stated it, percent (ISO 6789-1).
   *
   * @param maxNm of the tool, N·m
   */
  public double permissiblePercent(double maxNm) {
    double share =
        this == BEAM || this == SCREWDRIVER
            ? PermissibleDeviation.ANY_SIZE
            : PermissibleDeviation.usual(maxNm);
    return share * PERCENT;
  }
}
