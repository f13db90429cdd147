package app.unimetric.core.tool;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.PermissibleDeviation;
import app.unimetric.core.quantity.ScaleReading;
import app.unimetric.core.quantity.Torque;
import app.unimetric.core.quantity.TorqueUnit;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a torque tool can be set to and how far it may be off.
 *
 * @param minNm lower end of its trusted span, N·m
 * @param maxNm its maximum, N·m
 * @param deviationPercent permissible deviation, percent; null takes ISO 6789-1 by its maximum
 * @param graduation distance of two marks in {@code unit}; null when it can be set to anything
 * @param unit the unit of its scale
 * @param presets the only values it offers, in {@code unit}; empty when it is adjustable
 */
public record TorqueTool(
    double minNm,
    double maxNm,
    @Nullable Double deviationPercent,
    @Nullable Double graduation,
    TorqueUnit unit,
    List<Double> presets) {
  private static final double LOWEST_SHARE = 0.2;

  private static final int MOST_MARKS = 100_000;

  public TorqueTool {
    presets = List.copyOf(presets);
    Problems problems =
        new Problems()
            .within(minNm, 0, Torque.MAX_NM, "minNm")
            .positive(maxNm, Torque.MAX_NM, "maxNm");
    if (problems.isEmpty()) {
      problems.require(minNm <= maxNm, "minNm", "must not be above the tool's maximum.");
    }
    if (deviationPercent != null) {
      problems.within(deviationPercent, 0, 50, "deviationPercent");
    }
    if (graduation != null) {
      problems.positive(graduation, 1000, "graduation");
      problems.require(
          !problems.isEmpty() || maxNm / unit.newtonMetres() / graduation <= MOST_MARKS,
          "graduation",
          "is too fine for this tool; give the distance between two marks on its scale.");
    }
    problems.require(presets.size() <= 100, "presets", "holds more than 100 values.");
    for (int i = 0; i < presets.size(); i++) {
      problems.positive(presets.get(i), Torque.MAX_NM / unit.newtonMetres(), "presets[" + i + "]");
    }
    problems.orThrow();
  }

  /** The same with a stated deviation, percent. */
  TorqueTool deviating(double percent) {
    return new TorqueTool(minNm, maxNm, percent, graduation, unit, presets);
  }

  /** A figure of its scale, as it is read there. */
  public ScaleReading reading(double figure) {
    return new ScaleReading(figure, unit, presets.isEmpty() ? graduation : null);
  }

  /** a as a share: as given, else 0.06 for tools to 10 N·m and 0.04 above (ISO 6789-1). */
  public double deviation() {
    return PermissibleDeviation.of(deviationPercent, maxNm);
  }

  /**
   * Where the trusted span begins that nobody stated: at a fifth of its end (ISO 6789-1).
   *
   * @param max end of the span, in any unit
   * @return in the same unit
   */
  public static double usualMinimum(double max) {
    return max * LOWEST_SHARE;
  }
}
