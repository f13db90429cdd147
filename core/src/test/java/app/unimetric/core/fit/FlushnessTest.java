package app.unimetric.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FlushnessTest {
  @ParameterizedTest
  @CsvSource({
    "0 0 0 0, FLUSH",
    "0 0.049 0 0, FLUSH",
    "0 0.1 0.2 0.1, TILTED",
    "0.05 0.05 0.05 0.05, NOT_HOME",
    "0.3 0.4 0.5 0.4, NOT_HOME",
    "0 0.2 0 0.2, UNEVEN",
  })
  void howItSitsIsToldByItsGaps(String gaps, Flushness.Verdict verdict) {
    List<Double> readings = List.of(gaps.split(" ")).stream().map(Double::valueOf).toList();
    assertThat(Flushness.of(readings, 0).verdict()).isEqualTo(verdict);
  }

  @Test
  void theTiltIsItsFirstHarmonicOverTheWholeRim() {
    Flushness f = Flushness.of(List.of(0.0, 0.1, 0.2, 0.1), 0);
    assertThat(f.tiltMm()).isCloseTo(0.2, within(1e-9));
    assertThat(f.tiltAtDeg()).isCloseTo(180, within(1e-9));
    assertThat(f.touches()).isTrue();
    assertThat(f.reasons()).anyMatch(s -> s.contains("widest at 180°"));
  }

  @Test
  void threeReadingsAndGapsBelowNothingAreTold() {
    assertThatThrownBy(() -> Flushness.of(List.of(0.0, 0.1, 0.2), 0))
        .hasMessageContaining("needs 4");
    assertThatThrownBy(() -> Flushness.of(List.of(0.0, -0.1, 0.2, 0.1), 0))
        .hasMessageContaining("from 0 to 50");
  }
}
