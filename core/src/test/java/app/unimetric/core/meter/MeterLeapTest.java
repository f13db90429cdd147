package app.unimetric.core.meter;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MeterLeapTest {
  private static final Instant THEN = Instant.parse("2026-05-04T08:00:00Z");

  @ParameterizedTest
  @CsvSource({
    "KM, 21640, 21940, 0, false",
    "KM, 21640, 21940.1, 0, true",
    "KM, 21640, 22240, 1, false",
    "KM, 21640, 22241, 1, true",
    "KM, 21640, 216400, 30, true",
    "KM, 21640, 21000, 0, false",
    "HOURS, 612, 624, 0, false",
    "HOURS, 612, 624.5, 0, true",
    "HOURS, 612, 636, 1, false",
    "HOURS, 612, 637, 1, true",
    "MILES, 1000, 1186, 0, false",
    "MILES, 1000, 1187, 0, true"
  })
  void aRiseBeyondADaysWorkIsAskedAbout(
      MeterKind meter, double before, double now, int days, boolean asked) {
    Instant at = THEN.plus(Duration.ofDays(days)).plusSeconds(60);
    assertThat(MeterLeap.question(meter, before, THEN, now, at).isPresent()).isEqualTo(asked);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "0 | 1000 km more than the last reading of 500 km, taken today. Check the digits; if it is right, say so.",
        "2 | 1000 km more than the last reading of 500 km, 2 days ago. Check the digits; if it is right, say so."
      })
  void theQuestionNamesBothReadings(int days, String words) {
    Instant at = THEN.plus(Duration.ofDays(days));
    assertThat(MeterLeap.question(MeterKind.KM, 500, THEN, 1500, at)).contains(words);
  }
}
