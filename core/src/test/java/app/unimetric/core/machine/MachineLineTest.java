package app.unimetric.core.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import app.unimetric.core.meter.MeterKind;
import app.unimetric.core.pack.MachineKind;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problem;
import java.util.EnumMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MachineLineTest {
  private static Map<MachineColumn, String> cells(String... other) {
    Map<MachineColumn, String> cells = new EnumMap<>(MachineColumn.class);
    cells.put(MachineColumn.NAME, "Patrol 7");
    cells.put(MachineColumn.KIND, "Motorcycle");
    cells.put(MachineColumn.MAKE, "Skerrow");
    cells.put(MachineColumn.MODEL, "640 Patrol");
    cells.put(MachineColumn.YEAR, "2023");
    for (int i = 0; i < other.length; i += 2) {
      cells.put(MachineColumn.valueOf(other[i]), other[i + 1]);
    }
    return cells;
  }

  private static MachineLine line(String... other) {
    return MachineLine.of(cells(other), 2026);
  }

  @Test
  void aLineIsReadWholeAndWhatIsLeftOutIsTheUsual() {
    assertThat(line())
        .isEqualTo(
            new MachineLine(
                new Plate("Patrol 7", "Skerrow", "640 Patrol", 2023, "", "", ""),
                MachineKind.MOTORCYCLE,
                MeterKind.KM,
                null,
                "",
                ""));
    MachineLine whole =
        line(
            "REGISTRATION",
            " NS 204 ",
            "METER",
            "Miles",
            "FIGURE",
            "12 400,5",
            "OWNER",
            "Harbour board",
            "PLACE",
            "Shed 2");
    assertThat(whole.plate().registration()).isEqualTo("NS 204");
    assertThat(whole.meter()).isEqualTo(MeterKind.MILES);
    assertThat(whole.meterFigure()).isEqualTo(12_400.5);
    assertThat(whole.owner()).isEqualTo("Harbour board");
    assertThat(whole.place()).isEqualTo("Shed 2");
  }

  @ParameterizedTest
  @CsvSource({
    "scooter, MOTORCYCLE",
    "quad, ATV",
    "ATV, ATV",
    "E-Bike, BICYCLE",
    "cargo_bike, BICYCLE"
  })
  void kindsInTheWordsOfSheets(String typed, MachineKind kind) {
    assertThat(line("KIND", typed).kind()).isEqualTo(kind);
  }

  @ParameterizedTest
  @CsvSource({
    "KIND, boat, kind, motorcycle",
    "KIND, '', kind, is missing",
    "YEAR, 23, model_year, four digits",
    "YEAR, 2028, model_year, must be a year",
    "NAME, ' ', name, is missing",
    "METER, leagues, meter, miles",
    "FIGURE, much, meter_figure, plain number",
    "FIGURE, 2000001, meter_figure, 2000000"
  })
  void whatIsWrongIsSaidAtItsColumn(String column, String cell, String header, String words) {
    InvalidInput wrong = catchThrowableOfType(InvalidInput.class, () -> line(column, cell));
    assertThat(wrong.problems()).extracting(Problem::field).contains(header);
    assertThat(wrong.getMessage().replace(" ", "")).contains(words.replace(" ", ""));
  }

  @Test
  void allThatIsWrongIsSaidAtOnce() {
    InvalidInput wrong =
        catchThrowableOfType(
            InvalidInput.class, () -> line("KIND", "boat", "YEAR", "x", "MAKE", "", "METER", "z"));
    assertThat(wrong.problems())
        .extracting(Problem::field)
        .contains("kind", "model_year", "make", "meter");
  }

  @Test
  void aMachineWithoutAMeterHasNoFigure() {
    assertThat(line("METER", "none").meter()).isEqualTo(MeterKind.NONE);
    assertThatThrownBy(() -> line("METER", "none", "FIGURE", "12"))
        .hasMessageContaining("no meter");
    assertThatThrownBy(() -> line("OWNER", "x".repeat(201))).hasMessageContaining("200 characters");
  }
}
