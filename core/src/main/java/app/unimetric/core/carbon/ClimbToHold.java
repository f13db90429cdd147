package app.unimetric.core.carbon;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.PermissibleDeviation;
import app.unimetric.core.quantity.Torque;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Where only a maximum is known: climb from well below it and stop at the first torque that holds.
 */
public final class ClimbToHold {
  public static final double USUAL_START = 0.6;
  private static final double FINE_BELOW_NM = 4;
  private static final double FINE_STEP_NM = 0.25;
  private static final double STEP_NM = 0.5;
  private static final double ROUNDING = 1e-9;

  private ClimbToHold() {}

  /**
   * The torques to try, N·m, rising: from a share of the limit rounded down to the step, by 0.25
   * below 4 N·m and 0.5 above, to the largest step not above limit/(1 + a).
   *
   * @param limitNm the lowest limit of all parts in the clamp, N·m
   * @param deviation a of the tool, a share; null for the usual
   * @param startShare of the limit, 0.1 to 1
   * @throws InvalidInput when the limit leaves no step
   */
  public static List<Double> steps(double limitNm, @Nullable Double deviation, double startShare) {
    Problems problems =
        new Problems()
            .positive(limitNm, Torque.MAX_NM, "limitNm")
            .within(startShare, 0.1, 1, "startFraction");
    if (deviation != null) {
      problems.within(deviation, 0, 0.5, "toolDeviationPercent");
    }
    problems
        .require(!(limitNm > 1000), "limitNm", "is far beyond any clamp on carbon; check the unit.")
        .orThrow();
    double a = deviation == null ? PermissibleDeviation.usual(limitNm) : deviation;
    double last = limitNm / (1 + a) * (1 + ROUNDING);
    double from = startShare * limitNm;
    double grid = from < FINE_BELOW_NM ? FINE_STEP_NM : STEP_NM;
    List<Double> steps = new ArrayList<>();
    for (double nm = Math.max(Math.floor(from / grid + ROUNDING) * grid, grid); nm <= last; ) {
      steps.add(nm);
      nm += nm < FINE_BELOW_NM ? FINE_STEP_NM : STEP_NM;
    }
    if (steps.isEmpty()) {
      throw InvalidInput.at(
          "limitNm",
          "leaves no step below it with this tool's deviation; take a finer tool or ask the maker.");
    }
    return steps;
  }

  /** How it is done, in words. */
  public static List<String> reasons() {
    return List.of(
        "Only a maximum is known: begin well below it, with paste on the clamped surface and grease on the bolt threads.",
        "Tighten in even passes at each step, test for slip with the stated load, and stop at the first torque that holds.",
        "If it still slips at the last step, stop: wrong diameter, missing paste, or a worn part.",
        "The last step keeps the tool's deviation below the limit.");
  }
}
