package app.unimetric.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ZeroOffsetTest {
  private static final Instant DAY = Instant.parse("2026-11-01T08:00:00Z");

  private static List<ZeroOffset.Reading> daily(double... values) {
    List<ZeroOffset.Reading> readings = new ArrayList<>();
    for (double value : values) {
      readings.add(new ZeroOffset.Reading(DAY.plus(Duration.ofDays(readings.size())), value));
    }
    return readings;
  }

  @Test
  void driftSpreadAndTrendAreOfTheLog() {
    ZeroOffset z = ZeroOffset.of(daily(500, 504, 502, 506), 10.0);
    assertThat(z.drift()).isEqualTo(6);
    assertThat(z.spread()).isEqualTo(6);
    // By hand: t = −1.5, −0.5, 0.5, 1.5; Σt·z = 1.5·6 + 0.5·(−2) = 8; Σt² = 5.
    assertThat(z.trendPerDay()).isCloseTo(1.6, within(1e-12));
    assertThat(z.inShort()).isEqualTo(FitVerdict.FITS);
    assertThat(z.fails()).isEmpty();
    assertThat(ZeroOffset.of(daily(506, 502, 504, 500), 10.0).drift()).isEqualTo(-6);
  }

  /** By hand: t = −2, −1, 3 about the mean of 0, 1, 5; z = −4, 0, 4: 8 + 0 + 12 over 4 + 1 + 9. */
  @Test
  void daysBetweenReadingsCount() {
    List<ZeroOffset.Reading> log =
        List.of(
            new ZeroOffset.Reading(DAY, 500),
            new ZeroOffset.Reading(DAY.plus(Duration.ofDays(1)), 504),
            new ZeroOffset.Reading(DAY.plus(Duration.ofDays(5)), 508));
    ZeroOffset z = ZeroOffset.of(log, 10.0);
    assertThat(z.trendPerDay()).isCloseTo(20.0 / 14, within(1e-9));
    assertThat(z.derivation())
        .extracting(d -> d.value())
        .containsExactly(8.0, 8.0, 20.0 / 14, 10.0);
    assertThat(z.derivation().get(3).formula()).isEqualTo("stated");
    assertThat(z.reasons()).containsExactly("It holds its zero: it moved by 8, 10 is allowed.");
    assertThat(ZeroOffset.of(log, null).limit()).isCloseTo(504 * 0.05, within(1e-9));
    assertThat(ZeroOffset.of(log, null).derivation().get(3).formula()).startsWith("5 %");
  }

  @ParameterizedTest
  @CsvSource({
    "500, 510, 10, true",
    "500, 510.1, 10, false",
    "500, 525.6, , true",
    "500, 525.7, , false",
    "2, 3, , true",
    "2, 3.1, , false",
    "-500, -525.6, , true",
  })
  void itHoldsItsZeroWithinWhatIsAllowed(double first, double last, Double limit, boolean stable) {
    ZeroOffset z = ZeroOffset.of(daily(first, last), limit);
    assertThat(z.stable()).isEqualTo(stable);
    assertThat(z.fails().isEmpty()).isEqualTo(stable);
    assertThat(z.reasons().get(0)).startsWith(stable ? "It holds" : "It does not hold");
    assertThat(z.reasons().size() == 2).as("where no limit is stated").isEqualTo(limit == null);
  }

  @Test
  void nonsenseIsTold() {
    assertThatThrownBy(() -> ZeroOffset.of(daily(500), null)).hasMessageContaining("needs 2");
    ZeroOffset.Reading one = new ZeroOffset.Reading(DAY, 500);
    assertThatThrownBy(() -> ZeroOffset.of(List.of(one, one), null))
        .hasMessageContaining("order of time");
    assertThatThrownBy(() -> ZeroOffset.of(daily(500, 501), 0.0))
        .hasMessageContaining("greater than 0");
  }
}
