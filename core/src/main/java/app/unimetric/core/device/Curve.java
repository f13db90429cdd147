package app.unimetric.core.device;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.Torque;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Torque over angle of one pull, thinned to what can be seen, as it is kept with a reading.
 *
 * @param points at least two, the angle never going back
 */
public record Curve(List<Point> points) {
  /** Enough for a drawing as wide as a hand. */
  private static final int MOST_POINTS = 120;

  private static final double END_OF_PULL = 0.7;

  /** Up to here it is overcome that the fastener stood still. */
  private static final double MOVES_AGAIN = 0.1;

  private static final double MOST_DEG = 36_000;
  private static final String FIELD = "curve";

  /**
   * @param angleDeg since the pull began, degrees
   * @param torqueNm N·m
   */
  public record Point(double angleDeg, double torqueNm) {}

  /**
   * @throws InvalidInput where it is no curve of a pull
   */
  public Curve {
    points = List.copyOf(points);
    if (points.size() < 2 || points.size() > MOST_POINTS) {
      throw InvalidInput.at(FIELD, "has 2 to 120 points.");
    }
    double before = 0;
    for (Point p : points) {
      boolean sensible =
          p.angleDeg() >= before
              && p.angleDeg() <= MOST_DEG
              && p.torqueNm() >= 0
              && p.torqueNm() <= Torque.MAX_NM;
      if (!sensible) {
        throw InvalidInput.at(FIELD, "goes back, or leaves what a wrench can read.");
      }
      before = p.angleDeg();
    }
  }

  /**
   * The curve of what a wrench read: in each stretch of the angle the greatest torque, and the
   * last.
   */
  public static Curve of(List<Sample> read) {
    if (read.size() < 2) {
      throw InvalidInput.at(FIELD, "has 2 to 120 points.");
    }
    double end = read.get(read.size() - 1).angleDeg();
    double stretch = Math.max(end, 1) / (MOST_POINTS - 2);
    List<Point> points = new ArrayList<>();
    Sample most = read.get(0);
    double from = most.angleDeg();
    for (Sample s : read) {
      if (s.angleDeg() - from > stretch) {
        points.add(point(most));
        most = s;
        from = s.angleDeg();
      } else if (s.torqueNm() > most.torqueNm()) {
        most = s;
      }
    }
    points.add(point(most));
    Sample last = read.get(read.size() - 1);
    if (!last.equals(most) || points.size() < 2) {
      points.add(point(last));
    }
    return new Curve(points);
  }

  private static Point point(Sample s) {
    return new Point(Math.max(s.angleDeg(), 0), Math.max(s.torqueNm(), 0));
  }

  /**
   * Reads what {@link #written} wrote.
   *
   * @throws InvalidInput where it is no curve of a pull
   */
  public static Curve parse(String text) {
    List<Point> points = new ArrayList<>();
    for (String pair : text.trim().split(" ")) {
      int colon = pair.indexOf(':');
      try {
        points.add(
            new Point(
                Double.parseDouble(pair.substring(0, Math.max(colon, 0))),
                Double.parseDouble(pair.substring(colon + 1))));
      } catch (NumberFormatException e) {
        throw InvalidInput.at(FIELD, "is written as pairs of degrees and N·m: 0:0.1 12.5:8.4.");
      }
    }
    return new Curve(points);
  }

  /** Pairs of degrees and N·m: {@code 0:0.1 12.5:8.4}, to a tenth and a hundredth. */
  public String written() {
    return points.stream()
        .map(p -> rounded(p.angleDeg(), 1) + ":" + rounded(p.torqueNm(), 2))
        .collect(Collectors.joining(" "));
  }

  private static String rounded(double value, int places) {
    return BigDecimal.valueOf(value)
        .setScale(places, RoundingMode.HALF_UP)
        .stripTrailingZeros()
        .toPlainString();
  }

  /** The greatest torque, N·m. */
  public double peakNm() {
    return points.stream().mapToDouble(Point::torqueNm).max().orElse(0);
  }

  /** The angle of the greatest torque, degrees. */
  public double peakDeg() {
    double peak = peakNm();
    return points.stream()
        .filter(p -> p.torqueNm() == peak)
        .findFirst()
        .map(Point::angleDeg)
        .orElse(0.0);
  }

  /** The last point. */
  public Point end() {
    return points.get(points.size() - 1);
  }

  /** The angle at which a torque is first reached, degrees; the last where it never is. */
  public double angleAtDeg(double torqueNm) {
    Point before = points.get(0);
    for (Point p : points) {
      if (p.torqueNm() >= torqueNm) {
        double rise = p.torqueNm() - before.torqueNm();
        double share = rise <= 0 ? 1 : (torqueNm - before.torqueNm()) / rise;
        return before.angleDeg() + Math.max(share, 0) * (p.angleDeg() - before.angleDeg());
      }
      before = p;
    }
    return end().angleDeg();
  }

  /**
   * How fast the torque rose at the end of the pull, N·m per degree: the line that fits best from
   * seven tenths of the peak up to it, above what the fastener carried before. The wrench's own
   * bending is in it. Empty where the curve does not tell.
   *
   * @param startNm what the fastener carried before the pull, N·m
   */
  public Optional<Double> risesNmPerDegree(double startNm) {
    double peak = peakNm();
    double from = Math.max(END_OF_PULL * peak, startNm + MOVES_AGAIN * (peak - startNm));
    List<Point> end =
        points.stream().filter(p -> p.angleDeg() <= peakDeg() && p.torqueNm() >= from).toList();
    double deg = end.stream().mapToDouble(Point::angleDeg).average().orElse(0);
    double nm = end.stream().mapToDouble(Point::torqueNm).average().orElse(0);
    double squares = 0;
    double products = 0;
    for (Point p : end) {
      squares += (p.angleDeg() - deg) * (p.angleDeg() - deg);
      products += (p.angleDeg() - deg) * (p.torqueNm() - nm);
    }
    return squares > 0 && products > 0 ? Optional.of(products / squares) : Optional.empty();
  }

  /** Torque of running down, before anything is clamped: the middle of the first quarter, N·m. */
  public double runDownNm() {
    double quarter = end().angleDeg() / 4;
    List<Double> first =
        points.stream().filter(p -> p.angleDeg() <= quarter).map(Point::torqueNm).sorted().toList();
    return first.isEmpty() ? 0 : first.get(first.size() / 2);
  }
}
