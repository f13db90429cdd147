package app.unimetric.core.table;

import app.unimetric.core.problem.InvalidInput;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What the words of a cell mean, where all kinds of sheets say it alike. */
public final class CellText {
  private static final Pattern YEAR_FIRST = Pattern.compile("(\\d{4})-(\\d{1,2})-(\\d{1,2})");
  private static final Pattern DAY_FIRST =
      Pattern.compile("(\\d{1,2})\\.\\s*(\\d{1,2})\\.\\s*(\\d{4})");
  private static final List<String> YES = List.of("yes", "y", "true", "x", "1", "rated");
  private static final List<String> NO = List.of("no", "n", "false", "0", "-", "not rated");

  private CellText() {}

  /** Words as they are compared: small, one space between. */
  public static String plain(String cell) {
    return cell.strip()
        .toLowerCase(Locale.ROOT)
        .replace('_', ' ')
        .replace('-', ' ')
        .replace(",", "")
        .replaceAll("\\s+", " ");
  }

  /**
   * A day: {@code 2026-11-27} or {@code 27.11.2026}. One with slashes is refused, for nobody can
   * tell whether its day or its month comes first.
   *
   * @throws InvalidInput at the field
   */
  public static LocalDate day(String cell, String field) {
    String typed = cell.strip();
    Matcher year = YEAR_FIRST.matcher(typed);
    if (year.matches()) {
      return day(year.group(1), year.group(2), year.group(3), field);
    }
    Matcher day = DAY_FIRST.matcher(typed);
    if (day.matches()) {
      return day(day.group(3), day.group(2), day.group(1), field);
    }
    throw InvalidInput.at(
        field, "“" + typed + "” is not a day that reads one way only; write it as 2026-11-27.");
  }

  private static LocalDate day(String year, String month, String day, String field) {
    try {
      return LocalDate.of(Integer.parseInt(year), Integer.parseInt(month), Integer.parseInt(day));
    } catch (DateTimeException e) {
      throw InvalidInput.at(field, "There is no such day; write it as 2026-11-27.");
    }
  }

  /**
   * Yes or no.
   *
   * @param empty what an empty cell means
   * @throws InvalidInput at the field
   */
  public static boolean yes(String cell, String field, boolean empty) {
    String said = cell.strip().toLowerCase(Locale.ROOT);
    if (said.isEmpty()) {
      return empty;
    }
    if (YES.contains(said)) {
      return true;
    }
    if (NO.contains(said)) {
      return false;
    }
    throw InvalidInput.at(field, "“" + cell.strip() + "” is neither yes nor no.");
  }

  /**
   * A whole number.
   *
   * @throws InvalidInput at the field
   */
  public static int count(String cell, String field) {
    String typed = cell.strip().replace(" ", "");
    if (!typed.matches("\\d{1,7}")) {
      throw InvalidInput.at(field, "“" + cell.strip() + "” is not a whole number.");
    }
    return Integer.parseInt(typed);
  }
}
