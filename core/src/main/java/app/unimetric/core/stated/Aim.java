package app.unimetric.core.stated;

/** Where in the band the workshop aims. */
public enum Aim {
  /** Both errors of the tool are covered. */
  MIDDLE("the middle"),
  /** Carbon, plastic, soft or repaired threads. */
  LOWER_THIRD("the lower third"),
  /** Joints known to loosen. */
  UPPER_THIRD("the upper third");

  private final String words;

  Aim(String words) {
    this.words = words;
  }

  /** In words, as a choice offers it. */
  public String words() {
    return words;
  }
}
