package app.unimetric.core.fastener;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.Torque;
import app.unimetric.core.why.Derivation;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A castellated nut on its way to the next alignment with its cross hole: reach the minimum, then
 * forward, never back.
 *
 * @param stepDeg degrees from one alignment to the next
 * @param turnDeg how much further it must be turned; 0 when it is aligned already
 * @param torqueThereNm estimate of the torque at that alignment, N·m
 * @param allowed whether that stays within the maximum
 */
public record CastleNut(
    double stepDeg,
    double turnDeg,
    double torqueThereNm,
    boolean allowed,
    List<String> reasons,
    List<Derivation> derivation) {
  private static final String SOURCE = "geometry of slots and cross holes";
  private static final double ALIGNED_DEG = 1e-9;

  public CastleNut {
    reasons = List.copyOf(reasons);
    derivation = List.copyOf(derivation);
  }

  /**
   * The next alignment.
   *
   * @param slots of the nut, even, 2 to 36
   * @param holes cross holes through the axle, 1 to 36; each shows at both sides
   * @param angleNowDeg measured past the last alignment, degrees
   * @param torqueNowNm torque the nut has now, N·m
   * @param nmPerDegree how fast it rises, N·m per degree, stated or measured
   * @param maxNm maximum, N·m; null without one
   */
  public static CastleNut next(
      int slots,
      int holes,
      double angleNowDeg,
      double torqueNowNm,
      double nmPerDegree,
      @Nullable Double maxNm) {
    Problems problems =
        Castellation.problems(slots, holes)
            .within(angleNowDeg, 0, 360, "angleNowDeg")
            .within(torqueNowNm, 0, Torque.MAX_NM, "torqueNowNm")
            .within(nmPerDegree, 0, 1000, "nmPerDegree");
    if (maxNm != null) {
      problems.positive(maxNm, Torque.MAX_NM, "maxNm");
    }
    problems.orThrow();
    double step = new Castellation(slots, holes).stepDeg();
    double past = angleNowDeg % step;
    boolean aligned = past <= ALIGNED_DEG || step - past <= ALIGNED_DEG;
    double turn = aligned ? 0 : step - past;
    double there = torqueNowNm + turn * nmPerDegree;
    boolean allowed = maxNm == null || there <= maxNm;
    List<String> reasons = new ArrayList<>();
    reasons.add(
        aligned
            ? "Slot and hole are aligned: pin it here."
            : "Turn on to the next alignment, never back: turning back leaves less than the minimum.");
    reasons.add("Slots and holes meet every " + Figure.rounded(step, 2) + "°.");
    if (!allowed) {
      reasons.add(
          "There it would pass the maximum: take it off and change the washer for a thinner or thicker one.");
    }
    return new CastleNut(
        step,
        turn,
        there,
        allowed,
        reasons,
        List.of(
            new Derivation("step", step, "°", "gcd(360/slots, 180/holes)", SOURCE),
            new Derivation("turn", turn, "°", "step − (angle mod step)", SOURCE),
            new Derivation("T", there, "N·m", "T_now + turn·(N·m per degree)", "estimate")));
  }

  /**
   * The next alignment of a nut of which is seen how far that still is.
   *
   * @param turnDeg to the next alignment, 0 to less than a step, degrees
   */
  public static CastleNut ahead(
      Castellation nut,
      double turnDeg,
      double torqueNowNm,
      double nmPerDegree,
      @Nullable Double maxNm) {
    double angleNowDeg = turnDeg == 0 ? 0 : nut.stepDeg() - turnDeg;
    return next(nut.slots(), nut.holes(), angleNowDeg, torqueNowNm, nmPerDegree, maxNm);
  }
}
