package app.unimetric.core.fit;

import app.unimetric.core.problem.Problems;
import org.jspecify.annotations.Nullable;

/**
 * How a machine stands on its stands once it is lower or higher.
 *
 * @param leanDeg on the side stand
 * @param liftMm of the rear wheel on the centre stand; null where it has none
 */
public record SideStand(double leanDeg, @Nullable Double liftMm) {
  /** Leaning less it falls to the other side at a push. */
  public static final double LEAST_LEAN_DEG = 5;

  /** Leaning more it is heavy to right, and its stand sinks in. */
  public static final double MOST_LEAN_DEG = 18;

  static final FitWindow SAFE = new FitWindow(LEAST_LEAN_DEG, MOST_LEAN_DEG);
  private static final double MOST_MM = 2000;

  /**
   * How it stands now.
   *
   * @param reachMm from the middle plane of the machine out to the foot
   * @param leanDeg now
   * @param fromRearAxleMm along the machine to the foot
   * @param liftMm of the rear wheel on the centre stand; null where it has none
   */
  public record Now(
      double reachMm, double leanDeg, double fromRearAxleMm, @Nullable Double liftMm) {
    public Now {
      Problems problems =
          new Problems()
              .within(reachMm, 50, 800, "stand.reachMm")
              .within(leanDeg, 1, 45, "stand.leanDeg")
              .within(fromRearAxleMm, 0, MOST_MM, "stand.fromRearAxleMm");
      if (liftMm != null) {
        problems.within(liftMm, 0, 300, "stand.liftMm");
      }
      problems.orThrow();
    }
  }

  /**
   * The machine leans until the foot meets the ground: tan λ = height of the foot held upright /
   * its reach, and that height goes down with the machine above it.
   *
   * @param dropMm of the end that is changed
   * @param wheelbaseMm between the axles
   */
  static SideStand after(Now now, RideHeight.End end, double dropMm, double wheelbaseMm) {
    double along = Math.min(now.fromRearAxleMm() / wheelbaseMm, 1);
    double atFoot = dropMm * (end == RideHeight.End.REAR ? 1 - along : along);
    double foot = Math.tan(Math.toRadians(now.leanDeg())) - atFoot / now.reachMm();
    Double lift = now.liftMm();
    // On the centre stand the frame hangs where it hung; only the wheel comes nearer to it.
    return new SideStand(
        Math.toDegrees(Math.atan(foot)),
        lift == null ? null : (Double) (end == RideHeight.End.REAR ? lift + dropMm : lift));
  }
}
