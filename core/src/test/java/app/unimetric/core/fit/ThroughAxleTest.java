package app.unimetric.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ThroughAxleTest {
  private static final ThroughAxle.Axle OLD =
      new ThroughAxle.Axle(12, 1.5, 172, ThroughAxle.Head.FLAT, 12.0);

  private static ThroughAxle fitted(
      double pitch, double length, ThroughAxle.Head head, Double engagement, Double... spacers) {
    return ThroughAxle.of(
        OLD, new ThroughAxle.Axle(12, pitch, length, head, engagement), List.of(spacers), 2, 0);
  }

  @ParameterizedTest
  @CsvSource({
    "1.5, 174, FLAT, 12, true",
    "1.5, 174.1, FLAT, 12, false",
    "1.5, 170, FLAT, 12, true",
    "1.5, 169.9, FLAT, 12, false",
    "1.0, 172, FLAT, 12, false",
    "1.5, 172, CONE, 12, false",
    "1.5, 172, FLAT, 11.9, false",
    "1.5, 172, FLAT, , true",
  })
  void threadHeadLengthAndHoldMustBeAsTheyWere(
      double pitch, double length, ThroughAxle.Head head, Double engagement, boolean fits) {
    assertThat(fitted(pitch, length, head, engagement).fits()).isEqualTo(fits);
  }

  @Test
  void whereTheOldOneIsNotKnownSixThreadsHold() {
    ThroughAxle.Axle unknown = new ThroughAxle.Axle(12, 1.5, 172, ThroughAxle.Head.FLAT, null);
    for (double engagement : List.of(9.0, 8.9)) {
      ThroughAxle.Axle fresh =
          new ThroughAxle.Axle(12, 1.5, 172, ThroughAxle.Head.FLAT, engagement);
      assertThat(ThroughAxle.of(unknown, fresh, List.of(), 2, 0).fits())
          .isEqualTo(engagement == 9.0);
    }
  }

  @Test
  void spacersMakeUpWhatIsTooLongInTheFewestPieces() {
    ThroughAxle long8 = fitted(1.5, 180, ThroughAxle.Head.FLAT, 12.0, 5.0, 3.0, 2.0, 1.0, 8.0);
    assertThat(long8.best()).containsExactly(8.0);
    assertThat(long8.reasons()).contains("It is 8 mm too long: 8 mm under its head would.");
    assertThat(fitted(1.5, 180, ThroughAxle.Head.FLAT, 12.0, 5.0, 3.0).best())
        .containsExactly(5.0, 3.0);
    assertThat(fitted(1.5, 180, ThroughAxle.Head.FLAT, 12.0, 2.0).best()).isNull();
    assertThat(fitted(1.5, 160, ThroughAxle.Head.FLAT, 12.0, 2.0).reasons())
        .contains("It is 12 mm too short: nothing makes it longer.");
    assertThat(fitted(1.5, 172, ThroughAxle.Head.FLAT, 12.0, 2.0).best())
        .as("none is needed")
        .isNull();
  }

  @Test
  void nonsenseIsTold() {
    assertThatThrownBy(() -> new ThroughAxle.Axle(172, 1.5, 12, ThroughAxle.Head.FLAT, null))
        .hasMessageContaining("diameterMm");
  }
}
