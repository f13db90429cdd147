package app.unimetric.server;

import app.unimetric.server.settings.Settings;
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
      Settings settings,
      @Value("${unimetric.zone}") String zone,
      @Value("${unimetric.pinned-instant}") String pinned) {
    ZoneId usual = zone.isBlank() ? ZoneId.systemDefault() : ZoneId.of(zone);
    Clock ticking =
        pinned.isBlank() ? Clock.system(usual) : Clock.fixed(Instant.parse(pinned), usual);
    return new InWorkshopsZone(ticking, settings);
  }

  /** The days of the workshop are those of its zone, also when that is set while all runs. */
  private static final class InWorkshopsZone extends Clock {
    private final Clock ticking;
    private final Settings settings;

    InWorkshopsZone(Clock ticking, Settings settings) {
      this.ticking = ticking;
      this.settings = settings;
    }

    @Override
    public ZoneId getZone() {
      String own = settings.current().settings().zone();
      return own.isEmpty() ? ticking.getZone() : ZoneId.of(own);
    }

    @Override
    public Clock withZone(ZoneId zone) {
      return ticking.withZone(zone);
    }

    @Override
    public Instant instant() {
      return ticking.instant();
    }
  }
}
