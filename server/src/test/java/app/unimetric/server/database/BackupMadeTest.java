package app.unimetric.server.database;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BackupMadeTest {
  @ParameterizedTest
  @CsvSource({"PT0S, false", "PT48H, false", "PT48H1S, true"})
  void twoMissedDaysAreNoAccident(Duration ago, boolean old) {
    Instant now = Instant.parse("2026-11-27T12:00:00Z");
    assertThat(new BackupMade("x.tar", 1, now.minus(ago)).isOld(now)).isEqualTo(old);
  }
}
