package app.unimetric.core.pack;

/** The part of the work a step belongs to, in the order of the work. */
public enum Phase {
  SECURE("Secure"),
  AS_FOUND("As found"),
  LOOSEN("Break loose"),
  REMOVE("Take off"),
  CLEAN("Clean and inspect"),
  DRY_FIT("Dry fit");

  private final String words;

  Phase(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
