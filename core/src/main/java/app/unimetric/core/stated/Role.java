package app.unimetric.core.stated;

import app.unimetric.core.thread.ScrewThread;
import app.unimetric.core.thread.ThreadSeries;

/** What a fastener is for. Only clamping joints can be judged by what their thread carries. */
public enum Role {
  /** Holds parts together. */
  CLAMP("holds parts together"),
  /** Sets preload or play. */
  ADJUST("sets preload or play"),
  /** Must still turn. */
  PIVOT("must still turn"),
  /** Secures another fastener. */
  LOCK("secures or seats another part");

  private final String words;

  Role(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** What a thread is usually there for: a cup or a pedal seats, any other clamps. */
  public static Role usualFor(ScrewThread thread) {
    return ThreadSeries.clampsNothing(thread) ? LOCK : CLAMP;
  }
}
