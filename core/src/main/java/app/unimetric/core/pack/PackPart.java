package app.unimetric.core.pack;

/** A part a job counts, and what it is to it. */
public record PackPart(String name, int count, PartRole role) {
  /** As it stands in a list: {@code 2 × spring}. */
  public String words() {
    return count + " × " + name;
  }
}
