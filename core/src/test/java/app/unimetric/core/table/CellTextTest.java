package app.unimetric.core.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.machine.MachineColumn;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.tool.ToolColumn;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CellTextTest {
  @ParameterizedTest
  @CsvSource({
    "2026-11-27, 2026-11-27",
    "' 2026-1-7 ', 2026-01-07",
    "27.11.2026, 2026-11-27",
    "'7. 1. 2026', 2026-01-07"
  })
  void aDayThatReadsOneWay(String cell, LocalDate day) {
    assertThat(CellText.day(cell, "on")).isEqualTo(day);
  }

  @ParameterizedTest
  @ValueSource(strings = {"05/06/2026", "2026-02-30", "31.4.2026", "yesterday", "", "2026"})
  void anyOtherIsAskedAbout(String cell) {
    assertThatThrownBy(() -> CellText.day(cell, "on"))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("2026-11-27");
  }

  @ParameterizedTest
  @CsvSource({"yes, true", "X, true", "1, true", "no, false", "0, false", "Not rated, false"})
  void yesAndNoInTheWordsOfSheets(String cell, boolean yes) {
    assertThat(CellText.yes(cell, "left", !yes)).isEqualTo(yes);
  }

  @Test
  void anEmptyCellMeansWhatTheColumnSaysAndAnUnclearOneIsRefused() {
    assertThat(CellText.yes(" ", "left", true)).isTrue();
    assertThat(CellText.yes("", "left", false)).isFalse();
    assertThatThrownBy(() -> CellText.yes("perhaps", "left", true))
        .hasMessageContaining("neither yes nor no");
  }

  @Test
  void countsAreWhole() {
    assertThat(CellText.count(" 1 240 ", "uses")).isEqualTo(1240);
    for (String wrong : List.of("1.5", "-2", "many", "12345678", "")) {
      assertThatThrownBy(() -> CellText.count(wrong, "uses")).isInstanceOf(InvalidInput.class);
    }
  }

  @Test
  void noColumnIsCalledAsAnotherOfItsSheet() {
    for (List<? extends Column> columns : List.of(MachineColumn.ALL, ToolColumn.ALL)) {
      List<String> words =
          columns.stream()
              .flatMap(
                  c ->
                      java.util.stream.Stream.concat(
                          java.util.stream.Stream.of(c.header()), c.words().alsoCalled().stream()))
              .toList();
      assertThat(words).doesNotHaveDuplicates();
      columns.forEach(c -> assertThat(Column.called(columns, c.header()).isPresent()).isTrue());
    }
    assertThat(Column.called(MachineColumn.ALL, "Number Plate"))
        .contains(MachineColumn.REGISTRATION);
    assertThat(Column.called(ToolColumn.ALL, "colour")).isEmpty();
  }
}
