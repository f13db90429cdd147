package app.unimetric.server.device;

import java.io.IOException;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Something a device reads, told while it happens. */
abstract class Followed {
  final SseEmitter stream;

  Followed(SseEmitter stream) {
    this.stream = stream;
  }

  /** Tells what was read in so many milliseconds more; whether that was all. */
  abstract boolean goOn(int milliseconds);

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
