package app.unimetric.core.pack;

import java.util.Arrays;
import java.util.Optional;

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

  /** The side an id was given by {@link #of}; empty where it names none. */
  public static Optional<Side> named(String id) {
    return Arrays.stream(values()).filter(s -> id.endsWith("." + s.name())).findFirst();
  }
}
