package app.unimetric.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpindleTest {
  /** 73 + 2·10 + 2.5: 95.5 mm between the arms. */
  private static Spindle.Between between() {
    return new Spindle.Between(73, List.of(10.0, 10.0), List.of(2.5));
  }

  @ParameterizedTest
  @CsvSource({
    "96.5, 0, FITS",
    "97.5, 0, FITS",
    "97.501, 0, DOES_NOT",
    "95.5, 0, DOES_NOT",
    "95.501, 0, FITS",
    "96.5, 0.1, FITS",
    "96.5, 0.25, TOO_CLOSE",
    "94.0, 0.25, DOES_NOT",
  })
  void whatIsLeftMustFallInTheTravel(double spindle, double measuredTo, FitVerdict verdict) {
    Spindle s =
        Spindle.of(
            between(),
            spindle,
            new Spindle.Adjuster(2, null),
            Spindle.Clearances.NONE,
            null,
            measuredTo);
    assertThat(s.bearingWidthMm()).isCloseTo(95.5, within(1e-12));
    assertThat(s.exposureMm()).isCloseTo(spindle - 95.5, within(1e-9));
    assertThat(s.verdict()).isEqualTo(verdict);
    assertThat(s.fits()).isEqualTo(spindle > 95.5 && spindle <= 97.5);
  }

  @Test
  void theCollarIsTurnedByWhatIsLeftAndItsPitch() {
    assertThat(
            Spindle.of(
                    between(), 96.5, new Spindle.Adjuster(2, 0.8), Spindle.Clearances.NONE, null, 0)
                .collarTurns())
        .isCloseTo(1.25, within(1e-9));
    assertThat(
            Spindle.of(
                    between(), 99, new Spindle.Adjuster(2, 0.8), Spindle.Clearances.NONE, null, 0)
                .collarTurns())
        .isNull();
  }

  @Test
  void whatWouldMendItIsSaid() {
    assertThat(
            Spindle.of(
                    between(), 99, new Spindle.Adjuster(2, null), Spindle.Clearances.NONE, null, 0)
                .reasons())
        .containsExactly(
            "3.50 mm are left, more than the adjuster takes up: 1.50 to 3.50 mm of spacers more would"
                + " mend it.");
    assertThat(
            Spindle.of(
                    between(), 95, new Spindle.Adjuster(2, null), Spindle.Clearances.NONE, null, 0)
                .reasons())
        .anyMatch(r -> r.contains("It lacks 0.50 mm"));
    assertThat(
            Spindle.of(
                    between(),
                    96.5,
                    new Spindle.Adjuster(2, null),
                    Spindle.Clearances.NONE,
                    null,
                    0.25)
                .reasons())
        .as("five lengths were measured")
        .anyMatch(r -> r.contains("± 0.20 mm or better"));
  }

  @Test
  void nonsenseIsTold() {
    assertThatThrownBy(
            () ->
                Spindle.of(
                    between(),
                    3.8,
                    new Spindle.Adjuster(2, null),
                    Spindle.Clearances.NONE,
                    null,
                    0))
        .hasMessageContaining("inches");
    assertThatThrownBy(() -> new Spindle.Between(73, List.of(10.0), List.of()))
        .hasMessageContaining("needs two");
    assertThatThrownBy(() -> new Spindle.Between(-73, List.of(1.0, 1.0), List.of()))
        .hasMessageContaining("greater than 0");
  }
}
