package app.unimetric.core.tool;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problem;
import app.unimetric.core.quantity.TorqueUnit;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ToolLineTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);

  private static ToolLine line(String... other) {
    Map<ToolColumn, String> cells = new EnumMap<>(ToolColumn.class);
    cells.put(ToolColumn.NAME, " Long  click ");
    cells.put(ToolColumn.TYPE, "click");
    cells.put(ToolColumn.MAX, "110");
    for (int i = 0; i < other.length; i += 2) {
      cells.put(ToolColumn.valueOf(other[i]), other[i + 1]);
    }
    return ToolLine.of(cells, TODAY);
  }

  @Test
  void aTorqueToolIsReadWithItsFiguresAsTheyStandOnIt() {
    ToolLine tool =
        line(
            "UNIT",
            "ft-lb",
            "MIN",
            "20,5",
            "LEFT_HAND",
            "yes",
            "CALIBRATED_ON",
            "27.11.2026",
            "USES",
            "820");
    assertThat(tool.name()).isEqualTo("Long click");
    assertThat(tool.type()).isEqualTo(ToolType.CLICK);
    assertThat(tool.unit()).isEqualTo(TorqueUnit.FOOT_POUND);
    assertThat(tool.figure(ToolColumn.MIN)).isEqualTo("20,5");
    assertThat(tool.figure(ToolColumn.GRADUATION)).isEmpty();
    assertThat(tool.leftHand()).isTrue();
    assertThat(tool.calibratedOn()).isEqualTo(TODAY);
    assertThat(tool.uses()).isEqualTo(820);
    assertThat(tool.isHandTool()).isFalse();
  }

  @Test
  void whatIsLeftOutIsTheCautiousCase() {
    ToolLine tool = line();
    assertThat(tool.unit()).isEqualTo(TorqueUnit.NEWTON_METRE);
    assertThat(tool.leftHand()).isFalse();
    assertThat(tool.calibratedOn()).isNull();
    assertThat(tool.uses()).isZero();
  }

  @ParameterizedTest
  @CsvSource({
    "Torque screwdriver, SCREWDRIVER",
    "BEAM, BEAM",
    "dial wrench, DIAL",
    "preset, PRESET"
  })
  void typesInTheWordsOfSheets(String typed, ToolType type) {
    assertThat(line("TYPE", typed).type()).isEqualTo(type);
  }

  @ParameterizedTest
  @CsvSource({"hand tool", "Socket", "special-tool"})
  void aKeyIsItsNameAlone(String typed) {
    assertThat(line("TYPE", typed, "MAX", "").isHandTool()).isTrue();
    InvalidInput wrong = catchThrowableOfType(InvalidInput.class, () -> line("TYPE", typed));
    assertThat(wrong.problems()).extracting(Problem::field).containsExactly("max");
  }

  @ParameterizedTest
  @CsvSource({
    "TYPE, laser, type",
    "TYPE, '', type",
    "UNIT, stone, unit",
    "LEFT_HAND, maybe, left_hand",
    "CALIBRATED_ON, 2026-11-28, calibrated_on",
    "CALIBRATED_ON, 5/6/26, calibrated_on",
    "USES, some, uses",
    "NAME, ' ', name"
  })
  void whatIsWrongIsSaidAtItsColumn(String column, String cell, String header) {
    InvalidInput wrong = catchThrowableOfType(InvalidInput.class, () -> line(column, cell));
    assertThat(wrong.problems()).extracting(Problem::field).containsExactly(header);
  }
}
