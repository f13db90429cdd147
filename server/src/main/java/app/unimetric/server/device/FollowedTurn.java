package app.unimetric.server.device;

import app.unimetric.core.bench.DueDial;
import app.unimetric.core.device.DialReading;
import app.unimetric.core.device.DialSample;
import app.unimetric.core.device.DialTurn;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** One turn of a part under a dial gauge. */
final class FollowedTurn extends Followed {
  private final DialTurn turn;
  private final DueDial due;
  private final List<DialSample> read = new ArrayList<>();
  private int atMs;

  FollowedTurn(SseEmitter stream, DialTurn turn, DueDial due) {
    super(stream);
    this.turn = turn;
    this.due = due;
  }

  /** What is turned, and under what. */
  record Begun(String gauge, DueDial due) {}

  /** What it read at a place of the turn. */
  record Place(double angleDeg, double readingMm) {}

  /**
   * How it ended.
   *
   * @param words what it means
   * @param typed the reading, mm; null where the turn says nothing
   */
  record Ended(String words, @Nullable String typed) {}

  @Override
  boolean goOn(int milliseconds) {
    atMs += milliseconds;
    List<Place> more = new ArrayList<>();
    boolean over = false;
    while (!over && (read.isEmpty() || read.get(read.size() - 1).atMs() < atMs)) {
      DialSample next = turn.next().orElse(null);
      over = next == null;
      if (next != null) {
        read.add(next);
        more.add(new Place(next.angleDeg(), next.readingMm()));
      }
    }
    boolean heard = more.isEmpty() || tell("read", more);
    if (over && heard) {
      DialReading reading = DialReading.of(read, turn.isWhole(), due.limitMm());
      tell("ended", new Ended(reading.words(), reading.typed()));
      stream.complete();
    }
    return over || !heard;
  }
}
