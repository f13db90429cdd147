package app.unimetric.core.quantity;

import app.unimetric.core.problem.InvalidInput;

/**
 * A torque. Immutable, never negative, at most {@value #MAX_NM} N·m; kept in SI.
 *
 * @param newtonMetres the torque in N·m
 */
public record Torque(double newtonMetres) implements Comparable<Torque> {
  /** The largest torque anything here is about, N·m. */
  public static final double MAX_NM = 10_000;

  public Torque {
    if (!Double.isFinite(newtonMetres) || newtonMetres < 0 || newtonMetres > MAX_NM) {
      throw InvalidInput.at(
          "", "A torque must be a number from 0 to 10 000 N·m; check the figure and its unit.");
    }
  }

  /**
   * A torque as stated.
   *
   * @param value the figure, in {@code unit}
   * @throws InvalidInput when it is not a finite number from 0 to 10 000 N·m
   */
  public static Torque of(double value, TorqueUnit unit) {
    return new Torque(value * unit.newtonMetres());
  }

  public static Torque ofNm(double newtonMetres) {
    return new Torque(newtonMetres);
  }

  /** The figure in {@code unit}, unrounded. */
  public double in(TorqueUnit unit) {
    return newtonMetres / unit.newtonMetres();
  }

  @Override
  public int compareTo(Torque other) {
    return Double.compare(newtonMetres, other.newtonMetres);
  }
}
