package app.unimetric.core.pack;

/** What a part is to a job. */
public enum PartRole {
  /** Fitted new. */
  NEW("new"),
  /** Taken from the old part and put into the new one. */
  CARRIED_OVER("moved over from the old part"),
  /** Renewed each time. */
  USED_ONCE("used once"),
  /** Another for each side: it differs by hand. */
  ORDERED_PER_SIDE("ordered for each side"),
  /** The original, kept for the way back. */
  ORIGINAL_KEPT("original, kept");

  private final String words;

  PartRole(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether it must be at hand before the job starts. */
  public boolean isOrdered() {
    return this == NEW || this == USED_ONCE || this == ORDERED_PER_SIDE;
  }
}
