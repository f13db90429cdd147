package app.unimetric.core.ask;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.thread.ThreadText;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A line that would be answered, made from one that was not: what was typed without the word that
 * was not understood, or with the unit that is missing.
 */
final class WorkingLine {
  private static final Pattern FIGURE =
      Pattern.compile("(?<![\\w#/.,-])\\d{1,6}(?:[.,]\\d{1,6})?(?![\\w/.-])");
  private static final Pattern LEFT_HANGING =
      Pattern.compile("(?i)\\b(?:with|into|in|on|the|a|grade|class|and|at|of|to)$");
  private static final Pattern THREAD =
      Pattern.compile(
          "(?i)\\bm\\s?\\d{1,2}(?:[.,]\\d{1,2})?(?:\\s?[x×]\\s?\\d{1,2}(?:[.,]\\d{1,3})?)?\\b|"
              + ThreadText.UNIFIED);
  private static final int MOST_WORDS = 12;
  private static final String NOTHING_IN_IT = "12 ft·lbf";

  private WorkingLine() {}

  /** The message with such a line behind it. */
  static String besides(String message, String typed) {
    return message.contains("try “") ? message : message + " Try “" + from(typed) + "”.";
  }

  /** Such a line; a general one when nothing of what was typed can be kept. */
  static String from(String typed) {
    String text = typed.strip().replaceAll("\\s+", " ");
    if (text.length() > 200) {
      return NOTHING_IN_IT;
    }
    return candidates(text).stream().filter(WorkingLine::works).findFirst().orElse(NOTHING_IN_IT);
  }

  private static List<String> candidates(String text) {
    List<String> lines = new ArrayList<>();
    lines.add(text + " Nm");
    String[] words = text.split(" ");
    if (words.length <= MOST_WORDS) {
      for (int i = words.length - 1; i >= 0; i--) {
        lines.add(without(words, i, i));
      }
      for (int i = words.length - 1; i >= 0; i--) {
        for (int j = words.length - 1; j > i; j--) {
          lines.add(without(words, i, j));
        }
      }
    }
    Matcher thread = THREAD.matcher(text);
    if (thread.find()) {
      String named = thread.group();
      lines.add(text.replace(named, named + "x1"));
      lines.add(named + " A2-70");
    }
    Matcher figure = FIGURE.matcher(text);
    if (figure.find()) {
      lines.add(figure.group() + " Nm");
    }
    return lines;
  }

  private static String without(String[] words, int one, int other) {
    List<String> kept = new ArrayList<>();
    for (int i = 0; i < words.length; i++) {
      if (i != one && i != other) {
        kept.add(words[i]);
      }
    }
    return String.join(" ", kept);
  }

  private static boolean works(String line) {
    if (LEFT_HANGING.matcher(line).find()) {
      return false;
    }
    try {
      Question q = QuestionText.read(line);
      return q.kind() != Question.Kind.SETTING || q.setting() != null;
    } catch (InvalidInput refused) {
      return false;
    }
  }
}
