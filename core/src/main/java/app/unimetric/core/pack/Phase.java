package app.unimetric.core.pack;

/** The part of the work a step belongs to, in the order of the work. */
public enum Phase {
  AS_FOUND("As found"),
  SECURE("Secure"),
  LOOSEN("Break loose"),
  REMOVE("Take off"),
  CLEAN("Clean and inspect"),
  DRY_FIT("Dry fit"),
  /** After the last torque: pin, clip, tab, strap. */
  LOCK("Lock");

  private final String words;

  Phase(String words) {
    this.words = words;
  }

  /** Whether it comes before anything is tightened. */
  public boolean isBeforeTightening() {
    return this != LOCK;
  }

  public String words() {
    return words;
  }
}
