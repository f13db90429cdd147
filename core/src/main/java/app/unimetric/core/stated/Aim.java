package app.unimetric.core.stated;

/** Where in the band the workshop aims. */
public enum Aim {
  /** Both errors of the tool are covered. */
  MIDDLE,
  /** Carbon, plastic, soft or repaired threads. */
  LOWER_THIRD,
  /** Joints known to loosen. */
  UPPER_THIRD
}
