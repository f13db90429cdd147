package app.unimetric.core.fit;

import app.unimetric.core.problem.Problems;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The part of readings round a turn that rises and falls once: z(φ) = m + a·cos φ + b·sin φ, fitted
 * by least squares.
 *
 * @param mean m, in the unit of the readings
 * @param amplitude √(a² + b²); the first harmonic runs over twice of it, peak to peak
 * @param highAtDeg where it is highest, from 0 up to 360
 * @param residuals what of each reading is left over
 */
public record Harmonic(double mean, double amplitude, double highAtDeg, List<Double> residuals) {
  /**
   * The fewest readings that are fitted: three determine the wave exactly and leave no residuals to
   * judge it by.
   */
  public static final int FEWEST = 4;

  private static final int MOST = 720;
  private static final double MOST_SIZE = 1000;
  private static final double TURN_DEG = 360;
  private static final double LEAST_DETERMINANT = 1e-9;

  public Harmonic {
    residuals = List.copyOf(residuals);
  }

  /** What the fitted wave reads where each reading was taken. */
  List<Double> fitted(List<Double> readings) {
    List<Double> fitted = new ArrayList<>();
    for (int i = 0; i < readings.size(); i++) {
      fitted.add(readings.get(i) - residuals.get(i));
    }
    return List.copyOf(fitted);
  }

  /**
   * Fits it.
   *
   * @param readings round one turn
   * @param anglesDeg where each was taken, rising, within one turn; null for equally spaced from 0
   * @param fewest readings wanted
   * @param field what the readings are called where they are wrong
   * @throws app.unimetric.core.problem.InvalidInput when there are too few, an angle is missing or
   *     does not rise, or all lie so close together that no turn can be seen in them
   */
  public static Harmonic of(
      List<Double> readings, @Nullable List<Double> anglesDeg, int fewest, String field) {
    Problems problems =
        new Problems()
            .require(
                readings.size() >= fewest && readings.size() <= MOST,
                field,
                "needs " + fewest + " to " + MOST + " readings round the turn.");
    for (int i = 0; i < Math.min(readings.size(), MOST); i++) {
      problems.within(readings.get(i), -MOST_SIZE, MOST_SIZE, field + "[" + i + "]");
    }
    if (anglesDeg != null) {
      check(anglesDeg, readings.size(), problems);
    }
    problems.orThrow();
    List<Double> angles = anglesDeg == null ? spaced(readings.size()) : anglesDeg;
    double[] fitted = fit(readings, angles);
    double high = Math.toDegrees(Math.atan2(fitted[2], fitted[1]));
    List<Double> left = new ArrayList<>();
    for (int i = 0; i < readings.size(); i++) {
      double phi = Math.toRadians(angles.get(i));
      left.add(readings.get(i) - fitted[0] - fitted[1] * Math.cos(phi) - fitted[2] * Math.sin(phi));
    }
    return new Harmonic(
        fitted[0], Math.hypot(fitted[1], fitted[2]), (high + TURN_DEG) % TURN_DEG, left);
  }

  private static void check(List<Double> angles, int readings, Problems problems) {
    problems.require(
        angles.size() == readings,
        "anglesDeg",
        "names " + angles.size() + " angles for " + readings + " readings.");
    for (int i = 0; i < Math.min(angles.size(), MOST); i++) {
      problems.within(angles.get(i), 0, TURN_DEG, "anglesDeg[" + i + "]");
      problems.require(
          i == 0 || angles.get(i) > angles.get(i - 1),
          "anglesDeg[" + i + "]",
          "does not rise: go round once, one way.");
    }
    problems.require(
        angles.isEmpty() || angles.get(angles.size() - 1) - angles.get(0) < TURN_DEG,
        "anglesDeg",
        "come back to where they began: the first place is read once.");
  }

  private static List<Double> spaced(int n) {
    List<Double> angles = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      angles.add(TURN_DEG * i / n);
    }
    return angles;
  }

  /** Normal equations of three unknowns, by Cramer's rule. */
  private static double[] fit(List<Double> readings, List<Double> angles) {
    double n = readings.size();
    double c = 0;
    double s = 0;
    double cc = 0;
    double ss = 0;
    double cs = 0;
    double z = 0;
    double zc = 0;
    double zs = 0;
    for (int i = 0; i < readings.size(); i++) {
      double cos = Math.cos(Math.toRadians(angles.get(i)));
      double sin = Math.sin(Math.toRadians(angles.get(i)));
      c += cos;
      s += sin;
      cc += cos * cos;
      ss += sin * sin;
      cs += cos * sin;
      z += readings.get(i);
      zc += readings.get(i) * cos;
      zs += readings.get(i) * sin;
    }
    double whole = determinant(n, c, s, c, cc, cs, s, cs, ss);
    new Problems()
        .require(
            whole > LEAST_DETERMINANT * n * n * n,
            "anglesDeg",
            "lie too close together: take readings all the way round.")
        .orThrow();
    return new double[] {
      determinant(z, c, s, zc, cc, cs, zs, cs, ss) / whole,
      determinant(n, z, s, c, zc, cs, s, zs, ss) / whole,
      determinant(n, c, z, c, cc, zc, s, cs, zs) / whole
    };
  }

  private static double determinant(
      double a, double b, double c, double d, double e, double f, double g, double h, double i) {
    return a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g);
  }

  /** Highest less lowest of what is left over. */
  public double residual() {
    return spread(residuals);
  }

  /** Highest less lowest. */
  static double spread(List<Double> values) {
    double high = values.stream().mapToDouble(Double::doubleValue).max().orElse(0);
    double low = values.stream().mapToDouble(Double::doubleValue).min().orElse(0);
    return high - low;
  }
}
