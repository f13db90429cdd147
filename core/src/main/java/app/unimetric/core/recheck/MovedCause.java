package app.unimetric.core.recheck;

/** Why a fastener moved at a re-check, and what follows from it. */
public enum MovedCause {
  SETTLED("it settled: seats, paint or a gasket gave way"),
  CONTAMINATED("grease or dirt where none belongs"),
  WRONG_FRICTION("tightened with the threads in another state than the value was stated for"),
  DAMAGED("thread or part is damaged"),
  NOT_FOUND("not found");

  private final String words;

  MovedCause(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** What follows. */
  public enum Follows {
    /** Brought to its target, it is looked at again after the next ride. */
    LOOK_AGAIN("it is at its target and looked at again after the next ride"),
    /** Taken apart, cleaned, done again. */
    TAKE_APART("it is taken apart and done again before the machine is ridden");

    private final String words;

    Follows(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /**
   * What follows: a joint that only settled is brought to its target and looked at again; where a
   * product had cured it is taken apart and done again, not nipped up, and so it is where the cause
   * is still in it.
   *
   * @param cured whether a product had set on the joint
   */
  public Follows follows(boolean cured) {
    return this == SETTLED && !cured ? Follows.LOOK_AGAIN : Follows.TAKE_APART;
  }
}
