package app.unimetric.core.quantity;

import app.unimetric.core.problem.InvalidInput;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A span of time as data sheets print it. */
public final class MinutesText {
  private static final Pattern SPAN = Pattern.compile("(\\d{1,6}(?:[.,]\\d{1,3})?)\\s*(\\p{L}+)");
  private static final Map<String, Double> UNITS =
      Map.of(
          "min", 1.0, "minutes", 1.0, "m", 1.0, "h", 60.0, "hours", 60.0, "hour", 60.0, "d", 1440.0,
          "days", 1440.0, "day", 1440.0);

  private MinutesText() {}

  /**
   * Reads a time with its unit, such as {@code 20 min}, {@code 1.5 h} or {@code 3 days}.
   *
   * @return minutes
   * @throws InvalidInput when there is no figure or no unit: a sheet's 24 may be hours or minutes
   */
  public static double parse(String text, String field) {
    Matcher typed = SPAN.matcher(text.strip());
    Double unit =
        typed.matches() ? UNITS.get(typed.group(2).toLowerCase(java.util.Locale.ROOT)) : null;
    if (unit == null) {
      throw InvalidInput.at(field, "must be a time with its unit, such as 20 min, 24 h or 3 days.");
    }
    return Double.parseDouble(typed.group(1).replace(',', '.')) * unit;
  }

  /** Minutes as people say them: 25 min, 1.5 h, 24 h. */
  public static String words(double minutes) {
    if (minutes < 90) {
      return Math.round(minutes) + " min";
    }
    double hours = Math.round(minutes / 6) / 10.0;
    return (hours == Math.rint(hours) ? String.valueOf((long) hours) : String.valueOf(hours))
        + " h";
  }
}
