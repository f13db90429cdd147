package app.unimetric.core.plan;

import app.unimetric.core.quantity.Figure;
import org.jspecify.annotations.Nullable;

/**
 * When a joint gets its product and how long it then has.
 *
 * @param minutesToFinal estimated from wetting the first to the final torque of the last; 0 when it
 *     goes on afterwards
 * @param fixtureMinutes from the product's own sheet; null when unknown
 * @param inTime whether it gets there before the product sets; true when that is not known
 */
public record Wetting(
    Placed placed, double minutesToFinal, @Nullable Double fixtureMinutes, boolean inTime) {

  /** When a joint is wetted. */
  public enum Placed {
    BEFORE_START,
    BEFORE_SNUG,
    AT_ITS_TURN,
    WHEN_TIGHT
  }

  /** Whether it is started dry and taken out again to be wetted. */
  public boolean isStartedDry() {
    return placed == Placed.BEFORE_SNUG || placed == Placed.AT_ITS_TURN;
  }

  /** Why it is wetted then, in words; empty when there is nothing to say. */
  public String words() {
    Double fixture = fixtureMinutes;
    if (placed == Placed.WHEN_TIGHT) {
      return "Wicks in when all is tight.";
    }
    if (fixture == null) {
      return "";
    }
    String times =
        "about "
            + Figure.rounded(minutesToFinal, 0)
            + " min from wetting to the final torque, the product sets in "
            + Figure.rounded(fixture, 0);
    if (!inTime) {
      return "Too slow for this product: "
          + times
          + ". Work with two, or take one that sets later.";
    }
    return placed == Placed.BEFORE_START
        ? ""
        : "Started dry and wetted late, so that it is tight before it sets: " + times + ".";
  }
}
