package app.unimetric.core.fastener;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.why.Derivation;
import app.unimetric.core.why.Why;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Whether a bolt is long enough, and not too long. Lengths in mm, from under the head.
 *
 * @param protrusionMm past the nut; null in a blind hole
 * @param engagementMm full thread in a blind hole, without countersink and one pitch of tip; null
 *     with a nut
 * @param clearanceMm from the tip to what is behind it; null when that was not stated
 * @param fits whether it is long enough and clear
 * @param shortestMm shortest bolt that will do
 * @param longestMm longest one worth taking: three pitches past the nut, or clear of what is behind
 */
public record BoltLength(
    @Nullable Double protrusionMm,
    @Nullable Double engagementMm,
    @Nullable Double clearanceMm,
    boolean fits,
    double shortestMm,
    double longestMm,
    List<String> reasons,
    List<Derivation> derivation) {
  private static final String SOURCE = "workshop rule";
  private static final double MOST_MM = 2000;
  private static final double ROUNDING_MM = 1e-9;

  /** What lies between the head and the thread that takes it. */
  public record Stack(double gripMm, double washersMm, double pitchMm, double lengthMm) {
    public Stack {
      new Problems()
          .within(gripMm, 0, MOST_MM, "gripMm")
          .within(washersMm, 0, MOST_MM, "washersMm")
          .positive(pitchMm, 10, "pitchMm")
          .positive(lengthMm, MOST_MM, "lengthMm")
          .orThrow();
    }

    double underHeadMm() {
      return gripMm + washersMm;
    }
  }

  /**
   * A bolt through to a nut: at least one pitch past it.
   *
   * @param nutHeightMm including a nylon insert
   * @param clearanceBehindMm from the nut's bearing face to what is behind; null when free
   * @param marginMm to keep from it; null for none
   */
  public static BoltLength through(
      Stack bolt,
      double nutHeightMm,
      boolean insertNut,
      @Nullable Double clearanceBehindMm,
      @Nullable Double marginMm) {
    double margin = marginMm == null ? 0 : marginMm;
    Problems problems =
        new Problems()
            .positive(nutHeightMm, MOST_MM, "nutHeightMm")
            .within(margin, 0, MOST_MM, "marginMm");
    if (clearanceBehindMm != null) {
      problems.within(clearanceBehindMm, 0, MOST_MM, "clearanceBehindMm");
    }
    problems.orThrow();
    double seat = bolt.underHeadMm() + nutHeightMm;
    double protrusion = bolt.lengthMm() - seat;
    double shortest = seat + bolt.pitchMm();
    double longest = seat + 3 * bolt.pitchMm();
    Double clearance =
        clearanceBehindMm == null
            ? null
            : (Double) (clearanceBehindMm - (bolt.lengthMm() - bolt.underHeadMm()));
    if (clearanceBehindMm != null) {
      longest = Math.min(longest, bolt.underHeadMm() + clearanceBehindMm - margin);
    }
    boolean reaches = protrusion >= bolt.pitchMm() - ROUNDING_MM;
    boolean clear = clearance == null || clearance >= margin - ROUNDING_MM;
    Why why =
        new Why()
            .derive("s", protrusion, "mm", "l − grip − washers − nut", SOURCE)
            .derive("l_min", shortest, "mm", "grip + washers + nut + P", SOURCE)
            .derive("l_max", longest, "mm", "grip + washers + nut + 3·P, or clear behind", SOURCE);
    if (!reaches) {
      why.because(
          insertNut
              ? "Too short: the insert holds only when at least one full thread stands past it."
              : "Too short: at least one thread must stand past the nut.");
    }
    if (!clear) {
      why.because("Too long: the tip comes too near to what is behind it.");
    }
    if (reaches && clear) {
      why.because(
          protrusion > 3 * bolt.pitchMm() + ROUNDING_MM
              ? "Long enough; more than three threads stand past the nut, a shorter bolt would do."
              : "Long enough, and no longer than it need be.");
    }
    if (shortest > longest + ROUNDING_MM) {
      why.because("No length fits here: change the washers, or make room behind.");
    }
    return new BoltLength(
        protrusion,
        null,
        clearance,
        reaches && clear,
        shortest,
        longest,
        why.reasons(),
        why.derivation());
  }

  /**
   * A bolt into a blind hole: enough thread, and a pitch of room at the bottom.
   *
   * @param depthMm of full thread below the face, countersink included
   * @param minimumEngagementMm full thread wanted
   */
  public static BoltLength blind(
      Stack bolt, double depthMm, double minimumEngagementMm, double countersinkMm) {
    new Problems()
        .positive(depthMm, MOST_MM, "blind.depthMm")
        .within(minimumEngagementMm, 0, MOST_MM, "blind.minimumEngagementMm")
        .within(countersinkMm, 0, MOST_MM, "blind.countersinkMm")
        .orThrow();
    double inside = bolt.lengthMm() - bolt.underHeadMm();
    double engagement = inside - countersinkMm - bolt.pitchMm();
    double clearance = depthMm - inside;
    double shortest = bolt.underHeadMm() + countersinkMm + bolt.pitchMm() + minimumEngagementMm;
    double longest = bolt.underHeadMm() + depthMm - bolt.pitchMm();
    boolean holds = engagement >= minimumEngagementMm - ROUNDING_MM;
    boolean clear = clearance >= bolt.pitchMm() - ROUNDING_MM;
    Why why =
        new Why()
            .derive("L_e", engagement, "mm", "l − grip − washers − countersink − P", SOURCE)
            .derive("c", clearance, "mm", "depth − (l − grip − washers)", SOURCE)
            .derive("l_min", shortest, "mm", "grip + washers + countersink + P + L_e,min", SOURCE)
            .derive("l_max", longest, "mm", "grip + washers + depth − P", SOURCE);
    if (!holds) {
      why.because(
          "Too short: "
              + Figure.rounded(Math.max(engagement, 0), 1)
              + " mm of full thread where "
              + Figure.typed(minimumEngagementMm)
              + " are wanted.");
    }
    if (!clear) {
      why.because("Too long: it bottoms before it clamps; a pitch of room is wanted at the tip.");
    }
    if (holds && clear) {
      why.because("Enough thread, and it does not bottom.");
    }
    if (shortest > longest + ROUNDING_MM) {
      why.because("No length fits this hole: it is too shallow for the thread wanted.");
    }
    return new BoltLength(
        null,
        Math.max(engagement, 0),
        clearance,
        holds && clear,
        shortest,
        longest,
        why.reasons(),
        why.derivation());
  }
}
