package app.unimetric.core.joint;

import app.unimetric.core.thread.ScrewThread;
import app.unimetric.core.thread.ThreadTolerance;

/**
 * What gives way first as a bolt is pulled too far (FED-STD-H28 / VDI 2230-1, 5.5.5, worst of
 * 6H/6g).
 *
 * @param boltBreakN R_m·A_s, N
 * @param boltStripN load at which the bolt's thread shears, N
 * @param threadStripN load at which the other thread shears, N
 * @param failsFirst the weakest of the three
 * @param boltFirstMm engagement from which the bolt breaks before either thread strips, mm
 */
public record Stripping(
    double boltBreakN,
    double boltStripN,
    double threadStripN,
    Weakest failsFirst,
    double boltFirstMm) {
  public static final String SOURCE = "FED-STD-H28 / VDI 2230-1, worst of 6H/6g";
  private static final double TAN_HALF_FLANK = Math.tan(Math.toRadians(30));

  /** What gives way. */
  public enum Weakest {
    BOLT("the bolt breaks"),
    BOLT_THREAD("the bolt's thread strips"),
    INTERNAL_THREAD("the thread it is in strips");

    private final String words;

    Weakest(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /**
   * Internal: A_ts = π·d_min·(L_e/P)·[P/2 + (d_min − D2_max)·tan 30°]; external: A_ss =
   * π·D1_max·(L_e/P)·[P/2 + (d2_min − D1_max)·tan 30°]; load = τ·A.
   *
   * @param boltUltimateMPa R_m of the bolt, MPa
   */
  public static Stripping of(ScrewThread thread, double boltUltimateMPa, Engagement engagement) {
    ThreadTolerance t = ThreadTolerance.worst(thread);
    double p = thread.pitchMm();
    double internalPerMm =
        Math.PI
            * t.boltMajorMinMm()
            / p
            * (p / 2 + (t.boltMajorMinMm() - t.nutPitchMaxMm()) * TAN_HALF_FLANK);
    double externalPerMm =
        Math.PI
            * t.nutMinorMaxMm()
            / p
            * (p / 2 + (t.boltPitchMinMm() - t.nutMinorMaxMm()) * TAN_HALF_FLANK);
    double boltBreak = boltUltimateMPa * thread.stressAreaMm2();
    double threadPerMm = engagement.shearMPa() * Math.max(internalPerMm, 0);
    double boltPerMm = Engagement.SHEAR_PER_ULTIMATE * boltUltimateMPa * Math.max(externalPerMm, 0);
    double threadStrip = threadPerMm * engagement.lengthMm();
    double boltStrip = boltPerMm * engagement.lengthMm();
    Weakest first =
        boltBreak <= Math.min(threadStrip, boltStrip)
            ? Weakest.BOLT
            : boltStrip <= threadStrip ? Weakest.BOLT_THREAD : Weakest.INTERNAL_THREAD;
    return new Stripping(
        boltBreak, boltStrip, threadStrip, first, boltBreak / Math.min(threadPerMm, boltPerMm));
  }

  /** The load at which the weakest gives way, N. */
  public double failsAtN() {
    return Math.min(boltBreakN, Math.min(boltStripN, threadStripN));
  }
}
