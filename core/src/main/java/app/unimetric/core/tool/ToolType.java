package app.unimetric.core.tool;

/** How a torque tool tells its torque. */
public enum ToolType {
  CLICK("click"),
  BEAM("beam"),
  DIAL("dial"),
  DIGITAL("digital"),
  PRESET("preset");

  private final String words;

  ToolType(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
