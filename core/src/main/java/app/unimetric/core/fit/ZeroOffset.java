package app.unimetric.core.fit;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.why.Derivation;
import app.unimetric.core.why.Why;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The log of a power meter's zero offset. Whatever unit its display has, an offset that moves tells
 * of a battery, of water, of a cold soak or of a joint that works.
 *
 * @param drift last less first
 * @param spread highest less lowest
 * @param trendPerDay slope of the straight line through the readings, by least squares
 * @param stable whether the spread stays within its limit
 * @param limit by which that was judged
 */
public record ZeroOffset(
    double drift,
    double spread,
    double trendPerDay,
    boolean stable,
    double limit,
    List<String> reasons,
    List<Derivation> derivation)
    implements Judged {
  /** Where its maker states no limit: so much of what it shows in the middle. */
  public static final double SHARE = 0.05;

  /** And never less than one of its last digit. */
  public static final double LEAST_LIMIT = 1;

  private static final String SOURCE = "workshop rule";
  private static final double MOST = 1e6;
  private static final double ROUNDING = 1e-9;
  private static final int MOST_READINGS = 1000;
  private static final double SECONDS_A_DAY = 86_400;

  /** A reading of the display. */
  public record Reading(Instant at, double value) {}

  /**
   * @param readings 2 or more, in the order of time
   * @param stated most spread its maker allows, in the unit of the readings; null where none is
   *     known
   */
  public static ZeroOffset of(List<Reading> readings, @Nullable Double stated) {
    check(readings, stated);
    double[] values = readings.stream().mapToDouble(Reading::value).toArray();
    double least = readings.stream().mapToDouble(Reading::value).min().orElse(0);
    double most = readings.stream().mapToDouble(Reading::value).max().orElse(0);
    double drift = values[values.length - 1] - values[0];
    double middle = readings.stream().mapToDouble(Reading::value).average().orElse(0);
    double limit = stated == null ? Math.max(LEAST_LIMIT, SHARE * Math.abs(middle)) : stated;
    double trend = slope(readings, middle);
    boolean stable = most - least <= limit + ROUNDING;
    Why why =
        new Why()
            .derive("Δz", drift, "", "last − first", SOURCE)
            .derive("s", most - least, "", "highest − lowest", SOURCE)
            .derive("b", trend, "1/day", "Σ(t−t̄)(z−z̄)/Σ(t−t̄)²", "least squares")
            .derive("s_max", limit, "", stated == null ? "5 % of the mean, ≥ 1" : "stated", SOURCE);
    String spread = Figure.rounded(most - least, 1) + ", " + Figure.rounded(limit, 1);
    why.because(
        stable
            ? "It holds its zero: it moved by " + spread + " is allowed."
            : "It does not hold its zero: it moved by "
                + spread
                + " is allowed. Battery, water, how it is fitted; let it lie in the cold and set the"
                + " zero again.");
    if (stated == null) {
      why.because(
          "No limit of its maker was given: a twentieth of what it shows was taken, one at the"
              + " least.");
    }
    return new ZeroOffset(
        drift, most - least, trend, stable, limit, why.reasons(), why.derivation());
  }

  private static void check(List<Reading> readings, @Nullable Double stated) {
    Problems problems =
        new Problems()
            .require(
                readings.size() >= 2 && readings.size() <= MOST_READINGS,
                "readings",
                "needs 2 to 1000: one tells nothing of how it holds.");
    for (int i = 0; i < Math.min(readings.size(), MOST_READINGS); i++) {
      problems.within(readings.get(i).value(), -MOST, MOST, "readings[" + i + "].value");
      problems.require(
          i == 0 || readings.get(i).at().isAfter(readings.get(i - 1).at()),
          "readings[" + i + "].at",
          "is not after the one before: put them in the order of time.");
    }
    if (stated != null) {
      problems.positive(stated, MOST, "limit");
    }
    problems.orThrow();
  }

  private static double slope(List<Reading> readings, double middle) {
    Instant first = readings.get(0).at();
    double[] days =
        readings.stream()
            .mapToDouble(r -> Duration.between(first, r.at()).getSeconds() / SECONDS_A_DAY)
            .toArray();
    double mean = Arrays.stream(days).average().orElse(0);
    double with = 0;
    double square = 0;
    for (int i = 0; i < days.length; i++) {
      with += (days[i] - mean) * (readings.get(i).value() - middle);
      square += (days[i] - mean) * (days[i] - mean);
    }
    return square == 0 ? 0 : with / square;
  }

  @Override
  public FitVerdict inShort() {
    return stable ? FitVerdict.FITS : FitVerdict.DOES_NOT;
  }

  @Override
  public List<String> fails() {
    return stable ? List.of() : List.of("spread");
  }
}
