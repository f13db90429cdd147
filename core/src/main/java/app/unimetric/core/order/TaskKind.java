package app.unimetric.core.order;

/** What is done in one task. */
public enum TaskKind {
  /** Broken loose, while it is still held. */
  UNDO("break loose"),
  /** Taken off. */
  REMOVE("take off"),
  /** Measured as it was found or as it is left. */
  MEASURE("measure"),
  /** Looked at or measured against its limit. */
  INSPECT("look"),
  STEP("do"),
  /** A cup or bearing is pressed in: no thread, no torque. */
  PRESS("press in"),
  /** Pulled, left to settle, pulled again, trimmed. */
  STRAP("strap"),
  /** A product goes on. */
  WET("prepare"),
  /** Turned in by fingers. */
  START("by hand"),
  SNUG("snug"),
  /** A pass between snug and the final torque. */
  PASS("tighten"),
  FINAL("tighten"),
  /** Once round at full torque until nothing moves. */
  CHECK_ROUND("round"),
  /** Tried at its target as it is, without coming loose. */
  TRY("try"),
  /** Pin, clip, ring or plate. */
  LOCK("lock"),
  FUNCTION_CHECK("prove"),
  SECOND_LOOK("second look");

  private final String words;

  TaskKind(String words) {
    this.words = words;
  }

  /** What is done, in a word or two. */
  public String words() {
    return words;
  }

  /** Whether it is answered good or bad and not only done. */
  public boolean isJudged() {
    return this == INSPECT || this == FUNCTION_CHECK;
  }

  /** Whether a step of a pack may be this; the others come from its joints. */
  public boolean isOfAStep() {
    return switch (this) {
      case WET, START, SNUG, PASS, FINAL, CHECK_ROUND, TRY, SECOND_LOOK -> false;
      default -> true;
    };
  }

  /** Whether a fastener is drawn tighter than fingers can. */
  public boolean isAboveFingerTight() {
    return this == SNUG || this == PASS || this == FINAL || this == CHECK_ROUND || this == TRY;
  }
}
