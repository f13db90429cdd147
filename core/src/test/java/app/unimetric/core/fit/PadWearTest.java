package app.unimetric.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PadWearTest {
  @ParameterizedTest
  @CsvSource({
    "3.0, 1000, 4500, GOOD",
    "1.6, 1000, 428.571428571, GOOD",
    "1.5, 1000, 333.333333333, NEAR",
    "1.001, 1000, 0.500125, NEAR",
    "1.0, 1000, 0, WORN",
    "0.4, 1000, 0, WORN",
  })
  void theyLastAsTheyDid(double now, double km, double left, PadWear.Verdict verdict) {
    double wornMm = 3.0 - now;
    PadWear w = PadWear.of(now == 3.0 ? 3.4444444444444446 : 3.0, now, 1.0, km, 0);
    assertThat(w.wearPer1000Km()).isCloseTo(now == 3.0 ? 0.4444444444444446 : wornMm, within(1e-9));
    assertThat(w.leftKm()).isCloseTo(left, within(1e-3));
    assertThat(w.verdict()).isEqualTo(verdict);
  }

  @Test
  void whatIsNotWornYetLastsUnknown() {
    PadWear w = PadWear.of(4, 4, 1, 200, 0);
    assertThat(w.leftKm()).isNull();
    assertThat(w.reasons()).containsExactly("Nothing is worn yet.");
  }

  @Test
  void nonsenseIsTold() {
    assertThatThrownBy(() -> PadWear.of(3, 4, 1, 100, 0)).hasMessageContaining("swapped");
    assertThatThrownBy(() -> PadWear.of(3, 2, 3, 100, 0)).hasMessageContaining("not below the new");
    assertThatThrownBy(() -> PadWear.of(3, 2, 1, 0, 0)).hasMessageContaining("greater than 0");
  }
}
