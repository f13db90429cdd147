package app.unimetric.documents.table;

import app.unimetric.core.book.SpecColumn;
import app.unimetric.core.book.SpecLine;
import app.unimetric.core.stated.StatedValue;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** A spec sheet, stated values as a table, as it is written out. */
public final class SpecSheet {
  private SpecSheet() {}

  /** The columns as they are written out; a page stands with its document. */
  public static List<String> header() {
    return Arrays.stream(SpecColumn.values())
        .filter(c -> c != SpecColumn.PAGE)
        .map(SpecColumn::header)
        .toList();
  }

  /** A line that reads back as it was. */
  public static List<String> cells(SpecLine line) {
    StatedValue stated = line.stated();
    List<String> cells = new ArrayList<>();
    for (SpecColumn column : SpecColumn.values()) {
      if (column != SpecColumn.PAGE) {
        cells.add(cell(line, column, stated));
      }
    }
    return cells;
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
