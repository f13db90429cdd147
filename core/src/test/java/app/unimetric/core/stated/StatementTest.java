package app.unimetric.core.stated;

import static app.unimetric.core.quantity.TorqueUnit.INCH_POUND;
import static app.unimetric.core.quantity.TorqueUnit.NEWTON_METRE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problem;
import app.unimetric.core.quantity.TorqueUnit;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Every form of a statement: its words, its figures, and the flat fields it is written in. */
class StatementTest {
  private static StatementFields fields(
      Form form,
      Double value,
      Double min,
      Double max,
      Double angle,
      String stages,
      TorqueUnit unit) {
    List<Double> all =
        stages.isEmpty()
            ? List.of()
            : Arrays.stream(stages.split(" ")).map(Double::valueOf).toList();
    return new StatementFields(form, value, min, max, angle, all, unit);
  }

  private static StatementFields fields(
      Form form, Double value, Double min, Double max, Double angle, String stages) {
    return fields(form, value, min, max, angle, stages, NEWTON_METRE);
  }

  static Stream<Arguments> forms() {
    return Stream.of(
        Arguments.of(
            new Statement.Value(20, NEWTON_METRE),
            fields(Form.VALUE, 20.0, null, null, null, ""),
            "20 N·m"),
        Arguments.of(
            new Statement.Range(20.5, 24, NEWTON_METRE),
            fields(Form.RANGE, null, 20.5, 24.0, null, ""),
            "20.5–24 N·m"),
        Arguments.of(
            new Statement.Maximum(5, NEWTON_METRE),
            fields(Form.MAXIMUM, null, null, 5.0, null, ""),
            "max 5 N·m"),
        Arguments.of(
            new Statement.Minimum(120, NEWTON_METRE),
            fields(Form.MINIMUM, null, 120.0, null, null, ""),
            "min 120 N·m"),
        Arguments.of(
            new Statement.TorqueAngle(20, NEWTON_METRE, 90),
            fields(Form.TORQUE_ANGLE, 20.0, null, null, 90.0, ""),
            "20 N·m + 90°"),
        Arguments.of(
            new Statement.Staged(List.of(20.0, 40.0), NEWTON_METRE),
            fields(Form.STAGED, null, null, null, null, "20 40"),
            "20, 40 N·m"),
        Arguments.of(
            new Statement.Snug(),
            fields(Form.SNUG, null, null, null, null, "", null),
            "snug, by hand"),
        Arguments.of(
            new Statement.UntilGapCloses(),
            fields(Form.UNTIL_GAP_CLOSES, null, null, null, null, "", null),
            "until the gap closes"));
  }

  @ParameterizedTest
  @MethodSource("forms")
  void eachFormIsWrittenInItsOwnFieldsAndReadAgain(
      Statement statement, StatementFields flat, String words) {
    assertThat(StatementFields.of(statement)).isEqualTo(flat);
    assertThat(flat.statement()).isEqualTo(statement);
    assertThat(statement.form()).isEqualTo(flat.form());
    assertThat(statement.words()).isEqualTo(words);
  }

  @Test
  void everyFormStandsInTheTable() {
    assertThat(forms().map(a -> ((Statement) a.get()[0]).form())).containsExactly(Form.values());
  }

  static Stream<Arguments> figures() {
    return Stream.of(
        Arguments.of(new Statement.Value(20, INCH_POUND), 20, 20),
        Arguments.of(new Statement.Range(20, 24, INCH_POUND), 20, 24),
        Arguments.of(new Statement.Maximum(20, INCH_POUND), 20, 20),
        Arguments.of(new Statement.Minimum(20, INCH_POUND), 20, 20),
        Arguments.of(new Statement.TorqueAngle(20, INCH_POUND, 90), 20, 20),
        Arguments.of(new Statement.Staged(List.of(20.0, 40.0), INCH_POUND), 40, 40));
  }

