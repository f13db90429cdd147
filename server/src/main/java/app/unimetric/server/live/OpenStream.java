package app.unimetric.server.live;

import org.springframework.http.ResponseEntity;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** How a stream of events is answered with. */
public final class OpenStream {
  private OpenStream() {}

  /** Whatever stands in between must not wait for more before it hands something on. */
  public static ResponseEntity<SseEmitter> of(SseEmitter stream) {
    return ResponseEntity.ok().header("X-Accel-Buffering", "no").body(stream);
  }
}
