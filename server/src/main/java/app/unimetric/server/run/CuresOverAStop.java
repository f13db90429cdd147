package app.unimetric.server.run;

import app.unimetric.server.clock.SteadyClock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;

/**
 * Before anybody is answered: tells the clock when something was still to cure while the server was
 * off, so that no clock that ran on wrongly makes it ridable early.
 */
@Component
class CuresOverAStop implements SmartInitializingSingleton {
  private final SteadyClock clock;
  private final RunMapper mapper;
  private final Standings standings;

  CuresOverAStop(SteadyClock clock, RunMapper mapper, Standings standings) {
    this.clock = clock;
    this.mapper = mapper;
    this.standings = standings;
  }

  @Override
  public void afterSingletonsInstantiated() {
    Instant stopped = clock.lastSeen();
    if (stopped != null && cures(stopped)) {
      clock.somethingCures();
    }
  }

  private boolean cures(Instant at) {
    List<UUID> maybe = mapper.mayCureAt(at);
    return standings.of(maybe).values().stream()
        .map(Progress::ridableFrom)
        .anyMatch(until -> until != null && until.isAfter(at));
  }
}
