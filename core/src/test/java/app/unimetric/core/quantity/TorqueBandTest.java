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

class TorqueBandTest {
  @Test
  void holdsItsEndsAndForgivesArithmetic() {
    TorqueBand band = TorqueBand.of(9, 11);
    assertThat(band.contains(9)).isTrue();
    assertThat(band.contains(11)).isTrue();
    assertThat(band.contains(11.0000000001)).isTrue();
    assertThat(band.contains(11.001)).isFalse();
    assertThat(band.contains(8.999)).isFalse();
    assertThat(band.middleNm()).isEqualTo(10);
    assertThat(band.widthNm()).isEqualTo(2);
  }

  @ParameterizedTest
  @CsvSource({"12, 10", "-1, 5", "NaN, 5", "5, Infinity", "5, 20000"})
  void refusesWhatIsNoBand(double min, double max) {
    assertThatThrownBy(() -> TorqueBand.of(min, max)).isInstanceOf(InvalidInput.class);
  }

  @Test
  void touchingBandsOverlap() {
    assertThat(TorqueBand.of(5, 10).overlaps(TorqueBand.of(10, 12))).isTrue();
    assertThat(TorqueBand.of(5, 10).overlaps(TorqueBand.of(10.1, 12))).isFalse();
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void overlapIsMutualAndASharedPointProvesIt(Seeded.Case random) {
    double a = random.between(1, 50);
    double b = random.between(1, 50);
    TorqueBand one = TorqueBand.of(a, a + random.between(0, 20));
    TorqueBand two = TorqueBand.of(b, b + random.between(0, 20));
    assertThat(one.overlaps(two)).isEqualTo(two.overlaps(one));
    double shared = Math.max(one.minNm(), two.minNm());
    assertThat(one.overlaps(two)).isEqualTo(one.contains(shared) && two.contains(shared));
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void aPassIsAShareOfTheWhole(Seeded.Case random) {
    TorqueBand band = TorqueBand.of(20, 24);
    double percent = random.between(1, 100);
    assertThat(band.atPercent(percent).middleNm()).isCloseTo(22 * percent / 100, within(1e-9));
  }
}
