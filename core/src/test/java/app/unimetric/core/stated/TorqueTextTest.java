package app.unimetric.core.stated;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.Seeded;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.TorqueUnit;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class TorqueTextTest {
  private static double lowest(StatedValue read) {
    return read.figured().orElseThrow().lowest();
  }

  private static double highest(StatedValue read) {
    return read.figured().orElseThrow().highest();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "12 ftlb | 12 | FOOT_POUND",
        "1.2 kgm | 1.2 | KILOGRAM_METRE",
        "9,8 N·m | 9.8 | NEWTON_METRE",
        "18ft-lbs | 18 | FOOT_POUND",
        "88 in lb | 88 | INCH_POUND",
        "120 kgf.cm | 120 | KILOGRAM_CENTIMETRE",
        "7 [ft_i].[lbf_av] | 7 | FOOT_POUND",
        "25 newton metres | 25 | NEWTON_METRE"
      })
  void readsSingleValues(String text, double value, TorqueUnit unit) {
    StatedValue read = TorqueText.parse(text);
    assertThat(read.form()).isEqualTo(Form.VALUE);
    assertThat(lowest(read)).isEqualTo(value);
    assertThat(read.unit()).isEqualTo(unit);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "10-12 Nm",
        "10 – 12 nm",
        "10 to 12 N·m",
        "10 Nm - 12 Nm",
        "between 10 and 12 Nm",
        "10..12 Nm"
      })
  void readsRanges(String text) {
    StatedValue read = TorqueText.parse(text);
    assertThat(read.form()).isEqualTo(Form.RANGE);
    assertThat(lowest(read)).isEqualTo(10);
    assertThat(highest(read)).isEqualTo(12);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"max 5nm", "max. 5 Nm", "5 Nm max", "up to 5 Nm", "≤5Nm", "Maximum: 5 N.m"})
  void readsMaxima(String text) {
    StatedValue read = TorqueText.parse(text);
    assertThat(read.statement()).isEqualTo(new Statement.Maximum(5, TorqueUnit.NEWTON_METRE));
  }

  @ParameterizedTest
  @ValueSource(strings = {"min 60 Nm", "at least 60 Nm", "60 Nm min."})
  void readsMinima(String text) {
    assertThat(TorqueText.parse(text).form()).isEqualTo(Form.MINIMUM);
    assertThat(lowest(TorqueText.parse(text))).isEqualTo(60);
  }

  @ParameterizedTest
  @ValueSource(strings = {"20 Nm + 90°", "20Nm+90 deg", "20 nm then 90°", "20 Nm plus 90 degrees"})
  void readsTorqueAndAngle(String text) {
    StatedValue read = TorqueText.parse(text);
    assertThat(read.form()).isEqualTo(Form.TORQUE_ANGLE);
    assertThat(lowest(read)).isEqualTo(20);
    assertThat(read.statement())
        .isEqualTo(new Statement.TorqueAngle(20, TorqueUnit.NEWTON_METRE, 90));
  }

  @Test
  void readsTheOtherForms() {
    assertThat(TorqueText.parse("20, then 40 Nm").statement())
        .isEqualTo(new Statement.Staged(List.of(20.0, 40.0), TorqueUnit.NEWTON_METRE));
    assertThat(TorqueText.parse("hand tight").form()).isEqualTo(Form.SNUG);
    assertThat(TorqueText.parse("until the gap closes").form()).isEqualTo(Form.UNTIL_GAP_CLOSES);
    assertThat(TorqueText.parse("about 10 Nm").approximate()).isTrue();
    assertThat(TorqueText.parse("10 Nm").approximate()).isFalse();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "12 ± 1 Nm | 11 | 13 | NEWTON_METRE",
        "12 Nm +/- 1 Nm | 11 | 13 | NEWTON_METRE",
        "12 ftlb ± 10% | 10.8 | 13.2 | FOOT_POUND",
        "0.7±0,1 kgf.m | 0.6 | 0.8 | KILOGRAM_METRE",
        "10 ft lb to 12 ft lb | 10 | 12 | FOOT_POUND"
      })
  void readsRangesWithTheirUnitBesideEitherFigure(
      String text, double min, double max, TorqueUnit unit) {
    StatedValue read = TorqueText.parse(text);
    assertThat(read.form()).isEqualTo(Form.RANGE);
    assertThat(lowest(read)).isEqualTo(min);
    assertThat(highest(read)).isEqualTo(max);
    assertThat(read.unit()).isEqualTo(unit);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "20 Nm (15 ftlb) | VALUE | 15 ft·lbf | true",
        "20 Nm (14.8 ft·lbf) | VALUE | 14.8 ft·lbf | true",
        "20 Nm (20 ftlb) | VALUE | 20 ft·lbf | false",
        "20 Nm / 177 in-lb | VALUE | 177 in·lbf | true",
        "20 N·m = 2.04 kgf·m | VALUE | 2.04 kgf·m | true",
        "10-12 Nm (7-9 ftlb) | RANGE | 7–9 ft·lbf | true",
        "10-12 Nm (7-12 ftlb) | RANGE | 7–12 ft·lbf | false",
        "max 5 Nm (44 in lb) | MAXIMUM | 44 in·lbf | true",
        "max 5 Nm (max 50 in lb) | MAXIMUM | 50 in·lbf | false"
      })
  void readsAValueStatedTwiceAndWhetherItAgrees(
      String text, Form form, String second, boolean agrees) {
    StatedValue read = TorqueText.parse(text);
    assertThat(read.form()).isEqualTo(form);
    assertThat(read.unit()).isEqualTo(TorqueUnit.NEWTON_METRE);
    assertThat(read.alsoStated().asStated()).isEqualTo(second);
    assertThat(read.agreesWithItself()).isEqualTo(agrees);
    assertThat(read.asPrinted()).isEqualTo(read.asStated() + " (" + second + ")");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "12 | unit is missing",
        "10 ftlb to 20 Nm | different units",
        "12 ftlb ± 1 Nm | different units",
        "12 ± 13 Nm | greater than 0",
        "1,234 Nm | can be read as 1234 or as 1.234",
        "20 Nm (15) | unit is missing",
        "20 Nm (10-15 ftlb) | another kind",
        "snug (15 ftlb) | not understood",
        "10-12 | unit is missing",
        "12 bananas | not a torque unit",
        "tight | not understood",
        "1e309 Nm | not",
        "12-10 Nm | above the maximum",
        "0 Nm | greater than 0",
        "99999 Nm | at most 10000"
      })
  void saysWhatIsWrong(String text, String message) {
    assertThatThrownBy(() -> TorqueText.parse(text))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining(message);
  }

  @Test
  void refusesVeryLongTextAtOnce() {
    assertThatThrownBy(() -> TorqueText.parse("1".repeat(10_000) + " Nm"))
        .hasMessageContaining("too long");
    assertThatThrownBy(() -> TorqueText.parse("1 " + "a ".repeat(95) + "!"))
        .isInstanceOf(InvalidInput.class);
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void readsBackWhatItWrites(Seeded.Case random) {
    TorqueUnit unit = TorqueUnit.values()[random.nextInt(5)];
    double low = Double.parseDouble(String.format(Locale.ROOT, "%.2f", random.between(0.1, 90)));
    StatedValue range = StatedValue.range(low, low + 1, unit, Source.RECOLLECTION);
    StatedValue read = TorqueText.parse(range.asStated());
    assertThat(read.form()).isEqualTo(Form.RANGE);
    assertThat(lowest(read)).isEqualTo(low);
    assertThat(read.unit()).isEqualTo(unit);
    StatedValue max = StatedValue.maximum(low, unit, Source.RECOLLECTION);
    assertThat(TorqueText.parse(max.asStated())).isEqualTo(max);
  }
}
