package app.unimetric.core.recheck;

import java.util.Arrays;
import java.util.List;

/** A cause to choose, with its words. */
public record MovedCauseChoice(MovedCause code, String words) {
  /** All there are, the likeliest first. */
  public static List<MovedCauseChoice> all() {
    return Arrays.stream(MovedCause.values()).map(c -> new MovedCauseChoice(c, c.words())).toList();
  }
}
