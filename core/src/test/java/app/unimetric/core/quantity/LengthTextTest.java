package app.unimetric.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.problem.InvalidInput;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthTextTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "450|450",
        "450 mm|450",
        "45 cm|450",
        "0.45 m|450",
        "450,5|450.5",
        "10 in|254",
        "1 3/4\"|44.45",
        "1-3/4 in|44.45",
        "½″|12.7",
        "17.7 inches|449.58",
        "2INCH|50.8"
      })
  void aLengthInMillimetres(String typed, double mm) {
    assertThat(LengthText.parseMm(typed, "arm")).isCloseTo(mm, within(1e-6));
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "long", "-4", "4 ft", "1/0 in", "4 5", "4..5"})
  void whatIsNoLengthIsSaid(String typed) {
    assertThatThrownBy(() -> LengthText.parseMm(typed, "arm")).isInstanceOf(InvalidInput.class);
  }
}
