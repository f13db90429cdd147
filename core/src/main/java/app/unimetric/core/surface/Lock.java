package app.unimetric.core.surface;

/** What already keeps a thread from turning. */
public enum Lock {
  NONE("nothing"),
  NYLON_INSERT("nylon-insert nut"),
  ALL_METAL("all-metal lock nut"),
  SERRATED("serrated flange"),
  CASTLE_PIN("castellated nut and split pin"),
  TAB("tab washer");

  private final String words;

  Lock(String words) {
    this.words = words;
  }

  /** Whether it takes torque by itself, so that a click tells less of the clamp load. */
  public boolean isPrevailing() {
    return this == NYLON_INSERT || this == ALL_METAL;
  }

  /** In words, as a choice offers it. */
  public String words() {
    return words;
  }
}
