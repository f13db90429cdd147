package app.unimetric.server.book;

import app.unimetric.core.problem.Problems;
import app.unimetric.server.machine.Machine;
import org.jspecify.annotations.Nullable;

/**
 * The years of a model that something is said for.
 *
 * @param from the first, four figures
 * @param to the last, not before the first
 */
public record ModelYears(int from, int to) {
  private static final int FIRST = 1900;
  private static final int LAST = 2200;

  /** The year of a machine alone. */
  public static ModelYears of(Machine machine) {
    return new ModelYears(machine.modelYear(), machine.modelYear());
  }

  /**
   * The years about that of a machine.
   *
   * @param from the machine's own when null
   * @param to the machine's own when null
   * @throws app.unimetric.core.problem.InvalidInput when they are no years, or leave out the
   *     machine's own
   */
  public static ModelYears about(Machine machine, @Nullable Integer from, @Nullable Integer to) {
    int first = from == null ? machine.modelYear() : from;
    int last = to == null ? machine.modelYear() : to;
    new Problems()
        .require(
            first >= FIRST && first <= last && last <= LAST,
            "yearFrom",
            "must be a year, and not after the last one.")
        .require(
            first <= machine.modelYear() && machine.modelYear() <= last,
            "yearTo",
            "leave out this machine's own year.")
        .orThrow();
    return new ModelYears(first, last);
  }

  /** In words: {@code 2019} or {@code 2019–2022}. */
  public String words() {
    return from == to ? String.valueOf(from) : from + "–" + to;
  }
}
