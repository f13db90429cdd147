package app.unimetric.core.quantity;

import app.unimetric.core.problem.InvalidInput;
import java.util.regex.Pattern;

/** Numbers as people type them: decimal point or comma, spaces around, nothing else. */
public final class DecimalText {
  private static final Pattern DECIMAL = Pattern.compile("\\d{1,9}(?:[.,]\\d{1,9})?|[.,]\\d{1,9}");
  private static final int LONGEST = 40;

  private DecimalText() {}

  /**
   * Reads a non-negative decimal.
   *
   * @param text what was typed
   * @param field where it was typed, for the message
   * @throws InvalidInput when it is not a plain number
   */
  public static double parse(String text, String field) {
    String typed = text.strip();
    if (typed.length() > LONGEST || !DECIMAL.matcher(typed).matches()) {
      String shown = typed.length() > LONGEST ? typed.substring(0, LONGEST) + "…" : typed;
      throw InvalidInput.at(
          field,
          typed.isEmpty()
              ? "No figure was given; type a number such as 12.5."
              : "“" + shown + "” is not a plain number; type figures such as 12.5.");
    }
    return Double.parseDouble(typed.replace(',', '.'));
  }
}
