package app.unimetric.core.quantity;

import java.util.function.DoubleSupplier;
import org.jspecify.annotations.Nullable;

/** Figures that may be left empty: not a number while other fields are read, then none. */
public final class LeftEmpty {
  private LeftEmpty() {}

  /**
   * What was typed, or not a number where nothing was, so that it is told from a figure that could
   * not be read.
   *
   * @param read reads what was typed
   */
  public static Double or(String typed, DoubleSupplier read) {
    return typed.isBlank() ? Double.NaN : read.getAsDouble();
  }

  /** The figure; null where nothing was typed, or nothing could be read. */
  public static @Nullable Double none(@Nullable Double figure) {
    return figure == null || figure.isNaN() ? null : figure;
  }
}
