package app.unimetric.core.order;

/** How much of the later one must wait for the earlier one; from the loosest to the strictest. */
public enum Binding {
  /** Both are started and snugged together; only the final torques are ordered. */
  FINAL("only the final torques are ordered"),
  /** The later one stays at finger tight until the earlier one is finished. */
  TOUCH("finger tight only until then"),
  /** Nothing of the later one, not even wetted or started, until the earlier one is finished. */
  HANG("nothing of it until then");

  private final String words;

  Binding(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Of two bindings between the same two, the one that keeps both. */
  public Binding stricter(Binding other) {
    return compareTo(other) >= 0 ? this : other;
  }
}
