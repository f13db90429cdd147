package app.unimetric.core.fit;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.why.Derivation;
import org.jspecify.annotations.Nullable;

/**
 * Something that is to stand again where it stood.
 *
 * @param name what it is
 * @param foundMm before the work
 * @param leftMm after it
 * @param toleranceMm by how much the two may differ
 * @param pitchMm of its adjuster; null where it is not turned
 */
public record Position(
    String name, double foundMm, double leftMm, double toleranceMm, @Nullable Double pitchMm) {
  private static final double MOST_MM = 3000;
  private static final double MOST_PITCH_MM = 20;
  private static final double ROUNDING_MM = 1e-9;

  public Position {
    Problems problems =
        new Problems()
            .require(!name.isBlank(), "name", "is missing: say what was measured.")
            .within(foundMm, -MOST_MM, MOST_MM, "foundMm")
            .within(leftMm, -MOST_MM, MOST_MM, "leftMm")
            .within(toleranceMm, 0, MOST_MM, "toleranceMm");
    if (pitchMm != null) {
      problems.positive(pitchMm, MOST_PITCH_MM, "pitchMm");
    }
    problems.orThrow();
  }

  /** Left less found, mm. */
  public double differenceMm() {
    return leftMm - foundMm;
  }

  /** Whether it stands where it stood. */
  public boolean isWithin() {
    return Math.abs(differenceMm()) <= toleranceMm + ROUNDING_MM;
  }

  /** In a sentence. */
  String words() {
    String off = Figure.typed(Math.abs(differenceMm())) + " mm";
    Double back = turns();
    return isWithin()
        ? name + ": as it was, within " + Figure.typed(toleranceMm) + " mm."
        : name
            + ": "
            + off
            + (differenceMm() > 0 ? " more" : " less")
            + " than it was."
            + (back == null
                ? ""
                : " " + Figure.fixed(Math.abs(back), 2) + " turns of its adjuster take it back.");
  }

  /** The difference. */
  Derivation derivation() {
    return new Derivation("Δ " + name, differenceMm(), "mm", "left − found", "workshop rule");
  }

  /** Whether it does, with what both were measured to. */
  FitVerdict judged(double measuredToMm) {
    return new FitWindow(-toleranceMm, toleranceMm).judge(differenceMm(), 2 * measuredToMm);
  }

  /** Turns of its adjuster from left back to found; null where it is not turned. */
  public @Nullable Double turns() {
    return pitchMm == null ? null : (Double) (differenceMm() / pitchMm);
  }
}
