package app.unimetric.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** ISO 6789-1: 6 % for tools to 10 N·m, 4 % above; as stated where somebody stated it. */
class PermissibleDeviationTest {
  @ParameterizedTest
  @CsvSource({
    "0.5, , 0.06",
    "9.99, , 0.06",
    "10, , 0.06",
    "10.01, , 0.04",
    "200, , 0.04",
    "5, 3, 0.03",
    "200, 0, 0"
  })
  void bySize(double torqueNm, Double statedPercent, double share) {
    assertThat(PermissibleDeviation.of(statedPercent, torqueNm)).isEqualTo(share);
    if (statedPercent == null) {
      assertThat(PermissibleDeviation.usual(torqueNm)).isEqualTo(share);
    }
  }
}
