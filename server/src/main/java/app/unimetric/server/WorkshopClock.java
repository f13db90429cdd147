package app.unimetric.server;

import app.unimetric.server.clock.SteadyClock;
import app.unimetric.server.settings.Settings;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;

/** The workshop's clock: its own time zone, and a pinned moment when pictures are taken. */
@Configuration
class WorkshopClock {
  @Bean
  @Primary
  Clock clock(
      SteadyClock steady,
      Settings settings,
      @Value("${unimetric.zone}") String zone,
      @Value("${unimetric.pinned-instant}") String pinned) {
    ZoneId usual = zone.isBlank() ? ZoneId.systemDefault() : ZoneId.of(zone);
    return new InWorkshopsZone(
        pinned.isBlank() ? steady : Clock.fixed(Instant.parse(pinned), usual), usual, settings);
  }

  /** The days of the workshop are those of its zone, also when that is set while all runs. */
  private static final class InWorkshopsZone extends Clock {
    private final Clock ticking;
    private final ZoneId usual;
    private final Settings settings;

    InWorkshopsZone(Clock ticking, ZoneId usual, Settings settings) {
      this.ticking = ticking;
      this.usual = usual;
      this.settings = settings;
    }

    @Override
    public ZoneId getZone() {
      String own = settings.current().settings().zone();
      return own.isEmpty() ? usual : ZoneId.of(own);
    }

    @Override
    public Clock withZone(ZoneId zone) {
      throw new UnsupportedOperationException("The workshop's clock has its zone.");
    }

    @Override
    public Instant instant() {
      return ticking.instant();
    }
  }
}
