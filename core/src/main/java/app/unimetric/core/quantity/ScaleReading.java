package app.unimetric.core.quantity;

import org.jspecify.annotations.Nullable;

/**
 * A torque as a tool's scale tells it.
 *
 * @param figure on the scale, in {@code unit}
 * @param unit of the scale
 * @param graduation distance of two marks in {@code unit}; null when it can be set to anything
 */
public record ScaleReading(double figure, TorqueUnit unit, @Nullable Double graduation) {
  public ScaleReading {
    Torque.of(figure, unit);
  }

  /** What it amounts to at the scale, N·m. */
  public double newtonMetres() {
    return figure * unit.newtonMetres();
  }

  /** With the digits of the graduation and no unit: {@code 10.25}. */
  public String onScale() {
    return Figure.onScale(figure, graduation);
  }

  /** For a sentence, a screen or a card: {@code 10.25 N·m}. */
  public String text() {
    return onScale() + " " + unit.sign();
  }

  /** For an open file, with the UCUM code: {@code 10.25 N.m}. */
  public String file() {
    return onScale() + " " + unit.code();
  }
}
