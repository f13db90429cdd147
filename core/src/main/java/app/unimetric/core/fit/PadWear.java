package app.unimetric.core.fit;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.why.Derivation;
import app.unimetric.core.why.Why;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How long pads will last, if they go on as they did.
 *
 * @param wearPer1000Km mm
 * @param inShort whether they may be ridden, with what was measured to
 * @param leftKm until the limit; 0 once it is reached, null where nothing was worn yet
 */
public record PadWear(
    double wearPer1000Km,
    @Nullable Double leftKm,
    Verdict verdict,
    FitVerdict inShort,
    List<String> reasons,
    List<Derivation> derivation)
    implements Judged {
  /** From here on there is little left to hold the heat. */
  public static final double NEAR_MM = 0.5;

  private static final String SOURCE = "workshop rule";
  private static final double MOST_MM = 50;
  private static final double MOST_KM = 1_000_000;
  private static final double MOST_UNCERTAINTY_MM = 5;
  private static final double SMALLEST_MM = 1e-6;
  private static final double ROUNDING_MM = 1e-9;

  /** What is to be done. */
  public enum Verdict {
    GOOD,
    /** Within half a millimetre of the limit. */
    NEAR,
    /** At the limit or below. */
    WORN
  }

  @Override
  public List<String> fails() {
    return inShort == FitVerdict.FITS ? List.of() : List.of("nowMm");
  }

  /**
   * @param newMm when new
   * @param limitMm below {@code newMm}
   * @param distanceKm since
   * @param measuredToMm by how much {@code nowMm} may be wrong, either way
   */
  public static PadWear of(
      double newMm, double nowMm, double limitMm, double distanceKm, double measuredToMm) {
    new Problems()
        .positive(newMm, MOST_MM, "newMm")
        .within(nowMm, 0, MOST_MM, "nowMm")
        .within(limitMm, 0, MOST_MM, "limitMm")
        .positive(distanceKm, MOST_KM, "distanceKm")
        .within(measuredToMm, 0, MOST_UNCERTAINTY_MM, "measuredToMm")
        .require(!(nowMm > newMm), "nowMm", "is more than when new: are the two swapped?")
        .require(limitMm < newMm, "limitMm", "is not below the new pad.")
        .orThrow();
    double wear = 1000 * (newMm - nowMm) / distanceKm;
    double above = nowMm - limitMm;
    Verdict verdict =
        above <= ROUNDING_MM
            ? Verdict.WORN
            : above <= NEAR_MM + ROUNDING_MM ? Verdict.NEAR : Verdict.GOOD;
    Double left =
        verdict == Verdict.WORN ? (Double) 0.0 : wear == 0 ? null : (Double) (1000 * above / wear);
    Why why =
        new Why()
            .derive("w", wear, "mm/1000 km", "1000·(new − now)/distance", SOURCE)
            .derive("t", above, "mm", "now − limit", SOURCE);
    if (left != null) {
      why.derive("s", left, "km", "1000·(now − limit)/w", SOURCE);
    }
    why.because(
        switch (verdict) {
          case WORN -> "Worn to the limit: do not ride on them.";
          case NEAR ->
              Figure.fixed(above, 1)
                  + " mm above the limit: thin pads hand their heat to the fluid. Renew them now.";
          case GOOD ->
              left == null
                  ? "Nothing is worn yet."
                  : "About " + Math.round(left) + " km are left, if they go on as they did.";
        });
    FitVerdict may = new FitWindow(SMALLEST_MM, MOST_MM).judge(above, measuredToMm);
    if (may == FitVerdict.TOO_CLOSE) {
      why.first(
          "Too close to the limit to call: measure to ± "
              + Figure.fixed(Math.abs(above), 2)
              + " mm or better, or renew them.");
    }
    return new PadWear(wear, left, verdict, may, why.reasons(), why.derivation());
  }
}
