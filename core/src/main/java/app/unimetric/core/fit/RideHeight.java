package app.unimetric.core.fit;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.why.Derivation;
import app.unimetric.core.why.Why;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What lowering or raising one end of a motorcycle does to how it steers.
 *
 * @param dropMm by how much that end comes down; negative where it goes up
 * @param pitchDeg by how much the machine is turned, whichever way
 * @param rakeDeg of the steering head afterwards, from the vertical
 * @param trailMm afterwards
 * @param trailChangeMm after less before
 * @param stand how it stands afterwards; null where that was not asked
 * @param view by exact rotation; null where the frame was not measured
 */
public record RideHeight(
    double dropMm,
    double pitchDeg,
    double rakeDeg,
    double trailMm,
    double trailChangeMm,
    @Nullable SideStand stand,
    @Nullable SideView view,
    List<String> fails,
    List<String> reasons,
    List<Derivation> derivation)
    implements Judged {
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

    double trailMm(double rake) {
      double epsilon = Math.toRadians(rake);
      return (frontTyreRadiusMm * Math.sin(epsilon) - forkOffsetMm) / Math.cos(epsilon);
    }
  }

  /**
   * What else is asked of it.
   *
   * @param stand null where its stands are not asked
   * @param chassis null where the frame was not measured
   */
  public record Asked(SideStand.@Nullable Now stand, SideView.@Nullable Chassis chassis) {
    /** Rake and trail alone. */
    public static final Asked NOTHING = new Asked(null, null);
  }

  /**
   * The rear is changed at the shock.
   *
   * @param eyeOffsetMm by how much its eye comes nearer; negative to raise the end
   * @param motionRatio wheel travel for shock travel
   */
  public static RideHeight rear(
      Before before, double eyeOffsetMm, double motionRatio, Asked asked) {
    new Problems()
        .within(eyeOffsetMm, -MOST_CHANGE_MM, MOST_CHANGE_MM, "eyeOffsetMm")
        .positive(motionRatio, MOST_RATIO, "motionRatio")
        .orThrow();
    return of(
        before,
        new Change(End.REAR, eyeOffsetMm * motionRatio, 0),
        asked,
        new Derivation("Δh", eyeOffsetMm * motionRatio, "mm", "eye offset · motion ratio", SOURCE));
  }

  /**
   * The front is changed at the clamps.
   *
   * @param forkSlideMm by how much the tubes are slid up through them; negative to raise the end
   */
  public static RideHeight front(Before before, double forkSlideMm, Asked asked) {
    new Problems().within(forkSlideMm, -MOST_CHANGE_MM, MOST_CHANGE_MM, "forkSlideMm").orThrow();
    double drop = forkSlideMm * Math.cos(Math.toRadians(before.rakeDeg()));
    return of(
        before,
        new Change(End.FRONT, drop, forkSlideMm),
        asked,
        new Derivation("Δh", drop, "mm", "slide · cos ε", SOURCE));
  }

  private record Change(End end, double dropMm, double slideMm) {}

  private static RideHeight of(Before before, Change made, Asked asked, Derivation how) {
    double drop = made.dropMm();
    double pitch = Math.toDegrees(Math.atan(drop / before.wheelbaseMm()));
    double rake = before.rakeDeg() + (made.end() == End.REAR ? pitch : -pitch);
    double trail = before.trailMm(rake);
    double change = trail - before.trailMm(before.rakeDeg());
    Why why =
        new Why()
            .add(List.of(how))
            .derive("θ", Math.abs(pitch), "°", "atan(Δh/wheelbase)", SOURCE)
            .derive("ε", rake, "°", made.end() == End.REAR ? "ε + θ" : "ε − θ", SOURCE)
            .derive("n", trail, "mm", "(R·sin ε − offset)/cos ε", SOURCE)
            .derive("Δn", change, "mm", "after − before", SOURCE);
    List<String> fails = new ArrayList<>();
    steering(trail, change, fails, why);
    SideStand stand =
        asked.stand() == null
            ? null
            : SideStand.after(asked.stand(), made.end(), drop, before.wheelbaseMm());
    if (stand != null) {
      standing(stand, fails, why);
    }
    SideView.Chassis chassis = asked.chassis();
    SideView view = null;
    if (chassis != null) {
      view = SideView.of(before, chassis, made.end(), drop, made.slideMm());
      lying(view, chassis.leastClearanceMm(), fails, why);
    }
    why.because(
        "Measure with the rider's weight on it, and look at full bump for what comes near: tyre,"
            + " mudguard, chain, exhaust, brake hose.");
    return new RideHeight(
        drop,
        Math.abs(pitch),
        rake,
        trail,
        change,
        stand,
        view,
        List.copyOf(fails),
        why.reasons(),
        why.derivation());
  }

  private static void steering(double trail, double change, List<String> fails, Why why) {
    String way =
        change < 0
            ? "less trail: quicker, and less steady"
            : "more trail: steadier, and slower to turn";
    why.because(
        Figure.fixed(Math.abs(change), 1)
            + " mm "
            + (change == 0 ? "of trail: it steers as before." : way + "."));
    if (trail < SMALL_TRAIL_MM) {
      fails.add("trailMm");
      why.first(
          "Only "
              + Figure.fixed(trail, 0)
              + " mm of trail are left: it may shake its head. Change the other end along with it.");
    }
  }

  private static void standing(SideStand stand, List<String> fails, Why why) {
    why.derive("λ", stand.leanDeg(), "°", "atan(tan λ₀ − drop at the foot/reach)", "rigid machine");
    String lean = Figure.fixed(stand.leanDeg(), 1) + "°";
    if (stand.holds()) {
      why.because("On its side stand it leans by " + lean + ".");
    } else {
      fails.add("standLeanDeg");
      why.first(
          stand.leanDeg() < SideStand.LEAST_LEAN_DEG
              ? "On its side stand it leans by "
                  + lean
                  + " only: a push puts it over to the other side. A shorter stand goes with it."
              : "On its side stand it leans by "
                  + lean
                  + ": it is heavy to right. A longer stand, or a wider foot, goes with it.");
    }
    if (stand.liftMm() != null) {
      why.because(
          "On its centre stand the rear wheel is "
              + Figure.fixed(stand.liftMm(), 0)
              + " mm off the ground"
              + (stand.liftMm() < 0 ? ": it stands on the wheel, not on the stand." : "."));
    }
  }

  private static void lying(SideView view, @Nullable Double leastMm, List<String> fails, Why why) {
    SideView.State after = view.after();
    why.derive("ε exact", after.rakeDeg(), "°", "set down on both wheels", "rigid bodies")
        .derive("n exact", after.trailMm(), "mm", "(R·sin ε − offset)/cos ε", SOURCE)
        .derive("α", after.swingarmDeg(), "°", "asin((pivot − axle)/swingarm)", "rigid bodies");
    why.because(
        "The swingarm falls to its axle by "
            + Figure.fixed(after.swingarmDeg(), 1)
            + "°, "
            + Figure.fixed(view.before().swingarmDeg(), 1)
            + "° before; look at the chain's run and slack.");
    SideView.Point lowest = after.lowest();
    if (lowest != null) {
      double least = leastMm == null ? 0 : leastMm;
      boolean clear = lowest.yMm() >= least;
      String left =
          Figure.fixed(Math.max(lowest.yMm(), 0), 0) + " mm are left below its lowest part";
      if (clear) {
        why.because(left + ".");
      } else {
        fails.add("clearanceMm");
        why.first(left + ", " + Figure.typed(least) + " mm are wanted.");
      }
    }
  }

  @Override
  public FitVerdict inShort() {
    return FitVerdict.of(fails.isEmpty());
  }
}
