package app.unimetric.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SteadyTimeTest {
  private static final Instant NINE = Instant.parse("2026-11-27T09:00:00Z");
  private static final SteadyTime AT_NINE = SteadyTime.begin(NINE, 1000, null, true);

  private static long nanos(String duration) {
    return 1000 + Duration.parse(duration).toNanos();
  }

  /** Two seconds, and 1.8 s for each hour (500 parts in a million). */
  @ParameterizedTest
  @CsvSource({
    "PT0S, PT2S, false",
    "PT0S, PT2.001S, true",
    "PT1H, PT3.8S, false",
    "PT1H, PT3.801S, true",
    "PT1H, -PT3.8S, false",
    "PT1H, -PT3.801S, true",
    "PT1H, PT72H, true",
    "PT1H, -PT72H, true"
  })
  void itFollowsAClockThatKeepsStepAndNoOther(String elapsed, Duration ahead, boolean leaps) {
    Instant wall = NINE.plus(Duration.parse(elapsed)).plus(ahead);
    SteadyTime later = AT_NINE.at(wall, nanos(elapsed));
    assertThat(later.leap()).isEqualTo(leaps ? ahead : null);
    Instant counted = NINE.plus(Duration.parse(elapsed));
    assertThat(later.moment()).isEqualTo(leaps ? counted : wall.isBefore(NINE) ? NINE : wall);
  }

  @Test
  void itNeverGoesBack() {
    assertThat(AT_NINE.at(NINE.minusSeconds(1), nanos("PT0S")).moment()).isEqualTo(NINE);
    assertThat(AT_NINE.at(NINE, 0).moment()).as("nor does its counter").isEqualTo(NINE);
  }

  @Test
  void afterALeapItGoesOnByTheCounterUntilAPersonSpeaks() {
    SteadyTime leapt = AT_NINE.at(NINE.plus(Duration.ofDays(2)), nanos("PT1M"));
    SteadyTime later = leapt.at(NINE.plus(Duration.ofDays(2)).plusSeconds(60), nanos("PT2M"));
    assertThat(later.moment()).isEqualTo(NINE.plusSeconds(120));
    assertThat(later.leap()).isEqualTo(Duration.ofDays(2).minusSeconds(60));
    Instant wall = NINE.plus(Duration.ofDays(2)).plusSeconds(120);
    SteadyTime confirmed = later.confirmed(wall, nanos("PT3M"));
    assertThat(confirmed.moment()).isEqualTo(wall);
    assertThat(confirmed.at(wall.plusSeconds(5), nanos("PT3M5S")).leap()).isNull();
  }

  @Test
  void aClockThatIsPutRightAgainNeedsNoWord() {
    SteadyTime leapt = AT_NINE.at(NINE.plus(Duration.ofDays(2)), nanos("PT1M"));
    assertThat(leapt.at(NINE.plusSeconds(121), nanos("PT2M")).leap()).isNull();
  }

  @ParameterizedTest
  @CsvSource({
    "-PT2S, ",
    "-PT2.001S, went 2 s back",
    "-PT50H, went 2 d 2 h back",
    "PT16H, ",
    "PT96H, ",
    "PT96H0.001S, was off for 4 d 0 h"
  })
  void afterARestartALeapIsAskedAbout(Duration since, String asked) {
    SteadyTime begun = SteadyTime.begin(NINE.plus(since), 1000, NINE, false);
    if (asked == null) {
      assertThat(begun.question()).isNull();
    } else {
      assertThat(begun.question()).contains(asked);
    }
    assertThat(begun.moment()).isEqualTo(since.isNegative() ? NINE : NINE.plus(since));
    SteadyTime later = begun.at(NINE.plus(since).plusSeconds(60), nanos("PT1M"));
    assertThat(later.question() == null).as("it stays until answered").isEqualTo(asked == null);
    assertThat(later.confirmed(NINE.plus(since).plusSeconds(61), nanos("PT1M1S")).question())
        .isNull();
  }

  @ParameterizedTest
  @CsvSource({"PT3S, 3 s ahead", "PT62S, 1 min 2 s ahead", "PT61M, 1 h 1 min ahead"})
  void aLeapIsSaidInWords(Duration ahead, String words) {
    assertThat(AT_NINE.at(NINE.plus(ahead), nanos("PT0S")).question()).contains(words);
  }

  /** An hour exactly is believed; a moment more is asked about, and time goes on from the stop. */
  @ParameterizedTest
  @CsvSource({"PT1H, false", "PT1H0.001S, true", "PT14H20M, true", "PT97H, true"})
  void whileSomethingCuresALongerStopIsAskedAbout(Duration since, boolean asked) {
    Instant wall = NINE.plus(since);
    SteadyTime begun = SteadyTime.begin(wall, 1000, NINE, true);
    assertThat(begun.moment()).isEqualTo(asked ? NINE : wall);
    assertThat(begun.asksWhoeverComesFirst()).isEqualTo(asked);
    SteadyTime later = begun.at(wall.plusSeconds(60), nanos("PT1M"));
    assertThat(later.moment()).isEqualTo((asked ? NINE : wall).plusSeconds(60));
    if (asked) {
      assertThat(later.question()).contains("while something cures").contains("nothing counts");
    } else {
      assertThat(later.question()).isNull();
    }
    SteadyTime confirmed = later.confirmed(wall.plusSeconds(61), nanos("PT1M1S"));
    assertThat(confirmed.question()).isNull();
    assertThat(confirmed.moment()).isEqualTo(wall.plusSeconds(61));
  }

  @Test
  void aClockThatLeaptIsALeadsMatter() {
    SteadyTime leapt = AT_NINE.at(NINE.plus(Duration.ofDays(2)), nanos("PT1M"));
    assertThat(leapt.asksWhoeverComesFirst()).isFalse();
    assertThat(SteadyTime.begin(NINE.minusSeconds(60), 1000, NINE, true).asksWhoeverComesFirst())
        .as("it went back")
        .isFalse();
  }
}
