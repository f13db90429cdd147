package app.unimetric.core.ask;

import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.Material;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.DecimalText;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.stated.StatedValue;
import app.unimetric.core.stated.TorqueText;
import app.unimetric.core.thread.MetricThread;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Reads a question the way people type it: {@code M8 8.8 into cast aluminium 12 mm}, {@code 10-12
 * Nm with 35 mm crowfoot on the 5-25 tool}, {@code 18 ftlb}. Each part is recognised wherever it
 * stands; what is left over must be a torque.
 */
public final class QuestionText {
  private static final int LONGEST = 200;
  private static final String NUMBER = "(\\d{1,6}(?:[.,]\\d{1,6})?)";
  private static final Pattern THREAD =
      Pattern.compile(
          "\\bm\\s?\\d{1,3}(?:[.,]\\d{1,2})?(?:\\s?[x×]\\s?\\d{1,2}(?:[.,]\\d{1,3})?)?\\b");
  private static final Pattern CLASS =
      Pattern.compile(
          "\\b(4\\.6|4\\.8|5\\.6|5\\.8|6\\.8|8\\.8|9\\.8|10\\.9|12\\.9|a[24]-(?:50|70|80|100)|ti-6al-4v|7075-t6)\\b(?!\\s*(?:n[·.]?m\\b|ft|in[-·. ]?lb|lb|kg|mm|-))");
  private static final Pattern TOOL =
      Pattern.compile(
          "(?:\\b(?:on|with)\\s+)?(?:\\b(?:the|a)\\s+)?"
              + NUMBER
              + "\\s*(?:-|–|to)\\s*"
              + NUMBER
              + "\\s*([\\p{L}·.]*?)\\s*(?:torque\\s+)?(?:tool|wrench|key)\\b");
  private static final Pattern EXTENSION =
      Pattern.compile(
          "(?:\\b(?:with|on|and)\\s+)?(?:\\ba\\s+)?"
              + NUMBER
              + "\\s*mm\\s+(?:crow\\s?foot|adapter|adaptor|extension)"
              + "(?:\\s+at\\s+"
              + NUMBER
              + "\\s*(?:°|deg(?:rees)?))?");
  private static final Pattern LEVER =
      Pattern.compile(
          "(?:\\b(?:with|and)\\s+)?(?:\\ba\\s+)?(?:lever|arm)\\s+(?:of\\s+)?"
              + NUMBER
              + "\\s*mm|"
              + NUMBER
              + "\\s*mm\\s+(?:lever|arm)");
  private static final Pattern LENGTH =
      Pattern.compile("\\b" + NUMBER + "\\s*mm\\b(?:\\s+(?:deep|of thread|engaged|engagement))?");
  private static final Pattern FILLERS =
      Pattern.compile(
          "\\b(?:into|in|on|with|the|a|bolt|screw|threads?|head|at|and|of|class)\\b|[,;]");

  private static final Map<String, Material> FEMALE = new LinkedHashMap<>();
  private static final Map<String, FrictionCondition> CONDITIONS = new LinkedHashMap<>();
  private static final Map<String, Head> HEADS = new LinkedHashMap<>();

  static {
    FEMALE.put("cast alumini?um|cast alu(?:\\b)|alu(?:mini?um)? casting", Material.ALUMINIUM_CAST);
    FEMALE.put("7075(?:-t6)? alumini?um|alumini?um 7075(?:-t6)?", Material.ALUMINIUM_7075_T6);
    FEMALE.put(
        "(?:6061(?:-t6)? )?(?:alumini?um|alu)\\b(?: 6061(?:-t6)?)?", Material.ALUMINIUM_6061_T6);
    FEMALE.put("cast magnesium|magnesium", Material.MAGNESIUM_CAST);
    FEMALE.put("mild steel", Material.STEEL_MILD);
    FEMALE.put("alloy steel", Material.STEEL_ALLOY);
    FEMALE.put("medium steel", Material.STEEL_MEDIUM);
    FEMALE.put("stainless(?: steel)?", Material.STAINLESS);
    FEMALE.put("steel", Material.STEEL_MILD);
    FEMALE.put("brass", Material.BRASS);
    FEMALE.put("titanium", Material.TITANIUM);
    FEMALE.put("plastic", Material.PLASTIC);
    CONDITIONS.put("dry", FrictionCondition.DRY);
    CONDITIONS.put("oiled|oil", FrictionCondition.OILED);
    CONDITIONS.put("greased|grease", FrictionCondition.GREASED);
    CONDITIONS.put("threadlocker|locked", FrictionCondition.THREADLOCKER_WET);
    CONDITIONS.put("anti[- ]?seize", FrictionCondition.ANTI_SEIZE);
    HEADS.put("countersunk", Head.COUNTERSUNK);
    HEADS.put("socket(?: cap)?", Head.SOCKET_CAP);
    HEADS.put("flange(?:d)?", Head.FLANGE);
    HEADS.put("button", Head.BUTTON);
    HEADS.put("hex(?:agon)?", Head.HEX);
  }

