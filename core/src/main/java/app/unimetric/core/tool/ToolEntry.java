package app.unimetric.core.tool;

import java.time.Instant;
import java.time.LocalDate;

/**
 * One entry of the log of a tool.
 *
 * @param kind what happened
 * @param on the day it happened
 * @param at when it was written down
 * @param passed of a calibration or check, whether it held; true for all else
 * @param words what it came to
 */
public record ToolEntry(Kind kind, LocalDate on, Instant at, boolean passed, String words) {

  /** What can happen to a tool. */
  public enum Kind {
    CALIBRATED("calibrated"),
    CHECKED("checked with a known mass"),
    DROPPED("dropped"),
    OVERLOADED("loaded beyond its maximum"),
    /** Sold, lost, worn out. */
    RETIRED("retired"),
    BACK("back in the crib");

    private final String words;

    Kind(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }
}
