package app.unimetric.server.device;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Something a device reads, told while it happens.
 *
 * @param <S> what it reads at one moment
 */
abstract class Followed<S> {
  final SseEmitter stream;
  private final List<S> read = new ArrayList<>();
  private int atMs;

  Followed(SseEmitter stream) {
    this.stream = stream;
  }

  /** The next thing read; empty once it is over. */
  abstract Optional<S> next();

  /** When it was read, ms since the beginning. */
  abstract int atMs(S sample);

  /** What is told of it. */
  abstract Object told(S sample);

  /** What all of it comes to. */
  abstract Object ended(List<S> all);

  /** Tells what was read in so many milliseconds more; whether that was all. */
  final boolean goOn(int milliseconds) {
    atMs += milliseconds;
    List<Object> more = new ArrayList<>();
    boolean over = false;
    while (!over && (read.isEmpty() || atMs(read.get(read.size() - 1)) < atMs)) {
      S next = next().orElse(null);
      over = next == null;
      if (next != null) {
        read.add(next);
        more.add(told(next));
      }
    }
    boolean heard = more.isEmpty() || tell("read", more);
    if (over && heard) {
      tell("ended", ended(read));
      stream.complete();
    }
    return over || !heard;
  }

  /** Whether somebody is left to hear it. */
  final boolean tell(String what, Object told) {
    try {
      stream.send(SseEmitter.event().name(what).data(told));
      return true;
    } catch (IOException | IllegalStateException e) {
      // Whoever followed it has gone; nothing was written down.
      return false;
    }
  }
}
