package app.unimetric.core.stated;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.DecimalText;
import app.unimetric.core.quantity.FractionText;
import app.unimetric.core.quantity.MatchedText;
import app.unimetric.core.quantity.TorqueUnit;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Reads a torque the way people type it: {@code 12 ftlb}, {@code 10-12 Nm}, {@code max 5nm}, {@code
 * 20 Nm + 90°}, {@code ~1.2 kgm}, {@code 20, then 40 Nm}, {@code 12 ± 1 Nm}, {@code 20 Nm (15
 * ftlb)}, {@code snug}.
 */
public final class TorqueText {
  private static final int LONGEST = 200;
  private static final String NUMBER = "(\\d{1,9}(?:[.,]\\d{1,9})?|[.,]\\d{1,9})";
  private static final String UNIT =
      "\\s*([\\p{L}][\\p{L}\\s.·⋅*/_-]*?|\\[[^\\s]+\\.\\[[^\\s]+\\])?";

  private static final Pattern APPROXIMATE =
      Pattern.compile(
          "^(?:about|approx\\.?|approximately|around|roughly|circa|ca\\.?|~|≈)\\s*",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern MAXIMUM_BEFORE =
      Pattern.compile(
          "^(?:max(?:imum|\\.)?|up to|not more than|no more than|at most|≤|<=|<)\\s*:?\\s*"
              + NUMBER
              + UNIT
              + "$");
  private static final Pattern MAXIMUM_AFTER =
      Pattern.compile("^" + NUMBER + UNIT + "\\s+max(?:imum|\\.)?$");
  private static final Pattern MINIMUM_BEFORE =
      Pattern.compile(
          "^(?:min(?:imum|\\.)?|at least|not less than|no less than|≥|>=|>)\\s*:?\\s*"
              + NUMBER
              + UNIT
              + "$");
  private static final Pattern MINIMUM_AFTER =
      Pattern.compile("^" + NUMBER + UNIT + "\\s+min(?:imum|\\.)?$");
  private static final Pattern ANGLE =
      Pattern.compile(
          "^"
              + NUMBER
              + UNIT
              + "\\s*(?:\\+|plus|then|and)\\s*"
              + NUMBER
              + "\\s*(?:°|deg(?:rees?)?\\.?)$");
  private static final Pattern RANGE =
      Pattern.compile(
          "^(?:from\\s+|between\\s+)?"
              + NUMBER
              + "(?:\\s*([\\p{L}][\\p{L}.·⋅*]*(?:[ -](?!to\\b|and\\b)\\p{L}+)?))?\\s*(?:-|–|—|to|and|\\.\\.\\.?|…)\\s*"
              + NUMBER
              + UNIT
              + "$");
  private static final Pattern PLUS_MINUS =
      Pattern.compile(
          "^"
              + NUMBER
              + UNIT
              + "\\s*(?:±|\\+\\s*/\\s*-|\\+-)\\s*"
              + NUMBER
              + "\\s*(%)?"
              + UNIT
              + "$");
  private static final Pattern STATED_TWICE =
      Pattern.compile("^([^()=]*\\p{L}[^()=]*?)\\s*(?:\\(([^()]+)\\)|=\\s*(.+)|/\\s*(?=\\d)(.+))$");
  private static final Pattern THOUSANDS = Pattern.compile("[1-9]\\d{0,2},\\d{3}");
  private static final Pattern STAGES =
      Pattern.compile(
          "^"
              + NUMBER
              + "(?:\\s*(?:,\\s+then|;\\s*then|then|→|->|;)\\s*"
              + NUMBER
              + "){1,9}"
              + UNIT
              + "$");
  private static final Pattern VALUE = Pattern.compile("^" + NUMBER + UNIT + "$");

  /** Powers of ten between a unit people write and N·m. */
  private static final Map<Pattern, Integer> PARTS_OF_NM =
      Map.of(
          Pattern.compile("(?<=\\d|\\s)n\\s?[·.⋅*-]?\\s?cm\\b|newton[- ]?centimet(?:er|re)s?"),
          -2,
          Pattern.compile("(?<=\\d|\\s)dan\\s?[·.⋅*-]?\\s?m\\b"),
          1);

  private static final Pattern SNUG =
      Pattern.compile("snug|hand[ -]?tight|finger[ -]?tight|by hand");
  private static final Pattern UNTIL_GAP_CLOSES =
      Pattern.compile("until (?:the )?gap closes|gap closed|metal to metal");
  private static final Pattern SPACE = Pattern.compile("\\s+");

  private static final Pattern BEFORE_ANGLE =
      Pattern.compile("\\d{1,9}(?:[.,]\\d{1,9})?(?!\\d|[.,]\\d|\\s*(?:°|deg|%))");
  private static final Pattern FIGURE = Pattern.compile(NUMBER);

  private TorqueText() {}

  /**
   * Reads one value.
   *
   * @throws InvalidInput with a message that says what is missing, such as the unit
   */
  public static StatedValue parse(String typed) {
    String text =
        FractionText.decimals(
            SPACE.matcher(typed.strip().toLowerCase(Locale.ROOT)).replaceAll(" "));
    if (text.isEmpty()) {
      throw InvalidInput.at("text", "Nothing was typed; try “12 ft·lbf” or “10-12 Nm”.");
    }
    if (text.length() > LONGEST) {
      throw InvalidInput.at(
          "text", "This is too long to be one torque value; type something like “10-12 Nm”.");
    }
    if (SNUG.matcher(text).matches()) {
      return StatedValue.of(new Statement.Snug());
    }
    if (UNTIL_GAP_CLOSES.matcher(text).matches()) {
      return StatedValue.of(new Statement.UntilGapCloses());
    }
    Matcher hedge = APPROXIMATE.matcher(text);
    boolean approximate = hedge.find();
    if (approximate) {
      text = text.substring(hedge.end());
    }
    Matcher twice = STATED_TWICE.matcher(text);
    StatedValue read = twice.matches() ? statedTwice(twice) : StatedValue.of(parseFigures(text));
    return approximate ? read.hedged() : read;
  }

  private static StatedValue statedTwice(Matcher twice) {
    StatedValue first = StatedValue.of(parseFigures(twice.group(1)));
    String rest =
        Stream.of(twice.group(2), twice.group(3), twice.group(4))
            .filter(Objects::nonNull)
            .findFirst()
            .orElseThrow();
    Statement.InTorque second = parseFigures(rest.strip());
    boolean single = second.form() == Form.VALUE && first.form() != Form.STAGED;
    if (!(single || second.form() == first.form())) {
      throw InvalidInput.at(
          "text",
          "The second statement is of another kind than the first; type the same value in both units, such as “20 Nm (15 ft·lbf)”.");
    }
    return first.alsoStated(new AlsoStated(second.lowest(), second.highest(), second.unit()));
  }

  private static Statement.InTorque plusMinus(Matcher m) {
    BigDecimal middle = BigDecimal.valueOf(figure(m.group(1)));
    BigDecimal spread = BigDecimal.valueOf(figure(m.group(3)));
    if (m.group(4) != null) {
      spread = middle.multiply(spread).movePointLeft(2);
    }
    return new Statement.Range(
        middle.subtract(spread).doubleValue(),
        middle.add(spread).doubleValue(),
        sameUnit(m.group(2), m.group(5)));
  }

  /** The unit of two figures; it may stand beside either, but not differ. */
  private static TorqueUnit sameUnit(@Nullable String first, @Nullable String second) {
    if (first == null || second == null || first.isBlank() || second.isBlank()) {
      return unit(second == null || second.isBlank() ? first : second);
    }
    TorqueUnit unit = unit(second);
    if (unit(first) != unit) {
      throw InvalidInput.at(
          "text",
          "The two figures are in different units; type both in the same one, such as “10-12 Nm”.");
    }
    return unit;
  }

  /** Figures in a decimal part of N·m, such as N·cm, as N·m: only the point moves. */
  private static Statement.InTorque parseFigures(String typed) {
    String text = typed;
    for (Map.Entry<Pattern, Integer> spelling : PARTS_OF_NM.entrySet()) {
      Matcher unit = spelling.getKey().matcher(typed);
      if (unit.find()) {
        text =
            MatchedText.rewritten(
                BEFORE_ANGLE,
                unit.replaceAll("nm"),
                f ->
                    new BigDecimal(f.group().replace(',', '.'))
                        .movePointRight(spelling.getValue())
                        .toPlainString());
      }
    }
    return inKnownUnits(text);
  }

  private static Statement.InTorque inKnownUnits(String text) {
    Matcher m;
    if ((m = MAXIMUM_BEFORE.matcher(text)).matches()
        || (m = MAXIMUM_AFTER.matcher(text)).matches()) {
      return new Statement.Maximum(figure(m.group(1)), unit(m.group(2)));
    }
    if ((m = MINIMUM_BEFORE.matcher(text)).matches()
        || (m = MINIMUM_AFTER.matcher(text)).matches()) {
      return new Statement.Minimum(figure(m.group(1)), unit(m.group(2)));
    }
    if ((m = ANGLE.matcher(text)).matches()) {
      return new Statement.TorqueAngle(figure(m.group(1)), unit(m.group(2)), figure(m.group(3)));
    }
    if ((m = PLUS_MINUS.matcher(text)).matches()) {
      return plusMinus(m);
    }
    if ((m = STAGES.matcher(text)).matches()) {
      return new Statement.Staged(stages(text), unit(m.group(m.groupCount())));
    }
    if ((m = RANGE.matcher(text)).matches()) {
      return new Statement.Range(
          figure(m.group(1)), figure(m.group(3)), sameUnit(m.group(2), m.group(4)));
    }
    if ((m = VALUE.matcher(text)).matches()) {
      return new Statement.Value(figure(m.group(1)), unit(m.group(2)));
    }
    throw InvalidInput.at(
        "text",
        "This was not understood as a torque; type a figure and a unit, such as “12 ft·lbf”, “10-12 Nm” or “max 5 Nm”.");
  }

  private static List<Double> stages(String text) {
    List<Double> stages = new ArrayList<>();
    Matcher figures = FIGURE.matcher(text);
    while (figures.find()) {
      stages.add(figure(figures.group()));
    }
    return stages;
  }

  private static double figure(String text) {
    if (THOUSANDS.matcher(text).matches()) {
      throw InvalidInput.at(
          "text",
          "“%s” can be read as %s or as %s; type one of them."
              .formatted(text, text.replace(",", ""), text.replace(',', '.')));
    }
    return DecimalText.parse(text, "text");
  }

  private static TorqueUnit unit(@Nullable String word) {
    if (word == null || word.isBlank()) {
      throw InvalidInput.at(
          "text", "The unit is missing; add N·m, ft·lbf, in·lbf, kgf·m or kgf·cm.");
    }
    return TorqueUnit.parse(word)
        .orElseThrow(
            () ->
                InvalidInput.at(
                    "text",
                    "“"
                        + word.strip()
                        + "” is not a torque unit known here; use N·m, ft·lbf, in·lbf, kgf·m or kgf·cm."));
  }
}
