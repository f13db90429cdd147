package app.unimetric.core.carbon;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.why.Derivation;
import app.unimetric.core.why.Why;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A thin split clamp on a tube: pressure, and what it holds. For comparing, not a licence to pass a
 * marking; uniform pressure is the kind case.
 *
 * @param meanMPa mean pressure on the tube, MPa
 * @param peakMPa 4/π of the mean, MPa
 * @param slipTorqueLowNm 2/π of the torque that turns it under uniform pressure, N·m
 * @param slipTorqueHighNm that torque, N·m
 * @param slideForceLowN likewise for the force that slides it, N
 * @param slideForceHighN that force, N
 * @param withinLimit whether the peak stays below the limit; null without one
 */
public record ClampPressure(
    double meanMPa,
    double peakMPa,
    double slipTorqueLowNm,
    double slipTorqueHighNm,
    double slideForceLowN,
    double slideForceHighN,
    @Nullable Boolean withinLimit,
    List<String> reasons,
    List<Derivation> derivation) {
  private static final String SOURCE = "thin ring round a tube, uniform pressure";

  /** How the clamp closes. */
  public enum Style {
    /** One slit; every bolt pulls the ring. */
    PINCH("one slit"),
    /** Two slits; the bolts share two sides. */
    FACEPLATE("a faceplate");

    private final String words;

    Style(String words) {
      this.words = words;
    }

    /** In words, as a choice offers it. */
    public String words() {
      return words;
    }
  }

  /**
   * p = 2·T_h/(D·w) with T_h = n·F (pinch) or n·F/2 (faceplate); M = μ·p·π·D·w·D/2; S = μ·p·π·D·w.
   *
   * @param tubeDiameterMm D, mm
   * @param widthMm w, mm
   * @param bolts n in all
   * @param boltLoadN F of each, N
   * @param friction μ between clamp and tube
   * @param limitMPa what the tube stands, MPa; null when unknown
   */
  public static ClampPressure of(
      double tubeDiameterMm,
      double widthMm,
      Style style,
      int bolts,
      double boltLoadN,
      double friction,
      @Nullable Double limitMPa) {
    Problems problems =
        new Problems()
            .positive(tubeDiameterMm, 500, "tubeDiameterMm")
            .positive(widthMm, 500, "widthMm")
            .require(bolts >= 1 && bolts <= 16, "bolts", "must be a whole number from 1 to 16.")
            .within(boltLoadN, 0, 1e6, "boltLoadN")
            .within(friction, 0.01, 1.5, "friction");
    if (limitMPa != null) {
      problems.positive(limitMPa, 10_000, "limitMPa");
    }
    problems.orThrow();
    double hoop = style == Style.PINCH ? bolts * boltLoadN : bolts * boltLoadN / 2;
    double mean = 2 * hoop / (tubeDiameterMm * widthMm);
    double peak = 4 / Math.PI * mean;
    double slide = friction * mean * Math.PI * tubeDiameterMm * widthMm;
    double slip = slide * tubeDiameterMm / 2 / 1000;
    double kindest = 2 / Math.PI;
    Why why =
        new Why()
            .derive("T_h", hoop, "N", style == Style.PINCH ? "n·F" : "n·F/2", SOURCE)
            .derive("p", mean, "MPa", "2·T_h/(D·w)", SOURCE)
            .derive("p_peak", peak, "MPa", "4/π·p", SOURCE)
            .derive("S", slide, "N", "μ·p·π·D·w", SOURCE)
            .derive("M", slip, "N·m", "S·D/2", SOURCE);
    why.because(
        "Assumes a thin ring that presses evenly; a real clamp presses more at its edges and holds less.");
    Boolean within = limitMPa == null ? null : Boolean.valueOf(peak <= limitMPa);
    if (Boolean.FALSE.equals(within)) {
      why.because("The peak passes what the tube stands: less torque, a wider clamp, or paste.");
    }
    return new ClampPressure(
        mean,
        peak,
        slip * kindest,
        slip,
        slide * kindest,
        slide,
        within,
        why.reasons(),
        why.derivation());
  }
}
