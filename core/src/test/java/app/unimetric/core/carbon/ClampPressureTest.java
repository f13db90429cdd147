package app.unimetric.core.carbon;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.carbon.ClampPressure.Style;
import app.unimetric.core.problem.InvalidInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ClampPressureTest {
  private static ClampPressure pinch(Double limitMPa) {
    return ClampPressure.of(28.6, 32, Style.PINCH, 2, 4000, 0.2, limitMPa);
  }

  /** Worked by hand from p = 2·T_h/(D·w), S = μ·p·π·D·w, M = S·D/2. */
  @ParameterizedTest
  @CsvSource({
    "PINCH,     28.6, 32, 2, 4000, 0.2, 17.482517, 22.259433, 10053.0965, 6400, 143.759280, 91.52",
    "FACEPLATE, 31.8, 40, 4, 4000, 0.2, 12.578616, 16.015592, 10053.0965, 6400, 159.844234, 101.76",
    "FACEPLATE, 31.8, 40, 4, 4000, 0.1, 12.578616, 16.015592, 5026.54825, 3200, 79.922117, 50.88"
  })
  void pressureAndHold(
      Style style,
      double diameterMm,
      double widthMm,
      int bolts,
      double loadN,
      double friction,
      double meanMPa,
      double peakMPa,
      double slideHighN,
      double slideLowN,
      double slipHighNm,
      double slipLowNm) {
    ClampPressure p = ClampPressure.of(diameterMm, widthMm, style, bolts, loadN, friction, null);
    assertThat(p.meanMPa()).isCloseTo(meanMPa, within(1e-6));
    assertThat(p.peakMPa()).isCloseTo(peakMPa, within(1e-6));
    assertThat(p.slideForceHighN()).isCloseTo(slideHighN, within(1e-4));
    assertThat(p.slideForceLowN()).isCloseTo(slideLowN, within(1e-4));
    assertThat(p.slipTorqueHighNm()).isCloseTo(slipHighNm, within(1e-6));
    assertThat(p.slipTorqueLowNm()).isCloseTo(slipLowNm, within(1e-6));
    assertThat(p.withinLimit()).isNull();
    assertThat(p.reasons()).singleElement().asString().contains("thin ring");
    assertThat(p.derivation())
        .extracting(d -> d.symbol())
        .containsExactly("T_h", "p", "p_peak", "S", "M");
    assertThat(p.derivation().get(0).value()).isEqualTo(8000);
    assertThat(p.derivation().get(0).formula()).isEqualTo(style == Style.PINCH ? "n·F" : "n·F/2");
  }

  @Test
  void thePeakIsHeldAgainstWhatTheTubeStands() {
    double peak = pinch(null).peakMPa();
    assertThat(pinch(peak).withinLimit()).isTrue();
    ClampPressure over = pinch(peak - 1e-6);
    assertThat(over.withinLimit()).isFalse();
    assertThat(over.reasons()).last().asString().contains("passes what the tube stands");
  }

  @ParameterizedTest
  @CsvSource({
    "0, 32, 2, 4000, 0.2, 20, tubeDiameterMm",
    "501, 32, 2, 4000, 0.2, 20, tubeDiameterMm",
    "28.6, 0, 2, 4000, 0.2, 20, widthMm",
    "28.6, 501, 2, 4000, 0.2, 20, widthMm",
    "28.6, 32, 0, 4000, 0.2, 20, bolts",
    "28.6, 32, 17, 4000, 0.2, 20, bolts",
    "28.6, 32, 2, -1, 0.2, 20, boltLoadN",
    "28.6, 32, 2, 1000001, 0.2, 20, boltLoadN",
    "28.6, 32, 2, 4000, 0.009, 20, friction",
    "28.6, 32, 2, 4000, 1.51, 20, friction",
    "28.6, 32, 2, 4000, 0.2, 0, limitMPa"
  })
  void whatCannotBeIsNamed(
      double d, double w, int bolts, double load, double friction, double limit, String field) {
    assertThatThrownBy(() -> ClampPressure.of(d, w, Style.PINCH, bolts, load, friction, limit))
        .isInstanceOfSatisfying(
            InvalidInput.class,
            e ->
                assertThat(e.problems())
                    .singleElement()
                    .satisfies(p -> assertThat(p.field()).isEqualTo(field)));
  }

  @Test
  void theEndsOfEachSpanAreTaken() {
    assertThat(ClampPressure.of(500, 500, Style.PINCH, 16, 1e6, 1.5, 10_000.0).withinLimit())
        .isTrue();
    assertThat(ClampPressure.of(1, 1, Style.PINCH, 1, 0, 0.01, null).meanMPa()).isZero();
  }

  @Test
  void theStylesHaveWords() {
    assertThat(Style.values()).extracting(Style::words).containsExactly("one slit", "a faceplate");
  }
}
