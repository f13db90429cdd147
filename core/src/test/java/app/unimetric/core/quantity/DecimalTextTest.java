package app.unimetric.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.Seeded;
import app.unimetric.core.problem.InvalidInput;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class DecimalTextTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {"12|12", "12.5|12.5", "12,5|12.5", " 7 |7", ".5|0.5", ",25|0.25", "0|0"})
  void readsPointAndComma(String text, double figure) {
    assertThat(DecimalText.parse(text, "figure")).isEqualTo(figure);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        " ",
        "1e3",
        "1e309",
        "-1",
        "+1",
        "1.2.3",
        "1,2,3",
        "NaN",
        "Infinity",
        "0x10",
        "twelve",
        "12 Nm",
        "1_000",
        "١٢",
        "12345678901"
      })
  void refusesWhatIsNoPlainNumber(String text) {
    assertThatThrownBy(() -> DecimalText.parse(text, "figure"))
        .isInstanceOfSatisfying(
            InvalidInput.class,
            e -> assertThat(e.problems()).singleElement().extracting("field").isEqualTo("figure"));
  }

  @Test
  void aLongTextIsShownShortened() {
    assertThatThrownBy(() -> DecimalText.parse("9".repeat(10_000), "figure"))
        .satisfies(e -> assertThat(e.getMessage().length()).isLessThan(200));
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void writesAndReadsBack(Seeded.Case random) {
    double figure = random.between(0, 1000);
    String text = String.format(Locale.ROOT, "%.6f", figure);
    assertThat(DecimalText.parse(text, "x")).isCloseTo(figure, within(1e-6));
    assertThat(DecimalText.parse(text.replace('.', ','), "x")).isCloseTo(figure, within(1e-6));
  }

  @Test
  void saysWhatIsMissingAndShowsNoMoreThanFortyCharacters() {
    assertThatThrownBy(() -> DecimalText.parse("  ", "torque"))
        .hasMessageContaining("No figure was given");
    assertThatThrownBy(() -> DecimalText.parse("x".repeat(40), "torque"))
        .hasMessageContaining("“" + "x".repeat(40) + "” is not a plain number");
    assertThatThrownBy(() -> DecimalText.parse("x".repeat(41), "torque"))
        .hasMessageContaining("“" + "x".repeat(40) + "…” is not a plain number");
  }
}
