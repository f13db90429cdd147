package app.unimetric.core.carbon;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.sequence.GapStyle;
import app.unimetric.core.why.Derivation;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Whether a faceplate has closed as it is meant to, measured at its corners, clockwise from the top
 * left: evenly, or with one side metal to metal and the other even.
 *
 * @param differenceMm widest less narrowest of the gaps that are to be even, mm
 * @param even whether all is as the style asks
 * @param reasons what is wrong and what to do, in words
 */
public record GapCheck(double differenceMm, boolean even, List<String> reasons) {
  public static final double MOST_DIFFERENCE_MM = 0.3;

  /** The thinnest feeler of a usual set: what it does not enter is closed. */
  public static final double CLOSED_MM = 0.05;

  private static final double ROUNDING_MM = 1e-9;

  public GapCheck {
    reasons = List.copyOf(reasons);
  }

  /**
   * Judges the gaps.
   *
   * @param gapsMm 2 to 16 gaps, mm; for a style that closes one side first the first half is the
   *     top
   * @throws InvalidInput when a gap is negative or there are too few
   */
  public static GapCheck of(List<Double> gapsMm, GapStyle style) {
    Problems problems =
        new Problems()
            .require(gapsMm.size() >= 2 && gapsMm.size() <= 16, "gapsMm", "needs 2 to 16 gaps.");
    for (int i = 0; i < Math.min(gapsMm.size(), 16); i++) {
      problems.within(gapsMm.get(i), 0, 50, "gapsMm[" + i + "]");
    }
    problems.orThrow();
    int top = (gapsMm.size() + 1) / 2;
    List<Double> upper = gapsMm.subList(0, top);
    List<Double> lower = gapsMm.subList(top, gapsMm.size());
    return switch (style) {
      case EVEN -> judge(List.of(), "", gapsMm);
      case CLOSE_TOP_FIRST -> judge(upper, "top", lower);
      case CLOSE_BOTTOM_FIRST -> judge(lower, "bottom", upper);
      case FULL_CONTACT -> judge(gapsMm, "whole plate", List.of());
    };
  }

  private static GapCheck judge(List<Double> closed, String side, List<Double> alike) {
    List<String> reasons = new ArrayList<>();
    double open = closed.stream().mapToDouble(Double::doubleValue).max().orElse(0);
    boolean shut = open <= CLOSED_MM + ROUNDING_MM;
    if (!shut) {
      reasons.add(
          "The "
              + side
              + " is to close metal to metal and still gapes "
              + Figure.fixed(open, 2)
              + " mm: back all off, close it first.");
    }
    double difference = alike.isEmpty() ? 0 : Collections.max(alike) - Collections.min(alike);
    boolean level = difference <= MOST_DIFFERENCE_MM + ROUNDING_MM;
    if (!level) {
      reasons.add(
          "The gaps differ by "
              + Figure.fixed(difference, 2)
              + " mm; at most "
              + Figure.typed(MOST_DIFFERENCE_MM)
              + " is even. Ease the tight side, pull the wide one.");
    }
    if (shut && level) {
      reasons.add("The plate has closed as it is meant to.");
    }
    return new GapCheck(difference, shut && level, reasons);
  }

  /** The number behind the verdict, with its limit. */
  public Derivation derivation() {
    return new Derivation(
        "Δ",
        differenceMm,
        "mm",
        "widest − narrowest ≤ " + Figure.typed(MOST_DIFFERENCE_MM),
        "workshop rule");
  }
}
