package app.unimetric.server;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The workshop's clock: its own time zone, and a pinned moment when pictures are taken. */
@Configuration
class WorkshopClock {
  @Bean
  Clock clock(
      @Value("${unimetric.zone}") String zone,
      @Value("${unimetric.pinned-instant}") String pinned) {
    ZoneId id = zone.isBlank() ? ZoneId.systemDefault() : ZoneId.of(zone);
    return pinned.isBlank() ? Clock.system(id) : Clock.fixed(Instant.parse(pinned), id);
  }
}
