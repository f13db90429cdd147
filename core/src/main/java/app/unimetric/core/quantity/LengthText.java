package app.unimetric.core.quantity;

import app.unimetric.core.problem.InvalidInput;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Lengths as people type them: {@code 450}, {@code 45 cm}, {@code 17.7 in}, {@code 1 3/4"}. */
public final class LengthText {
  private static final Pattern LENGTH =
      Pattern.compile("([\\d.,]+)\\s*(mm|cm|m|in|inch|inches|\"|″|”)?");
  private static final int LONGEST = 40;

  private LengthText() {}

  /**
   * A length in mm; without a unit it is taken for mm.
   *
   * @param field where it was typed, for the message
   * @throws InvalidInput when it is no length
   */
  public static double parseMm(String text, String field) {
    String typed = FractionText.decimals(text.strip().toLowerCase(Locale.ROOT));
    Matcher m = LENGTH.matcher(typed);
    if (typed.length() > LONGEST || !m.matches()) {
      throw InvalidInput.at(
          field, "is no length; type mm such as 450, or inches such as 17.7 in or 1 3/4\".");
    }
    double figure = DecimalText.parse(m.group(1), field);
    String unit = m.group(2);
    return figure * (unit == null ? 1 : factor(unit));
  }

  private static double factor(String unit) {
    return switch (unit) {
      case "mm" -> 1;
      case "cm" -> 10;
      case "m" -> 1000;
      default -> Inch.MM;
    };
  }
}
