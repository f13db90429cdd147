package app.unimetric.core.quantity;

import java.util.function.Function;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Text in which what a pattern finds is written otherwise. */
public final class MatchedText {
  private MatchedText() {}

  /** The text with each place the pattern finds written as told; the rest as it was. */
  public static String rewritten(
      Pattern pattern, CharSequence text, Function<MatchResult, String> written) {
    // The matcher's own way of doing this is missing where the core runs in a browser.
    Matcher found = pattern.matcher(text);
    StringBuilder whole = new StringBuilder();
    int from = 0;
    while (found.find()) {
      whole.append(text, from, found.start()).append(written.apply(found.toMatchResult()));
      from = found.end();
    }
    return whole.append(text, from, text.length()).toString();
  }
}
