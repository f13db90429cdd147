package app.unimetric.core.fit;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.why.Derivation;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What changing a part does to the mass of a machine.
 *
 * @param changeG fitted less removed
 * @param equivalentChangeG what that is to be accelerated, the turning of the part with it
 */
public record MassChange(double changeG, double equivalentChangeG) implements Judged {
  private static final double MOST_G = 1_000_000;
  private static final double MOST_MM = 2000;
  private static final int MOST_GEARS = 32;

  /**
   * A part that is carried, or turns with a wheel.
   *
   * @param gyrationRatio radius of gyration to the radius of the wheel; 0 for what does not turn
   */
  public static MassChange of(double removedG, double fittedG, double gyrationRatio) {
    new Problems()
        .within(removedG, 0, MOST_G, "removedG")
        .within(fittedG, 0, MOST_G, "fittedG")
        .within(gyrationRatio, 0, 1, "radiusOfGyrationRatio")
        .orThrow();
    double change = fittedG - removedG;
    return new MassChange(change, (1 + gyrationRatio * gyrationRatio) * change);
  }

  /** What a machine carries more or less, in a sentence. */
  public String carried() {
    return changeG == 0
        ? "As heavy as with the parts that came off."
        : Figure.rounded(Math.abs(changeG), 0)
            + " g "
            + (changeG < 0 ? "lighter" : "heavier")
            + " than with the parts that came off.";
  }

  /** In a sentence. */
  String words() {
    String grams = Figure.typed(Math.abs(changeG)) + " g " + (changeG < 0 ? "less" : "more");
    return grams
        + " in all; speeding up it counts like "
        + Figure.rounded(Math.abs(equivalentChangeG), 0)
        + " g.";
  }

  /** A figure that nothing was asked of. */
  @Override
  public @Nullable FitVerdict inShort() {
    return null;
  }

  @Override
  public List<String> fails() {
    return List.of();
  }

  @Override
  public List<String> reasons() {
    return List.of(words());
  }

  /** Both figures. */
  @Override
  public List<Derivation> derivation() {
    return List.of(
        new Derivation("Δm", changeG, "g", "fitted − removed", "kinetic energy"),
        new Derivation(
            "Δm_eq", equivalentChangeG, "g", "(1 + (k/r)²)·Δm, or m·(k·G/r)²", "kinetic energy"));
  }

  /**
   * A weight on a flywheel: what it is to be accelerated in each gear.
   *
   * @param gyrationMm its radius of gyration
   * @param turns of the engine for one of the wheel, by gear
   */
  public static List<Double> ofFlywheel(
      double massG, double gyrationMm, double wheelRadiusMm, List<Double> turns) {
    Problems problems =
        new Problems()
            .within(massG, -MOST_G, MOST_G, "flywheel.massG")
            .positive(gyrationMm, MOST_MM, "flywheel.gyrationMm")
            .positive(wheelRadiusMm, MOST_MM, "flywheel.wheelRadiusMm")
            .require(
                !turns.isEmpty() && turns.size() <= MOST_GEARS,
                "flywheel.ratios",
                "needs 1 to 32 gears.");
    for (int i = 0; i < Math.min(turns.size(), MOST_GEARS); i++) {
      problems.positive(turns.get(i), 100, "flywheel.ratios[" + i + "]");
    }
    problems.orThrow();
    List<Double> equivalent = new ArrayList<>();
    for (double g : turns) {
      equivalent.add(massG * Math.pow(gyrationMm * g / wheelRadiusMm, 2));
    }
    return equivalent;
  }
}
