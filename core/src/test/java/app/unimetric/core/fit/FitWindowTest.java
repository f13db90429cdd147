package app.unimetric.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FitWindowTest {
  @ParameterizedTest
  @CsvSource({
    "2.0, 0, FITS",
    "1.999, 0, DOES_NOT",
    "4.0, 0, FITS",
    "4.001, 0, DOES_NOT",
    "2.5, 0.5, FITS",
    "2.4, 0.5, TOO_CLOSE",
    "1.6, 0.5, TOO_CLOSE",
    "1.4, 0.5, DOES_NOT",
    "4.6, 0.5, DOES_NOT",
    "3.0, 1.5, TOO_CLOSE",
  })
  void aSizeIsJudgedWithWhatItMayBeWrongBy(double size, double uncertainty, FitVerdict verdict) {
    assertThat(new FitWindow(2, 4).judge(size, uncertainty)).isEqualTo(verdict);
  }

  @Test
  void noVerdictFlipsInsideItsOwnUncertainty() {
    Random random = new Random(7);
    FitWindow window = new FitWindow(2, 4);
    for (int i = 0; i < 2000; i++) {
      double size = 6 * random.nextDouble();
      double uncertainty = random.nextDouble();
      FitVerdict said = window.judge(size, uncertainty);
      double really = size + uncertainty * (2 * random.nextDouble() - 1);
      if (said != FitVerdict.TOO_CLOSE) {
        assertThat(window.holds(really)).isEqualTo(said == FitVerdict.FITS);
      }
      double needed = window.neededAt(size) - 1e-6;
      if (needed > 0) {
        assertThat(window.judge(size, needed))
            .as("so well it can be judged")
            .isNotEqualTo(FitVerdict.TOO_CLOSE);
      }
    }
  }

  @Test
  void limitsTheWrongWayRoundAreTold() {
    assertThatThrownBy(() -> new FitWindow(4, 2)).hasMessageContaining("above max");
    assertThat(FitWindow.atMost(3).judge(-50, 0)).isEqualTo(FitVerdict.FITS);
  }
}
