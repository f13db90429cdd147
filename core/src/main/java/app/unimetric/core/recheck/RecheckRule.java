package app.unimetric.core.recheck;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * When something is looked at again. Of distance, time and hours whichever comes first.
 *
 * @param key how the rule is told from the others
 * @param why in words
 * @param afterFirstRide as soon as the machine has moved
 * @param km distance after fitting, km; null when distance does not matter
 * @param days days after fitting; null when time does not matter
 * @param hours running hours after fitting; null when hours do not matter
 */
public record RecheckRule(
    String key,
    String why,
    boolean afterFirstRide,
    @Nullable Double km,
    @Nullable Integer days,
    @Nullable Double hours) {
  /** For everything: embedment shows at once. */
  public static final RecheckRule FIRST_RIDE =
      new RecheckRule("first-ride", "Seats settle on the first ride.", true, null, null, null);

  /** For paint, plastic, new brackets, carbon clamps and wheels. */
  public static final RecheckRule SETTLING =
      new RecheckRule(
          "settling",
          "Paint, plastic, new brackets, carbon clamps and wheels keep settling.",
          false,
          100.0,
          30,
          10.0);

  /** For wheels and axles, before the ordinary ones. */
  public static final RecheckRule WHEEL =
      new RecheckRule(
          "wheel",
          "A wheel that works loose does so in the first kilometres.",
          false,
          5.0,
          null,
          0.25);

  public RecheckRule {
    Problems problems = new Problems().require(!why.isBlank(), "why", "is missing.");
    if (km != null) {
      problems.positive(km, 1_000_000, "km");
    }
    if (days != null) {
      problems.require(days > 0 && days <= 36_500, "days", "must be 1 to 36 500.");
    }
    if (hours != null) {
      problems.positive(hours, 1_000_000, "hours");
    }
    problems.require(
        afterFirstRide || km != null || days != null || hours != null,
        "",
        "A rule needs a distance, a time or hours.");
    problems.orThrow();
  }

  /** When, in words: {@code 100 km, 30 days or 10 h, whichever first}. */
  public String when() {
    List<String> limits = new ArrayList<>();
    if (km != null) {
      limits.add(Figure.rounded(km, 1) + " km");
    }
    if (days != null) {
      limits.add(days + (days == 1 ? " day" : " days"));
    }
    if (hours != null) {
      limits.add(Figure.rounded(hours, 2) + " h");
    }
    String first = afterFirstRide ? "after the first ride" : "";
    if (limits.isEmpty()) {
      return first;
    }
    int last = limits.size() - 1;
    String counted =
        last == 0
            ? "after " + limits.get(0)
            : "after "
                + String.join(", ", limits.subList(0, last))
                + " or "
                + limits.get(last)
                + ", whichever first";
    return first.isEmpty() ? counted : first + ", then " + counted;
  }
}
