package app.unimetric.core.pack;

/** What stands on the lift. */
public enum MachineKind {
  MOTORCYCLE("motorcycle"),
  ATV("ATV"),
  BICYCLE("bicycle");

  private final String words;

  MachineKind(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
