package app.unimetric.core.spec;

/** Where a value comes from; declared best first. */
public enum SpecSource {
  MANUAL("vehicle maker's manual"),
  KIT_SHEET("part maker's sheet"),
  PART_MARKING("marking on the part"),
  SISTER_SHEET("sheet of a sister model"),
  ESTIMATE("estimate from thread and class"),
  RECOLLECTION("memory");

  private final String words;

  SpecSource(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether a new part's own word counts: its sheet or the marking on it. */
  boolean isPartsOwn() {
    return this == KIT_SHEET || this == PART_MARKING;
  }
}
