package app.unimetric.core.plan;

import app.unimetric.core.problem.Problems;
import org.jspecify.annotations.Nullable;

/**
 * Whose second look it is on critical joints.
 *
 * @param selfAfterMinutes in a workshop of one person, how long after the last tightening the same
 *     person may look again, 10 to 1440; null where it is another person's
 */
public record SecondLook(@Nullable Integer selfAfterMinutes) {
  private static final int SHORTEST = 10;
  private static final int LONGEST = 1440;

  public static final SecondLook ANOTHER_PERSON = new SecondLook(null);

  /** Long enough to have done something else in between. */
  public static final SecondLook ALONE = new SecondLook(30);

  public SecondLook {
    new Problems()
        .require(
            selfAfterMinutes == null || selfAfterMinutes >= SHORTEST && selfAfterMinutes <= LONGEST,
            "selfAfterMinutes",
            "must be 10 to 1440 minutes: look again with fresh eyes.")
        .orThrow();
  }

  public String words() {
    return selfAfterMinutes == null
        ? "another person's"
        : "the same person's after " + selfAfterMinutes + " min";
  }
}
