package app.unimetric.core.quantity;

import java.math.BigDecimal;
import java.math.RoundingMode;
import org.jspecify.annotations.Nullable;

/**
 * A number as it is written for people: what was typed keeps its digits, what was computed shows no
 * more than it is worth, what is read on a scale shows the digits of its graduation. Always with a
 * decimal point, in every locale.
 */
public final class Figure {
  private static final int MOST_DECIMALS = 9;
  private static final double TINY = 0.005;
  private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹";

  private Figure() {}

  /**
   * As it was typed: 12, 12.5, 0.125; every digit that says something, and none besides. Beyond the
   * ninth decimal nothing is typed: what stands there is arithmetic.
   */
  public static String typed(double figure) {
    return rounded(figure, MOST_DECIMALS);
  }

  /** At most so many decimals, and none that say nothing: 12.50 is 12.5. Half is rounded up. */
  public static String rounded(double figure, int decimals) {
    return plain(BigDecimal.valueOf(figure).setScale(decimals, RoundingMode.HALF_UP));
  }

  /** Exactly so many decimals: 12.5 is 12.50. Half is rounded up. */
  public static String fixed(double figure, int decimals) {
    return BigDecimal.valueOf(figure).setScale(decimals, RoundingMode.HALF_UP).toPlainString();
  }

  /**
   * A computed number: no decimals from 100 up, one from 10, two below; smaller than 0.005 as a
   * power of ten.
   */
  public static String shown(double figure) {
    double size = Math.abs(figure);
    if (size != 0 && size < TINY) {
      return powerOfTen(figure);
    }
    return rounded(figure, size >= 100 ? 0 : size >= 10 ? 1 : 2);
  }

  private static String powerOfTen(double figure) {
    int power = (int) Math.floor(Math.log10(Math.abs(figure)));
    BigDecimal share = BigDecimal.valueOf(figure).movePointLeft(power);
    StringBuilder raised = new StringBuilder(power < 0 ? "⁻" : "");
    Integer.toString(Math.abs(power)).chars().forEach(d -> raised.append(RAISED.charAt(d - '0')));
    return plain(share.setScale(1, RoundingMode.HALF_UP)) + "·10" + raised;
  }

  /**
   * As it stands on a scale: with the decimals of its graduation.
   *
   * @param graduation distance of two marks; null for a scale without marks, which shows two
   *     decimals at most
   */
  public static String onScale(double figure, @Nullable Double graduation) {
    return graduation == null ? rounded(figure, 2) : fixed(figure, decimals(graduation));
  }

  /** How many decimals a figure is written with: 0 for 18, 2 for 0.25. */
  public static int decimals(double figure) {
    String written = typed(figure);
    int point = written.indexOf('.');
    return point < 0 ? 0 : written.length() - point - 1;
  }

  private static String plain(BigDecimal figure) {
    return figure.signum() == 0 ? "0" : figure.stripTrailingZeros().toPlainString();
  }
}
