package app.unimetric.core.book;

import app.unimetric.core.table.Column;
import java.util.List;

/** The columns of a spec sheet. */
public enum SpecColumn implements Column {
  MAKE(true, "make", "manufacturer", "maker", "brand"),
  MODEL(true, "model", "machine", "bike"),
  YEAR_FROM(true, "year_from", "year", "years", "from", "model year", "my", "from year"),
  YEAR_TO(false, "year_to", "to", "until", "to year"),
  VARIANT(false, "variant", "version", "trim"),
  PLACE(true, "place", "part", "fastener", "joint", "position", "location", "bolt", "item"),
  THREAD(false, "thread", "size", "thread size"),
  TORQUE(true, "torque", "value", "tightening torque", "spec", "nm", "torque value"),
  UNIT(false, "unit", "units", "uom", "torque unit"),
  SOURCE(false, "source", "source type", "origin"),
  DOCUMENT(false, "document", "doc", "manual", "reference", "ref", "sheet"),
  PAGE(false, "page", "p", "pg"),
  CONDITION(false, "condition", "threads", "lubrication", "state");

  /** All of them, in the order they are written out. */
  public static final List<SpecColumn> ALL = List.of(values());

  private final boolean needed;
  private final String header;
  private final List<String> alsoCalled;

  SpecColumn(boolean needed, String header, String... alsoCalled) {
    this.needed = needed;
    this.header = header;
    this.alsoCalled = List.of(alsoCalled);
  }

  @Override
  public String header() {
    return header;
  }

  @Override
  public List<String> alsoCalled() {
    return alsoCalled;
  }

  @Override
  public boolean isNeeded() {
    return needed;
  }
}
