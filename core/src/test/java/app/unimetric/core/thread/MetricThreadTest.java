package app.unimetric.core.thread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.Seeded;
import app.unimetric.core.problem.InvalidInput;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class MetricThreadTest {
  /** Published stress areas of ISO 898-1. */
  @ParameterizedTest
  @CsvSource({"M5, 14.2", "M6, 20.1", "M8, 36.6", "M10, 58.0", "M12, 84.3"})
  void stressAreasAreThePublishedOnes(String designation, double areaMm2) {
    assertThat(MetricThread.parse(designation).stressAreaMm2()).isCloseTo(areaMm2, within(0.05));
  }

  @ParameterizedTest
  @CsvSource({"M8, 8, 1.25", "m10x1.25, 10, 1.25", "M6 × 1, 6, 1", "M8×0.75, 8, 0.75"})
  void readsDesignations(String text, double d, double p) {
    assertThat(MetricThread.parse(text)).isEqualTo(MetricThread.of(d, p));
  }

  @ParameterizedTest
  @CsvSource({"M8, M8", "M10x1.25, M10×1.25"})
  void writesDesignations(String text, String written) {
    assertThat(MetricThread.parse(text).designation()).isEqualTo(written);
  }

  @ParameterizedTest
  @CsvSource({"M7", "8mm", "M8x9", "M999", "M"})
  void refusesWhatIsNoThread(String text) {
    assertThatThrownBy(() -> MetricThread.parse(text)).isInstanceOf(InvalidInput.class);
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void diametersAreNested(Seeded.Case random) {
    double d = random.between(1, 100);
    MetricThread thread = MetricThread.of(d, random.between(0.02, Math.min(d / 4, 10)));
    assertThat(thread.minorDiameterMm()).isLessThan(thread.internalMinorDiameterMm());
    assertThat(thread.internalMinorDiameterMm()).isLessThan(thread.pitchDiameterMm());
    assertThat(thread.pitchDiameterMm()).isLessThan(d);
    assertThat(thread.stressAreaMm2()).isPositive();
  }
}
