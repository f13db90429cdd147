package app.unimetric.core.pack;

/** A side of the machine, as its rider sits. */
public enum Side {
  LEFT("left", "Left"),
  RIGHT("right", "Right");

  private final String words;
  private final String title;

  Side(String words, String title) {
    this.words = words;
    this.title = title;
  }

  /** As it stands alone. */
  public String title() {
    return title;
  }

  public String words() {
    return words;
  }

  /** What is done once a side, on this one: {@code caliper} becomes {@code caliper.LEFT}. */
  public String of(String id) {
    return id + "." + name();
  }
}
