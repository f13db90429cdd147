package app.unimetric.core.bench;

import app.unimetric.core.device.Curve;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.DecimalText;
import app.unimetric.core.quantity.Torque;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.recheck.MovedCause;
import org.jspecify.annotations.Nullable;

/** What is written and typed at the bench, read and held to its bounds. */
final class Texts {
  static final String SAY_WHY = "is missing: say why in a few words.";
  private static final int LONGEST_REASON = 1000;
  private static final double MOST_LIMIT = 1_000_000;

  private Texts() {}

  /** Words that must be there. */
  static void needed(@Nullable String reason, String missing) {
    new Problems().require(reason != null && !reason.isBlank(), "reason", missing).orThrow();
    bounded(reason);
  }

  /** Words that may be there. */
  static void bounded(@Nullable String reason) {
    new Problems()
        .require(
            reason == null || reason.length() <= LONGEST_REASON,
            "reason",
            "is longer than 1 000 characters; say it shorter.")
        .orThrow();
  }

  /** A torque as typed, N·m. */
  static double torqueNm(String typed, @Nullable TorqueUnit unit) {
    TypedReading read = TypedReading.parse(typed, unit);
    new Problems()
        .positive(read.value(), Torque.MAX_NM / read.unit().newtonMetres(), "typed")
        .orThrow();
    return Torque.of(read.value(), read.unit()).newtonMetres();
  }

  /** A limit as typed off the part; null where none was. */
  static @Nullable Double limit(@Nullable String typed) {
    if (typed == null || typed.isBlank()) {
      return null;
    }
    double read = DecimalText.parse(typed, "limit");
    new Problems().within(read, -MOST_LIMIT, MOST_LIMIT, "limit").orThrow();
    return read;
  }

  /** A curve that can be read. */
  static void curve(@Nullable String written) {
    if (written != null) {
      Curve.parse(written);
    }
  }

  /** How a fastener moved; null where no cause is said. */
  static @Nullable MovedFastener how(
      @Nullable MovedCause cause, @Nullable String angleDeg, @Nullable String gripMm) {
    return cause == null ? null : MovedFastener.parse(cause, angleDeg, gripMm);
  }
}
