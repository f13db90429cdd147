package app.unimetric.core.stated;

/** The shapes in which a torque value is stated. */
public enum Form {
  VALUE("value"),
  RANGE("range"),
  MAXIMUM("maximum"),
  MINIMUM("minimum"),
  TORQUE_ANGLE("torque and angle"),
  STAGED("stages"),
  SNUG("snug, by hand"),
  UNTIL_GAP_CLOSES("until the gap closes");

  private final String words;

  Form(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether the form carries a figure at all. */
  public boolean hasFigure() {
    return this != SNUG && this != UNTIL_GAP_CLOSES;
  }
}
