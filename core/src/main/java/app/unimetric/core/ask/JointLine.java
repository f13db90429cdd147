package app.unimetric.core.ask;

import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.Material;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.sequence.Layout;
import app.unimetric.core.stated.Source;
import app.unimetric.core.stated.TorqueText;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.surface.Lock;
import app.unimetric.core.thread.ScrewThread;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A joint in one short line, as a mechanic says it: {@code 4 M6 8.8 20 Nm cross medium}, {@code
 * bracket bolts 2x M8x1.25 into aluminium 22 Nm manual p 7-14}. Each part is recognised wherever it
 * stands; words that are none of these are its title.
 *
 * @param title what it is called
 * @param thread its designation
 * @param leftHand whether it turns the other way
 * @param propertyClass the mark of its class; null where nobody named one
 * @param female what it is screwed into; null where nobody named it
 * @param lock what locks it besides a product
 * @param product what was said to go on the thread; null where nothing was said
 * @param torque as typed; null where none was
 * @param document where the torque stands, with its page
 * @param assumed what was taken for granted, in words
 */
public record JointLine(
    String title,
    int count,
    String thread,
    boolean leftHand,
    @Nullable String propertyClass,
    Head head,
    Layout layout,
    @Nullable Material female,
    Lock lock,
    @Nullable Compound product,
    boolean critical,
    @Nullable String torque,
    Source source,
    String document,
    List<String> assumed) {
  private static final int LONGEST = 200;
  private static final int MOST = 64;
  private static final int CIRCLE_FROM = 3;
  private static final String HOW = "Write it like “4 M6 8.8 20 Nm cross medium”.";
  private static final Pattern COUNT =
      Pattern.compile("(?<![\\d.,/])(\\d{1,3})\\s*(?:[x×]|off|of)?\\s*$");
  private static final Pattern TORQUE =
      Pattern.compile(
          "(?:\\b(?:max(?:imum)?|min(?:imum)?|about|at least|up to)\\.?\\s+|[~≈]\\s*)?"
              + "(?<![\\w.,/-])\\d{1,4}(?:[.,]\\d{1,3})?(?:\\s*(?:-|–|to|±)\\s*\\d{1,4}(?:[.,]\\d{1,3})?)?"
              + "\\s*(?:n[·.]?c?m|da?n[·.]?m|(?:ft|in(?:ch)?)[-·. ]?(?:lbs?f?|pounds?)|lbs?f?[-·. ]?(?:ft|in)|kgf?[·.]?c?m)\\b"
              + "(?:\\s*(?:\\+|then)\\s*\\d{1,3}\\s*(?:°|deg(?:rees)?\\b))?(?:\\s+max\\b)?|\\bsnug\\b|\\bhand[- ]?tight\\b");
  private static final Pattern PAGE =
      Pattern.compile("\\b(?:p|pg|page)\\b[.:]?\\s*([\\w][\\w.-]{0,15})");
  private static final Pattern CRITICAL = Pattern.compile("\\bcritical\\b");
  private static final Pattern LEFT = Pattern.compile("\\bleft[- ]hand(?:ed)?\\b|\\blh\\b");
  private static final Map<String, Layout> LAYOUTS = new LinkedHashMap<>();
  private static final Map<String, Compound> PRODUCTS = new LinkedHashMap<>();
  private static final Map<String, Lock> LOCKS = new LinkedHashMap<>();
  private static final Map<String, Source> SOURCES = new LinkedHashMap<>();

  static {
    LAYOUTS.put("cross(?:wise)?|circle", Layout.CIRCLE);
    LAYOUTS.put("row|in line", Layout.ROW);
    LAYOUTS.put("faceplate", Layout.FACEPLATE);
    LAYOUTS.put("pinch", Layout.PINCH);
    LOCKS.put("(?:nylon[- ])?insert nuts?", Lock.NYLON_INSERT);
    PRODUCTS.put("low(?:[- ]strength)?(?: threadlocker)?", Compound.LOW);
    PRODUCTS.put("medium(?:[- ]strength)?(?: threadlocker)?|threadlocker", Compound.MEDIUM);
    PRODUCTS.put("high(?:[- ]strength)?(?: threadlocker)?", Compound.HIGH);
    PRODUCTS.put("wicking(?: threadlocker)?", Compound.WICKING);
    PRODUCTS.put("anti[- ]?seize", Compound.ANTI_SEIZE);
    PRODUCTS.put("greased?", Compound.GREASE);
    PRODUCTS.put("(?:assembly )?paste", Compound.CARBON_PASTE);
    PRODUCTS.put("clean|dry", Compound.CLEAN_DRY);
    SOURCES.put("(?:vehicle )?manual", Source.MANUAL);
    SOURCES.put("(?:kit |part )?sheet|kit", Source.KIT_SHEET);
    SOURCES.put("mark(?:ing|ed)|stamped", Source.PART_MARKING);
    SOURCES.put("memory", Source.RECOLLECTION);
  }

  public JointLine {
    assumed = List.copyOf(assumed);
  }

  /**
   * Reads one line.
   *
   * @throws InvalidInput with what is missing or not understood, and how it is written
   */
  public static JointLine parse(String typed) {
    String text = typed.replaceAll("[\\p{Cntrl}\\s]+", " ").strip();
    if (text.isEmpty() || text.length() > LONGEST) {
      throw InvalidInput.at(
          "line", text.isEmpty() ? "Nothing was typed. " + HOW : "At most 200 characters. " + HOW);
    }
    return new Reading(text).joint();
  }

  /** Takes one thing after the other out of the line. */
  private static final class Reading {
    private final TypedLine line;
    private final List<String> assumed = new ArrayList<>();

    Reading(String text) {
      line = new TypedLine(text.toLowerCase(Locale.ROOT));
    }

    JointLine joint() {
      String torque = torque();
      String named = thread();
      int before = line.rest().indexOf('\u0001');
      int count = count(before);
      ScrewThread thread = atLine(() -> ScrewThread.parse(named));
      BoltWords.Found bolt = bolt(thread);
      Matcher page = line.take(PAGE);
      Source source = line.takeWord(SOURCES);
      Layout layout = line.takeWord(LAYOUTS);
      Lock lock = line.takeWord(LOCKS);
      Compound product = line.takeWord(PRODUCTS);
      Head head = line.takeWord(QuestionText.HEADS);
      boolean left = line.take(LEFT) != null;
      boolean critical = line.take(CRITICAL) != null;
      if (!critical) {
        assumed.add(
            "Nothing critical is taken to hang on it: mark it critical where it holds a wheel, a brake, the steering or a person.");
      }
      if (torque != null && source == null) {
        assumed.add("The torque counts as from memory until you say where it stands.");
      }
      String title = title(count, thread);
      return new JointLine(
          title,
          count,
          thread.designation(),
          left,
          bolt.material() == null ? null : bolt.material().mark(),
          head == null ? Head.HEX : head,
          layout == null ? usual(count) : layout,
          bolt.female(),
          lock == null ? Lock.NONE : lock,
          product,
          critical,
          torque,
          source == null ? Source.RECOLLECTION : source,
          document(source, page),
          assumed);
    }

    private @Nullable String torque() {
      Matcher m = line.take(TORQUE);
      if (m == null) {
        return null;
      }
      String typed = m.group().strip();
      atLine(() -> TorqueText.parse(typed));
      return typed;
    }

    /** The thread; a mark stays in its place, so that the count is read before it. */
    private String thread() {
      for (Pattern pattern : List.of(QuestionText.INCH_THREAD, QuestionText.THREAD)) {
        Matcher m = pattern.matcher(line.rest());
        if (m.find()) {
          line.rewrite(
              line.rest().substring(0, m.start()) + '\u0001' + line.rest().substring(m.end()));
          return m.group().replaceAll("\\s+", pattern == QuestionText.THREAD ? "" : " ").strip();
        }
      }
      throw InvalidInput.at("line", "No thread was named. " + HOW);
    }

    private int count(int before) {
      String head = line.rest().substring(0, before);
      String tail = line.rest().substring(before + 1);
      Matcher m = COUNT.matcher(head);
      if (!m.find()) {
        line.rewrite(head + " " + tail);
        return 1;
      }
      line.rewrite(head.substring(0, m.start()) + " " + tail);
      int count = Integer.parseInt(m.group(1));
      if (count < 1 || count > MOST) {
        throw InvalidInput.at("line", "A joint has 1 to 64 fasteners. " + HOW);
      }
      return count;
    }

    private BoltWords.Found bolt(ScrewThread thread) {
      return atLine(() -> BoltWords.takeNamed(line, thread));
    }

    /** What is wrong with a part of the line stands at the line. */
    private static <T> T atLine(Supplier<T> part) {
      try {
        return part.get();
      } catch (InvalidInput e) {
        throw InvalidInput.at("line", e.problems().get(0).message());
      }
    }

    private static Layout usual(int count) {
      return count == 1 ? Layout.PINCH : count < CIRCLE_FROM ? Layout.ROW : Layout.CIRCLE;
    }

    private String title(int count, ScrewThread thread) {
      String left = line.rest().replaceAll("[,;]", " ").replaceAll("\\s+", " ").strip();
      left =
          left.replaceAll("^(?:with|on|at|and|in|into)\\b|\\b(?:with|on|at|and|in|into)$", "")
              .strip();
      if (left.matches(".*\\d.*")) {
        throw InvalidInput.at("line", "“" + left + "” was not understood. " + HOW);
      }
      if (left.isEmpty()) {
        assumed.add("It has no name yet: call it by what it holds.");
        return (count == 1 ? "Bolt " : count + " bolts ") + thread.designation();
      }
      return left.substring(0, 1).toUpperCase(Locale.ROOT) + left.substring(1);
    }

    private static String document(@Nullable Source source, @Nullable Matcher page) {
      return page == null ? (source == null ? "as typed" : "no page given") : "p. " + page.group(1);
    }
  }
}
