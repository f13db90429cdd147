package app.unimetric.server.words;

import app.unimetric.core.problem.Problems;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** What was typed to look for something, as patterns of LIKE over words that begin with a space. */
public final class TypedWords {
  private static final int LONGEST = 200;
  private static final int MOST_WORDS = 8;

  /** An index of three letters at a time finds a shorter word only where a word begins. */
  private static final int INDEXED = 3;

  private TypedWords() {}

  /**
   * One pattern for each word, all of which must be met; none where nothing was typed.
   *
   * @throws app.unimetric.core.problem.InvalidInput at “q” where it is too long
   */
  public static List<String> patterns(String typed) {
    new Problems()
        .require(typed.length() <= LONGEST, "q", "must have at most 200 characters.")
        .orThrow();
    return Arrays.stream(typed.toLowerCase(Locale.ROOT).strip().split("\\s+"))
        .filter(w -> !w.isEmpty())
        .limit(MOST_WORDS)
        .map(w -> (w.length() < INDEXED ? "% " : "%") + w.replaceAll("([%_\\\\])", "\\\\$1") + "%")
        .toList();
  }
}
