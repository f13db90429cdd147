package app.unimetric.documents.table;

import app.unimetric.core.book.SpecColumn;
import app.unimetric.core.book.SpecLine;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.stated.StatedValue;
import de.siegmar.fastcsv.writer.CsvWriter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A spec sheet: stated values as a table.
 *
 * @param lines each with its place in the file
 * @param encoding what it was taken for, in words
 * @param separator what stood between the cells, in words
 * @param passedOver headers nobody here knows
 */
public record SpecSheet(
    List<Line> lines, String encoding, String separator, List<String> passedOver) {
  private static final Set<SpecColumn> NEEDED =
      EnumSet.of(
          SpecColumn.MAKE,
          SpecColumn.MODEL,
          SpecColumn.YEAR_FROM,
          SpecColumn.PLACE,
          SpecColumn.TORQUE);

  /**
   * @param line in the file, from 1
   * @param cells by column, as written
   */
  public record Line(long line, Map<SpecColumn, String> cells) {}

  public SpecSheet {
    lines = List.copyOf(lines);
  }

  /**
   * @throws InvalidInput in words where it is no spec sheet
   */
  public static SpecSheet read(byte[] file) {
    Table table = Table.read(file);
    List<@Nullable SpecColumn> columns = new ArrayList<>();
    List<String> unknown = new ArrayList<>();
    for (String header : table.header()) {
      SpecColumn column = SpecColumn.called(header).orElse(null);
      if (column != null && columns.contains(column)) {
        throw InvalidInput.at(
            "", "Two columns are both “" + column.header() + "”; leave one of them out.");
      }
      columns.add(column);
      if (column == null && !header.isEmpty()) {
        unknown.add(header);
      }
    }
    Set<SpecColumn> wanting = EnumSet.copyOf(NEEDED);
    columns.forEach(wanting::remove);
    if (!wanting.isEmpty()) {
      throw InvalidInput.at(
          "",
          "The header does not name "
              + wanting.stream().map(SpecColumn::header).collect(Collectors.joining(", "))
              + ". Its first line must name the columns: "
              + Arrays.stream(SpecColumn.values())
                  .map(SpecColumn::header)
                  .collect(Collectors.joining(", "))
              + ".");
    }
    List<Line> lines = new ArrayList<>();
    for (Table.Row row : table.rows()) {
      Map<SpecColumn, String> cells = new EnumMap<>(SpecColumn.class);
      for (int i = 0; i < columns.size(); i++) {
        SpecColumn column = columns.get(i);
        if (column != null && !row.cells().get(i).isBlank()) {
          cells.put(column, row.cells().get(i).strip());
        }
      }
      if (!cells.isEmpty()) {
        lines.add(new Line(row.line(), cells));
      }
    }
    return new SpecSheet(lines, table.encoding(), table.separator(), unknown);
  }

  /** The columns as they are written out. */
  public static void writeHeader(CsvWriter to) {
    to.writeRecord(
        Arrays.stream(SpecColumn.values())
            .filter(c -> c != SpecColumn.PAGE)
            .map(SpecColumn::header)
            .toList());
  }

  /** A line that reads back as it was. */
  public static void write(SpecLine line, CsvWriter to) {
    StatedValue stated = line.stated();
    List<String> cells = new ArrayList<>();
    for (SpecColumn column : SpecColumn.values()) {
      if (column != SpecColumn.PAGE) {
        cells.add(Table.plain(cell(line, column, stated)));
      }
    }
    to.writeRecord(cells);
  }

  private static String cell(SpecLine line, SpecColumn column, StatedValue stated) {
    return switch (column) {
      case MAKE -> line.make();
      case MODEL -> line.model();
      case YEAR_FROM -> String.valueOf(line.yearFrom());
      case YEAR_TO -> String.valueOf(line.yearTo());
      case VARIANT -> line.variant();
      case PLACE -> line.place();
      case THREAD -> line.thread();
      case TORQUE -> line.torque();
      case UNIT -> stated.unit() == null ? "" : stated.unit().code();
      case SOURCE -> word(line.source());
      case DOCUMENT -> line.document();
      case PAGE -> "";
      case CONDITION -> word(line.condition());
    };
  }

  private static String word(Enum<?> constant) {
    return constant.name().toLowerCase(Locale.ROOT).replace('_', ' ');
  }
}
