package app.unimetric.core.ask;

import app.unimetric.core.fastener.Head;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.DecimalText;
import app.unimetric.core.quantity.FractionText;
import app.unimetric.core.quantity.Inch;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.stated.StatedValue;
import app.unimetric.core.stated.TorqueText;
import app.unimetric.core.thread.ScrewThread;
import app.unimetric.core.thread.ThreadText;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Reads a question the way people type it: {@code M8 8.8 into cast aluminium 12 mm}, {@code 1/4-20
 * grade 5}, {@code 10-12 Nm with 35 mm crowfoot on the 5-25 tool}, {@code 120 in lbs to Nm}. Each
 * part is recognised wherever it stands; what is left over must be a torque.
 */
public final class QuestionText {
  private static final int LONGEST = 200;
  private static final String NUMBER = "(\\d{1,6}(?:[.,]\\d{1,9})?)";
  private static final String LENGTH_UNIT = "\\s*(mm|in(?:ch(?:es)?)?\\b|\"|″)";
  private static final String ADAPTER =
      "(?:crow['’]?s?[- ]?f(?:oo|ee)t|adapters?|adaptors?|extensions?)";
  static final Pattern THREAD =
      Pattern.compile(
          "\\bm\\s?\\d{1,3}(?:[.,]\\d{1,2})?(?:\\s?[x×]\\s?\\d{1,2}(?:[.,]\\d{1,3})?)?\\b");
  static final Pattern INCH_THREAD =
      Pattern.compile(
          "(?<![\\d/.])(?:"
              + ThreadText.UNIFIED
              + "|(?:\\d{1,2}/\\d{1,2}|\\d[.]\\d{1,4})\\s*(?:in(?:ch)?|\"|″)\\s*[x×]\\s*\\d{2}(?:\\s*tpi)?|36\\s*mm\\s*[x×]\\s*24\\s*tpi)(?![\\d./])");
  private static final Pattern BARE_UNIFIED =
      Pattern.compile("^\\s*(?:n[·.]?m\\b|ft|in[-·. ]?lb|lb|kg|nm)");
  private static final Pattern MARKER = Pattern.compile("\\s(?:to|in|as|into|=)\\s");
  private static final Pattern TOOL =
      Pattern.compile(
          "(?:\\b(?:on|with)\\s+)?(?:\\b(?:the|a|my)\\s+)?"
              + NUMBER
              + "\\s*(?:-|–|to)\\s*"
              + NUMBER
              + "\\s*([\\p{L}·.]*?)\\s*(?:torque\\s+)?(?:tool|wrench|key)\\b");
  private static final Pattern EXTENSION =
      Pattern.compile(
          "(?:\\b(?:with|on|and)\\s+)?(?:\\ba\\s+)?(?:"
              + NUMBER
              + LENGTH_UNIT
              + "\\s+"
              + ADAPTER
              + "|"
              + ADAPTER
              + "\\s+(?:of\\s+)?"
              + NUMBER
              + LENGTH_UNIT
              + ")");
  private static final Pattern AT_ANGLE =
      Pattern.compile("\\bat\\s+" + NUMBER + "\\s*(?:°|deg(?:rees)?\\b)");
  private static final Pattern LEVER =
      Pattern.compile(
          "(?:\\b(?:with|and)\\s+)?(?:\\ba\\s+)?(?:(?:lever|arm)\\s+(?:of\\s+)?"
              + NUMBER
              + LENGTH_UNIT
              + "|"
              + NUMBER
              + LENGTH_UNIT
              + "\\s+(?:lever|arm)\\b)");
  private static final Pattern LENGTH =
      Pattern.compile(
          "(?<![\\d.,])"
              + NUMBER
              + LENGTH_UNIT
              + "(?!\\s*[-·.]?\\s*lb)(?:\\s+(?:deep|of thread|engaged|engagement))?");
  private static final Pattern FILLERS =
      Pattern.compile(
          "\\b(?:into|in|on|with|the|a|bolts?|screws?|threads?|head|at|and|of|class|grade|what|torque|for|is|how|much)\\b|[,;?]");

  private static final Map<String, FrictionCondition> CONDITIONS = new LinkedHashMap<>();
  static final Map<String, Head> HEADS = new LinkedHashMap<>();

  static {
    CONDITIONS.put("dry", FrictionCondition.DRY);
    CONDITIONS.put("oiled|oil|lubed|lubricated", FrictionCondition.OILED);
    CONDITIONS.put("greased|grease", FrictionCondition.GREASED);
    CONDITIONS.put("threadlocker|locked", FrictionCondition.THREADLOCKER_WET);
    CONDITIONS.put("anti[- ]?seize", FrictionCondition.ANTI_SEIZE);
    HEADS.put("countersunk", Head.COUNTERSUNK);
    HEADS.put("socket(?: cap)?", Head.SOCKET_CAP);
    HEADS.put("flange(?:d)?", Head.FLANGE);
    HEADS.put("button", Head.BUTTON);
    HEADS.put("hex(?:agon)?", Head.HEX);
  }

  private final TypedLine line;

  private QuestionText(String text) {
    this.line = new TypedLine(text);
  }

  /**
   * Reads one question.
   *
   * @throws InvalidInput with a message that says what is missing or not understood, and a line
   *     made from what was typed that would work
   */
  public static Question parse(String typed) {
    try {
      return read(typed);
    } catch (InvalidInput refused) {
      throw InvalidInput.at(
          "text", WorkingLine.besides(refused.problems().get(0).message(), typed));
    }
  }

