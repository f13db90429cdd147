package app.unimetric.core.surface;

/** Which surface a product would go on. */
public enum Surface {
  THREAD("a thread"),
  CLAMP("a clamped surface"),
  PRESS_FIT("a press fit"),
  SPLINE("a spline or taper"),
  FACE("a bolted face");

  private final String words;

  Surface(String words) {
    this.words = words;
  }

  /** In words, as a choice offers it. */
  public String words() {
    return words;
  }
}
