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
 * @param inShort with what the lengths may be wrong by
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
    FitVerdict inShort,
    List<String> fails,
    List<String> reasons,
    List<Derivation> derivation)
    implements Judged {
  private static final String SOURCE = "geometry of the steering head";
  private static final double MOST_MM = 5000;
  private static final double MOST_CHANGE_MM = 200;
  private static final double MOST_RATIO = 6;
  private static final double SMALL_TRAIL_MM = 80;
  private static final double MOST_UNCERTAINTY_MM = 20;

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
   * @param measuredToMm by how much each length may be wrong, either way
   */
  public record Asked(
      SideStand.@Nullable Now stand, SideView.@Nullable Chassis chassis, double measuredToMm) {
    /** Rake and trail alone. */
    public static final Asked NOTHING = new Asked(null, null, 0);
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
        new Change(End.REAR, eyeOffsetMm, motionRatio),
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
    Change made = new Change(End.FRONT, forkSlideMm, Math.cos(Math.toRadians(before.rakeDeg())));
    return of(
        before, made, asked, new Derivation("Δh", made.dropMm(), "mm", "slide · cos ε", SOURCE));
  }

  /**
   * What is changed.
   *
   * @param amountMm at the eye of the shock, or of the tubes in their clamps
   * @param ratio of the drop of that end to it
   */
  record Change(End end, double amountMm, double ratio) {
    double dropMm() {
      return amountMm * ratio;
    }

    double slideMm() {
      return end == End.FRONT ? amountMm : 0;
    }
  }

  private static RideHeight of(Before before, Change made, Asked asked, Derivation how) {
    new Problems().within(asked.measuredToMm(), 0, MOST_UNCERTAINTY_MM, "measuredToMm").orThrow();
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
    RideSpread spread = RideSpread.of(before, made, asked);
    FitVerdict verdict = steering(trail, change, spread.trailMm(), fails, why);
    SideStand stand =
        asked.stand() == null
            ? null
            : SideStand.after(asked.stand(), made.end(), drop, before.wheelbaseMm());
    if (stand != null) {
      verdict = verdict.and(standing(stand, spread.leanDeg(), fails, why));
    }
    SideView.Chassis chassis = asked.chassis();
    SideView view = null;
    if (chassis != null) {
      view = SideView.of(before, chassis, made.end(), drop, made.slideMm());
      verdict =
          verdict.and(lying(view, chassis.leastClearanceMm(), spread.clearanceMm(), fails, why));
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
        verdict,
        List.copyOf(fails),
        why.reasons(),
        why.derivation());
  }

  private static FitVerdict steering(
      double trail, double change, double uncertainty, List<String> fails, Why why) {
    String way =
        change < 0
            ? "less trail: quicker, and less steady"
            : "more trail: steadier, and slower to turn";
    why.because(
        Figure.fixed(Math.abs(change), 1)
            + " mm "
            + (change == 0 ? "of trail: it steers as before." : way + "."));
    FitVerdict found = FitWindow.atLeast(SMALL_TRAIL_MM).judge(trail, uncertainty);
    if (found != FitVerdict.FITS) {
      fails.add("trailMm");
      why.first(
          found == FitVerdict.TOO_CLOSE
              ? "Too close to call whether enough trail is left: measure better, above all offset and"
                  + " tyre."
              : "Only "
                  + Figure.fixed(trail, 0)
                  + " mm of trail are left: it may shake its head. Change the other end along with"
                  + " it.");
    }
    return found;
  }

  private static FitVerdict standing(
      SideStand stand, double uncertainty, List<String> fails, Why why) {
    why.derive("λ", stand.leanDeg(), "°", "atan(tan λ₀ − drop at the foot/reach)", "rigid machine");
    String lean = Figure.fixed(stand.leanDeg(), 1) + "°";
    FitVerdict found = SideStand.SAFE.judge(stand.leanDeg(), uncertainty);
    if (found == FitVerdict.FITS) {
      why.because("On its side stand it leans by " + lean + ".");
    } else {
      fails.add("standLeanDeg");
      why.first(
          found == FitVerdict.TOO_CLOSE
              ? "Too close to call whether it leans enough on its side stand: measure the foot better."
              : stand.leanDeg() < SideStand.LEAST_LEAN_DEG
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
    return found;
  }

  private static FitVerdict lying(
      SideView view, @Nullable Double leastMm, double uncertainty, List<String> fails, Why why) {
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
    if (lowest == null) {
      return FitVerdict.FITS;
    }
    double least = leastMm == null ? 0 : leastMm;
    FitVerdict found = FitWindow.atLeast(least).judge(lowest.yMm(), uncertainty);
    String left = Figure.fixed(Math.max(lowest.yMm(), 0), 0) + " mm are left below its lowest part";
    if (found == FitVerdict.FITS) {
      why.because(left + ".");
    } else {
      fails.add("clearanceMm");
      why.first(
          found == FitVerdict.TOO_CLOSE
              ? "Too close to call whether enough is left below its lowest part: measure it better."
              : left + ", " + Figure.typed(least) + " mm are wanted.");
    }
    return found;
  }
}
