package app.unimetric.core.ask;

import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** What is left of a line while the parts it is made of are taken out one by one. */
final class TypedLine {
  private String rest;

  TypedLine(String text) {
    this.rest = text;
  }

  String rest() {
    return rest;
  }

  void rewrite(String text) {
    rest = text;
  }

  @Nullable Matcher take(Pattern pattern) {
    return takeFrom(0, pattern);
  }

  /** The first word of these that stands in the line. */
  <T> @Nullable T takeWord(Map<String, T> words) {
    return takeWordFrom(0, words);
  }

  /** The word of these that stands first from a place on; of two at one place the first listed. */
  <T> @Nullable T takeWordFrom(int start, Map<String, T> words) {
    Pattern first = null;
    int place = Integer.MAX_VALUE;
    T meant = null;
    for (Map.Entry<String, T> word : words.entrySet()) {
      Pattern pattern = Pattern.compile("\\b(?:" + word.getKey() + ")(?![\\p{L}\\d])");
      Matcher m = pattern.matcher(rest);
      if (m.find(Math.min(start, rest.length())) && m.start() < place) {
        place = m.start();
        first = pattern;
        meant = word.getValue();
      }
    }
    if (first != null) {
      takeFrom(start, first);
    }
    return meant;
  }

  private @Nullable Matcher takeFrom(int start, Pattern pattern) {
    Matcher m = pattern.matcher(rest);
    if (!m.find(Math.min(start, rest.length()))) {
      return null;
    }
    rest = rest.substring(0, m.start()) + " " + rest.substring(m.end());
    return m;
  }
}
