package app.unimetric.core.sequence;

/** How the fasteners of one joint sit. */
public enum Layout {
  /** On a circle, numbered clockwise from the top. */
  CIRCLE("circle"),
  /** In a line, numbered from the left. */
  ROW("row"),
  /** Round a split plate, numbered clockwise from the top left. */
  FACEPLATE("faceplate"),
  /** Along one slit, numbered from the top. */
  PINCH("pinch");

  private final String words;

  Layout(String words) {
    this.words = words;
  }

  /** In words, as a choice offers it. */
  public String words() {
    return words;
  }
}
