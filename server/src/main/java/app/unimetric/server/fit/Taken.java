package app.unimetric.server.fit;

/** When a fit was measured. */
public enum Taken {
  /** Before the work. */
  FOUND,
  /** After it. */
  LEFT
}
