package app.unimetric.core.quantity;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/**
 * Fractions as they stand on inch tools and sheets, made decimals: {@code 16 1/2}, {@code 1-1/8},
 * {@code ½}. Only halves to sixty-fourths are taken for fractions; {@code 12/15} stays as it is.
 */
public final class FractionText {
  private static final Map<Character, String> SIGNS =
      Map.of(
          '½', "1/2", '¼', "1/4", '¾', "3/4", '⅛', "1/8", '⅜', "3/8", '⅝', "5/8", '⅞', "7/8", '⅓',
          "1/3", '⅔', "2/3");
  private static final Pattern FRACTION =
      Pattern.compile(
          "(?<![\\d.,/])(?:(\\d{1,6})(?:\\s+|-))?(\\d{1,2})/(2|3|4|8|16|32|64)(?![\\d/]|[.,]\\d)");
  private static final int DECIMALS = 9;

  private FractionText() {}

  /** The same text with every fraction in it as a decimal. */
  public static String decimals(String text) {
    StringBuilder spelled = new StringBuilder();
    for (char c : text.toCharArray()) {
      String fraction = SIGNS.get(c);
      boolean behindADigit =
          !spelled.isEmpty() && Character.isDigit(spelled.charAt(spelled.length() - 1));
      spelled.append(
          fraction == null ? String.valueOf(c) : behindADigit ? " " + fraction : fraction);
    }
    return MatchedText.rewritten(FRACTION, spelled, FractionText::decimal);
  }

  private static String decimal(MatchResult m) {
    BigDecimal over = new BigDecimal(m.group(2));
    BigDecimal under = new BigDecimal(m.group(3));
    if (over.compareTo(under) >= 0) {
      return m.group();
    }
    BigDecimal whole = m.group(1) == null ? BigDecimal.ZERO : new BigDecimal(m.group(1));
    return whole
        .add(over.divide(under, DECIMALS, RoundingMode.HALF_UP))
        .stripTrailingZeros()
        .toPlainString();
  }
}
