package app.unimetric.core.fit;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.Gravity;
import app.unimetric.core.why.Derivation;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A power meter against a known mass hung from its pedal.
 *
 * @param expectedNm what the mass gives, N·m
 * @param errorPercent of each reading
 * @param withinPercent by how much a reading may be off; null where its maker states nothing, and
 *     then it is a figure alone
 */
public record PowerCheck(
    double expectedNm, List<Double> errorPercent, @Nullable Double withinPercent)
    implements Judged {
  private static final double MOST_G = 200_000;
  private static final double MOST_CRANK_MM = 400;
  private static final double STEEPEST_DEG = 80;
  private static final double MOST_NM = 1000;
  private static final double ROUNDING = 1e-9;
  private static final int MOST_READINGS = 100;

  public PowerCheck {
    errorPercent = List.copyOf(errorPercent);
  }

  private double worst() {
    return errorPercent.stream().mapToDouble(Double::doubleValue).map(Math::abs).max().orElse(0);
  }

  @Override
  public @Nullable FitVerdict inShort() {
    return withinPercent == null ? null : FitVerdict.of(fails().isEmpty());
  }

  @Override
  public List<String> fails() {
    List<String> fails = new ArrayList<>();
    for (int i = 0; i < errorPercent.size(); i++) {
      if (withinPercent != null && Math.abs(errorPercent.get(i)) > withinPercent + ROUNDING) {
        fails.add("readings[" + i + "]");
      }
    }
    return fails;
  }

  @Override
  public List<String> reasons() {
    return List.of(
        "The mass gives "
            + Figure.fixed(expectedNm, 2)
            + " N·m; the readings are off by "
            + Figure.fixed(worst(), 1)
            + " % at the most"
            + (withinPercent == null ? "" : ", " + Figure.typed(withinPercent) + " % is allowed")
            + ". Write down battery and firmware with it.");
  }

  @Override
  public List<Derivation> derivation() {
    return List.of(
        new Derivation("T", expectedNm, "N·m", "m·g·L·cos θ", "ISO 80000-3 for g"),
        new Derivation("e", worst(), "%", "100·(reading − T)/T, the largest", "workshop rule"));
  }

  /**
   * @param massG hung from the pedal
   * @param crankMm length of the crank
   * @param angleDeg of the crank from level
   * @param readingsNm without their sign
   */
  public static PowerCheck of(
      double massG,
      double crankMm,
      double angleDeg,
      List<Double> readingsNm,
      @Nullable Double withinPercent) {
    Problems problems =
        new Problems()
            .positive(massG, MOST_G, "massG")
            .positive(crankMm, MOST_CRANK_MM, "crankMm")
            .within(angleDeg, -STEEPEST_DEG, STEEPEST_DEG, "angleDeg")
            .require(
                !readingsNm.isEmpty() && readingsNm.size() <= MOST_READINGS,
                "readings",
                "needs 1 to 100 readings.");
    for (int i = 0; i < Math.min(readingsNm.size(), MOST_READINGS); i++) {
      problems.within(readingsNm.get(i), 0, MOST_NM, "readings[" + i + "].readingNm");
    }
    if (withinPercent != null) {
      problems.positive(withinPercent, 100, "withinPercent");
    }
    problems.orThrow();
    double expected =
        massG / 1000 * Gravity.STANDARD * crankMm / 1000 * Math.cos(Math.toRadians(angleDeg));
    List<Double> errors = new ArrayList<>();
    for (double reading : readingsNm) {
      errors.add(100 * (reading - expected) / expected);
    }
    return new PowerCheck(expected, errors, withinPercent);
  }
}
