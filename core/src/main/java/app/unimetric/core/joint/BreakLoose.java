package app.unimetric.core.joint;

import app.unimetric.core.fastener.Drive;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.why.Derivation;
import app.unimetric.core.why.Why;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What it takes to undo a bolt, and whether its drive stands it.
 *
 * @param lowNm least to expect, N·m
 * @param highNm most to expect, N·m
 * @param driveLimitNm what the recess stands; null when it is not what gives way
 * @param heatFirst whether to warm it before trying, as the product's sheet allows
 * @param forceAtOneMetreN pull at a lever of one metre, N; half the lever, twice the pull
 */
public record BreakLoose(
    double lowNm,
    double highNm,
    @Nullable Double driveLimitNm,
    boolean heatFirst,
    double forceAtOneMetreN,
    List<String> reasons,
    List<Derivation> derivation) {
  /** The largest tightening torque asked about, N·m. */
  public static final double MOST_NM = 3000;

  private static final double CLEAN_LOW = 0.7;
  private static final double CLEAN_HIGH = 1.3;
  private static final double CURED_LOW = 2;
  private static final double CURED_HIGH = 3;

  /**
   * The estimate: 0.7 to 1.3 times the tightening torque for clean threads, 2 to 3 times with old
   * hardened compound.
   *
   * @param tightenedNm torque it was tightened with, N·m
   * @param hardened whether old threadlocker or retaining compound sits in the thread
   */
  public static BreakLoose of(double tightenedNm, boolean hardened, Drive drive) {
    new Problems().positive(tightenedNm, MOST_NM, "tightenedNm").orThrow();
    double low = tightenedNm * (hardened ? CURED_LOW : CLEAN_LOW);
    double high = tightenedNm * (hardened ? CURED_HIGH : CLEAN_HIGH);
    Double limit = drive.limitNm();
    boolean beyond = limit != null && high > limit;
    Why why =
        new Why()
            .derive("T_low", low, "N·m", hardened ? "2·T" : "0.7·T", "workshop experience")
            .derive("T_high", high, "N·m", hardened ? "3·T" : "1.3·T", "workshop experience");
    if (limit != null) {
      why.derive("T_drive", limit, "N·m", "test torque of the key", drive.source());
    }
    why.because(
        hardened
            ? "Old compound takes two to three times the tightening torque to break."
            : "A clean thread comes loose near the torque it was tightened with.");
    if (beyond) {
      why.because(
          hardened
              ? "The drive may round off before it moves: warm it first as the product's sheet allows, with no flame near fuel, seals, carbon or paint."
              : "The drive may round off before it moves: clean the recess, seat the key fully, use a penetrating oil and time, or an outside grip.");
    }
    why.because("Never with a torque tool, and never with a jerk on the lever.");
    return new BreakLoose(
        low, high, limit, beyond && hardened, high, why.reasons(), why.derivation());
  }
}
