package app.unimetric.core.surface;

import app.unimetric.core.fastener.Material;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import org.jspecify.annotations.Nullable;

/**
 * Times of a product on one metal at one temperature, as its sheet states them.
 *
 * @param metal on which; null where the sheet names none and speaks of all
 * @param atC at how many °C; null where the sheet names none
 * @param fixtureMinutes until it may be handled; null when not stated
 * @param fullCureMinutes until it may be ridden; null when not stated
 */
public record CureTimes(
    @Nullable Material metal,
    @Nullable Double atC,
    @Nullable Double fixtureMinutes,
    @Nullable Double fullCureMinutes) {
  /** Longest time a data sheet may state: two weeks. */
  public static final double MOST_MINUTES = 20_160;

  private static final double COLDEST_C = -40;
  private static final double HOTTEST_C = 200;

  public CureTimes {
    Problems problems = new Problems();
    if (fixtureMinutes != null) {
      problems.positive(fixtureMinutes, MOST_MINUTES, "fixtureMinutes");
    }
    if (fullCureMinutes != null) {
      problems.positive(fullCureMinutes, MOST_MINUTES, "fullCureMinutes");
    }
    if (atC != null) {
      problems.within(atC, COLDEST_C, HOTTEST_C, "atC");
    }
    problems
        .require(
            fixtureMinutes == null || fullCureMinutes == null || fullCureMinutes >= fixtureMinutes,
            "fullCureMinutes",
            "must not be shorter than the fixture time.")
        .require(
            metal == null || metal.isMetal(),
            "metal",
            "is no metal: these products set between metals.")
        .orThrow();
  }

  /** On which metal at which temperature, in words. */
  public String on() {
    String where = metal == null ? "all metals" : metal.words();
    return atC == null ? where : where + " at " + Figure.rounded(atC, 0) + " °C";
  }
}
