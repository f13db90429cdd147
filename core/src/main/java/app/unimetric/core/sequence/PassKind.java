package app.unimetric.core.sequence;

/** What a pass over the fasteners is. */
public enum PassKind {
  HAND,
  SNUG,
  CROSS,
  ALTERNATE,
  CIRCULAR_CHECK,
  /** Turned on by an angle, with no torque to read. */
  ANGLE
}
