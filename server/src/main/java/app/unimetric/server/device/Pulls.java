package app.unimetric.server.device;

import app.unimetric.core.bench.DuePull;
import app.unimetric.core.device.Curve;
import app.unimetric.core.device.Pull;
import app.unimetric.core.device.Sample;
import app.unimetric.core.device.TorqueWrench;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.server.problem.Refusal;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Pulls that are followed while they last, each told as fast as it happens. */
@Component
class Pulls {
  private static final Logger LOG = LoggerFactory.getLogger(Pulls.class);
  private static final int MOST_AT_ONCE = 64;
  private static final int TOLD_EVERY_MS = 50;
  private static final long LONGEST_MILLIS = Duration.ofMinutes(2).toMillis();
  private final Set<Followed> open = ConcurrentHashMap.newKeySet();
  private final ScheduledExecutorService beat =
      Executors.newSingleThreadScheduledExecutor(
          task -> {
            Thread thread = new Thread(task, "wrench");
            thread.setDaemon(true);
            return thread;
          });

  Pulls() {
    beat.scheduleAtFixedRate(this::tellAll, TOLD_EVERY_MS, TOLD_EVERY_MS, TimeUnit.MILLISECONDS);
  }

  /** What is pulled, and by what. */
  record Begun(String wrench, DuePull due) {}

  /**
   * How it ended.
   *
   * @param words what that means
   * @param typed the reading in {@code unit}; null where there is none
   * @param curve torque over angle, to be said with the reading; null where there is none
   */
  record Ended(
      Pull.End end,
      String words,
      @Nullable String typed,
      TorqueUnit unit,
      @Nullable String curve) {}

  SseEmitter follow(TorqueWrench wrench, DuePull due) {
    if (open.size() >= MOST_AT_ONCE) {
      throw Refusal.conflict(
          "As many wrenches are pulled as can be followed; pull again in a moment.", Map.of());
    }
    SseEmitter stream = new SseEmitter(LONGEST_MILLIS);
    Followed followed = new Followed(stream, wrench.pull(due.startNm(), due.settingNm()), due);
    stream.onCompletion(() -> open.remove(followed));
    stream.onTimeout(stream::complete);
    stream.onError(e -> open.remove(followed));
    followed.tell("begun", new Begun(wrench.name(), due));
    open.add(followed);
    return stream;
  }

  private void tellAll() {
    for (Followed followed : open) {
      boolean over = true;
      try {
        over = followed.goOn(TOLD_EVERY_MS);
      } catch (RuntimeException e) {
        // One that fails must not end the beat of all the others.
        LOG.warn("A pull could not be followed to its end", e);
        followed.stream.completeWithError(e);
      }
      if (over) {
        open.remove(followed);
      }
    }
  }

  private static final class Followed {
    private final SseEmitter stream;
    private final Pull pull;
    private final DuePull due;
    private final List<Sample> read = new ArrayList<>();
    private int atMs;

    Followed(SseEmitter stream, Pull pull, DuePull due) {
      this.stream = stream;
      this.pull = pull;
      this.due = due;
    }

    /** Tells what was read in so many milliseconds more; whether that was all. */
    boolean goOn(int milliseconds) {
      atMs += milliseconds;
      List<Curve.Point> more = new ArrayList<>();
      boolean over = false;
      while (!over && (read.isEmpty() || read.get(read.size() - 1).atMs() < atMs)) {
        Sample next = pull.next().orElse(null);
        over = next == null;
        if (next != null) {
          read.add(next);
          more.add(new Curve.Point(next.angleDeg(), next.torqueNm()));
        }
      }
      boolean heard = more.isEmpty() || tell("read", more);
      if (over && heard) {
        tell("ended", ended());
        stream.complete();
      }
      return over || !heard;
    }

    private Ended ended() {
      Pull.End end = pull.end();
      if (!end.isReading()) {
        return new Ended(end, end.words(), null, due.unit(), null);
      }
      Curve curve = Curve.of(read);
      return new Ended(
          end,
          end.words(),
          Figure.rounded(curve.peakNm() / due.unit().newtonMetres(), 2),
          due.unit(),
          curve.written());
    }

    private boolean tell(String what, Object told) {
      try {
        stream.send(SseEmitter.event().name(what).data(told));
        return true;
      } catch (IOException | IllegalStateException e) {
        // Whoever pulled has gone; nothing was written down.
        return false;
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
