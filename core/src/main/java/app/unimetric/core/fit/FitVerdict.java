package app.unimetric.core.fit;

/** What a measurement with its uncertainty says of a fit. */
public enum FitVerdict {
  /** Wherever the true size lies within what was measured, it fits. */
  FITS,
  /** Wherever the true size lies, it does not. */
  DOES_NOT,
  /** It may lie on either side of a limit: measure better. */
  TOO_CLOSE;

  /** Of two sizes that both must be right. */
  public FitVerdict and(FitVerdict other) {
    if (this == DOES_NOT || other == DOES_NOT) {
      return DOES_NOT;
    }
    return this == FITS ? other : this;
  }

  static FitVerdict of(boolean holds) {
    return holds ? FITS : DOES_NOT;
  }
}
