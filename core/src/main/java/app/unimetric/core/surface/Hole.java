package app.unimetric.core.surface;

/** Whether the thread can be reached from behind. */
public enum Hole {
  THROUGH("through"),
  BLIND("blind");

  private final String words;

  Hole(String words) {
    this.words = words;
  }

  /** In words, as a choice offers it. */
  public String words() {
    return words;
  }
}
