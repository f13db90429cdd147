package app.unimetric.core.bench;

import java.time.Duration;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A product setting on a joint: by when the joint must be at its final torque, and from when the
 * machine may be ridden.
 *
 * @param product what it is called on the shelf
 * @param wettedAt when it went on
 * @param finalBy last moment for the final torque; null when its sheet is not known
 * @param finalAt when the last fastener was at it; null while one is open
 * @param late whether it got there after the product had set: the joint is taken apart and done
 *     again
 * @param ridableFrom full cure after the final torque; null while that is open, when it came late,
 *     or when the sheet is not known
 * @param words what to know or do
 */
public record CureClock(
    String jointId,
    String title,
    String product,
    Instant wettedAt,
    @Nullable Instant finalBy,
    @Nullable Instant finalAt,
    boolean late,
    @Nullable Instant ridableFrom,
    String words) {

  static CureClock of(
      RunJoint joint, OnThread.Cure cure, Instant wettedAt, @Nullable Instant finalAt) {
    Instant finalBy = after(wettedAt, cure.fixtureMinutes());
    boolean late = finalAt != null && finalBy != null && finalAt.isAfter(finalBy);
    return new CureClock(
        joint.id(),
        joint.title(),
        cure.product(),
        wettedAt,
        finalBy,
        finalAt,
        late,
        finalAt == null || late ? null : after(finalAt, cure.fullCureMinutes()),
        words(cure, finalAt, late));
  }

  private static @Nullable Instant after(Instant from, @Nullable Double minutes) {
    return minutes == null ? null : from.plus(Duration.ofSeconds(Math.round(minutes * 60)));
  }

  private static String words(OnThread.Cure cure, @Nullable Instant finalAt, boolean late) {
    if (late) {
      return "Set before its final torque: take it apart, clean it, wet it again.";
    }
    if (cure.fixtureMinutes() == null || cure.fullCureMinutes() == null) {
      return "Its times are not on the shelf: use the maker's sheet.";
    }
    return finalAt == null ? "Sets while you work." : "Curing.";
  }
}
