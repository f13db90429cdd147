package app.unimetric.core.fit;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.why.Derivation;
import app.unimetric.core.why.Why;
import java.util.List;

/**
 * What lowering or raising one end of a motorcycle does to how it steers.
 *
 * @param dropMm by how much that end comes down; negative where it goes up
 * @param pitchDeg by how much the machine is turned, whichever way
 * @param rakeDeg of the steering head afterwards, from the vertical
 * @param trailMm afterwards
 * @param trailChangeMm after less before
 */
public record RideHeight(
    double dropMm,
    double pitchDeg,
    double rakeDeg,
    double trailMm,
    double trailChangeMm,
    List<String> reasons,
    List<Derivation> derivation) {
  private static final String SOURCE = "geometry of the steering head";
  private static final double MOST_MM = 5000;
  private static final double MOST_CHANGE_MM = 200;
  private static final double MOST_RATIO = 6;
  private static final double SMALL_TRAIL_MM = 80;

  /** Which end. */
  public enum End {
    REAR,
    FRONT
  }

  /**
   * How it stands before.
   *
   * @param forkOffsetMm of the axle from the line through the steering head
   * @param frontTyreRadiusMm loaded, to the ground
   */
  public record Before(
      double wheelbaseMm, double rakeDeg, double forkOffsetMm, double frontTyreRadiusMm) {
    public Before {
      new Problems()
          .within(wheelbaseMm, 500, MOST_MM, "wheelbaseMm")
          .within(rakeDeg, 5, 60, "rakeDeg")
          .within(forkOffsetMm, -200, 300, "forkOffsetMm")
          .within(frontTyreRadiusMm, 100, 600, "frontTyreRadiusMm")
          .orThrow();
    }

    private double trailMm(double rake) {
      double epsilon = Math.toRadians(rake);
      return (frontTyreRadiusMm * Math.sin(epsilon) - forkOffsetMm) / Math.cos(epsilon);
    }
  }

  /**
   * The rear is changed at the shock.
   *
   * @param eyeOffsetMm by how much its eye comes nearer; negative to raise the end
   * @param motionRatio wheel travel for shock travel
   */
  public static RideHeight rear(Before before, double eyeOffsetMm, double motionRatio) {
    new Problems()
        .within(eyeOffsetMm, -MOST_CHANGE_MM, MOST_CHANGE_MM, "eyeOffsetMm")
        .positive(motionRatio, MOST_RATIO, "motionRatio")
        .orThrow();
    return of(
        before,
        End.REAR,
        eyeOffsetMm * motionRatio,
        new Derivation("Δh", eyeOffsetMm * motionRatio, "mm", "eye offset · motion ratio", SOURCE));
  }

  /**
   * The front is changed at the clamps.
   *
   * @param forkSlideMm by how much the tubes are slid up through them; negative to raise the end
   */
  public static RideHeight front(Before before, double forkSlideMm) {
    new Problems().within(forkSlideMm, -MOST_CHANGE_MM, MOST_CHANGE_MM, "forkSlideMm").orThrow();
    double drop = forkSlideMm * Math.cos(Math.toRadians(before.rakeDeg()));
    return of(before, End.FRONT, drop, new Derivation("Δh", drop, "mm", "slide · cos ε", SOURCE));
  }

  private static RideHeight of(Before before, End end, double drop, Derivation how) {
    double pitch = Math.toDegrees(Math.atan(drop / before.wheelbaseMm()));
    double rake = before.rakeDeg() + (end == End.REAR ? pitch : -pitch);
    double trail = before.trailMm(rake);
    double change = trail - before.trailMm(before.rakeDeg());
    Why why =
        new Why()
            .add(List.of(how))
            .derive("θ", Math.abs(pitch), "°", "atan(Δh/wheelbase)", SOURCE)
            .derive("ε", rake, "°", end == End.REAR ? "ε + θ" : "ε − θ", SOURCE)
            .derive("n", trail, "mm", "(R·sin ε − offset)/cos ε", SOURCE)
            .derive("Δn", change, "mm", "after − before", SOURCE);
    String way =
        change < 0
            ? "less trail: quicker, and less steady"
            : "more trail: steadier, and slower to turn";
    why.because(
        Figure.fixed(Math.abs(change), 1)
            + " mm "
            + (change == 0 ? "of trail: it steers as before." : way + "."));
    if (trail < SMALL_TRAIL_MM) {
      why.because(
          "Only "
              + Figure.fixed(trail, 0)
              + " mm of trail are left: it may shake its head. Change the other end along with it.");
    }
    why.because(
        "Measure with the rider's weight on it, and look at full bump for what comes near: tyre,"
            + " mudguard, chain, exhaust, brake hose.");
    return new RideHeight(
        drop, Math.abs(pitch), rake, trail, change, why.reasons(), why.derivation());
  }
}