  static Question read(String typed) {
    String text = typed.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
    if (text.isEmpty() || text.length() > LONGEST) {
      throw InvalidInput.at(
          "text",
          text.isEmpty()
              ? "Nothing was typed; try “12 ft·lbf” or “M8 8.8 into aluminium”."
              : "This is too long to be one question; at most 200 characters.");
    }
    return new QuestionText(text).read();
  }

  private Question read() {
    TorqueUnit wanted = wantedUnit();
    ScrewThread thread = thread();
    line.rewrite(FractionText.decimals(line.rest()));
    Double extension = lengthMm(line.take(EXTENSION));
    Matcher at = extension == null ? null : line.take(AT_ANGLE);
    Double lever = lengthMm(line.take(LEVER));
    Matcher tool = line.take(TOOL);
    BoltWords.Found bolt = thread == null ? null : BoltWords.take(line, thread);
    FrictionCondition condition = thread == null ? null : line.takeWord(CONDITIONS);
    Head head = thread == null ? null : line.takeWord(HEADS);
    Double engaged = thread == null ? null : lengthMm(line.take(LENGTH));
    String left = left(thread == null && tool == null && extension == null);
    StatedValue torque = left.isEmpty() ? null : torque(left, thread != null);
    List<String> assumed = new ArrayList<>();
    if (bolt != null && !bolt.plastic()) {
      assumed.addAll(bolt.assumed());
      assumed.addAll(usual(condition, head));
      if (bolt.female() != null && engaged == null) {
        assumed.add("Engagement of one diameter is assumed; add a length such as 12 mm.");
      }
    }
    return new Question(
        torque,
        wanted,
        thread,
        bolt == null ? null : bolt.material(),
        bolt == null ? null : bolt.female(),
        engaged,
        head,
        condition,
        extension,
        at == null ? null : (Double) figure(at.group(1)),
        lever,
        tool == null ? null : span(tool, torque),
        assumed);
  }

  /** “to Nm” behind a torque. */
  private @Nullable TorqueUnit wantedUnit() {
    Matcher marker = MARKER.matcher(line.rest());
    int from = 0;
    while (marker.find(from)) {
      String told = line.rest().substring(marker.end());
      TorqueUnit unit = TorqueUnit.parse(told).orElse(null);
      if (unit != null && told.chars().noneMatch(Character::isDigit)) {
        line.rewrite(line.rest().substring(0, marker.start()));
        return unit;
      }
      from = marker.end() - 1;
    }
    return null;
  }

  private @Nullable ScrewThread thread() {
    Matcher inch = INCH_THREAD.matcher(line.rest());
    if (inch.find() && !BARE_UNIFIED.matcher(line.rest().substring(inch.end())).find()) {
      line.take(INCH_THREAD);
      return ScrewThread.parse(inch.group());
    }
    Matcher metric = line.take(THREAD);
    return metric == null ? null : ScrewThread.parse(metric.group().replace(" ", ""));
  }

  private String left(boolean asTyped) {
    if (asTyped) {
      return line.rest().strip();
    }
    String left = FILLERS.matcher(line.rest()).replaceAll(" ").replaceAll("\\s+", " ").strip();
    return left.matches("max(?:imum|\\.)?") ? "" : left;
  }

  private static List<String> usual(@Nullable FrictionCondition condition, @Nullable Head head) {
    if (condition != null && head != null) {
      return List.of();
    }
    return List.of(
        condition == null && head == null
            ? "Threads dry to oiled and a hexagon head are assumed; add “greased” or “socket” to change that."
            : condition == null
                ? "Threads dry to oiled are assumed; add “greased” or “dry” to change that."
                : "A hexagon head is assumed; add “socket” or “countersunk” to change that.");
  }

  private static StatedValue torque(String text, boolean besideAThread) {
    try {
      return TorqueText.parse(text);
    } catch (InvalidInput e) {
      if (!besideAThread) {
        throw e;
      }
      throw InvalidInput.at("text", "“" + text + "” was not understood beside the thread.");
    }
  }

  /** A tool without a unit speaks the unit of the torque. */
  private static Question.ToolSpan span(Matcher tool, @Nullable StatedValue torque) {
    double min = figure(tool.group(1));
    double max = figure(tool.group(2));
    if (min >= max) {
      throw InvalidInput.at("text", "The tool's span must rise, like “5-25 tool”.");
    }
    String word = tool.group(3).strip();
    TorqueUnit stated =
        torque == null || torque.unit() == null ? TorqueUnit.NEWTON_METRE : torque.unit();
    TorqueUnit unit = word.isEmpty() ? stated : TorqueUnit.parse(word).orElse(stated);
    return new Question.ToolSpan(min, max, unit);
  }

  /** A length in mm; the figure and its unit are the first two groups that took part. */
  private static @Nullable Double lengthMm(@Nullable Matcher m) {
    if (m == null) {
      return null;
    }
    int at = m.group(1) == null ? 3 : 1;
    double figure = figure(m.group(at));
    return m.group(at + 1).equals("mm") ? figure : figure * Inch.MM;
  }

  private static double figure(String text) {
    return DecimalText.parse(text, "text");
  }
}
