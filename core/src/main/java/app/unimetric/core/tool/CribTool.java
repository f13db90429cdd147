package app.unimetric.core.tool;

import app.unimetric.core.problem.Problems;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A torque tool as it hangs in the crib.
 *
 * @param id how it is told from the others
 * @param name what people call it
 * @param type how it tells its torque
 * @param tool what it can do
 * @param calibratedOn day of the last calibration; null when never
 * @param cycles uses since then
 * @param adapter an adapter that stays on it; null without one
 * @param leftHand whether it is rated for turning left-handed
 * @param out why it is out of use; null when it is not
 */
public record CribTool(
    String id,
    String name,
    ToolType type,
    TorqueTool tool,
    @Nullable LocalDate calibratedOn,
    int cycles,
    @Nullable Adapter adapter,
    boolean leftHand,
    @Nullable String out) {
  /** Calibration lasts this long (ISO 6789-1). */
  public static final int CALIBRATION_MONTHS = 12;

  /** … or this many uses, whichever comes first (ISO 6789-1). */
  public static final int CALIBRATION_CYCLES = 5000;

  public CribTool {
    tool =
        tool.deviationPercent() == null
            ? tool.deviating(type.permissiblePercent(tool.maxNm()))
            : tool;
    new Problems()
        .require(
            !id.isBlank() && id.length() <= 100, "id", "is missing or longer than 100 characters.")
        .require(cycles >= 0, "cycles", "must not be negative.")
        .orThrow();
  }

  /** A tool that turns both ways and that nothing happened to. */
  public CribTool(
      String id,
      String name,
      ToolType type,
      TorqueTool tool,
      @Nullable LocalDate calibratedOn,
      int cycles,
      @Nullable Adapter adapter) {
    this(id, name, type, tool, calibratedOn, cycles, adapter, true, null);
  }

  /** The first day on which the tool is out of calibration by date; null when it never was in. */
  public @Nullable LocalDate calibrationEnds() {
    return calibratedOn == null ? null : calibratedOn.plusMonths(CALIBRATION_MONTHS);
  }

  /** Whether this is the tool that people name by its span; to within a hundredth of it. */
  public boolean spans(double minNm, double maxNm) {
    double near = 0.01 * maxNm;
    return Math.abs(tool.minNm() - minNm) <= near && Math.abs(tool.maxNm() - maxNm) <= near;
  }

  public boolean inCalibration(LocalDate today) {
    LocalDate ends = calibrationEnds();
    return out == null && ends != null && today.isBefore(ends) && cycles < CALIBRATION_CYCLES;
  }

  /** As far as a plan looks at it: how often it was used matters to none while it is in. */
  public CribTool lookedAtByPlans() {
    return cycles == 0 || cycles >= CALIBRATION_CYCLES
        ? this
        : new CribTool(id, name, type, tool, calibratedOn, 0, adapter, leftHand, out);
  }
}
