package app.unimetric.core.machine;

import app.unimetric.core.meter.MeterKind;
import app.unimetric.core.pack.MachineKind;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.DecimalText;
import app.unimetric.core.table.CellText;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A machine as it stands in a sheet of machines.
 *
 * @param meter what its meter counts
 * @param meterFigure what it says, in its own unit; null where nothing is said
 * @param owner whose it is; empty where nobody says
 * @param place where it stands; empty where nobody says
 */
public record MachineLine(
    Plate plate,
    MachineKind kind,
    MeterKind meter,
    @Nullable Double meterFigure,
    String owner,
    String place) {
  private static final int LONGEST = 200;
  private static final double MOST = 2_000_000;

  public MachineLine {
    owner = owner.strip();
    place = place.strip();
    Problems problems =
        new Problems()
            .require(owner.length() <= LONGEST, "owner", "is longer than 200 characters.")
            .require(place.length() <= LONGEST, "place", "is longer than 200 characters.");
    if (meterFigure != null) {
      problems
          .within(meterFigure, 0, MOST, "meter_figure")
          .require(
              meter != MeterKind.NONE,
              "meter_figure",
              "is there, but the machine is said to have no meter.");
    }
    problems.orThrow();
  }

  /**
   * A line of a sheet.
   *
   * @param cells by column; those left out are empty
   * @param thisYear machines of the next one are sold already
   * @throws InvalidInput with each column that is not as it should be, by its header
   */
  public static MachineLine of(Map<MachineColumn, String> cells, int thisYear) {
    Problems problems = new Problems();
    MachineKind kind = problems.under("", () -> kind(cell(cells, MachineColumn.KIND)));
    MeterKind meter = problems.under("", () -> MeterKind.parse(cell(cells, MachineColumn.METER)));
    Integer year = problems.under("", () -> year(cell(cells, MachineColumn.YEAR)));
    Plate plate = problems.under("", () -> plate(cells, year == null ? thisYear : year, thisYear));
    Double figure = problems.under("", () -> figure(cell(cells, MachineColumn.FIGURE)));
    MachineLine line =
        problems.under(
            "",
            () ->
                new MachineLine(
                    plate == null ? new Plate("", "", "", thisYear, "", "", "") : plate,
                    kind == null ? MachineKind.MOTORCYCLE : kind,
                    meter == null ? MeterKind.KM : meter,
                    figure == null || figure.isNaN() ? null : figure,
                    cell(cells, MachineColumn.OWNER),
                    cell(cells, MachineColumn.PLACE)));
    problems.orThrow();
    if (line == null) {
      throw new IllegalStateException();
    }
    return line;
  }

  private static String cell(Map<MachineColumn, String> cells, MachineColumn column) {
    return cells.getOrDefault(column, "").strip();
  }

  private static Plate plate(Map<MachineColumn, String> cells, int year, int thisYear) {
    try {
      return Plate.typed(
          cell(cells, MachineColumn.NAME),
          cell(cells, MachineColumn.MAKE),
          cell(cells, MachineColumn.MODEL),
          year,
          cell(cells, MachineColumn.VARIANT),
          cell(cells, MachineColumn.FRAME),
          cell(cells, MachineColumn.REGISTRATION),
          thisYear);
    } catch (InvalidInput e) {
      Problems byHeader = new Problems();
      e.problems().forEach(p -> byHeader.require(false, header(p.field()), p.message()));
      byHeader.orThrow();
      throw e;
    }
  }

  private static String header(String field) {
    return switch (field) {
      case "modelYear" -> MachineColumn.YEAR.header();
      case "frameNumber" -> MachineColumn.FRAME.header();
      default -> field;
    };
  }

  private static Integer year(String cell) {
    if (!cell.matches("\\d{4}")) {
      throw InvalidInput.at(
          MachineColumn.YEAR.header(), "must be a model year with four digits, such as 2024.");
    }
    return Integer.valueOf(cell);
  }

  private static Double figure(String cell) {
    return cell.isEmpty()
        ? Double.NaN
        : (Double) DecimalText.parse(cell.replace(" ", ""), MachineColumn.FIGURE.header());
  }

  private static MachineKind kind(String cell) {
    return switch (CellText.plain(cell)) {
      case "motorcycle", "motorbike", "motor bike", "scooter", "moped" -> MachineKind.MOTORCYCLE;
      case "atv", "quad", "quad bike", "utv" -> MachineKind.ATV;
      case "bicycle", "bike", "cycle", "cargo bike", "e bike", "ebike" -> MachineKind.BICYCLE;
      default ->
          throw InvalidInput.at(
              MachineColumn.KIND.header(),
              cell.isEmpty()
                  ? "is missing: motorcycle, ATV or bicycle."
                  : "“" + cell + "” is not known here; use motorcycle, ATV or bicycle.");
    };
  }
}
