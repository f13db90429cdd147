package app.unimetric.core.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.stated.Source;
import app.unimetric.core.table.Column;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A line of a spec sheet, as people write them. */
class SpecLineTest {
  private static Map<SpecColumn, String> cells(Object... more) {
    Map<SpecColumn, String> cells = new EnumMap<>(SpecColumn.class);
    cells.put(SpecColumn.MAKE, "Skerrow");
    cells.put(SpecColumn.MODEL, "640 Patrol");
    cells.put(SpecColumn.YEAR_FROM, "2023");
    cells.put(SpecColumn.PLACE, "rear axle nut");
    cells.put(SpecColumn.TORQUE, "98");
    cells.put(SpecColumn.UNIT, "N.m");
    cells.put(SpecColumn.SOURCE, "manual");
    cells.put(SpecColumn.DOCUMENT, "Workshop manual");
    cells.put(SpecColumn.PAGE, "112");
    for (int i = 0; i < more.length; i += 2) {
      cells.put((SpecColumn) more[i], (String) more[i + 1]);
    }
    return cells;
  }

  private static SpecLine line(Object... more) {
    return SpecLine.of(cells(more));
  }

  @Test
  void aLineSaysWhoseWhereHowMuchAndWhoSaysSo() {
    SpecLine line = line(SpecColumn.THREAD, "M16x1.5", SpecColumn.CONDITION, "oiled");
    assertThat(line.torque()).isEqualTo("98 N·m");
    assertThat(line.document()).isEqualTo("Workshop manual, p. 112");
    assertThat(line.source()).isEqualTo(Source.MANUAL);
    assertThat(line.condition()).isEqualTo(FrictionCondition.OILED);
    assertThat(line.yearTo()).isEqualTo(2023);
    assertThat(line.stated().statedNm().minNm()).isEqualTo(98);
    assertThat(line.stated().source()).isEqualTo(Source.MANUAL);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "98 | N.m | 98 N·m", "72 | [ft_i].[lbf_av] | 72 ft·lbf", "72 | ft-lbs | 72 ft·lbf",
        "72 ftlb | | 72 ftlb", "72 ftlb | [ft_i].[lbf_av] | 72 ftlb", "9,8 | kgf.m | 9,8 kgf·m",
        "90-105 | Nm | 90-105 N·m", "max 5 | Nm | max 5 N·m", "snug | | snug",
      })
  void theUnitMayStandBesideTheFigureOrInItsOwnColumn(String torque, String unit, String typed) {
    assertThat(line(SpecColumn.TORQUE, torque, SpecColumn.UNIT, unit == null ? "" : unit).torque())
        .isEqualTo(typed);
  }

  @ParameterizedTest
  @CsvSource({
    "2019, '', 2019, 2019",
    "2019, 2022, 2019, 2022",
    "2019-2022, '', 2019, 2022",
    "2019 – 2022, '', 2019, 2022",
    "2019 to 2022, '', 2019, 2022"
  })
  void yearsAreOneOrASpan(String from, String to, int first, int last) {
    SpecLine line = line(SpecColumn.YEAR_FROM, from, SpecColumn.YEAR_TO, to);
    assertThat(line.yearFrom()).isEqualTo(first);
    assertThat(line.yearTo()).isEqualTo(last);
  }

  @ParameterizedTest
  @CsvSource({
    "MAKE, '', make",
    "MODEL, ' ', model",
    "PLACE, '', place",
    "TORQUE, '', torque",
    "TORQUE, tight, torque",
    "UNIT, pond, unit",
    "UNIT, '', torque",
    "YEAR_FROM, 23, year_from",
    "YEAR_TO, 2022, year_to",
    "YEAR_TO, later, year_to",
    "SOURCE, hearsay, source",
    "CONDITION, wet, condition",
    "DOCUMENT, '', document",
    "THREAD, thick, thread",
    "YEAR_FROM, 1899, year_from"
  })
  void whatIsWrongIsSaidAtItsColumn(SpecColumn column, String typed, String told) {
    InvalidInput wrong = catchThrowableOfType(InvalidInput.class, () -> line(column, typed));
    assertThat(wrong.problems()).extracting(p -> p.field()).containsExactly(told);
  }

  @Test
  void allThatIsWrongIsSaidAtOnce() {
    InvalidInput wrong =
        catchThrowableOfType(
            InvalidInput.class,
            () -> line(SpecColumn.MAKE, "", SpecColumn.UNIT, "pond", SpecColumn.YEAR_FROM, "soon"));
    assertThat(wrong.problems())
        .extracting(p -> p.field())
        .containsExactlyInAnyOrder("make", "unit", "year_from");
  }

  @Test
  void anotherUnitBesideTheFigureIsAskedAbout() {
    InvalidInput wrong =
        catchThrowableOfType(
            InvalidInput.class, () -> line(SpecColumn.TORQUE, "72 ftlb", SpecColumn.UNIT, "N.m"));
    assertThat(wrong.getMessage()).contains("leave the wrong one out");
  }

  @ParameterizedTest
  @CsvSource({
    "Make, MAKE", "Manufacturer, MAKE", "year_from, YEAR_FROM", "Year From, YEAR_FROM",
    "'  TORQUE ', TORQUE", "tightening torque, TORQUE", "Bolt, PLACE", "p, PAGE"
  })
  void columnsAreKnownByManyNames(String typed, SpecColumn column) {
    assertThat(Column.called(SpecColumn.ALL, typed)).contains(column);
    assertThat(Column.called(SpecColumn.ALL, "colour")).isEmpty();
  }

  @Test
  void everyColumnIsFoundByWhatIsWrittenOutAndByNoOthersName() {
    for (SpecColumn column : SpecColumn.values()) {
      assertThat(Column.called(SpecColumn.ALL, column.header())).contains(column);
    }
  }

  @Test
  void twoThatCannotBothBeMetAreNamedAndSoIsAUnitSlip() {
    SpecLine manual = line();
    SpecLine kit =
        line(
            SpecColumn.TORQUE, "72",
            SpecColumn.SOURCE, "kit sheet",
            SpecColumn.DOCUMENT, "Kit sheet");
    SpecDoubts doubts = SpecDoubts.of(kit, List.of(manual));
    assertThat(doubts.conflicts())
        .singleElement()
        .asString()
        .contains("72 N·m", "98 N·m", "Workshop manual", "% apart");
    // 72 ft·lbf are 97.6 N·m
    assertThat(doubts.slips()).singleElement().asString().contains("perhaps meant in ft·lbf");
    assertThat(SpecDoubts.of(manual, List.of())).isEqualTo(SpecDoubts.NONE);
  }

  @Test
  void whatHoldsForOtherYearsOrAnotherJointDisagreesWithNobody() {
    SpecLine now = line(SpecColumn.TORQUE, "72");
    assertThat(SpecDoubts.of(now, List.of(line(SpecColumn.YEAR_FROM, "2024"))).isNone()).isTrue();
    assertThat(SpecDoubts.of(now, List.of(line(SpecColumn.PLACE, "front axle nut"))).isNone())
        .isTrue();
    assertThat(SpecDoubts.of(now, List.of(line(SpecColumn.YEAR_FROM, "2020-2023"))).isNone())
        .isFalse();
  }

  @Test
  void theSameDocumentOnTheSameJointAndYearsIsTheSameStatement() {
    SpecLine before = line();
    assertThat(line(SpecColumn.TORQUE, "105").isSameStatementAs(before)).isTrue();
    assertThat(line(SpecColumn.MAKE, "SKERROW").isSameStatementAs(before)).isTrue();
    assertThat(line(SpecColumn.PAGE, "113").isSameStatementAs(before)).isFalse();
    assertThat(line(SpecColumn.YEAR_TO, "2024").isSameStatementAs(before)).isFalse();
    assertThat(line(SpecColumn.SOURCE, "kit sheet").isSameStatementAs(before)).isFalse();
    assertThat(line(SpecColumn.THREAD, "M16").isSameStatementAs(before)).isFalse();
  }
}
