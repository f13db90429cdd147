package app.unimetric.core.bench;

import app.unimetric.core.pack.Measure;
import app.unimetric.core.quantity.TorqueBand;
import org.jspecify.annotations.Nullable;

/** What a reading or confirmation comes to. */
public enum Verdict {
  DONE,
  INSIDE,
  BELOW,
  ABOVE,
  HELD,
  MOVED;

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

  public boolean isDeviation() {
    return this == BELOW || this == ABOVE;
  }
}
