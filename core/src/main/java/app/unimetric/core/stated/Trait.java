package app.unimetric.core.stated;

/** What makes a joint need more care than another. */
public enum Trait {
  /** Its failure can kill or lock a wheel. */
  CRITICAL,
  /** Carbon is clamped. */
  CARBON,
  /** Its thread is plastic, soft or repaired. */
  SOFT_THREAD,
  /** Painted, plastic, newly bracketed or clamped on carbon: it settles and is looked at again. */
  SETTLES,
  /** Part of a wheel or axle. */
  WHEEL,
  /** Holds a lever, shifter or switch on a bar: by some held so that it turns in a fall. */
  CONTROL
}
