package app.unimetric.core.stated;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.Seeded;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.quantity.TorqueUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class StatedValueTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "22 Nm|22 N·m",
        "16-18 ftlb|16–18 ft·lbf",
        "max 5 Nm|max 5 N·m",
        "min 80 Nm|min 80 N·m",
        "about 9 Nm|about 9 N·m",
        "20 Nm + 90°|20 N·m + 90°",
        "1.25 kgm|1.25 kgf·m",
        "88 inlb|88 in·lbf",
        "45 kgcm|45 kgf·cm"
      })
  void writesWhatWasStated(String typed, String written) {
    assertThat(TorqueText.parse(typed).asStated()).isEqualTo(written);
  }

  @Test
  void carriesWhereItWasFoundWithoutTouchingTheFigure() {
    StatedValue typed = TorqueText.parse("16-18 ftlb");
    StatedValue found = typed.from(Source.MANUAL, FrictionCondition.DRY);
    assertThat(found.source()).isEqualTo(Source.MANUAL);
    assertThat(found.condition()).isEqualTo(FrictionCondition.DRY);
    assertThat(found.statedNm()).isEqualTo(typed.statedNm());
    assertThat(TorqueText.parse("2 kgm").statedNm().minNm()).isCloseTo(19.6133, within(1e-9));
    assertThat(TorqueText.parse("snug").statedNm()).isNull();
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void rangesAreKeptInTheirUnitAndReadInNewtonMetres(Seeded.Case random) {
    TorqueUnit unit = TorqueUnit.values()[random.nextInt(5)];
    int low = 1 + random.nextInt(50);
    int high = low + 1 + random.nextInt(20);
    StatedValue value = TorqueText.parse(low + "-" + high + " " + unit.sign());
    TorqueBand band = value.statedNm();
    assertThat(value.form()).isEqualTo(Form.RANGE);
    assertThat(band.minNm()).isCloseTo(low * unit.newtonMetres(), within(1e-9));
    assertThat(band.maxNm()).isCloseTo(high * unit.newtonMetres(), within(1e-9));
    assertThat(value.unit()).isEqualTo(unit);
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void writtenAndReadAgainIsTheSame(Seeded.Case random) {
    TorqueUnit unit = TorqueUnit.values()[random.nextInt(5)];
    double figure = (1 + random.nextInt(400)) / 4.0;
    String typed = (random.nextBoolean() ? "max " : "") + figure + " " + unit.sign();
    StatedValue once = TorqueText.parse(typed);
    StatedValue again = TorqueText.parse(once.asStated());
    assertThat(again).isEqualTo(once);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {"12-10 Nm|min", "0 Nm|value", "99999 Nm|value", "20 Nm + 9999°|angleDeg"})
  void refusesWhatCannotBeMeant(String typed, String field) {
    assertThatThrownBy(() -> TorqueText.parse(typed))
        .isInstanceOfSatisfying(
            InvalidInput.class, e -> assertThat(e.problems()).extracting("field").contains(field));
  }

  @Test
  void nothingStatedIsNeverReady() {
    Resolution nothing = Resolution.nothingStated();
    assertThat(nothing.ready()).isFalse();
    assertThat(nothing.band()).isNull();
    assertThat(nothing.reasons()).isNotEmpty();
  }
}
