package app.unimetric.core.device;

/** What can be wrong with a pull of a simulated wrench, to be practised. */
public enum Fault {
  /** Nothing is. */
  NONE,
  /** The threads do not run in each other: torque from the first turn on. */
  CROSS_THREADED,
  /** The thread gives before the setting is reached. */
  STRIPPED,
  /** The bolt meets the ground of its hole, or the nut the end of its thread. */
  BOTTOMED,
  /** What was tight has lost part of its load. */
  SETTLED,
  /** The battery gives out. */
  BATTERY,
  /** The wrench is not heard any more. */
  DROP_OUT
}
