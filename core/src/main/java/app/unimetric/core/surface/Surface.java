package app.unimetric.core.surface;

/** Which surface a product would go on. */
public enum Surface {
  THREAD,
  CLAMP,
  PRESS_FIT,
  SPLINE,
  FACE
}
