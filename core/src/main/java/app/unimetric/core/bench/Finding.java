package app.unimetric.core.bench;

/** What a look, an inspection or a function check came to. */
public enum Finding {
  /** As it should be. */
  GOOD,
  /** Not as it should be. */
  BAD,
  /** It was not, and was put right. */
  PUT_RIGHT
}
