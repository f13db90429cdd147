package app.unimetric.server.clock;

import app.unimetric.core.bench.SteadyTime;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;

/** The steady time of this server; what time it was is kept, for the next start. */
@Component
public class SteadyClock extends Clock implements DisposableBean {
  private static final Logger LOG = LoggerFactory.getLogger(SteadyClock.class);
  private static final long BEAT_SECONDS = 30;
  private final ClockMapper mapper;
  private final ScheduledExecutorService beat =
      Executors.newSingleThreadScheduledExecutor(
          task -> {
            Thread thread = new Thread(task, "steady-clock");
            thread.setDaemon(true);
            return thread;
          });
  private final @Nullable Instant lastSeen;
  private SteadyTime time;

  SteadyClock(ClockMapper mapper) {
    this.mapper = mapper;
    lastSeen = mapper.lastSeen();
    time = SteadyTime.begin(Instant.now(), System.nanoTime(), lastSeen, false);
    beat.scheduleWithFixedDelay(this::beat, BEAT_SECONDS, BEAT_SECONDS, TimeUnit.SECONDS);
  }

  @Override
  public synchronized Instant instant() {
    boolean agreed = time.question() == null;
    time = time.at(Instant.now(), System.nanoTime());
    if (agreed && time.question() != null) {
      LOG.warn("{}", time.question());
    }
    return time.moment();
  }

  /** What a person is asked about the clock; null when there is nothing to ask. */
  synchronized @Nullable String question() {
    instant();
    return time.question();
  }

  /** Whether whoever comes first may answer; else a lead does. */
  synchronized boolean asksWhoeverComesFirst() {
    return time.asksWhoeverComesFirst();
  }

  /** When the time was last kept before this start; null at the first one. */
  public @Nullable Instant lastSeen() {
    return lastSeen;
  }

  /** Told before anybody is answered: something was still to cure when the server stopped. */
  public synchronized void somethingCures() {
    time = SteadyTime.begin(Instant.now(), System.nanoTime(), lastSeen, true);
  }

  /** A person says that the computer's clock is right. */
  synchronized void confirm() {
    time = time.confirmed(Instant.now(), System.nanoTime());
    mapper.set(time.moment());
  }

  private void beat() {
    try {
      mapper.saw(instant());
    } catch (DataAccessException | TransactionException e) {
      LOG.debug("The time was not kept: {}", e.toString());
    }
  }

  @Override
  public ZoneId getZone() {
    return ZoneOffset.UTC;
  }

  @Override
  public Clock withZone(ZoneId zone) {
    throw new UnsupportedOperationException("The workshop's clock has its zone.");
  }

  @Override
  public void destroy() {
    beat.shutdownNow();
  }
}
