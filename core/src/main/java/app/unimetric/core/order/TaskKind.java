package app.unimetric.core.order;

/** What is done in one task. */
public enum TaskKind {
  /** Broken loose, while it is still held. */
  UNDO,
  /** Taken off. */
  REMOVE,
  /** Measured as it was found or as it is left. */
  MEASURE,
  /** Looked at or measured against its limit. */
  INSPECT,
  STEP,
  /** A cup or bearing is pressed in: no thread, no torque. */
  PRESS,
  /** Pulled, left to settle, pulled again, trimmed. */
  STRAP,
  /** A product goes on. */
  WET,
  /** Turned in by fingers. */
  START,
  SNUG,
  /** A pass between snug and the final torque. */
  PASS,
  FINAL,
  /** Once round at full torque until nothing moves. */
  CHECK_ROUND,
  /** Pin, clip, ring or plate. */
  LOCK,
  FUNCTION_CHECK,
  SECOND_LOOK;

  /** Whether a fastener is drawn tighter than fingers can. */
  public boolean isAboveFingerTight() {
    return this == SNUG || this == PASS || this == FINAL || this == CHECK_ROUND;
  }
}
