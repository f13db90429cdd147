package app.unimetric.core.bench;

/** What a person at the bench can say. */
public enum EventKind {
  /** Done; for steps confirmed once and for snugging by hand. */
  DONE,
  /** What was found when measuring or looking, as written. */
  MEASURED,
  /** What a look or a check came to, good or bad, with the figure where one is meant. */
  FOUND,
  /** What was bad was replaced; of a fastener, it was renewed and begins again. */
  REPLACED,
  /** What is bad is left as it is, with a reason. */
  LEFT,
  /** Slackened fully, thread and part looked at; the fastener begins again. */
  SLACKENED,
  /**
   * The joint in hand goes through all its passes again, since it was left standing; what had set
   * on its threads is wetted again first.
   */
  BEGUN_AGAIN,
  /** From here on another tool is used on the joint in hand, with a reason. */
  AMENDED,
  /** The tool clicked at its setting. */
  CLICKED,
  /** A torque was read. */
  READING,
  /** On the check pass and when it is tried: clicked without moving. */
  HELD,
  /** On the check pass and when it is tried: it moved before the click. */
  MOVED,
  /** At the slip test: it holds as tight as it is. */
  HOLDS,
  /** At the slip test: it slips. */
  SLIPS,
  /** How far the next slot of a pinned nut still has to come. */
  SLOT_AHEAD,
  /** A reading outside the band is let stand, with a reason. */
  DEVIATION_ACCEPTED,
  /**
   * An earlier entry was wrong: with a figure it is replaced, without one it is struck and done
   * again.
   */
  CORRECTION,
  /** Another person has looked. */
  SECOND_LOOK,
  /** Something worth writing down. */
  NOTE,
  /** The end. */
  SIGNED_OFF
}
