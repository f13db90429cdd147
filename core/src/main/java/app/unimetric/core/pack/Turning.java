package app.unimetric.core.pack;

import app.unimetric.core.fastener.Castellation;
import org.jspecify.annotations.Nullable;

/**
 * How a fastener is reached and turned.
 *
 * @param end which end of it is turned
 * @param counterHold what holds the other end; null when nothing does
 * @param access what is in the way; null when nothing is
 * @param usedOnce whether the fastener or its nut is renewed each time
 * @param minutes for all fasteners of the joint; 0 when not stated
 * @param tried whether it is only tried at its target as it is, without coming loose
 * @param castellation slots and holes a pinned nut is turned on to; null for the usual
 * @param leftAtNm what that target is where no value says it: the torque at which it held, N·m
 * @param setToCheck what must be felt where it is turned until its check is good; null elsewhere
 */
public record Turning(
    Turn end,
    @Nullable String counterHold,
    @Nullable String access,
    boolean usedOnce,
    double minutes,
    boolean tried,
    @Nullable Castellation castellation,
    @Nullable Double leftAtNm,
    @Nullable SetToCheck setToCheck) {

  /** Whether it is turned until its check is good, with no torque to be looked up. */
  public boolean isSetByCheckAlone() {
    return setToCheck != null && setToCheck.drawTo() == null;
  }
}
