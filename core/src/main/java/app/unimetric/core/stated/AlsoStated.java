package app.unimetric.core.stated;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.Torque;
import app.unimetric.core.quantity.TorqueUnit;

/**
 * The second statement of a value on the same sheet: {@code 20 N·m (15 ft·lbf)}.
 *
 * @param value the figure, or the lower one of a range, in {@code unit}
 * @param upper the upper figure of a range; equal to {@code value} for a single one
 * @param unit the unit of the second statement
 */
public record AlsoStated(double value, double upper, TorqueUnit unit) {
  private static final double FLOATING = 1e-9;

  public AlsoStated {
    new Problems()
        .positive(value * unit.newtonMetres(), Torque.MAX_NM, "value")
        .positive(upper * unit.newtonMetres(), Torque.MAX_NM, "value")
        .orThrow();
  }

  /** A single figure. */
  public static AlsoStated of(double value, TorqueUnit unit) {
    return new AlsoStated(value, value, unit);
  }

  /**
   * Whether the two statements mean the same within the rounding of the digits written. A single
   * figure beside a range agrees when it meets either end; a range has to meet both.
   */
  boolean agreesWith(Statement.InTorque first) {
    boolean low = meets(first.lowest(), first.unit(), value);
    boolean high = meets(first.highest(), first.unit(), upper);
    return value == upper ? low || high : low && high;
  }

  private boolean meets(double first, TorqueUnit stated, double second) {
    double rounding =
        halfLastDigit(first) * stated.newtonMetres() + halfLastDigit(second) * unit.newtonMetres();
    double apart = Math.abs(first * stated.newtonMetres() - second * unit.newtonMetres());
    return apart <= rounding * (1 + FLOATING);
  }

  /** Half of the last digit written: 0.5 for 18, 0.05 for 18.5. */
  private static double halfLastDigit(double figure) {
    return 0.5 * Math.pow(10, -Figure.decimals(figure));
  }

  /** As it would be written: {@code 15 ft·lbf}, {@code 7–9 ft·lbf}. */
  public String asStated() {
    String low = Figure.typed(value);
    String figures = value == upper ? low : low + "–" + Figure.typed(upper);
    return figures + " " + unit.sign();
  }
}
