package app.unimetric.core.tool;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.table.CellText;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A tool as it stands in a sheet of tools: a torque tool, or a key, socket or special tool, of
 * which only the name matters.
 *
 * @param type null for a key, socket or special tool
 * @param unit of its scale and of its figures
 * @param figures what is typed of it in its unit, by column; empty for a key
 * @param leftHand whether it is rated for turning left-handed
 * @param calibratedOn day of its last calibration; null where none is said
 * @param uses since then
 */
public record ToolLine(
    String name,
    @Nullable ToolType type,
    TorqueUnit unit,
    Map<ToolColumn, String> figures,
    boolean leftHand,
    @Nullable LocalDate calibratedOn,
    int uses) {
  private static final int LONGEST_NAME = 100;

  /** The columns that hold a figure printed on the tool, in the unit of its scale. */
  private static final List<ToolColumn> FIGURES =
      List.of(
          ToolColumn.MIN,
          ToolColumn.MAX,
          ToolColumn.GRADUATION,
          ToolColumn.DEVIATION,
          ToolColumn.PRESETS,
          ToolColumn.ADAPTER_LEVER,
          ToolColumn.ADAPTER_EXTENSION,
          ToolColumn.ADAPTER_ANGLE);

  public ToolLine {
    name = name.strip().replaceAll("\\s+", " ");
    figures = Map.copyOf(figures);
    Problems problems =
        new Problems()
            .require(
                !name.isEmpty() && name.length() <= LONGEST_NAME,
                "name",
                "must have 1 to 100 characters: what people call it.");
    if (type == null) {
      figures
          .keySet()
          .forEach(
              c ->
                  problems.require(
                      false,
                      c.header(),
                      "says nothing of a key, socket or special tool; leave it empty."));
    }
    problems.orThrow();
  }

  public boolean isHandTool() {
    return type == null;
  }

  /** A figure as typed; empty where none is. */
  public String figure(ToolColumn column) {
    return figures.getOrDefault(column, "");
  }

  /**
   * A line of a sheet.
   *
   * @param cells by column; those left out are empty
   * @param today no tool was calibrated later
   * @throws InvalidInput with each column that is not as it should be, by its header
   */
  public static ToolLine of(Map<ToolColumn, String> cells, LocalDate today) {
    Problems problems = new Problems();
    String kind = CellText.plain(cell(cells, ToolColumn.TYPE));
    ToolType type = problems.under("", () -> type(kind, cell(cells, ToolColumn.TYPE)));
    TorqueUnit unit = problems.under("", () -> unit(cell(cells, ToolColumn.UNIT)));
    Boolean left =
        problems.under(
            "",
            () ->
                CellText.yes(
                    cell(cells, ToolColumn.LEFT_HAND), ToolColumn.LEFT_HAND.header(), false));
    LocalDate calibrated =
        problems.under("", () -> calibrated(cell(cells, ToolColumn.CALIBRATED_ON), today));
    Integer uses = problems.under("", () -> uses(cell(cells, ToolColumn.USES)));
    Map<ToolColumn, String> figures = new java.util.EnumMap<>(ToolColumn.class);
    for (ToolColumn column : FIGURES) {
      String typed = cell(cells, column);
      if (!typed.isEmpty()) {
        figures.put(column, typed);
      }
    }
    ToolLine line =
        problems.under(
            "",
            () ->
                new ToolLine(
                    cell(cells, ToolColumn.NAME),
                    isHandTool(kind) ? null : type == null ? ToolType.CLICK : type,
                    unit == null ? TorqueUnit.NEWTON_METRE : unit,
                    figures,
                    Boolean.TRUE.equals(left),
                    LocalDate.MIN.equals(calibrated) ? null : calibrated,
                    uses == null ? 0 : uses));
    problems.orThrow();
    if (line == null) {
      throw new IllegalStateException();
    }
    return line;
  }

  private static String cell(Map<ToolColumn, String> cells, ToolColumn column) {
    return cells.getOrDefault(column, "").strip();
  }

  private static boolean isHandTool(String kind) {
    return switch (kind) {
      case "hand tool", "hand", "key", "socket", "spanner", "wrench", "special", "special tool" ->
          true;
      default -> false;
    };
  }

  private static ToolType type(String kind, String typed) {
    if (isHandTool(kind)) {
      return ToolType.CLICK;
    }
    return Arrays.stream(ToolType.values())
        .filter(
            t ->
                CellText.plain(t.name()).equals(kind)
                    || t.words().equals(kind)
                    || (t.words() + " wrench").equals(kind))
        .findFirst()
        .orElseThrow(
            () ->
                InvalidInput.at(
                    ToolColumn.TYPE.header(),
                    (typed.isEmpty() ? "is missing" : "“" + typed + "” is not known here")
                        + "; use click, beam, dial, digital, preset, screwdriver, or hand tool for keys, sockets and special tools."));
  }

  private static TorqueUnit unit(String cell) {
    if (cell.isEmpty()) {
      return TorqueUnit.NEWTON_METRE;
    }
    return TorqueUnit.parse(cell)
        .orElseThrow(
            () ->
                InvalidInput.at(
                    ToolColumn.UNIT.header(),
                    "“"
                        + cell
                        + "” is not a torque unit known here; use N.m, ft·lbf, in·lbf, kgf·m or kgf·cm."));
  }

  private static LocalDate calibrated(String cell, LocalDate today) {
    if (cell.isEmpty()) {
      return LocalDate.MIN;
    }
    LocalDate day = CellText.day(cell, ToolColumn.CALIBRATED_ON.header());
    if (day.isAfter(today)) {
      throw InvalidInput.at(ToolColumn.CALIBRATED_ON.header(), "lies in the future.");
    }
    return day;
  }

  private static Integer uses(String cell) {
    return cell.isEmpty() ? 0 : (Integer) CellText.count(cell, ToolColumn.USES.header());
  }
}
