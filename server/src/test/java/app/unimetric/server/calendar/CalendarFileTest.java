package app.unimetric.server.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.recheck.RecheckDue;
import app.unimetric.server.recheck.Recheck;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** What a calendar says of a re-check. */
class CalendarFileTest {
  private static String written(@Nullable LocalDate day, @Nullable Double dueAt) {
    Recheck recheck =
        new Recheck(
            UUID.randomUUID(),
            UUID.randomUUID(),
            "Mule 1",
            UUID.randomUUID(),
            7,
            "Fit skid plate",
            "New brackets settle.",
            List.of("plate"),
            "Plate to frame",
            true,
            day,
            dueAt,
            100.0,
            "km",
            RecheckDue.Urgency.values()[0],
            List.of(),
            null,
            null,
            null,
            null,
            null,
            null,
            null);
    // Lines are folded at 75 octets, a blank at the beginning of the next.
    return CalendarFile.of(List.of(recheck), Instant.EPOCH, "http://127.0.0.1:8080")
        .replace("\r\n ", "");
  }

  @Test
  void namesItsDayAndTheReadingWhicheverComesFirst() {
    assertThat(written(LocalDate.of(2026, 12, 1), 1200.04))
        .contains("DTSTART;VALUE=DATE:20261201")
        .contains("SUMMARY:Mule 1: look again at Plate to frame")
        .contains(
            "After the first ride. Or at 1200 km\\, whichever comes first. From Fit skid plate");
  }

  @Test
  void saysDueWhereTheMeterThatCountedItWasReplaced() {
    assertThat(written(LocalDate.of(2026, 12, 1), -207.0))
        .contains("By its meter it is due already.")
        .doesNotContain("-207");
  }

  @Test
  void whatHasNoDayStandsInNoCalendar() {
    assertThat(written(null, 1200.0)).doesNotContain("VEVENT").contains("END:VCALENDAR");
  }
}
