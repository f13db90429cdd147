package app.unimetric.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PressFitTest {
  private static final FitWindow BAND = new FitWindow(0.02, 0.10);

  @Test
  void itIsHeldLeastWhereTheBoreIsWidest() {
    PressFit p = PressFit.of(List.of(40.92, 40.95, 40.94), 41.0, BAND, 0);
    assertThat(p.minMm()).isCloseTo(0.05, within(1e-9));
    assertThat(p.maxMm()).isCloseTo(0.08, within(1e-9));
    assertThat(p.meanMm()).isCloseTo(41.0 - 40.936666666666667, within(1e-9));
    assertThat(p.outOfRoundMm()).isCloseTo(0.03, within(1e-9));
    assertThat(p.verdict()).isEqualTo(PressFit.Verdict.FITS);
  }

  @ParameterizedTest
  @CsvSource({
    "40.98, 40.90, 0, FITS",
    "40.981, 40.95, 0, LOOSE",
    "40.95, 40.899, 0, TOO_TIGHT",
    "40.99, 40.89, 0, OUT_OF_ROUND",
    "40.95, 40.94, 0.01, FITS",
    "40.97, 40.94, 0.01, TOO_CLOSE",
    "41.05, 41.04, 0.01, LOOSE",
  })
  void theBandHoldsAllTheWayRound(
      double wide, double narrow, double measuredTo, PressFit.Verdict verdict) {
    assertThat(PressFit.of(List.of(wide, narrow), 41.0, BAND, measuredTo).verdict())
        .isEqualTo(verdict);
  }

  @Test
  void withoutABandAnythingThatHoldsWillDoAndThatIsSaid() {
    PressFit p = PressFit.of(List.of(40.0, 39.9), 41.0, null, 0);
    assertThat(p.verdict()).isEqualTo(PressFit.Verdict.FITS);
    assertThat(p.reasons()).anyMatch(s -> s.contains("No band of its maker"));
    assertThat(PressFit.of(List.of(41.0, 40.9), 41.0, null, 0).verdict())
        .as("no interference is no hold")
        .isEqualTo(PressFit.Verdict.LOOSE);
  }

  @Test
  void nonsenseIsTold() {
    assertThatThrownBy(() -> PressFit.of(List.of(41.0), 41, BAND, 0))
        .hasMessageContaining("does not tell whether it is round");
    assertThatThrownBy(() -> PressFit.of(List.of(1.61, 1.61), 41, BAND, 0))
        .hasMessageContaining("inches");
  }
}
