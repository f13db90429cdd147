package app.unimetric.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FractionTextTest {
  @ParameterizedTest
  @CsvSource({
    "½ ftlb, 0.5 ftlb",
    "16½ ftlb, 16.5 ftlb",
    "16 ½ ftlb, 16.5 ftlb",
    "16 1/2 ft lb, 16.5 ft lb",
    "1-1/8 in, 1.125 in",
    "1/2 Nm, 0.5 Nm",
    "3/64 in, 0.046875 in",
    "⅓ Nm, 0.333333333 Nm",
    "12/15 Nm, 12/15 Nm",
    "3/2 Nm, 3/2 Nm",
    "20 Nm/15 ftlb, 20 Nm/15 ftlb",
    "1/4.5, 1/4.5",
    "10-12 Nm, 10-12 Nm"
  })
  void fractionsAreMadeDecimals(String typed, String decimals) {
    assertThat(FractionText.decimals(typed)).isEqualTo(decimals);
  }
}
