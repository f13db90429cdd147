package app.unimetric.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.Seeded;
import app.unimetric.core.problem.InvalidInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class TorqueBandTest {
  private static TorqueBand band(String text) {
    String[] ends = text.split("-");
    return TorqueBand.of(Double.parseDouble(ends[0]), Double.parseDouble(ends[1]));
  }

  @ParameterizedTest
  @CsvSource({
    "9, true",
    "8.999, false",
    "11, true",
    "11.001, false",
    "11.00000001, true",
    "8.999999995, true"
  })
  void holdsItsEndsAndForgivesABillionth(double torque, boolean within) {
    assertThat(TorqueBand.of(9, 11).contains(torque)).isEqualTo(within);
  }

  @Test
  void knowsItsMeasures() {
    TorqueBand band = TorqueBand.of(9, 11);
    assertThat(band.minNm()).isEqualTo(9);
    assertThat(band.maxNm()).isEqualTo(11);
    assertThat(band.middleNm()).isEqualTo(10);
    assertThat(band.widthNm()).isEqualTo(2);
    assertThat(band.isSingle()).isFalse();
    assertThat(TorqueBand.of(9, 9).isSingle()).isTrue();
    assertThat(band).hasToString("9–11 N·m").isEqualTo(TorqueBand.of(9, 11));
    assertThat(band.hashCode()).isEqualTo(TorqueBand.of(9, 11).hashCode());
    assertThat(band).isNotEqualTo(TorqueBand.of(9, 12)).isNotEqualTo(TorqueBand.of(8, 11));
    assertThat(band.hashCode()).isNotEqualTo(TorqueBand.of(11, 11).hashCode());
    assertThat(band.hashCode()).isNotEqualTo(TorqueBand.of(9, 12).hashCode());
  }

  @ParameterizedTest
  @CsvSource({"12, 10", "-1, 5", "NaN, 5", "5, Infinity", "5, 10000.1"})
  void refusesWhatIsNoBand(double min, double max) {
    assertThatThrownBy(() -> TorqueBand.of(min, max)).isInstanceOf(InvalidInput.class);
    assertThat(TorqueBand.of(0, 10_000).widthNm()).isEqualTo(10_000);
  }

  /** Two bands, what they have in common, and whether the first encloses the second. */
  @ParameterizedTest
  @CsvSource({
    "5-10, 10-12, 10-10, false",
    "5-10, 10.1-12, , false",
    "10-12, 5-10, 10-10, false",
    "10.1-12, 5-10, , false",
    "5-10, 6-8, 6-8, true",
    "6-8, 5-10, 6-8, false",
    "5-10, 5-10, 5-10, true",
    "5-10, 4-8, 5-8, false",
    "5-10, 8-11, 8-10, false"
  })
  void meetOrDoNot(String one, String two, String common, boolean encloses) {
    TorqueBand a = band(one);
    TorqueBand b = band(two);
    assertThat(a.overlaps(b)).isEqualTo(common != null).isEqualTo(b.overlaps(a));
    assertThat(a.intersection(b)).isEqualTo(b.intersection(a));
    assertThat(a.intersection(b).orElse(null)).isEqualTo(common == null ? null : band(common));
    assertThat(a.encloses(b)).isEqualTo(encloses);
  }

  @ParameterizedTest
  @CsvSource({"4, 5", "5, 5", "7, 7", "10, 10", "11, 10"})
  void theNearestOfTheBand(double torque, double nearest) {
    assertThat(TorqueBand.of(5, 10).clamp(torque)).isEqualTo(nearest);
  }

  @ParameterizedTest
  @CsvSource({
    "5, false, true",
    "4.99, true, true",
    "4.999999999, false, true",
    "10, false, false",
    "9.99, false, true",
    "9.9999999999, false, false"
  })
  void liesOrReachesAboveATorque(double torque, boolean wholly, boolean reaches) {
    assertThat(TorqueBand.of(5, 10).isAboveAll(torque)).isEqualTo(wholly);
    assertThat(TorqueBand.of(5, 10).reachesAbove(torque)).isEqualTo(reaches);
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void whatTwoBandsHaveInCommonLiesInBoth(Seeded.Case random) {
    double a = random.between(1, 50);
    double b = random.between(1, 50);
    TorqueBand one = TorqueBand.of(a, a + random.between(0, 20));
    TorqueBand two = TorqueBand.of(b, b + random.between(0, 20));
    assertThat(one.intersection(two).isPresent()).isEqualTo(one.overlaps(two));
    one.intersection(two).ifPresent(c -> assertThat(one.encloses(c) && two.encloses(c)).isTrue());
  }
}
