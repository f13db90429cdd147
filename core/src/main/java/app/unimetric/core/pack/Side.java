package app.unimetric.core.pack;

/** A side of the machine, as its rider sits. */
public enum Side {
  LEFT("left"),
  RIGHT("right");

  private final String words;

  Side(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** What is done once a side, on this one: {@code caliper} becomes {@code caliper.LEFT}. */
  public String of(String id) {
    return id + "." + name();
  }
}
