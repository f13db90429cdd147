package app.unimetric.core.device;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Torque;
import java.util.List;

/**
 * What a pull at a fastener tells that was tight already. Until it moves only bolt and wrench wind
 * up, in step with the torque; what it turned beyond that by the time the wrench gave way, it
 * moved.
 *
 * @param movedDeg degrees beyond winding up, 0 or more
 * @param moved whether that is more than a hand and a wrench account for
 */
public record TriedPull(double movedDeg, boolean moved) {
  /** Less than this is the spread of wrench and hand, degrees: our own choice. */
  public static final double MOVED_FROM_DEG = 2;

  private static final double WINDS_UP_FROM = 0.1;
  private static final double WINDS_UP_TO = 0.6;

  /**
   * @param settingNm what the wrench was set to, N·m
   */
  public static TriedPull of(Curve curve, double settingNm) {
    new Problems().positive(settingNm, Torque.MAX_NM, "settingNm").orThrow();
    double reached = Math.min(settingNm, curve.peakNm());
    double turned = reached < settingNm ? curve.end().angleDeg() : curve.angleAtDeg(settingNm);
    double moved = Math.max(turned - reached * degreesPerNm(curve, settingNm), 0);
    return new TriedPull(moved, moved >= MOVED_FROM_DEG);
  }

  /** Of winding up: the line through nothing that fits its first part best. */
  private static double degreesPerNm(Curve curve, double settingNm) {
    List<Curve.Point> windingUp =
        curve.points().stream()
            .takeWhile(p -> p.torqueNm() <= WINDS_UP_TO * settingNm)
            .filter(p -> p.torqueNm() >= WINDS_UP_FROM * settingNm)
            .toList();
    if (windingUp.isEmpty()) {
      windingUp =
          curve.points().stream()
              .filter(p -> p.torqueNm() >= WINDS_UP_FROM * settingNm)
              .limit(1)
              .toList();
    }
    double squares = windingUp.stream().mapToDouble(p -> p.torqueNm() * p.torqueNm()).sum();
    return squares == 0
        ? 0
        : windingUp.stream().mapToDouble(p -> p.torqueNm() * p.angleDeg()).sum() / squares;
  }
}
