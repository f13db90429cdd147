package app.unimetric.core.plan;

import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.OneTimePart;
import app.unimetric.core.problem.InvalidInput;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a job costs against what was quoted for it, in the workshop's currency, to two decimals.
 *
 * @param labour the job's minutes at the workshop's rate; null without a rate or without times
 * @param parts parts used once that have a price
 * @param unpriced parts without one, by name
 * @param total labour and parts; null while labour is not known
 * @param quoted null when nothing was quoted
 * @param left quoted less total, negative when it does not cover; null while either is not known
 * @param reasons how it came about
 */
public record JobCost(
    @Nullable BigDecimal labour,
    BigDecimal parts,
    List<String> unpriced,
    @Nullable BigDecimal total,
    @Nullable BigDecimal quoted,
    @Nullable BigDecimal left,
    List<String> reasons) {
  private static final BigDecimal MOST = new BigDecimal("1000000");
  private static final BigDecimal MINUTES_AN_HOUR = BigDecimal.valueOf(60);
  private static final int CENTS = 2;

  public JobCost {
    unpriced = List.copyOf(unpriced);
    reasons = List.copyOf(reasons);
  }

  /**
   * Works the cost out.
   *
   * @param ratePerHour null when the workshop has not set one
   * @param prices of one piece, by the part's name
   * @param quoted null when nothing was quoted
   */
  public static JobCost of(
      JobPack pack,
      @Nullable BigDecimal ratePerHour,
      Map<String, BigDecimal> prices,
      @Nullable BigDecimal quoted) {
    List<String> reasons = new ArrayList<>();
    BigDecimal minutes = BigDecimal.valueOf(pack.minutes());
    BigDecimal labour = null;
    if (ratePerHour == null) {
      reasons.add("The workshop's rate is not set: a lead sets it once.");
    } else if (minutes.signum() == 0) {
      reasons.add("The job states no times.");
    } else {
      labour = ratePerHour.multiply(minutes).divide(MINUTES_AN_HOUR, CENTS, RoundingMode.HALF_UP);
      reasons.add(
          Math.round(pack.minutes())
              + " min for a practised hand at "
              + ratePerHour.toPlainString()
              + " an hour.");
    }
    BigDecimal parts = BigDecimal.ZERO.setScale(CENTS);
    List<String> unpriced = new ArrayList<>();
    for (OneTimePart part : pack.oneTimeParts()) {
      BigDecimal price = prices.get(part.name());
      if (price == null) {
        unpriced.add(part.name());
      } else {
        parts = parts.add(price.multiply(BigDecimal.valueOf(part.count())));
      }
    }
    BigDecimal total = labour == null ? null : labour.add(parts);
    BigDecimal left = total == null || quoted == null ? null : quoted.subtract(total);
    if (left != null && left.signum() < 0) {
      reasons.add("The quoted price does not cover it: talk before the work, not after.");
    }
    return new JobCost(labour, parts, unpriced, total, quoted, left, reasons);
  }

  /**
   * An amount as typed, such as {@code 62.50} or {@code 62,50}.
   *
   * @throws InvalidInput when it is no amount from 0 to a million with at most two decimals
   */
  public static BigDecimal amount(String typed, String field) {
    String text = typed.strip().replace(',', '.');
    if (!text.matches("\\d{1,7}(\\.\\d{1,2})?") || new BigDecimal(text).compareTo(MOST) > 0) {
      throw InvalidInput.at(
          field, "must be an amount such as 62.50, from 0 to 1 000 000, without a currency sign.");
    }
    return new BigDecimal(text).setScale(CENTS);
  }
}
