package app.unimetric.core.sequence;

/** What a pass over the fasteners is. */
public enum PassKind {
  HAND,
  SNUG,
  CROSS,
  ALTERNATE,
  CIRCULAR_CHECK,
  /** Even, to one torque of a climb; tested for slip before the next. */
  CLIMB,
  /** Tried at the full torque as it is, without coming loose. */
  TRY,
  /** Turned on by an angle, with no torque to read. */
  ANGLE,
  /** Turned until its check is good; no torque tells that. */
  SET_TO_CHECK
}
