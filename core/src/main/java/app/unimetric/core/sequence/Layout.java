package app.unimetric.core.sequence;

/** How the fasteners of one joint sit. */
public enum Layout {
  /** On a circle, numbered clockwise from the top. */
  CIRCLE,
  /** In a line, numbered from the left. */
  ROW,
  /** Round a split plate, numbered clockwise from the top left. */
  FACEPLATE,
  /** Along one slit, numbered from the top. */
  PINCH
}
