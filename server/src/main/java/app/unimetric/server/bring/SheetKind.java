package app.unimetric.server.bring;

/** What a sheet is of. */
public enum SheetKind {
  VALUES("values", "value"),
  MACHINES("machines", "machine"),
  TOOLS("tools", "tool");

  private final String words;
  private final String one;

  SheetKind(String words, String one) {
    this.words = words;
    this.one = one;
  }

  public String words() {
    return words;
  }

  public String one() {
    return one;
  }
}
