package app.unimetric.documents.table;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.documents.settings.WorkshopSettings.Decimals;
import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.CsvRecordHandler;
import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.Writer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A table with a header. Reading takes RFC 4180 and its common relatives: comma, semicolon or tab
 * between, with or without a byte order mark, UTF-8, UTF-16 or Windows-1252; it is bounded, so that
 * no file however made takes more than its own size.
 *
 * @param header as written
 * @param rows in order
 * @param encoding what it was taken for, in words
 * @param separator what stood between the cells, in words
 */
public record Table(List<String> header, List<Row> rows, String encoding, String separator) {
  private static final int MOST_COLUMNS = 100;
  private static final int LONGEST_CELL = 5000;
  private static final int LONGEST_ROW = 20_000;
  private static final int MOST_ROWS = 200_000;

  /** Cells that hold something: each takes some hundred bytes, however short it is. */
  static final int MOST_CELLS = 1_400_000;

  /** Rows times columns, empty ones too. */
  private static final int MOST_PLACES = 4_000_000;

  /** The same word in many cells is kept once; so many different ones are remembered. */
  private static final int MOST_WORDS = 50_000;

  /**
   * What reading and judging the worst table takes that is let in: some 160 bytes a cell, as
   * measured, and the file three times.
   */
  public static final long MOST_MEMORY_BYTES = 300L * 1024 * 1024;

  private static final char[] SEPARATORS = {';', '\t', ','};

  /** What a spreadsheet takes for a formula when a cell begins with it. */
  private static final String FORMULA = "=+-@\t\r";

  private static final char QUOTED = '\'';

  /**
   * @param line in the file where it begins, from 1
   * @param cells as many as the header has
   */
  public record Row(long line, List<String> cells) {}

  public Table {
    header = List.copyOf(header);
    rows = List.copyOf(rows);
  }

  /**
   * @throws InvalidInput in words, with the line, where the file is not a table
   */
  public static Table read(byte[] file) {
    TableText text = TableText.of(file);
    if (text.text().isBlank()) {
      throw InvalidInput.at("", "The file is empty; the first line names the columns.");
    }
    char between = separator(text.text());
    List<Row> rows = new ArrayList<>();
    Map<String, String> words = new HashMap<>();
    int cells = 0;
    List<String> header = null;
    try (CsvReader<CsvRecord> reader =
        CsvReader.builder()
            .fieldSeparator(between)
            .allowMissingFields(true)
            .allowExtraFields(true)
            .skipEmptyLines(true)
            .maxBufferSize(LONGEST_ROW * 2)
            .build(
                CsvRecordHandler.builder()
                    .maxFields(MOST_COLUMNS)
                    .maxFieldSize(LONGEST_CELL)
                    .maxRecordSize(LONGEST_ROW)
                    .build(),
                text.text())) {
      for (CsvRecord record : reader) {
        if (header == null) {
          header = record.getFields().stream().map(String::strip).toList();
        } else {
          Row row = row(record, header.size(), words);
          rows.add(row);
          cells += (int) row.cells().stream().filter(c -> !c.isEmpty()).count();
          if (rows.size() > MOST_ROWS
              || cells > MOST_CELLS
              || rows.size() * header.size() > MOST_PLACES) {
            throw InvalidInput.at(
                "", "has more than 200 000 lines or 1 400 000 cells; bring it in parts.");
          }
        }
      }
    } catch (CsvParseException e) {
      throw InvalidInput.at("", broken(e, rows, header == null));
    } catch (java.io.IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
    if (header == null) {
      throw InvalidInput.at("", "The file is empty; the first line names the columns.");
    }
    if (text.text().chars().filter(c -> c == '"').count() % 2 != 0) {
      throw InvalidInput.at(
          "",
          "Line "
              + (rows.isEmpty() ? 1 : rows.get(rows.size() - 1).line())
              + ": a quote is opened and never closed, so all after it would be one cell.");
    }
    return new Table(header, rows, text.encoding(), words(between));
  }

  private static String broken(CsvParseException e, List<Row> rows, boolean inHeader) {
    String where =
        inHeader
            ? "Line 1"
            : rows.isEmpty() ? "After line 1" : "After line " + rows.get(rows.size() - 1).line();
    return where
        + ": the line is not a row of cells: at most "
        + MOST_COLUMNS
        + " columns, "
        + LONGEST_CELL
        + " characters a cell, and each opened quote closed.";
  }

  private static Row row(CsvRecord record, int columns, Map<String, String> words) {
    if (record.getFieldCount() > columns) {
      for (int i = columns; i < record.getFieldCount(); i++) {
        if (!record.getField(i).isBlank()) {
          throw InvalidInput.at(
              "",
              "Line "
                  + record.getStartingLineNumber()
                  + " has more cells than the header names columns; quote a cell that holds the separator.");
        }
      }
    }
    List<String> cells = new ArrayList<>();
    for (int i = 0; i < columns; i++) {
      cells.add(i < record.getFieldCount() ? once(unquoted(record.getField(i)), words) : "");
    }
    return new Row(record.getStartingLineNumber(), cells);
  }

  private static String once(String cell, Map<String, String> words) {
    String known = words.get(cell);
    if (known == null && words.size() < MOST_WORDS) {
      words.put(cell, cell);
    }
    return known == null ? cell : known;
  }

  /** What stands most often between the words of the header; a quoted one does not count. */
  private static char separator(String text) {
    char best = ',';
    int most = 0;
    for (char candidate : SEPARATORS) {
      int count = 0;
      boolean quoted = false;
      for (int i = 0; i < text.length() && i < LONGEST_ROW; i++) {
        char c = text.charAt(i);
        if (c == '"') {
          quoted = !quoted;
        } else if (!quoted && (c == '\n' || c == '\r')) {
          break;
        } else if (!quoted && c == candidate) {
          count++;
        }
      }
      if (count > most) {
        most = count;
        best = candidate;
      }
    }
    return best;
  }

  private static String words(char separator) {
    return switch (separator) {
      case ';' -> "semicolon";
      case '\t' -> "tab";
      default -> "comma";
    };
  }

  /** Writes lines as RFC 4180; what a spreadsheet would run as a formula is made plain text. */
  public static CsvWriter writer(Writer to) {
    return writer(to, Decimals.POINT);
  }

  /** Where a comma stands in figures, a semicolon stands between cells. */
  public static CsvWriter writer(Writer to, Decimals decimals) {
    return CsvWriter.builder().fieldSeparator(decimals == Decimals.COMMA ? ';' : ',').build(to);
  }

  /** Writes a row of which no spreadsheet runs anything. */
  public static void write(List<String> cells, CsvWriter to) {
    to.writeRecord(cells.stream().map(Table::plain).toList());
  }

  /**
   * A cell that no spreadsheet runs: one that would begin a formula is put behind an apostrophe.
   */
  public static String plain(String cell) {
    return !cell.isEmpty() && (FORMULA.indexOf(cell.charAt(0)) >= 0 || isQuoted(cell))
        ? QUOTED + cell
        : cell;
  }

  /** The other way round, so that what was written out comes back as it was. */
  private static String unquoted(String cell) {
    return isQuoted(cell) ? cell.substring(1) : cell;
  }

  private static boolean isQuoted(String cell) {
    return cell.length() > 1
        && cell.charAt(0) == QUOTED
        && (FORMULA.indexOf(cell.charAt(1)) >= 0 || cell.charAt(1) == QUOTED);
  }
}
