package app.unimetric.core.sequence;

/** How the gaps of a faceplate are meant to close. */
public enum GapStyle {
  EVEN,
  CLOSE_TOP_FIRST,
  CLOSE_BOTTOM_FIRST,
  FULL_CONTACT
}
