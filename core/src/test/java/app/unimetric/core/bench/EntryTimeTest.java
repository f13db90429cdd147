package app.unimetric.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** When something was done, from a device whose clock may be wrong; pinned. */
class EntryTimeTest {
  private static final Instant BEGUN = Instant.parse("2026-03-02T08:00:00Z");
  private static final Instant RECEIVED = Instant.parse("2026-03-02T10:00:00Z");

  private static EntryTime of(String done, String sent) {
    return EntryTime.of(
        done == null ? null : Instant.parse(done),
        sent == null ? null : Instant.parse(sent),
        RECEIVED,
        BEGUN);
  }

  /** What counts is how long before sending it was done, back to the beginning of the job. */
  @ParameterizedTest
  @CsvSource({
    // right clock; an hour late; two hours behind; a year ahead
    "2026-03-02T10:00:00Z, 2026-03-02T10:00:00Z, 2026-03-02T10:00:00Z, 0",
    "2026-03-02T09:00:00Z, 2026-03-02T10:00:00Z, 2026-03-02T09:00:00Z, 0",
    "2026-03-02T07:30:00Z, 2026-03-02T08:00:00Z, 2026-03-02T09:30:00Z, -7200",
    "2027-03-02T09:30:00Z, 2027-03-02T10:00:00Z, 2026-03-02T09:30:00Z, 31536000",
    // just as long ago as the job is old, and a second more
    "2026-03-02T08:00:00Z, 2026-03-02T10:00:00Z, 2026-03-02T08:00:00Z, 0",
    "2026-03-02T07:59:59Z, 2026-03-02T10:00:00Z, 2026-03-02T10:00:00Z, 0",
    // said to be done after it was sent
    "2026-03-02T10:00:01Z, 2026-03-02T10:00:00Z, 2026-03-02T10:00:00Z, 0",
    // what no clock says
    "1970-01-01T00:00:00Z, 2026-03-02T10:00:00Z, 2026-03-02T10:00:00Z, 0",
    // what it does not say
    ",                     2026-03-02T10:05:00Z, 2026-03-02T10:00:00Z, 300",
    "2026-03-02T09:00:00Z, ,                     2026-03-02T10:00:00Z, 0"
  })
  void isCountedBackFromWhenItCame(String done, String sent, Instant at, long ahead) {
    assertThat(of(done, sent)).isEqualTo(new EntryTime(at, RECEIVED, ahead));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "2026-03-02T10:02:00Z |",
        "2026-03-02T09:58:00Z |",
        "2026-03-02T10:02:01Z | 2 min ahead",
        "2026-03-02T09:57:59Z | 2 min behind",
        "2026-03-02T11:59:59Z | 120 min ahead",
        "2026-03-02T12:00:00Z | 2 h ahead",
        "2026-03-02T08:00:00Z | 2 h behind"
      })
  void aClockThatIsOffByMoreThanTwoMinutesIsTold(String sent, String words) {
    EntryTime time = of(null, sent);
    assertThat(time.isClockWrong()).isEqualTo(words != null);
    if (words == null) {
      assertThat(time.clockWords()).isNull();
    } else {
      assertThat(time.clockWords())
          .startsWith("This device's clock is " + words + ".")
          .endsWith("set the device's right.");
    }
  }

  @Test
  void noTimeIsTooFarOff() {
    EntryTime time = EntryTime.of(Instant.MIN, Instant.MAX, RECEIVED, BEGUN);
    assertThat(time.doneAt()).isEqualTo(RECEIVED);
    assertThat(time.isClockWrong()).isTrue();
  }

  @Test
  void atOneMomentItIsDoneAndReceived() {
    assertThat(EntryTime.at(RECEIVED)).isEqualTo(new EntryTime(RECEIVED, RECEIVED, 0));
  }
}
