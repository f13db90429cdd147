package app.unimetric.core.book;

import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.stated.Source;
import app.unimetric.core.stated.StatedValue;
import app.unimetric.core.stated.TorqueText;
import app.unimetric.core.thread.ThreadText;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * One stated value as it stands in a shop's book: whose, where, how much, who says so.
 *
 * @param make of the machine
 * @param model of the machine
 * @param yearFrom first model year it holds for, four digits
 * @param yearTo last one, not before the first
 * @param variant empty for all that have none
 * @param place of the joint, as jobs call it
 * @param thread as designated; empty where nothing is said
 * @param torque as stated, with its unit
 * @param source who says so
 * @param document which, and its page; needed for all but memory
 * @param condition of the threads it was stated for
 */
public record SpecLine(
    String make,
    String model,
    int yearFrom,
    int yearTo,
    String variant,
    String place,
    String thread,
    String torque,
    Source source,
    String document,
    FrictionCondition condition) {
  private static final int LONGEST = 60;
  private static final int LONGEST_DOCUMENT = 200;
  private static final int FIRST_YEAR = 1900;
  private static final int LAST_YEAR = 2200;
  private static final Pattern YEARS =
      Pattern.compile("(\\d{4})(?:\\s*(?:-|–|to|\\.\\.)\\s*(\\d{4}))?");

  public SpecLine {
    make = make.strip();
    model = model.strip();
    variant = variant.strip();
    place = place.strip();
    thread = thread.strip();
    torque = torque.strip();
    document = document.strip();
    Problems problems = new Problems();
    needed(problems, make, "make", "who made the machine");
    needed(problems, model, "model", "which model it is");
    needed(problems, place, "place", "where the joint is, as your jobs call it");
    problems
        .require(variant.length() <= LONGEST, "variant", "has more than 60 characters.")
        .require(
            yearFrom >= FIRST_YEAR && yearFrom <= LAST_YEAR,
            "year_from",
            "must be a model year with four digits.")
        .require(
            yearTo >= yearFrom && yearTo <= LAST_YEAR,
            "year_to",
            "must be a year, and not before the first.")
        .require(document.length() <= LONGEST_DOCUMENT, "document", "has more than 200 characters.")
        .require(
            source == Source.RECOLLECTION || !document.isEmpty(),
            "document",
            "is missing: say in which document, and on which page.");
    String asTyped = torque;
    problems.under("", () -> readTorque(asTyped));
    String threaded = thread;
    if (!threaded.isEmpty()) {
      problems.under("", () -> readThread(threaded));
    }
    problems.orThrow();
  }

  private static void needed(Problems problems, String typed, String field, String what) {
    problems.require(!typed.isEmpty(), field, "is missing: type " + what + ".");
    problems.require(typed.length() <= LONGEST, field, "has more than 60 characters.");
  }

  private static StatedValue readTorque(String typed) {
    try {
      return TorqueText.parse(typed);
    } catch (InvalidInput e) {
      throw InvalidInput.at("torque", e.problems().get(0).message());
    }
  }

  private static ThreadText readThread(String typed) {
    try {
      return ThreadText.parse(typed);
    } catch (InvalidInput e) {
      throw InvalidInput.at("thread", e.problems().get(0).message());
    }
  }

  /** The value as a job takes it. */
  public StatedValue stated() {
    return TorqueText.parse(torque).from(source, condition);
  }

  /**
   * A line of a sheet.
   *
   * @param cells by column; those left out are empty
   * @throws InvalidInput with each column that is not as it should be, by its header
   */
  public static SpecLine of(Map<SpecColumn, String> cells) {
    Problems problems = new Problems();
    String torque = problems.under("", () -> torque(cells));
    Source source = problems.under("", () -> source(cell(cells, SpecColumn.SOURCE)));
    FrictionCondition condition =
        problems.under("", () -> condition(cell(cells, SpecColumn.CONDITION)));
    int[] years = problems.under("", () -> years(cells));
    String page = cell(cells, SpecColumn.PAGE);
    String document = cell(cells, SpecColumn.DOCUMENT);
    SpecLine line =
        problems.under(
            "",
            () ->
                new SpecLine(
                    cell(cells, SpecColumn.MAKE),
                    cell(cells, SpecColumn.MODEL),
                    years == null ? FIRST_YEAR : years[0],
                    years == null ? LAST_YEAR : years[1],
                    cell(cells, SpecColumn.VARIANT),
                    cell(cells, SpecColumn.PLACE),
                    cell(cells, SpecColumn.THREAD),
                    torque == null ? "1 Nm" : torque,
                    source == null ? Source.RECOLLECTION : source,
                    page.isEmpty() || document.isEmpty() ? document : document + ", p. " + page,
                    condition == null ? FrictionCondition.UNKNOWN : condition));
    problems.orThrow();
    if (line == null) {
      throw new IllegalStateException();
    }
    return line;
  }

  private static String cell(Map<SpecColumn, String> cells, SpecColumn column) {
    return cells.getOrDefault(column, "").strip();
  }

  /** The figure with its unit, wherever the unit stands; where both say one they must agree. */
  private static String torque(Map<SpecColumn, String> cells) {
    String figure = cell(cells, SpecColumn.TORQUE);
    String word = cell(cells, SpecColumn.UNIT);
    if (figure.isEmpty()) {
      throw InvalidInput.at("torque", "is missing: type the figure as it is stated.");
    }
    TorqueUnit beside = word.isEmpty() ? null : unit(word);
    // A bare figure says no unit of its own: asking what it says would only fail.
    StatedValue alone = figure.codePoints().anyMatch(Character::isLetter) ? read(figure) : null;
    if (alone == null) {
      return beside == null ? figure : figure + " " + beside.sign();
    }
    TorqueUnit own = alone.unit();
    if (beside != null && own != null && own != beside) {
      throw InvalidInput.at(
          "unit", "says " + beside.sign() + " beside “" + figure + "”; leave the wrong one out.");
    }
    return figure;
  }

  private static @Nullable StatedValue read(String figure) {
    try {
      return TorqueText.parse(figure);
    } catch (InvalidInput e) {
      return null;
    }
  }

  private static TorqueUnit unit(String word) {
    Optional<TorqueUnit> coded = TorqueUnit.ofCode(word);
    if (coded.isPresent()) {
      return coded.get();
    }
    StatedValue one = read("1 " + word);
    TorqueUnit unit = one == null ? null : one.unit();
    if (unit == null) {
      throw InvalidInput.at(
          "unit",
          "“"
              + word
              + "” is not a torque unit known here; use N.m, ft·lbf, in·lbf, kgf·m or kgf·cm.");
    }
    return unit;
  }

  private static int[] years(Map<SpecColumn, String> cells) {
    String from = cell(cells, SpecColumn.YEAR_FROM);
    String to = cell(cells, SpecColumn.YEAR_TO);
    Matcher m = YEARS.matcher(from);
    if (!m.matches()) {
      throw InvalidInput.at(
          "year_from", "must be a model year such as 2024, or a span such as 2019-2022.");
    }
    int first = Integer.parseInt(m.group(1));
    String last = m.group(2) == null ? to : m.group(2);
    if (last.isEmpty()) {
      return new int[] {first, first};
    }
    if (!last.matches("\\d{4}")) {
      throw InvalidInput.at("year_to", "must be a model year such as 2024.");
    }
    return new int[] {first, Integer.parseInt(last)};
  }

  private static Source source(String word) {
    String said = plain(word);
    if (said.isEmpty()) {
      return Source.RECOLLECTION;
    }
    return Arrays.stream(Source.values())
        .filter(s -> plain(s.name()).equals(said) || plain(s.words()).equals(said))
        .findFirst()
        .or(() -> heardSource(said))
        .orElseThrow(
            () ->
                InvalidInput.at(
                    "source",
                    "“"
                        + word
                        + "” is not a source known here; use manual, kit sheet, part marking, sister sheet, estimate or recollection."));
  }

  private static Optional<Source> heardSource(String said) {
    return switch (said) {
      case "workshop manual", "service manual", "vehicle manual", "oem" ->
          Optional.of(Source.MANUAL);
      case "sheet", "maker", "part sheet", "instructions" -> Optional.of(Source.KIT_SHEET);
      case "marking", "stamp", "stamped" -> Optional.of(Source.PART_MARKING);
      case "sister", "sister model" -> Optional.of(Source.SISTER_SHEET);
      case "memory", "unknown" -> Optional.of(Source.RECOLLECTION);
      default -> Optional.empty();
    };
  }

  private static FrictionCondition condition(String word) {
    String said = plain(word);
    if (said.isEmpty() || said.equals("unknown")) {
      return FrictionCondition.UNKNOWN;
    }
    return Arrays.stream(FrictionCondition.values())
        .filter(c -> plain(c.name()).equals(said) || plain(c.words()).equals(said))
        .findFirst()
        .or(() -> heardCondition(said))
        .orElseThrow(
            () ->
                InvalidInput.at(
                    "condition",
                    "“"
                        + word
                        + "” is not a state of threads known here; use dry, oiled, greased, threadlocker, anti-seize or leave it empty."));
  }

  private static Optional<FrictionCondition> heardCondition(String said) {
    return switch (said) {
      case "oil", "lubricated" -> Optional.of(FrictionCondition.OILED);
      case "grease" -> Optional.of(FrictionCondition.GREASED);
      case "threadlocker", "thread locker", "locked" ->
          Optional.of(FrictionCondition.THREADLOCKER_WET);
      case "antiseize", "copper paste" -> Optional.of(FrictionCondition.ANTI_SEIZE);
      default -> Optional.empty();
    };
  }

  private static String plain(String word) {
    return word.strip()
        .toLowerCase(Locale.ROOT)
        .replace('_', ' ')
        .replace('-', ' ')
        .replace(",", "");
  }

  /** What it is about: two lines of one place speak of the same joint. */
  public record Place(String make, String model, String variant, String place) {}

  public Place about() {
    return new Place(
        make.toLowerCase(Locale.ROOT),
        model.toLowerCase(Locale.ROOT),
        variant.toLowerCase(Locale.ROOT),
        place.toLowerCase(Locale.ROOT));
  }

  /** Whether two lines of one place hold for a common model year. */
  public boolean meets(SpecLine other) {
    return about().equals(other.about()) && yearFrom <= other.yearTo && other.yearFrom <= yearTo;
  }

  /**
   * Whether it is the same statement as another, whatever it says: what the same document says of
   * the same joint and years. Where the two differ, one is a change of the other.
   */
  public boolean isSameStatementAs(SpecLine other) {
    return about().equals(other.about())
        && yearFrom == other.yearFrom
        && yearTo == other.yearTo
        && source == other.source
        && thread.equalsIgnoreCase(other.thread)
        && document.equalsIgnoreCase(other.document);
  }
}
