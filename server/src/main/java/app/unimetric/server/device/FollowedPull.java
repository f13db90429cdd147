package app.unimetric.server.device;

import app.unimetric.core.bench.DuePull;
import app.unimetric.core.bench.EventKind;
import app.unimetric.core.device.Curve;
import app.unimetric.core.device.Pull;
import app.unimetric.core.device.Sample;
import app.unimetric.core.device.TriedPull;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.TorqueUnit;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** A pull of a torque wrench. */
final class FollowedPull extends Followed<Sample> {
  private final Pull pull;
  private final DuePull due;

  FollowedPull(SseEmitter stream, Pull pull, DuePull due) {
    super(stream);
    this.pull = pull;
    this.due = due;
  }

  /** What is pulled, and by what. */
  record Begun(String wrench, DuePull due) {}

  /**
   * How it ended.
   *
   * @param words what that means
   * @param typed the reading in {@code unit}; null where there is none
   * @param curve torque over angle, to be said with the reading; null where there is none
   * @param says what is to be said of it; null where nothing is
   * @param movedDeg how far it moved that was only tried; null where it did not
   */
  record Ended(
      Pull.End end,
      String words,
      @Nullable String typed,
      TorqueUnit unit,
      @Nullable String curve,
      @Nullable EventKind says,
      @Nullable String movedDeg) {}

  @Override
  Optional<Sample> next() {
    return pull.next();
  }

  @Override
  int atMs(Sample sample) {
    return sample.atMs();
  }

  @Override
  Curve.Point told(Sample sample) {
    return new Curve.Point(sample.angleDeg(), sample.torqueNm());
  }

  @Override
  Ended ended(List<Sample> all) {
    Pull.End end = pull.end();
    if (!end.isReading()) {
      return new Ended(end, end.words(), null, due.unit(), null, null, null);
    }
    Curve curve = Curve.of(all);
    if (due.tried()) {
      TriedPull tried = TriedPull.of(curve, due.settingNm());
      return new Ended(
          end,
          end.words(),
          null,
          due.unit(),
          curve.written(),
          tried.moved() ? EventKind.MOVED : EventKind.HELD,
          tried.moved() ? Figure.rounded(tried.movedDeg(), 0) : null);
    }
    return new Ended(
        end,
        end.words(),
        Figure.rounded(curve.peakNm() / due.unit().newtonMetres(), 2),
        due.unit(),
        curve.written(),
        EventKind.READING,
        null);
  }
}
