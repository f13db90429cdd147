package app.unimetric.core.quantity;

import app.unimetric.core.problem.InvalidInput;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Masses as people type them: {@code 412}, {@code 1.2 kg}, {@code 2.6 lb}, {@code 14.5 oz}. */
public final class MassText {
  private static final Pattern MASS = Pattern.compile("([\\d.,]+)\\s*(g|kg|lb|lbs|oz|gram|grams)?");
  private static final double G_PER_KG = 1000;

  /** Exact (international yard and pound agreement, 1959). */
  private static final double G_PER_POUND = 453.59237;

  private static final double OUNCES_PER_POUND = 16;
  private static final double MOST_G = 1_000_000;
  private static final int LONGEST = 40;

  private MassText() {}

  /**
   * A mass in g; without a unit it is taken for g.
   *
   * @param field where it was typed, for the message
   * @throws InvalidInput when it is no mass above 0 and up to a tonne
   */
  public static double parseG(String text, String field) {
    String typed = text.strip().toLowerCase(Locale.ROOT);
    Matcher m = MASS.matcher(typed);
    if (typed.length() > LONGEST || !m.matches()) {
      throw InvalidInput.at(field, "is no mass; type grams such as 412, or 1.2 kg or 2.6 lb.");
    }
    double figure =
        DecimalText.parse(m.group(1), field) * factor(m.group(2) == null ? "g" : m.group(2));
    if (figure <= 0 || figure > MOST_G) {
      throw InvalidInput.at(field, "must be above 0 and at most 1000 kg.");
    }
    return figure;
  }

  private static double factor(String unit) {
    return switch (unit) {
      case "kg" -> G_PER_KG;
      case "lb", "lbs" -> G_PER_POUND;
      case "oz" -> G_PER_POUND / OUNCES_PER_POUND;
      default -> 1;
    };
  }
}
