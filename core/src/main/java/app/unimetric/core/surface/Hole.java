package app.unimetric.core.surface;

/** Whether the thread can be reached from behind. */
public enum Hole {
  THROUGH,
  BLIND
}
