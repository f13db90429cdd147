package app.unimetric.core.book;

import static app.unimetric.core.table.ColumnWords.needed;
import static app.unimetric.core.table.ColumnWords.optional;

import app.unimetric.core.table.Column;
import app.unimetric.core.table.ColumnWords;
import java.util.List;

/** The columns of a spec sheet. */
public enum SpecColumn implements Column {
  MAKE(needed("make", "manufacturer", "maker", "brand")),
  MODEL(needed("model", "machine", "bike")),
  YEAR_FROM(needed("year_from", "year", "years", "from", "model year", "my", "from year")),
  YEAR_TO(optional("year_to", "to", "until", "to year")),
  VARIANT(optional("variant", "version", "trim")),
  PLACE(needed("place", "part", "fastener", "joint", "position", "location", "bolt", "item")),
  THREAD(optional("thread", "size", "thread size")),
  TORQUE(needed("torque", "value", "tightening torque", "spec", "nm", "torque value")),
  UNIT(optional("unit", "units", "uom", "torque unit")),
  SOURCE(optional("source", "source type", "origin")),
  DOCUMENT(optional("document", "doc", "manual", "reference", "ref", "sheet")),
  PAGE(optional("page", "p", "pg")),
  CONDITION(optional("condition", "threads", "lubrication", "state"));

  /** All of them, in the order they are written out. */
  public static final List<SpecColumn> ALL = List.of(values());

  private final ColumnWords words;

  SpecColumn(ColumnWords words) {
    this.words = words;
  }

  @Override
  public ColumnWords words() {
    return words;
  }
}
