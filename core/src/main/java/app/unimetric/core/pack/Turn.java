package app.unimetric.core.pack;

/** Which end of the fastener is turned. */
public enum Turn {
  BOLT("Turn the bolt."),
  NUT("Turn the nut and hold the bolt: less drag, a truer reading."),
  HEAD_ONLY("Only the head can be turned: the reading is less certain.");

  private final String words;

  Turn(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
