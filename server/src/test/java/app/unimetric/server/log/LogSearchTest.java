package app.unimetric.server.log;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LogSearchTest {
  private static LogSearch typed(String text) {
    return new LogSearch(text, null, null, false, false);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '"',
      value = {
        "locker| 'locker':*",
        "M8x1.25| 'm8x1':* & '25':*",
        "Click 2-25| 'click':* & '2':* & '25':*",
        "it's| 'it':* & 's':*",
        "' & !:* '| ",
        "Größe| 'größe':*"
      })
  void asksForBeginningsOfWordsWhateverIsTyped(String text, String words) {
    assertThat(typed(text).words()).isEqualTo(words);
  }

  @Test
  void wordsAreKeptOnceAsTheyAreLookedFor() {
    assertThat(LogSearch.wordsOf(List.of("Tolvan P-7", "tolvan: M8 8.8", "")))
        .containsExactly("tolvan", "p", "7", "m8", "8");
  }

  @Test
  void theLastDayCountsWhole() {
    ZoneId oslo = ZoneId.of("Europe/Oslo");
    LogSearch days =
        new LogSearch("", LocalDate.of(2026, 5, 4), LocalDate.of(2026, 5, 4), false, false);
    assertThat(days.fromMoment(oslo)).isEqualTo(Instant.parse("2026-05-03T22:00:00Z"));
    assertThat(days.untilMoment(oslo)).isEqualTo(Instant.parse("2026-05-04T22:00:00Z"));
    assertThat(typed("").fromMoment(oslo)).isNull();
    assertThat(typed("").untilMoment(oslo)).isNull();
  }
}
