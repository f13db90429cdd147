package app.unimetric.core.thread;

import java.util.Optional;

/** The hand of a thread: which way it is turned to tighten. */
public enum Hand {
  RIGHT("clockwise", "counter-clockwise"),
  LEFT("counter-clockwise", "clockwise");

  private final String tighten;
  private final String loosen;

  Hand(String tighten, String loosen) {
    this.tighten = tighten;
    this.loosen = loosen;
  }

  /** Which way it is turned, where that is unusual; empty for a right-hand thread. */
  public Optional<String> unusual() {
    return this == LEFT
        ? Optional.of("Left-hand thread: tighten " + tighten + ", loosen " + loosen + ".")
        : Optional.empty();
  }

  /** The turn that tightens, looking at the head. */
  public String tighten() {
    return tighten;
  }

  /** The turn that loosens, looking at the head. */
  public String loosen() {
    return loosen;
  }
}
