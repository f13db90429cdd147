package app.unimetric.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.problem.InvalidInput;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class MinutesTextTest {
  @ParameterizedTest
  @CsvSource({"20 min,20", "24 h,1440", "1.5h,90", "'1,5 hours',90", "3 days,4320", "1 D,1440"})
  void readsATimeWithItsUnit(String text, double minutes) {
    assertThat(MinutesText.parse(text, "t")).isEqualTo(minutes);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "24", "h", "-3 h", "1e9 h", "3 weeks", "NaN min", "1.2.3 h"})
  void withoutFigureOrUnitItIsRefused(String text) {
    assertThatThrownBy(() -> MinutesText.parse(text, "t"))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("such as 20 min");
  }

  @ParameterizedTest
  @CsvSource({"25,25 min", "89.6,90 min", "90,1.5 h", "1440,24 h", "4320,72 h"})
  void saysItAsPeopleDo(double minutes, String words) {
    assertThat(MinutesText.words(minutes)).isEqualTo(words);
  }
}
