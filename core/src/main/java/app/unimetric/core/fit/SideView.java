package app.unimetric.core.fit;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import org.jspecify.annotations.Nullable;

/**
 * A motorcycle seen from its right side before and after one end is changed, by exact rotation: the
 * axle is moved in the frame, along the arc of the swingarm or along the fork, and the machine set
 * down on both wheels again. Millimetres from the rear axle's foot, forwards and up.
 */
public record SideView(State before, State after) {
  private static final double MOST_MM = 3000;

  /** A point; in the frame of the ground. */
  public record Point(double xMm, double yMm) {
    private Point less(Point o) {
      return new Point(xMm - o.xMm, yMm - o.yMm);
    }

    private Point plus(double x, double y) {
      return new Point(xMm + x, yMm + y);
    }

    private double length() {
      return Math.hypot(xMm, yMm);
    }

    private Point turned(double radians) {
      double cos = Math.cos(radians);
      double sin = Math.sin(radians);
      return new Point(xMm * cos - yMm * sin, xMm * sin + yMm * cos);
    }
  }

  /**
   * What the ride height alone does not need.
   *
   * @param pivotHeightMm of the swingarm's pivot above the ground
   * @param lowest what comes nearest to the ground; null where that is not asked
   * @param leastClearanceMm wanted below it; null for none
   */
  public record Chassis(
      double rearTyreRadiusMm,
      double swingarmLengthMm,
      double pivotHeightMm,
      @Nullable Point lowest,
      @Nullable Double leastClearanceMm) {
    public Chassis {
      Problems problems =
          new Problems()
              .within(rearTyreRadiusMm, 100, 600, "chassis.rearTyreRadiusMm")
              .within(swingarmLengthMm, 200, 1200, "chassis.swingarmLengthMm")
              .within(pivotHeightMm, 100, 1000, "chassis.pivotHeightMm")
              .require(
                  !(Math.abs(pivotHeightMm - rearTyreRadiusMm) >= swingarmLengthMm),
                  "chassis.pivotHeightMm",
                  "is further from the axle's height than the swingarm is long.");
      if (lowest != null) {
        problems
            .within(lowest.xMm(), -500, MOST_MM, "chassis.lowest.xMm")
            .within(lowest.yMm(), 1, 1000, "chassis.lowest.yMm");
      }
      if (leastClearanceMm != null) {
        problems.within(leastClearanceMm, 0, 500, "chassis.leastClearanceMm");
      }
      problems.orThrow();
    }
  }

  /**
   * How it stands.
   *
   * @param head a point of the steering axis at its height above the front axle
   * @param rakeDeg of the steering axis from the vertical
   * @param swingarmDeg of the swingarm below level, towards the rear axle
   * @param lowest null where it is not asked
   */
  public record State(
      Point rearAxle,
      Point pivot,
      Point frontAxle,
      Point head,
      @Nullable Point lowest,
      double wheelbaseMm,
      double rakeDeg,
      double trailMm,
      double swingarmDeg) {}

  /** Points as they lie in the frame, whatever the frame stands on. */
  private record InFrame(
      Point rear, Point pivot, Point front, Point head, @Nullable Point lowest) {}

  /**
   * @param dropMm by how much the rear axle rises towards the frame; at the front by how much that
   *     end comes down at the clamps
   * @param slideMm of the fork in its clamps; 0 where the rear is changed
   */
  static SideView of(
      RideHeight.Before b, Chassis c, RideHeight.End end, double dropMm, double slideMm) {
    double swingX = Math.sqrt(square(c.swingarmLengthMm()) - square(up(c)));
    double rake = Math.toRadians(b.rakeDeg());
    Point rear = new Point(0, c.rearTyreRadiusMm());
    Point front = new Point(b.wheelbaseMm(), b.frontTyreRadiusMm());
    Point onAxis =
        front.plus(-b.forkOffsetMm() * Math.cos(rake), -b.forkOffsetMm() * Math.sin(rake));
    double fork = 0.45 * b.wheelbaseMm();
    Point head = onAxis.plus(-fork * Math.sin(rake), fork * Math.cos(rake));
    Point pivot = new Point(swingX, c.pivotHeightMm());
    InFrame stood = new InFrame(rear, pivot, front, head, c.lowest());
    InFrame moved =
        end == RideHeight.End.REAR
            ? new InFrame(raised(c, pivot, dropMm), pivot, front, head, c.lowest())
            : new InFrame(
                rear,
                pivot,
                front.plus(-slideMm * Math.sin(rake), slideMm * Math.cos(rake)),
                head,
                c.lowest());
    return new SideView(down(stood, b, c), down(moved, b, c));
  }

  private static double up(Chassis c) {
    return c.pivotHeightMm() - c.rearTyreRadiusMm();
  }

  private static Point raised(Chassis c, Point pivot, double dropMm) {
    double below = up(c) - dropMm;
    if (Math.abs(below) >= c.swingarmLengthMm()) {
      throw InvalidInput.at(
          "eyeOffsetMm", "moves the axle further than the swingarm reaches; check the ratio.");
    }
    return pivot.plus(-Math.sqrt(square(c.swingarmLengthMm()) - square(below)), -below);
  }

  /** Sets the frame down on both wheels. */
  private static State down(InFrame f, RideHeight.Before b, Chassis c) {
    Point between = f.front().less(f.rear());
    double unlike = c.rearTyreRadiusMm() - b.frontTyreRadiusMm();
    double ground = Math.atan2(between.yMm(), between.xMm()) + Math.asin(unlike / between.length());
    double rake = b.rakeDeg() - Math.toDegrees(ground);
    Point lowest = f.lowest();
    Point pivot = placed(f.pivot(), f, ground, c);
    return new State(
        placed(f.rear(), f, ground, c),
        pivot,
        placed(f.front(), f, ground, c),
        placed(f.head(), f, ground, c),
        lowest == null ? null : placed(lowest, f, ground, c),
        Math.sqrt(square(between.length()) - square(unlike)),
        rake,
        b.trailMm(rake),
        Math.toDegrees(Math.asin((pivot.yMm() - c.rearTyreRadiusMm()) / c.swingarmLengthMm())));
  }

  private static Point placed(Point p, InFrame f, double ground, Chassis c) {
    return p.less(f.rear()).turned(-ground).plus(0, c.rearTyreRadiusMm());
  }

  private static double square(double x) {
    return x * x;
  }
}
