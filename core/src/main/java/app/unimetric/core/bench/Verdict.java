package app.unimetric.core.bench;

import app.unimetric.core.pack.Measure;
import app.unimetric.core.quantity.TorqueBand;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** What a reading or confirmation comes to. */
public enum Verdict {
  DONE,
  INSIDE,
  BELOW,
  ABOVE,
  HELD,
  MOVED,
  /** As it should be. */
  GOOD,
  /** Not as it should be. */
  BAD,
  /** It was not, and was put right or replaced. */
  PUT_RIGHT;

  /** The verdict on a reading; without a band nothing is judged. */
  public static Verdict of(double torqueNm, @Nullable TorqueBand band) {
    if (band == null) {
      return DONE;
    }
    return band.contains(torqueNm) ? INSIDE : torqueNm < band.minNm() ? BELOW : ABOVE;
  }

  /** The verdict on something measured or looked at. */
  static Verdict of(Measure.Judged judged) {
    return switch (judged) {
      case NOTED -> DONE;
      case WITHIN -> INSIDE;
      case BELOW -> BELOW;
      case ABOVE -> ABOVE;
    };
  }

  /** The verdict on a look or a check: what a figure says stands above what a person says. */
  static Verdict of(Finding finding, Measure.Judged judged) {
    if (judged == Measure.Judged.BELOW || judged == Measure.Judged.ABOVE) {
      return of(judged);
    }
    return switch (finding) {
      case GOOD -> GOOD;
      case BAD -> BAD;
      case PUT_RIGHT -> PUT_RIGHT;
    };
  }

  public boolean isDeviation() {
    return this == BELOW || this == ABOVE || this == BAD;
  }

  /** What a look came to, in words. */
  String words() {
    return switch (this) {
      case GOOD -> "as it should be";
      case BAD -> "not as it should be";
      case PUT_RIGHT -> "put right";
      default -> name().toLowerCase(Locale.ROOT);
    };
  }
}
