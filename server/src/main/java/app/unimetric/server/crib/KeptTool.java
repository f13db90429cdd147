package app.unimetric.server.crib;

import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.ToolEntry;
import app.unimetric.core.tool.ToolStanding;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;

/**
 * A tool with its log.
 *
 * @param log oldest first
 * @param uses since its last calibration, counted at the bench
 */
public record KeptTool(ToolRow row, List<ToolEntryRow> log, int uses) {
  public KeptTool {
    log = List.copyOf(log);
  }

  public ToolStanding standing() {
    return ToolStanding.of(log.stream().map(ToolEntryRow::entry).toList());
  }

  /** What it was entered with counts until it is calibrated again. */
  int cycles() {
    long calibrated =
        log.stream().filter(e -> e.kind() == ToolEntry.Kind.CALIBRATED && e.passed()).count();
    return (calibrated > 1 ? 0 : row.cyclesBefore()) + uses;
  }

  public CribTool tool() {
    return row.tool(standing(), cycles());
  }

  /** From when on its uses count, ISO 8601. */
  String countsFrom() {
    LocalDate day = standing().calibratedOn();
    return day == null ? "-infinity" : day.atStartOfDay().toInstant(ZoneOffset.UTC).toString();
  }
}
