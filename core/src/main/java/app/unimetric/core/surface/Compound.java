package app.unimetric.core.surface;

/** What may go on a surface, by strength and kind, never by a maker's colour. */
public enum Compound {
  LOW("low-strength threadlocker"),
  MEDIUM("medium-strength threadlocker"),
  HIGH("high-strength threadlocker"),
  WICKING("wicking threadlocker"),
  RETAINING_LOW("low-strength retaining compound"),
  RETAINING_MEDIUM("medium-strength retaining compound"),
  GREASE("grease"),
  ANTI_SEIZE("anti-seize"),
  CARBON_PASTE("assembly paste"),
  CLEAN_DRY("nothing: clean and dry");

  private final String words;

  Compound(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether it hardens between metal without air. */
  public boolean isAnaerobic() {
    return switch (this) {
      case LOW, MEDIUM, HIGH, WICKING, RETAINING_LOW, RETAINING_MEDIUM -> true;
      case GREASE, ANTI_SEIZE, CARBON_PASTE, CLEAN_DRY -> false;
    };
  }
}
