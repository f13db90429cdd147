package app.unimetric.core.table;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** A column of a kind of sheet, with the words people put over it. */
public interface Column {
  ColumnWords words();

  default String header() {
    return words().header();
  }

  default boolean isNeeded() {
    return words().isNeeded();
  }

  /** Whether people call it so. */
  default boolean isCalled(String typed) {
    String word = typed.strip().toLowerCase(Locale.ROOT);
    return header().equals(word.replace(' ', '_'))
        || words().alsoCalled().contains(word)
        || words().alsoCalled().contains(word.replace('_', ' '));
  }

  /** The one of some columns that people call so; none for words nobody knows. */
  static <C extends Column> Optional<C> called(List<C> columns, String typed) {
    return columns.stream().filter(c -> c.isCalled(typed)).findFirst();
  }

  /** Cells by the header of their column, by the column itself; headers of none are left out. */
  static <C extends Column> Map<C, String> cells(List<C> columns, Map<String, String> byHeader) {
    Map<C, String> cells = new LinkedHashMap<>();
    for (C column : columns) {
      String cell = byHeader.get(column.header());
      if (cell != null) {
        cells.put(column, cell);
      }
    }
    return cells;
  }
}
