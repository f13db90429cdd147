package app.unimetric.core.ask;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What a line asks of the workshop itself: its jobs, joints, products and what is due. {@code what
 * locks caliper bolts} asks what goes on them, {@code caliper bolt torque} what is stated for them.
 *
 * @param intent what is wanted
 * @param words what it is about, without the small words round it
 * @param jobNumber the number of a job in it; null without one
 */
public record LookedFor(Intent intent, List<String> words, @Nullable Integer jobNumber) {
  private static final Set<String> SMALL =
      Set.of(
          "what", "which", "how", "much", "the", "a", "an", "of", "for", "on", "to", "is", "are",
          "do", "does", "my", "job", "jobs", "in", "at", "it", "and", "please");
  private static final Set<String> TORQUES = Set.of("torque", "torques", "spec", "nm", "value");
  private static final Set<String> PRODUCTS =
      Set.of("lock", "locks", "goes", "product", "compound", "lube");
  private static final Set<String> DUES =
      Set.of("due", "overdue", "recheck", "rechecks", "re-check", "re-checks");
  private static final Pattern NUMBER =
      Pattern.compile("(?:^|\\bjob\\s*(?:no\\.?\\s*)?|#)\\s*(\\d{1,6})$");

  /** What is wanted of what it is about. */
  public enum Intent {
    /** Whatever goes by these words. */
    ANYTHING,
    /** What is stated for a joint. */
    TORQUE,
    /** What goes on a joint. */
    PRODUCT,
    /** What is to be looked at again. */
    DUE
  }

  public LookedFor {
    words = List.copyOf(words);
  }

  /** Reads a line; capitals, small words and question marks do not matter. */
  public static LookedFor of(String typed) {
    String text = typed.strip().toLowerCase(Locale.ROOT).replaceAll("[?,;!]", " ").strip();
    Matcher number = NUMBER.matcher(text);
    Integer job = number.find() ? Integer.valueOf(number.group(1)) : null;
    Intent intent = Intent.ANYTHING;
    List<String> words = new ArrayList<>();
    for (String word : text.split("[\\s/]+")) {
      Intent meant = intentOf(word);
      if (meant != Intent.ANYTHING && intent == Intent.ANYTHING) {
        intent = meant;
      } else if (meant == Intent.ANYTHING && !word.isEmpty() && !SMALL.contains(word)) {
        words.add(word);
      }
    }
    return new LookedFor(intent, words, job);
  }

  private static Intent intentOf(String word) {
    return DUES.contains(word)
        ? Intent.DUE
        : PRODUCTS.contains(word)
            ? Intent.PRODUCT
            : TORQUES.contains(word) ? Intent.TORQUE : Intent.ANYTHING;
  }

  /** The same question without the words of a name in it, such as that of a machine. */
  public LookedFor without(String name) {
    List<String> said = words(name);
    return new LookedFor(intent, words.stream().filter(w -> !said.contains(w)).toList(), jobNumber);
  }

  /** Whether every word of a name stands in it. */
  public boolean names(String name) {
    List<String> said = words(name);
    return !said.isEmpty() && words.containsAll(said);
  }

  /** Whether a text is about it: every word begins one of the text, the plural aside. */
  public boolean meets(String text) {
    List<String> known = words(text);
    return !words.isEmpty()
        && words.stream()
            .map(LookedFor::singular)
            .allMatch(word -> known.stream().anyMatch(k -> k.startsWith(word)));
  }

  private static String singular(String word) {
    return word.length() > 3 && word.endsWith("s") ? word.substring(0, word.length() - 1) : word;
  }

  private static List<String> words(String text) {
    return Arrays.stream(text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"))
        .filter(w -> !w.isEmpty())
        .toList();
  }
}
