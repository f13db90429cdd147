package app.unimetric.core.problem;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** Gathers problems so that a person sees all of them at once instead of one at a time. */
public final class Problems {
  /** Below this nothing measured is meant; it keeps quotients finite. */
  private static final double SMALLEST = 1e-12;

  private final List<Problem> found = new ArrayList<>();

  /** Notes a problem unless {@code holds}. */
  public Problems require(boolean holds, String field, String message) {
    if (!holds) {
      found.add(new Problem(field, message));
    }
    return this;
  }

  /** Notes a problem unless {@code value} is a finite number within the closed range. */
  public Problems within(double value, double min, double max, String field) {
    boolean holds = Double.isFinite(value) && value >= min && value <= max;
    return require(
        holds,
        field,
        "must be a number from "
            + plain(min)
            + " to "
            + plain(max)
            + "; check the figure and its unit.");
  }

  /** Notes a problem unless {@code value} is finite and greater than zero, at most {@code max}. */
  public Problems positive(double value, double max, String field) {
    boolean holds = Double.isFinite(value) && value >= SMALLEST && value <= max;
    return require(
        holds,
        field,
        "must be greater than 0 and at most " + plain(max) + "; check the figure and its unit.");
  }

  /** Runs {@code make} and keeps its problems under {@code parent}; null when it failed. */
  public <T> @Nullable T under(String parent, Supplier<T> make) {
    try {
      return make.get();
    } catch (InvalidInput e) {
      e.problems().forEach(p -> found.add(p.under(parent)));
      return null;
    }
  }

  public boolean isEmpty() {
    return found.isEmpty();
  }

  /**
   * Ends the gathering.
   *
   * @throws InvalidInput when anything was noted
   */
  public void orThrow() {
    if (!found.isEmpty()) {
      throw new InvalidInput(found);
    }
  }

  private static String plain(double number) {
    return number == Math.rint(number) && Math.abs(number) < 1e15
        ? Long.toString((long) number)
        : Double.toString(number);
  }
}
