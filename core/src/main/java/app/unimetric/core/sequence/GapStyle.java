package app.unimetric.core.sequence;

/** How the gaps of a faceplate are meant to close. */
public enum GapStyle {
  EVEN("evenly"),
  CLOSE_TOP_FIRST("top first"),
  CLOSE_BOTTOM_FIRST("bottom first"),
  FULL_CONTACT("all round");

  private final String words;

  GapStyle(String words) {
    this.words = words;
  }

  /** In words, as a choice offers it. */
  public String words() {
    return words;
  }
}
