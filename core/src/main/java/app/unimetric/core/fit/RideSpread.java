package app.unimetric.core.fit;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * By how much what a change of ride height comes to may be wrong: each length is taken to be off by
 * what it was measured to, one after the other, and what that does is added up.
 *
 * @param leanDeg 0 where the stand was not asked
 * @param clearanceMm 0 where nothing was looked at
 */
record RideSpread(double trailMm, double leanDeg, double clearanceMm) {
  /** All that was measured. */
  private record Lengths(RideHeight.Before before, RideHeight.Change made, RideHeight.Asked asked) {
    RideSpread figures() {
      SideStand.Now stand = asked.stand();
      SideView.Chassis chassis = asked.chassis();
      double wheelbase = before.wheelbaseMm();
      double pitch = Math.toDegrees(Math.atan(made.dropMm() / wheelbase));
      double rake = before.rakeDeg() + (made.end() == RideHeight.End.REAR ? pitch : -pitch);
      return new RideSpread(
          before.trailMm(rake),
          stand == null
              ? 0
              : SideStand.after(stand, made.end(), made.dropMm(), wheelbase).leanDeg(),
          chassis == null ? 0 : lowestMm(chassis));
    }

    private double lowestMm(SideView.Chassis chassis) {
      SideView.Point lowest =
          SideView.of(before, chassis, made.end(), made.dropMm(), made.slideMm()).after().lowest();
      return lowest == null ? 0 : lowest.yMm();
    }

    /** The same with each length off in turn. */
    List<Lengths> eachOff(double u) {
      List<Lengths> off = new ArrayList<>();
      off.add(with(before(u, 0, 0)));
      off.add(with(before(0, u, 0)));
      off.add(with(before(0, 0, u)));
      RideHeight.Change c = made;
      off.add(
          new Lengths(before, new RideHeight.Change(c.end(), c.amountMm() + u, c.ratio()), asked));
      SideStand.Now s = asked.stand();
      if (s != null) {
        off.add(with(new SideStand.Now(s.reachMm() + u, s.leanDeg(), s.fromRearAxleMm(), null)));
        off.add(with(new SideStand.Now(s.reachMm(), s.leanDeg(), s.fromRearAxleMm() + u, null)));
      }
      SideView.Chassis f = asked.chassis();
      if (f != null) {
        frames(f, u).forEach(frame -> off.add(with(frame)));
      }
      return off;
    }

    private RideHeight.Before before(double base, double offset, double tyre) {
      return new RideHeight.Before(
          before.wheelbaseMm() + base,
          before.rakeDeg(),
          before.forkOffsetMm() + offset,
          before.frontTyreRadiusMm() + tyre);
    }

    private static List<SideView.Chassis> frames(SideView.Chassis f, double u) {
      SideView.Point p = f.lowest();
      List<SideView.Chassis> off =
          new ArrayList<>(
              List.of(frame(f, u, 0, 0, p), frame(f, 0, u, 0, p), frame(f, 0, 0, u, p)));
      if (p != null) {
        off.add(frame(f, 0, 0, 0, new SideView.Point(p.xMm() + u, p.yMm())));
        off.add(frame(f, 0, 0, 0, new SideView.Point(p.xMm(), p.yMm() + u)));
      }
      return off;
    }

    private static SideView.Chassis frame(
        SideView.Chassis f, double radius, double arm, double pivot, SideView.@Nullable Point p) {
      return new SideView.Chassis(
          f.rearTyreRadiusMm() + radius,
          f.swingarmLengthMm() + arm,
          f.pivotHeightMm() + pivot,
          p,
          f.leastClearanceMm());
    }

    private Lengths with(RideHeight.Before changed) {
      return new Lengths(changed, made, asked);
    }

    private Lengths with(SideStand.Now changed) {
      return new Lengths(
          before, made, new RideHeight.Asked(changed, asked.chassis(), asked.measuredToMm()));
    }

    private Lengths with(SideView.Chassis changed) {
      return new Lengths(
          before, made, new RideHeight.Asked(asked.stand(), changed, asked.measuredToMm()));
    }
  }

  static RideSpread of(RideHeight.Before before, RideHeight.Change made, RideHeight.Asked asked) {
    RideSpread sum = new RideSpread(0, 0, 0);
    if (asked.measuredToMm() == 0) {
      return sum;
    }
    Lengths measured = new Lengths(before, made, asked);
    RideSpread at = measured.figures();
    for (Lengths off : measured.eachOff(asked.measuredToMm())) {
      RideSpread there = off.figures();
      sum =
          new RideSpread(
              sum.trailMm + Math.abs(there.trailMm - at.trailMm),
              sum.leanDeg + Math.abs(there.leanDeg - at.leanDeg),
              sum.clearanceMm + Math.abs(there.clearanceMm - at.clearanceMm));
    }
    return sum;
  }
}
