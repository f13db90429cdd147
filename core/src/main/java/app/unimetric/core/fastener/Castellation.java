package app.unimetric.core.fastener;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;

/**
 * Slots of a castellated nut and the cross holes they are pinned through.
 *
 * @param slots of the nut, even, 2 to 36
 * @param holes cross holes through the axle, 1 to 36; each shows at both sides
 */
public record Castellation(int slots, int holes) {
  /** One slot over each flat, one hole: what castle nuts up to M39 have (DIN 935-1). */
  public static final Castellation USUAL = new Castellation(6, 1);

  private static final double TURN_DEG = 360;
  private static final int MOST = 36;

  public Castellation {
    problems(slots, holes).orThrow();
  }

  static Problems problems(int slots, int holes) {
    return new Problems()
        .require(
            slots >= 2 && slots <= MOST && slots % 2 == 0,
            "slots",
            "must be an even number from 2 to 36.")
        .require(holes >= 1 && holes <= MOST, "holes", "must be a whole number from 1 to 36.");
  }

  /** Degrees from one alignment to the next: gcd(360/slots, 180/holes). */
  public double stepDeg() {
    return TURN_DEG / 2 * gcd(2 * holes, slots) / ((double) slots * holes);
  }

  private static int gcd(int a, int b) {
    return b == 0 ? a : gcd(b, a % b);
  }

  /** How many there are and how often they meet. */
  public String words() {
    return slots
        + " slots, "
        + (holes == 1 ? "one cross hole" : holes + " cross holes")
        + ": they meet every "
        + Figure.rounded(stepDeg(), 2)
        + "°.";
  }
}
