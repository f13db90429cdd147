package app.unimetric.core.surface;

/** What already keeps a thread from turning. */
public enum Lock {
  NONE,
  NYLON_INSERT,
  ALL_METAL,
  SERRATED,
  CASTLE_PIN,
  TAB
}
