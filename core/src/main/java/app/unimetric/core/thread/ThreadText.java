package app.unimetric.core.thread;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.DecimalText;
import app.unimetric.core.quantity.Inch;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A thread as people write it, by its own name: {@code M8}, {@code M10x1.25}, {@code 1/4-20 UNC},
 * {@code #10-32}, {@code 1.375 in × 24, left-hand}, {@code 36 mm × 24 tpi}.
 *
 * @param thread its geometry
 * @param hand as written; null where nothing is said of it
 */
public record ThreadText(ScrewThread thread, @Nullable Hand hand) {
  /** The unified threads by size, with their threads to an inch or their series. */
  public static final String UNIFIED =
      "(#\\s?\\d{1,2}|\\d{1,2}/\\d{1,2})\\s*(?:in(?:ch)?\\b|\"|″)?\\s*(?:(?:-|–|x|×)\\s*(\\d{1,2})(?:\\s*tpi)?(?:\\s*-?\\s*(?:unc|unf|un)\\b)?|-?\\s*(unc|unf)\\b)";

  private static final Pattern METRIC =
      Pattern.compile(
          "m\\s*(\\d{1,3}(?:[.,]\\d{1,3})?)(?:\\s*[x×*]\\s*(\\d{1,2}(?:[.,]\\d{1,3})?))?");
  private static final Pattern NAMED = Pattern.compile(UNIFIED);
  private static final Pattern PER_INCH =
      Pattern.compile(
          "(\\d{1,3}(?:[.,]\\d{1,4})?|\\d{1,2}/\\d{1,2})\\s*(in(?:ch)?|\"|″|mm)?\\s*[x×*]\\s*(\\d{1,2})\\s*(tpi)?");
  private static final Pattern HAND =
      Pattern.compile("[,;]?\\s*\\b(left|right)(?:[- ]?hand(?:ed)?)?\\s*$");
  private static final String HOW =
      "A thread is written like M8, M10x1.25, 1/4-20 UNC or 1.375 in × 24.";

  /**
   * Reads a designation.
   *
   * @throws InvalidInput when it is none, or a diameter is named without a pitch on file
   */
  public static ThreadText parse(String written) {
    String text = written.strip().toLowerCase(Locale.ROOT);
    Matcher turned = HAND.matcher(text);
    boolean handed = turned.find();
    Hand hand = !handed ? null : turned.group(1).equals("left") ? Hand.LEFT : Hand.RIGHT;
    return new ThreadText(thread(handed ? text.substring(0, turned.start()).strip() : text), hand);
  }

  private static ScrewThread thread(String text) {
    Matcher m = METRIC.matcher(text);
    if (m.matches()) {
      return metric(m);
    }
    m = NAMED.matcher(text);
    if (m.matches() && isOnFile(m)) {
      return unified(m);
    }
    m = PER_INCH.matcher(text);
    if (m.matches() && (m.group(2) != null || m.group(4) != null)) {
      double size = m.group(1).contains("/") ? fraction(m.group(1)) : figure(m.group(1));
      double perInch = figure(m.group(3));
      if (perInch == 0) {
        throw InvalidInput.at("", HOW);
      }
      boolean inMm = "mm".equals(m.group(2));
      return ScrewThread.of(inMm ? size : size * Inch.MM, Inch.MM / perInch);
    }
    throw InvalidInput.at("", HOW);
  }

  private static ScrewThread metric(Matcher m) {
    double d = figure(m.group(1));
    if (m.group(2) != null) {
      return ScrewThread.of(d, figure(m.group(2)));
    }
    return ScrewThread.of(
        d,
        CoarsePitch.of(d)
            .orElseThrow(
                () ->
                    InvalidInput.at(
                        "",
                        "M"
                            + m.group(1)
                            + " has no coarse pitch on file; write the pitch too, like M9x1.")));
  }

  /** A size of the inch standard; a pedal's 9/16 in × 20 is none of it. */
  private static boolean isOnFile(Matcher m) {
    Optional<UnifiedSize> size = UnifiedSize.of(m.group(1).replace(" ", ""));
    return size.isPresent() && (m.group(2) == null || size.get().has(Integer.parseInt(m.group(2))));
  }

  private static ScrewThread unified(Matcher m) {
    UnifiedSize size = UnifiedSize.of(m.group(1).replace(" ", "")).orElseThrow();
    if (m.group(2) != null) {
      return size.thread(Integer.parseInt(m.group(2)));
    }
    return size.thread("unf".equals(m.group(3)) ? size.finePerInch() : size.coarsePerInch());
  }

  private static double fraction(String text) {
    String[] parts = text.split("/");
    double under = figure(parts[1]);
    if (under == 0) {
      throw InvalidInput.at("", HOW);
    }
    return figure(parts[0]) / under;
  }

  private static double figure(String text) {
    return DecimalText.parse(text, "");
  }
}
