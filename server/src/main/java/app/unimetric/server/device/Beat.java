package app.unimetric.server.device;

import app.unimetric.server.problem.Refusal;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** What devices read, followed while it lasts, each told as fast as it happens. */
@Component
class Beat {
  private static final Logger LOG = LoggerFactory.getLogger(Beat.class);
  private static final int MOST_AT_ONCE = 64;
  private static final int TOLD_EVERY_MS = 50;
  private static final long LONGEST_MILLIS = Duration.ofMinutes(2).toMillis();
  private final Set<Followed<?>> open = ConcurrentHashMap.newKeySet();
  private final ScheduledExecutorService beat =
      Executors.newSingleThreadScheduledExecutor(
          task -> {
            Thread thread = new Thread(task, "devices");
            thread.setDaemon(true);
            return thread;
          });

  Beat() {
    beat.scheduleAtFixedRate(this::tellAll, TOLD_EVERY_MS, TOLD_EVERY_MS, TimeUnit.MILLISECONDS);
  }

  /**
   * Follows a device.
   *
   * @param begun what is told first
   * @param made what tells the rest
   */
  SseEmitter follow(Object begun, Function<SseEmitter, Followed<?>> made) {
    if (open.size() >= MOST_AT_ONCE) {
      throw Refusal.conflict(
          "As many devices are in use as can be followed; try again in a moment.", Map.of());
    }
    SseEmitter stream = new SseEmitter(LONGEST_MILLIS);
    Followed<?> followed = made.apply(stream);
    stream.onCompletion(() -> open.remove(followed));
    stream.onTimeout(stream::complete);
    stream.onError(e -> open.remove(followed));
    followed.tell("begun", begun);
    open.add(followed);
    return stream;
  }

  private void tellAll() {
    for (Followed<?> followed : open) {
      boolean over = true;
      try {
        over = followed.goOn(TOLD_EVERY_MS);
      } catch (RuntimeException e) {
        // One that fails must not end the beat of all the others.
        LOG.warn("A device could not be followed to its end", e);
        followed.stream.completeWithError(e);
      }
      if (over) {
        open.remove(followed);
      }
    }
  }

  /** An open stream would hold up the end of the server. */
  @EventListener
  void ends(ContextClosedEvent closing) {
    open.forEach(f -> f.stream.complete());
  }

  @PreDestroy
  void end() {
    beat.shutdownNow();
  }
}
