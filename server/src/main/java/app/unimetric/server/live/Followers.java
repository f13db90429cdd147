package app.unimetric.server.live;

import app.unimetric.server.event.Photographed;
import app.unimetric.server.event.RunMoved;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Who has which bench open, here and at other servers. */
@Component
public class Followers {
  /** Then the device opens it again, and is asked again who it is. */
  private static final long OPEN_MILLIS = TimeUnit.MINUTES.toMillis(5);

  private static final long HERE_SECONDS = 3;

  /** Whoever was not heard of for so long has gone. */
  private static final long GONE_NANOS = TimeUnit.SECONDS.toNanos(3 * HERE_SECONDS);

  private final Calls calls;
  private final Map<UUID, List<Follower>> open = new ConcurrentHashMap<>();
  private final Map<String, Seen> seen = new ConcurrentHashMap<>();
  private final ScheduledExecutorService rounds =
      Executors.newSingleThreadScheduledExecutor(
          r -> {
            Thread thread = new Thread(r, "bench-rounds");
            thread.setDaemon(true);
            return thread;
          });

  Followers(Calls calls) {
    this.calls = calls;
    calls.begin(this::heard, this::missed);
    rounds.scheduleWithFixedDelay(this::round, HERE_SECONDS, HERE_SECONDS, TimeUnit.SECONDS);
  }

  private record Follower(Word.Here who, SseEmitter stream) {}

  private record Seen(Word.Here who, long atNanos) {}

  /** Somebody at a bench, as others see it. */
  record Present(UUID personId, String device, String name) {}

  /** Names of all who have the bench of a job open, here and at other servers, each once. */
  public List<String> at(UUID jobId) {
    return seen.values().stream()
        .map(Seen::who)
        .filter(h -> h.jobId().equals(jobId))
        .map(Word.Here::name)
        .distinct()
        .sorted()
        .toList();
  }

  /** Opens a stream of what happens at the bench of a job, as long as its device is there. */
  SseEmitter follow(Word.Here who) {
    SseEmitter stream = new SseEmitter(OPEN_MILLIS);
    Follower follower = new Follower(who, stream);
    open.compute(
        who.jobId(),
        (job, all) -> {
          List<Follower> more = all == null ? new ArrayList<>() : new ArrayList<>(all);
          more.add(follower);
          return more;
        });
    stream.onCompletion(() -> leave(follower));
    stream.onTimeout(stream::complete);
    stream.onError(e -> leave(follower));
    tell(follower, "look", Map.of());
    calls.say(who);
    return stream;
  }

  private void leave(Follower follower) {
    open.computeIfPresent(
        follower.who().jobId(),
        (job, all) -> {
          List<Follower> fewer = all.stream().filter(f -> f != follower).toList();
          return fewer.isEmpty() ? null : fewer;
        });
  }

  @TransactionalEventListener
  void said(RunMoved moved) {
    calls.say(new Word.Moved(moved.jobId(), moved.entries()));
  }

  @TransactionalEventListener
  void came(Photographed one) {
    calls.say(new Word.Pictured(one.jobId()));
  }

  private void heard(Word word) {
    if (word instanceof Word.Here here) {
      boolean news =
          seen.put(here.jobId() + " " + here.device(), new Seen(here, System.nanoTime())) == null;
      if (news) {
        tellWhoIsThere(here.jobId());
      }
    } else if (word instanceof Word.Moved moved) {
      all(moved.jobId(), "moved", Map.of("entries", moved.entries()));
    } else {
      all(word.jobId(), "pictured", Map.of());
    }
  }

  /** What was called meanwhile was not heard: everybody looks. */
  private void missed() {
    open.keySet().forEach(job -> all(job, "look", Map.of()));
  }

  private void round() {
    long now = System.nanoTime();
    for (List<Follower> all : open.values()) {
      for (Follower follower : all) {
        // Only what is written to tells that nobody reads it any more.
        tell(follower, "beat", Map.of());
      }
    }
    open.values().forEach(all -> all.forEach(f -> calls.say(f.who())));
    for (Map.Entry<String, Seen> one : seen.entrySet()) {
      if (now - one.getValue().atNanos() > GONE_NANOS
          && seen.remove(one.getKey(), one.getValue())) {
        tellWhoIsThere(one.getValue().who().jobId());
      }
    }
  }

  private void tellWhoIsThere(UUID jobId) {
    List<Present> there =
        seen.values().stream()
            .map(Seen::who)
            .filter(h -> h.jobId().equals(jobId))
            .map(h -> new Present(h.personId(), h.device(), h.name()))
            .sorted(Comparator.comparing(Present::name))
            .toList();
    all(jobId, "people", there);
  }

  private void all(UUID jobId, String what, Object told) {
    open.getOrDefault(jobId, List.of()).forEach(f -> tell(f, what, told));
  }

  private void tell(Follower follower, String what, Object told) {
    try {
      follower.stream().send(SseEmitter.event().name(what).data(told));
    } catch (IOException | IllegalStateException e) {
      // Its device has gone; whoever comes back opens another.
      leave(follower);
    }
  }

  /** An open stream would hold up the end of the server. */
  @EventListener
  void ends(ContextClosedEvent closing) {
    open.values().forEach(all -> all.forEach(f -> f.stream().complete()));
  }

  @PreDestroy
  void end() {
    rounds.shutdownNow();
  }
}
