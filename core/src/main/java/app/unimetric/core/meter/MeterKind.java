package app.unimetric.core.meter;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.table.CellText;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/** What a machine's meter counts. */
public enum MeterKind {
  KM("km", "kilometres", "odometer"),
  /** Statute miles of 1.609344 km (international yard and pound agreement, 1959). */
  MILES("mi", "miles", "odometer"),
  HOURS("h", "hours", "hour meter"),
  /** It has none: what is looked at again falls due by the day. */
  NONE("", "nothing, it has none", "no meter");

  private static final double KM_PER_MILE = 1.609344;
  private final String sign;
  private final String counts;
  private final String called;

  MeterKind(String sign, String counts, String called) {
    this.sign = sign;
    this.counts = counts;
    this.called = called;
  }

  /** Beside its figure; empty where there is none. */
  public String sign() {
    return sign;
  }

  /** What it counts, in words. */
  public String counts() {
    return counts;
  }

  /** What people call it. */
  public String called() {
    return called;
  }

  public boolean isDistance() {
    return this == KM || this == MILES;
  }

  /** A figure of this meter in km; null where it counts no distance, or said nothing. */
  public @Nullable Double km(@Nullable Double figure) {
    if (figure == null || !isDistance()) {
      return null;
    }
    return this == MILES ? (Double) (figure * KM_PER_MILE) : figure;
  }

  /** A distance as this meter counts it. */
  public double ofKm(double km) {
    return this == MILES ? km / KM_PER_MILE : km;
  }

  /** A figure of this meter in h; null where it counts no hours, or said nothing. */
  public @Nullable Double hours(@Nullable Double figure) {
    return this == HOURS ? figure : null;
  }

  /**
   * The kind people mean; an empty cell means kilometres.
   *
   * @throws InvalidInput at “meter”
   */
  public static MeterKind parse(String cell) {
    String said = CellText.plain(cell);
    return switch (said) {
      case "", "km", "kilometre", "kilometres", "kilometer", "kilometers", "odometer" -> KM;
      case "mi", "mile", "miles" -> MILES;
      case "h", "hour", "hours", "hour meter", "engine hours" -> HOURS;
      case "none", "nothing", "no" -> NONE;
      default ->
          throw InvalidInput.at(
              "meter",
              "“"
                  + cell.strip()
                  + "” is not what a meter counts; use "
                  + String.join(
                      ", ",
                      Arrays.stream(values())
                          .map(k -> k.name().toLowerCase(java.util.Locale.ROOT))
                          .toList())
                  + ".");
    };
  }
}
