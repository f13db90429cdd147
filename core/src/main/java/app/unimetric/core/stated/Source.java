package app.unimetric.core.stated;

/** Where a value comes from, ranked: rank 1 is the best. */
public enum Source {
  MANUAL(1, "vehicle maker's manual"),
  KIT_SHEET(2, "part maker's sheet"),
  PART_MARKING(3, "marking on the part"),
  SISTER_SHEET(4, "sheet of a sister model"),
  ESTIMATE(5, "estimate from thread and class"),
  RECOLLECTION(6, "memory");

  /** The rank of a new part's own word, before every other. */
  private static final int OWN_WORD = -10;

  private final int rank;
  private final String words;

  Source(int rank, String words) {
    this.rank = rank;
    this.words = words;
  }

  public String words() {
    return words;
  }

  /**
   * How it ranks; the lower the better.
   *
   * @param newPart whether it speaks for the part being fitted, whose own sheet or marking then
   *     stands above the vehicle's manual
   */
  int rank(boolean newPart) {
    return newPart && isPartsOwn() ? rank + OWN_WORD : rank;
  }

  /** Whether it is a part's own word: its sheet or the marking on it. */
  public boolean isPartsOwn() {
    return this == KIT_SHEET || this == PART_MARKING;
  }
}
