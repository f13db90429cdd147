package app.unimetric.core.bench;

/** What a step of the run is. */
public enum StepKind {
  /** Something to do, confirmed once. */
  WORK,
  /** Something is measured or looked at; what was found is written down. */
  MEASURE,
  /** A product goes on, confirmed once. */
  SURFACE,
  /** All fasteners of a joint turn in by fingers, confirmed once. */
  HAND,
  /** Each fastener is brought to a share of the torque. */
  TIGHTEN,
  /** Each fastener is turned on by an angle; no torque tells how far it is. */
  ANGLE,
  /** A pinned nut is turned on to its next slot, never back, or taken off for another washer. */
  NEXT_SLOT,
  /** A clamp climbed to hold is tested for slip: it holds as tight as it is, or it slips. */
  SLIP_TEST,
  /** Each fastener is tried at full torque; repeated until nothing moves. */
  CHECK_PASS,
  /** Each fastener is tried at its target as it was left; what moved is said with its cause. */
  TRY,
  /** A cap, collar or nut is turned until its check is good; felt again once its clamp is tight. */
  SET_TO_CHECK,
  /** A hold point: a function is proved. */
  FUNCTION_CHECK,
  /** A hold point: another person looks. */
  SECOND_LOOK,
  /** The end. */
  SIGN_OFF
}
