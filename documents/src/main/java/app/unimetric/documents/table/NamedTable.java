package app.unimetric.documents.table;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.table.Column;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A table whose columns are known, whatever people call them.
 *
 * @param lines each with its place in the file
 * @param encoding what it was taken for, in words
 * @param separator what stood between the cells, in words
 * @param passedOver headers nobody here knows
 */
public record NamedTable(
    List<Line> lines, String encoding, String separator, List<String> passedOver) {

  /**
   * @param line in the file, from 1
   * @param cells by the header of their column, as written; empty ones are left out
   */
  public record Line(long line, Map<String, String> cells) {}

  public NamedTable {
    lines = List.copyOf(lines);
    passedOver = List.copyOf(passedOver);
  }

  /** What it was taken for, in one sentence. */
  public String takenFor() {
    return encoding
        + ", cells apart by "
        + separator
        + (passedOver.isEmpty()
            ? ""
            : "; columns nobody here knows: " + String.join(", ", passedOver));
  }

  /**
   * @param columns that may be there
   * @throws InvalidInput in words where it is no such table, or holds no line
   */
  public static NamedTable read(byte[] file, List<? extends Column> columns) {
    Table table = Table.read(file);
    List<@Nullable Column> found = new ArrayList<>();
    List<String> unknown = new ArrayList<>();
    for (String header : table.header()) {
      Column column = Column.called(columns, header).orElse(null);
      if (column != null && found.contains(column)) {
        throw InvalidInput.at(
            "", "Two columns are both “" + column.header() + "”; leave one of them out.");
      }
      found.add(column);
      if (column == null && !header.isEmpty()) {
        unknown.add(header);
      }
    }
    Set<Column> wanting =
        columns.stream()
            .filter(Column::isNeeded)
            .collect(Collectors.toCollection(LinkedHashSet::new));
    found.forEach(wanting::remove);
    if (!wanting.isEmpty()) {
      throw InvalidInput.at(
          "",
          "The header does not name "
              + named(wanting)
              + ". Its first line must name the columns: "
              + named(columns)
              + ".");
    }
    List<Line> lines = new ArrayList<>();
    for (Table.Row row : table.rows()) {
      Map<String, String> cells = new LinkedHashMap<>();
      for (int i = 0; i < found.size(); i++) {
        Column column = found.get(i);
        if (column != null && !row.cells().get(i).isBlank()) {
          cells.put(column.header(), row.cells().get(i).strip());
        }
      }
      if (!cells.isEmpty()) {
        lines.add(new Line(row.line(), cells));
      }
    }
    if (lines.isEmpty()) {
      throw InvalidInput.at("", "The sheet names its columns but holds no line.");
    }
    return new NamedTable(lines, table.encoding(), table.separator(), unknown);
  }

  private static String named(java.util.Collection<? extends Column> columns) {
    return columns.stream().map(Column::header).collect(Collectors.joining(", "));
  }
}
