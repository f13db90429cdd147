package app.unimetric.server.bring;

import app.unimetric.core.problem.Problem;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a line comes to.
 *
 * @param read what it was read as; null when refused
 * @param said what is to be said of it
 * @param replaces what it changes; null when it changes nothing
 */
public record Judged(
    Standing standing, @Nullable Object read, List<String> said, @Nullable UUID replaces) {
  public Judged {
    said = List.copyOf(said);
  }

  public static Judged of(Standing standing, Object read, List<String> said) {
    return new Judged(standing, read, said, null);
  }

  /** A line that cannot be read, with what is wrong at which column. */
  public static Judged refused(List<Problem> problems) {
    return new Judged(
        Standing.REFUSED,
        null,
        problems.stream().map(p -> p.field() + ": " + p.message()).toList(),
        null);
  }
}