  private String rest;

  private QuestionText(String text) {
    this.rest = text;
  }

  /**
   * Reads one question.
   *
   * @throws InvalidInput with a message that says what is missing or not understood
   */
  public static Question parse(String typed) {
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
    List<String> assumed = new ArrayList<>();
    Matcher extension = take(EXTENSION);
    Matcher lever = take(LEVER);
    Matcher tool = take(TOOL);
    Matcher thread = take(THREAD);
    MetricThread metric =
        thread == null ? null : MetricThread.parse(thread.group().replace(" ", ""));
    PropertyClass material = null;
    Material female = null;
    Double engaged = null;
    Head head = null;
    FrictionCondition condition = null;
    if (metric != null) {
      Matcher mark = take(CLASS);
      material = mark == null ? null : PropertyClass.parse(mark.group(1));
      female = takeWord(FEMALE);
      condition = takeWord(CONDITIONS);
      head = takeWord(HEADS);
      Matcher length = take(LENGTH);
      engaged = length == null ? null : figure(length.group(1));
    }
    String left =
        metric == null && tool == null && extension == null
            ? rest.strip()
            : FILLERS.matcher(rest).replaceAll(" ").replaceAll("\\s+", " ").strip();
    StatedValue torque = left.isEmpty() ? null : torque(left, metric != null);
    if (metric != null && material == null) {
      assumed.add("Class 8.8 is assumed; name the mark on the head to change that.");
    }
    if (metric != null && (condition == null || head == null)) {
      assumed.add(
          condition == null && head == null
              ? "Threads dry to oiled and a hexagon head are assumed; add “greased” or “socket” to change that."
              : condition == null
                  ? "Threads dry to oiled are assumed; add “greased” or “dry” to change that."
                  : "A hexagon head is assumed; add “socket” or “countersunk” to change that.");
    }
    if (female != null && engaged == null) {
      assumed.add("Engagement of one diameter is assumed; add a length such as 12 mm.");
    }
    return new Question(
        torque,
        metric,
        material,
        female,
        engaged,
        head,
        condition,
        extension == null ? null : (Double) figure(extension.group(1)),
        extension == null || extension.group(2) == null
            ? null
            : (Double) figure(extension.group(2)),
        lever == null
            ? null
            : (Double) figure(lever.group(1) == null ? lever.group(2) : lever.group(1)),
        tool == null ? null : span(tool, torque),
        assumed);
  }

  private static StatedValue torque(String text, boolean besideAThread) {
    try {
      return TorqueText.parse(text);
    } catch (InvalidInput e) {
      if (!besideAThread) {
        throw e;
      }
      throw InvalidInput.at(
          "text",
          "“"
              + text
              + "” was not understood beside the thread. Try “M8 8.8 into cast aluminium 12 mm” or add a torque with its unit.");
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

  private @Nullable Matcher take(Pattern pattern) {
    Matcher m = pattern.matcher(rest);
    if (!m.find()) {
      return null;
    }
    rest = rest.substring(0, m.start()) + " " + rest.substring(m.end());
    return m;
  }

  private <T> @Nullable T takeWord(Map<String, T> words) {
    for (Map.Entry<String, T> word : words.entrySet()) {
      if (take(Pattern.compile("\\b(?:" + word.getKey() + ")\\b")) != null) {
        return word.getValue();
      }
    }
    return null;
  }

  private static double figure(String text) {
    return DecimalText.parse(text, "text");
  }
}
