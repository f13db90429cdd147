package app.unimetric.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.Seeded;
import app.unimetric.core.problem.InvalidInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class TorqueTest {
  @ParameterizedTest
  @CsvSource({
    "1, FOOT_POUND, 1.3558179483314004",
    "1, INCH_POUND, 0.1129848290276167",
    "1, KILOGRAM_METRE, 9.80665",
    "1, KILOGRAM_CENTIMETRE, 0.0980665",
    "12, FOOT_POUND, 16.269815379976805"
  })
  void convertsExactly(double value, TorqueUnit unit, double nm) {
    assertThat(Torque.of(value, unit).newtonMetres()).isCloseTo(nm, within(1e-14 * nm));
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void roundTripsThroughEveryUnit(Seeded.Case random) {
    double nm = random.between(0.01, 9_999);
    for (TorqueUnit unit : TorqueUnit.values()) {
      double there = Torque.ofNm(nm).in(unit);
      assertThat(Torque.of(there, unit).newtonMetres()).isCloseTo(nm, within(1e-12 * nm));
    }
  }

  @ParameterizedTest
  @ValueSource(doubles = {-1, 10_000.1, Double.NaN, Double.POSITIVE_INFINITY})
  void refusesWhatNoJointIsTightenedTo(double nm) {
    assertThatThrownBy(() -> Torque.ofNm(nm))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("10 000");
  }

  @ParameterizedTest
  @CsvSource({
    "ft-lb, FOOT_POUND",
    "FtLbs, FOOT_POUND",
    "lb·ft, FOOT_POUND",
    "in lb, INCH_POUND",
    "N·m, NEWTON_METRE",
    "nm, NEWTON_METRE",
    "kgm, KILOGRAM_METRE",
    "kgf.cm, KILOGRAM_CENTIMETRE",
    "[in_i].[lbf_av], INCH_POUND"
  })
  void knowsTheUsualSpellings(String word, TorqueUnit unit) {
    assertThat(TorqueUnit.parse(word)).contains(unit);
  }

  @Test
  void doesNotGuessUnits() {
    assertThat(TorqueUnit.parse("furlong")).isEmpty();
    assertThat(TorqueUnit.ofCode("Nm")).isEmpty();
  }

  @Test
  void aBandHoldsItsEndsAndNothingBeyond() {
    TorqueBand band = TorqueBand.of(8, 12);
    assertThat(band.contains(8)).isTrue();
    assertThat(band.contains(12)).isTrue();
    assertThat(band.contains(12.001)).isFalse();
    assertThat(band.overlaps(TorqueBand.of(12, 13))).isTrue();
    assertThat(band.overlaps(TorqueBand.of(12.1, 13))).isFalse();
    assertThatThrownBy(() -> TorqueBand.of(5, 4))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("minNm");
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "abc", "1e309", "1.2.3", "-4", "12345678901234567890", "٣"})
  void refusesWhatIsNoPlainNumber(String text) {
    assertThatThrownBy(() -> DecimalText.parse(text, "value"))
        .isInstanceOfSatisfying(
            InvalidInput.class, e -> assertThat(e.problems().get(0).field()).isEqualTo("value"));
  }

  @Test
  void readsDecimalCommaAndPoint() {
    assertThat(DecimalText.parse(" 9,8 ", "v")).isEqualTo(9.8);
    assertThat(DecimalText.parse(".5", "v")).isEqualTo(0.5);
  }

  @Test
  void torquesAreOrderedByWhatTheyAreNotByTheirFigure() {
    Torque inInchPounds = Torque.of(100, TorqueUnit.INCH_POUND);
    assertThat(inInchPounds.compareTo(Torque.ofNm(12))).isNegative();
    assertThat(Torque.ofNm(12).compareTo(inInchPounds)).isPositive();
    assertThat(Torque.ofNm(12).compareTo(Torque.ofNm(12))).isZero();
  }
}
