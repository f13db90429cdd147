package app.unimetric.core.tool;

/**
 * How long a torque tool usually is, for when nobody measured it; a typical value, to overwrite.
 */
public final class TypicalLever {
  private TypicalLever() {}

  /** From drive centre to mid-grip, mm, by the tool's maximum, N·m. */
  public static double ofMaximum(double maxNm) {
    if (maxNm <= 12) {
      return 200;
    }
    if (maxNm <= 30) {
      return 250;
    }
    return maxNm <= 120 ? 400 : 550;
  }
}