  /** 1 in·lbf = 0.1129848290 N·m; the last of several stages holds. */
  @ParameterizedTest
  @MethodSource("figures")
  void itsFiguresAreReadInItsUnitAndMayBeReadInAnother(
      Statement.InTorque stated, double lowest, double highest) {
    assertThat(stated.lowest()).isEqualTo(lowest);
    assertThat(stated.highest()).isEqualTo(highest);
    assertThat(stated.band().minNm()).isCloseTo(lowest * 0.1129848290, within(1e-8));
    assertThat(stated.band().maxNm()).isCloseTo(highest * 0.1129848290, within(1e-8));
    Statement.InTorque other = stated.readIn(NEWTON_METRE);
    assertThat(other.getClass()).isEqualTo(stated.getClass());
    assertThat(other.unit()).isEqualTo(NEWTON_METRE);
    assertThat(other.band().maxNm()).isEqualTo(highest);
    assertThat(other.readIn(INCH_POUND)).isEqualTo(stated);
  }

  private static void refused(StatementFields flat, String... places) {
    assertThatThrownBy(flat::statement)
        .isInstanceOfSatisfying(
            InvalidInput.class,
            e -> assertThat(e.problems()).extracting(Problem::field).containsExactly(places));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        // form, value, min, max, angle, stages | places of what is wrong
        "VALUE        |    |    |    |    | ''    | value",
        "RANGE        |    |    | 24 |    | ''    | min",
        "RANGE        |    | 20 |    |    | ''    | max",
        "RANGE        |    | 24 | 20 |    | ''    | min",
        "MAXIMUM      |    |    |    |    | ''    | max",
        "MINIMUM      |    |    |    |    | ''    | min",
        "TORQUE_ANGLE | 20 |    |    |    | ''    | angleDeg",
        "TORQUE_ANGLE |    |    |    | 90 | ''    | value",
        "STAGED       |    |    |    |    | 20    | stages",
        "STAGED       |    |    |    |    | 40 40 | stages[1]",
        "SNUG         | 20 |    |    |    | ''    | value",
        "VALUE        | 20 | 20 |    |    | ''    | min",
        "VALUE        | 20 |    | 20 |    | ''    | max",
        "VALUE        | 20 |    |    | 90 | ''    | angleDeg",
        "VALUE        | 20 |    |    |    | 20 40 | stages",
        "VALUE        | 0  |    |    |    | ''    | value",
        "VALUE        | 10001 |  |    |    | ''    | value",
        "MAXIMUM      |    |    | -1 |    | ''    | max",
        "MINIMUM      |    | 0  |    |    | ''    | min",
        "RANGE        |    | 0  | 24 |    | ''    | min",
        "RANGE        |    | 20 | 10001 | | ''    | max",
        "TORQUE_ANGLE | 0  |    |    | 90 | ''    | value",
        "TORQUE_ANGLE | 20 |    |    | 0  | ''    | angleDeg",
        "TORQUE_ANGLE | 20 |    |    | 1081 | ''  | angleDeg",
        "STAGED       |    |    |    |    | 0 40  | stages[0]"
      })
  void whatIsMissingOutOfRangeOrOfAnotherFormIsNamed(
      Form form, Double value, Double min, Double max, Double angle, String stages, String place) {
    refused(fields(form, value, min, max, angle, stages), place);
  }

  @Test
  void aFigureNeedsItsUnitAndASnugJointNone() {
    refused(fields(Form.VALUE, 20.0, null, null, null, "", null), "unit");
    refused(fields(Form.STAGED, null, null, null, null, "20 40", null), "unit");
  }

  @Test
  void theEndsOfEachSpanAreTaken() {
    assertThat(new Statement.TorqueAngle(20, NEWTON_METRE, 1080).angleDeg()).isEqualTo(1080);
    assertThat(new Statement.Value(10_000, NEWTON_METRE).highest()).isEqualTo(10_000);
    assertThat(new Statement.Range(20, 20, NEWTON_METRE).band().isSingle()).isTrue();
    List<Double> ten = Stream.iterate(1.0, s -> s + 1).limit(10).toList();
    assertThat(new Statement.Staged(ten, NEWTON_METRE).figure()).isEqualTo(10);
    List<Double> eleven = Stream.iterate(1.0, s -> s + 1).limit(11).toList();
    assertThatThrownBy(() -> new Statement.Staged(eleven, NEWTON_METRE))
        .hasMessageContaining("2 to 10");
    assertThatThrownBy(() -> new Statement.Staged(Collections.emptyList(), NEWTON_METRE))
        .hasMessageContaining("2 to 10");
  }
}
