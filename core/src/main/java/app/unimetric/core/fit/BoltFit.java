package app.unimetric.core.fit;

import app.unimetric.core.fastener.BoltLength;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.why.Derivation;
import app.unimetric.core.why.Why;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A bolt's length, judged with what its grip, washers, nut and length were measured to. */
public record BoltFit(
    BoltLength bolt,
    FitVerdict inShort,
    List<String> fails,
    List<String> reasons,
    List<Derivation> derivation)
    implements Judged {
  private static final String SOURCE = "workshop rule";
  private static final double MOST_UNCERTAINTY_MM = 5;

  /** Grip, washers, nut and length; or grip, washers, depth and length. */
  private static final int MEASURED = 4;

  /**
   * @param pitchMm of its thread
   * @param leastEngagementMm in a blind hole; null with a nut
   * @param marginMm to keep from what is behind
   * @param measuredToMm by how much each length may be wrong, either way
   */
  public static BoltFit of(
      BoltLength bolt,
      double pitchMm,
      @Nullable Double leastEngagementMm,
      double marginMm,
      double measuredToMm) {
    new Problems().within(measuredToMm, 0, MOST_UNCERTAINTY_MM, "measuredToMm").orThrow();
    double uncertainty = MEASURED * measuredToMm;
    List<String> fails = new ArrayList<>();
    FitVerdict verdict = FitVerdict.FITS;
    if (bolt.protrusionMm() != null) {
      verdict = judged(bolt.protrusionMm(), pitchMm, uncertainty, "protrusionMm", fails);
    } else if (bolt.engagementMm() != null && leastEngagementMm != null) {
      verdict = judged(bolt.engagementMm(), leastEngagementMm, uncertainty, "engagementMm", fails);
    }
    if (bolt.clearanceMm() != null) {
      double room = leastEngagementMm == null ? marginMm : pitchMm;
      verdict = verdict.and(judged(bolt.clearanceMm(), room, uncertainty, "clearanceMm", fails));
    }
    Why why = new Why();
    if (verdict == FitVerdict.TOO_CLOSE) {
      why.because("Too close to call: measure the lengths better.");
      why.because(
          "As measured, "
              + (bolt.fits() ? "it would do" : "it would not do")
              + "; from "
              + Figure.typed(bolt.shortestMm())
              + " to "
              + Figure.typed(bolt.longestMm())
              + " mm is right.");
    } else {
      bolt.reasons().forEach(why::because);
    }
    why.add(bolt.derivation())
        .derive("u", uncertainty, "mm", "four lengths wrong by what was measured to", SOURCE);
    return new BoltFit(bolt, verdict, List.copyOf(fails), why.reasons(), why.derivation());
  }

  private static FitVerdict judged(
      double size, double least, double uncertainty, String field, List<String> fails) {
    FitVerdict found = FitWindow.atLeast(least).judge(size, uncertainty);
    if (found != FitVerdict.FITS) {
      fails.add(field);
    }
    return found;
  }
}
