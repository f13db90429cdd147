package app.unimetric.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.problem.InvalidInput;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;

/** How figures are written: as typed, as computed, as they stand on a scale. */
class FigureTest {
  /** The screens' own test reads the same file. */
  @ParameterizedTest
  @CsvFileSource(resources = "/figures-shown.csv", delimiter = '|')
  void computedOnesShowNoMoreThanTheyAreWorth(double figure, String shown) {
    assertThat(Figure.shown(figure)).isEqualTo(shown);
  }

  @ParameterizedTest
  @CsvSource({
    "12, 12",
    "12.5, 12.5",
    "0.125, 0.125",
    "10.25, 10.25",
    "112.5, 112.5",
    "1000000, 1000000",
    "16.380000000000003, 16.38",
    "0.1, 0.1",
    "-2.50, -2.5",
    "0, 0"
  })
  void typedOnesKeepTheirDigits(double figure, String written) {
    assertThat(Figure.typed(figure)).isEqualTo(written);
  }

  @ParameterizedTest
  @CsvSource({
    "12.5, 0, 13, 13",
    "12.45, 1, 12.5, 12.5",
    "12.50, 2, 12.5, 12.50",
    "0.004, 2, 0, 0.00",
    "-0.5, 0, -1, -1",
    "7, 3, 7, 7.000",
    "1e9, 1, 1000000000, 1000000000.0"
  })
  void halfIsRoundedUp(double figure, int decimals, String rounded, String fixed) {
    assertThat(Figure.rounded(figure, decimals)).isEqualTo(rounded);
    assertThat(Figure.fixed(figure, decimals)).isEqualTo(fixed);
  }

  /** A tool's reading has the digits of its graduation: 10.25 stays 10.25, 112.5 stays 112.5. */
  @ParameterizedTest
  @CsvSource({
    "10.25, 0.25, 10.25",
    "10.5, 0.25, 10.50",
    "112.5, 2.5, 112.5",
    "110, 2.5, 110.0",
    "20, 0.5, 20.0",
    "20, 1, 20",
    "195, 5, 195",
    "10.3, , 10.3",
    "9.7166, , 9.72",
    "9, , 9"
  })
  void onAScale(double figure, Double graduation, String written) {
    assertThat(Figure.onScale(figure, graduation)).isEqualTo(written);
    ScaleReading reading = new ScaleReading(figure, TorqueUnit.FOOT_POUND, graduation);
    assertThat(reading.onScale()).isEqualTo(written);
    assertThat(reading.text()).isEqualTo(written + " ft·lbf");
    assertThat(reading.file()).isEqualTo(written + " [ft_i].[lbf_av]");
  }

  @Test
  void aReadingKnowsItsTorque() {
    assertThat(new ScaleReading(2, TorqueUnit.KILOGRAM_METRE, null).newtonMetres())
        .isEqualTo(19.6133);
    assertThatThrownBy(() -> new ScaleReading(20_000, TorqueUnit.NEWTON_METRE, 1.0))
        .isInstanceOf(InvalidInput.class);
  }

  @ParameterizedTest
  @CsvSource({"18, 0", "18.5, 1", "0.25, 2", "2.50, 1", "1000, 0", "0, 0"})
  void decimalsWritten(double figure, int decimals) {
    assertThat(Figure.decimals(figure)).isEqualTo(decimals);
  }

  @Test
  void noLocaleChangesTheDecimalPoint() {
    Locale before = Locale.getDefault();
    try {
      Locale.setDefault(Locale.GERMANY);
      assertThat(Figure.rounded(12.5, 1) + Figure.fixed(1.5, 2)).isEqualTo("12.51.50");
    } finally {
      Locale.setDefault(before);
    }
  }
}
