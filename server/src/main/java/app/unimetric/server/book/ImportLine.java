package app.unimetric.server.book;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A line of a sheet brought in, as it was judged.
 *
 * @param line in the file, from 1
 * @param cells as written, by column, JSON
 * @param spec what it was read as, JSON; null when refused
 * @param said what is to be said of it, JSON
 * @param replaces the value it changes
 */
record ImportLine(
    long line,
    String cells,
    @Nullable String spec,
    Standing standing,
    String said,
    @Nullable UUID replaces) {

  /** What a line comes to. */
  enum Standing {
    NEW("new"),
    CHANGED("changes what is there"),
    SAME("is there already"),
    CONFLICT("disagrees with another source"),
    DOUBTFUL("doubtful in its unit"),
    REFUSED("refused"),
    LEFT_OUT("left out");

    private final String words;

    Standing(String words) {
      this.words = words;
    }

    String words() {
      return words;
    }
  }
}
