package app.unimetric.core.thread;

/**
 * The limits of a thread that matter when it strips: tolerance class 6g for the bolt, 6H for the
 * nut, each at its worst (ISO 965-1, formulas of clause 13).
 *
 * @param boltMajorMinMm d_min, mm
 * @param boltPitchMinMm d2_min, mm
 * @param nutPitchMaxMm D2_max, mm
 * @param nutMinorMaxMm D1_max, mm
 */
public record ThreadTolerance(
    double boltMajorMinMm, double boltPitchMinMm, double nutPitchMaxMm, double nutMinorMaxMm) {
  public static final String SOURCE = "ISO 965-1, 6H/6g";
  private static final double MM_PER_MICROMETRE = 1e-3;

  /** The finest pitch the standard gives tolerances for, mm. */
  private static final double FINEST_MM = 0.2;

  private static final double FINEST_SHARE = 100;

  /**
   * Whether the formulas were made for this thread: 0.2 mm and coarser, at most 100 pitches wide.
   */
  public static boolean covers(ScrewThread thread) {
    return thread.pitchMm() >= FINEST_MM
        && thread.pitchMm() >= thread.nominalDiameterMm() / FINEST_SHARE;
  }

  /**
   * es = −(15 + 11·P), T_d = 180·P^⅔ − 3.15/√P, T_d2 = 90·P^0.4·d^0.1, T_D2 = 1.32·T_d2, all µm.
   */
  public static ThreadTolerance worst(ScrewThread thread) {
    double p = thread.pitchMm();
    double es = -(15 + 11 * p);
    double majorSpan = 180 * Math.cbrt(p * p) - 3.15 / Math.sqrt(p);
    double pitchSpan = 90 * Math.pow(p, 0.4) * Math.pow(thread.nominalDiameterMm(), 0.1);
    double minorSpan = p < 1 ? 433 * p - 190 * Math.pow(p, 1.22) : 230 * Math.pow(p, 0.7);
    return new ThreadTolerance(
        thread.nominalDiameterMm() + (es - majorSpan) * MM_PER_MICROMETRE,
        thread.pitchDiameterMm() + (es - pitchSpan) * MM_PER_MICROMETRE,
        thread.pitchDiameterMm() + 1.32 * pitchSpan * MM_PER_MICROMETRE,
        thread.internalMinorDiameterMm() + minorSpan * MM_PER_MICROMETRE);
  }
}
