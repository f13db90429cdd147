package app.unimetric.core.book;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The columns of a spec sheet, with the words people put over them. */
public enum SpecColumn {
  MAKE("make", "manufacturer", "maker", "brand"),
  MODEL("model", "machine", "bike"),
  YEAR_FROM("year_from", "year", "years", "from", "model year", "my", "from year"),
  YEAR_TO("year_to", "to", "until", "to year"),
  VARIANT("variant", "version", "trim"),
  PLACE("place", "part", "fastener", "joint", "position", "location", "bolt", "item"),
  THREAD("thread", "size", "thread size"),
  TORQUE("torque", "value", "tightening torque", "spec", "nm", "torque value"),
  UNIT("unit", "units", "uom", "torque unit"),
  SOURCE("source", "source type", "origin"),
  DOCUMENT("document", "doc", "manual", "reference", "ref", "sheet"),
  PAGE("page", "p", "pg"),
  CONDITION("condition", "threads", "lubrication", "state");

  private final String header;
  private final List<String> alsoCalled;

  SpecColumn(String header, String... alsoCalled) {
    this.header = header;
    this.alsoCalled = List.of(alsoCalled);
  }

  /** As it is written out. */
  public String header() {
    return header;
  }

  /** The column that people call so; none for words nobody knows. */
  public static Optional<SpecColumn> called(String typed) {
    String word = typed.strip().toLowerCase(Locale.ROOT);
    String underscored = word.replace(' ', '_');
    return Arrays.stream(values())
        .filter(
            c ->
                c.header.equals(underscored)
                    || c.alsoCalled.contains(word)
                    || c.alsoCalled.contains(word.replace('_', ' ')))
        .findFirst();
  }
}
