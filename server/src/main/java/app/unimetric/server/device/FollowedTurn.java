package app.unimetric.server.device;

import app.unimetric.core.bench.DueDial;
import app.unimetric.core.device.DialReading;
import app.unimetric.core.device.DialSample;
import app.unimetric.core.device.DialTurn;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** One turn of a part under a dial gauge. */
final class FollowedTurn extends Followed<DialSample> {
  private final DialTurn turn;
  private final DueDial due;

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
  Optional<DialSample> next() {
    return turn.next();
  }

  @Override
  int atMs(DialSample sample) {
    return sample.atMs();
  }

  @Override
  Place told(DialSample sample) {
    return new Place(sample.angleDeg(), sample.readingMm());
  }

  @Override
  Ended ended(List<DialSample> all) {
    DialReading reading = DialReading.of(all, turn.isWhole(), due.limitMm());
    return new Ended(reading.words(), reading.typed());
  }
}
