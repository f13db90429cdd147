package app.unimetric.core.table;

import java.util.ArrayList;
import java.util.List;

/** What is other than before, in words: from what to what. */
public final class Changes {
  private final List<String> words = new ArrayList<>();

  /** One thing as it was and as it is; alike, nothing is said. */
  public Changes of(String what, String before, String now) {
    if (!before.equals(now)) {
      words.add(what + ": " + orNothing(before) + " → " + orNothing(now));
    }
    return this;
  }

  private static String orNothing(String text) {
    return text.isEmpty() ? "nothing" : text;
  }

  public List<String> words() {
    return List.copyOf(words);
  }
}
