package app.unimetric.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.problem.InvalidInput;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class MassTextTest {
  @ParameterizedTest
  @CsvSource({
    "412, 412",
    "' 412 g ', 412",
    "'1,2 kg', 1200",
    "2 lb, 907.18474",
    "16 OZ, 453.59237",
    "1000 kg, 1000000"
  })
  void massesAsTheyStandOnScales(String typed, double grams) {
    assertThat(MassText.parseG(typed, "mass")).isCloseTo(grams, within(1e-9));
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "0", "-3", "light", "3 stone", "1000.1 kg", "1.2.3"})
  void whatIsNoneIsSaidAtItsField(String typed) {
    assertThatThrownBy(() -> MassText.parseG(typed, "mass")).isInstanceOf(InvalidInput.class);
  }
}
