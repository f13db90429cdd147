package app.unimetric.core.sequence;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Bolts on one interface relax each other: when bolt i is brought to its load, every bolt already
 * tight loses a share of what i gained (elastic interaction coefficients after Bibel and Ezell).
 */
public final class ElasticInteraction {
  public static final String SOURCE = "elastic interaction coefficients, Bibel and Ezell";
  public static final double USUAL_NEIGHBOUR = 0.10;
  public static final double USUAL_SECOND_NEIGHBOUR = 0.03;
  private static final int MOST_PASSES = 1000;
  public static final double EVEN_PERCENT = 5;

  /** For each bolt, those that lose load when it gains some; most lie too far away. */
  private final int[][] near;

  /** share[i][k]: load bolt near[i][k] loses for each newton bolt i gains. */
  private final double[][] share;

  /**
   * @param loss [i][j] load bolt j loses for each newton bolt i gains; nothing on its diagonal
   */
  private ElasticInteraction(double[][] loss) {
    near = new int[loss.length][];
    share = new double[loss.length][];
    for (int i = 0; i < loss.length; i++) {
      int of = i;
      near[i] = IntStream.range(0, loss.length).filter(j -> loss[of][j] != 0).toArray();
      share[i] = Arrays.stream(near[i]).mapToDouble(j -> loss[of][j]).toArray();
    }
  }

  /**
   * What came of the passes.
   *
   * @param afterEachPassN clamp load of each bolt in its own numbering, N
   * @param spreadPercent 100·(max − min)/target after each pass
   */
  public record Course(List<double[]> afterEachPassN, List<Double> spreadPercent) {}

  /**
   * By coefficients of near and next-nearest neighbours; on a circle or faceplate the numbers close
   * to a ring, in a row or pinch they do not.
   */
  public static ElasticInteraction of(
      int count, Layout layout, double neighbour, double secondNeighbour) {
    new Problems()
        .require(
            count >= 2 && count <= TighteningOrder.MOST_FASTENERS,
            "count",
            "must be a whole number from 2 to 64.")
        .within(neighbour, 0, 0.9, "neighbour")
        .within(secondNeighbour, 0, 0.9, "secondNeighbour")
        .orThrow();
    boolean ring = layout == Layout.CIRCLE || layout == Layout.FACEPLATE;
    double[][] loss = new double[count][count];
    for (int i = 0; i < count; i++) {
      for (int j = 0; j < count; j++) {
        int apart = Math.abs(i - j);
        int steps = ring ? Math.min(apart, count - apart) : apart;
        loss[i][j] = steps == 1 ? neighbour : steps == 2 ? secondNeighbour : 0;
      }
    }
    return new ElasticInteraction(loss);
  }

  /**
   * By a measured or computed matrix.
   *
   * @param matrix [i][j] loss at j per load added at i; square, 0 to 0.9, its diagonal is passed
   *     over
   */
  public static ElasticInteraction of(int count, List<List<Double>> matrix) {
    Problems problems =
        new Problems()
            .require(
                count >= 2 && count <= TighteningOrder.MOST_FASTENERS,
                "count",
                "must be a whole number from 2 to 64.")
            .require(matrix.size() == count, "matrix", "must have one row for each fastener.");
    problems.orThrow();
    double[][] loss = new double[count][count];
    for (int i = 0; i < count; i++) {
      List<Double> row = matrix.get(i);
      String at = "matrix[" + i + "]";
      if (row.size() != count) {
        throw InvalidInput.at(at, "must have one figure for each fastener.");
      }
      for (int j = 0; j < count; j++) {
        double share = row.get(j);
        if (i != j) {
          problems.within(share, 0, 0.9, at + "[" + j + "]");
          loss[i][j] = share;
        }
      }
    }
    problems.orThrow();
    return new ElasticInteraction(loss);
  }

  /**
   * A first estimate of the neighbour's coefficient from the joint's own stiffness: the share of
   * the clamped parts in the whole give, times the share of the pressure cone that reaches the
   * neighbour.
   *
   * @param boltMmPerN compliance of a bolt
   * @param partsMmPerN compliance of the clamped parts
   * @param coneMm width of the pressure cone, mm
   * @param spacingMm distance between neighbours, mm
   */
  public static double neighbourOf(
      double boltMmPerN, double partsMmPerN, double coneMm, double spacingMm) {
    new Problems()
        .positive(boltMmPerN, 1, "boltMmPerN")
        .positive(partsMmPerN, 1, "partsMmPerN")
        .positive(coneMm, 5000, "coneMm")
        .positive(spacingMm, 5000, "spacingMm")
        .orThrow();
    double overlap = Math.max(0, 1 - spacingMm / coneMm);
    return partsMmPerN / (boltMmPerN + partsMmPerN) * overlap;
  }

  public int count() {
    return near.length;
  }

  /**
   * Tightens in this order, each bolt to the target, pass after pass.
   *
   * @param targetN load each is brought to, N
   * @param order numbers from 1, each once
   * @param passes 1 to 1000
   */
  public Course tighten(double targetN, List<Integer> order, int passes) {
    new Problems()
        .require(
            passes >= 1 && passes <= MOST_PASSES,
            "passes",
            "must be a whole number from 1 to 1000.")
        .orThrow();
    int[] turns = turns(targetN, order);
    double[] loads = new double[count()];
    List<double[]> after = new ArrayList<>(passes);
    List<Double> spread = new ArrayList<>(passes);
    for (int pass = 1; pass <= passes; pass++) {
      tightenOnce(loads, turns, targetN);
      after.add(loads.clone());
      spread.add(spreadPercent(loads, targetN));
    }
    return new Course(after, spread);
  }

  /**
   * How many passes in this order bring the spread to a wanted one, beyond those asked for if need
   * be.
   *
   * @param wantedPercent 100·(max − min)/target, 0.1 to 100
   * @return 0 when a thousand passes do not
   */
  public int passesTo(double wantedPercent, double targetN, List<Integer> order) {
    new Problems().within(wantedPercent, 0.1, 100, "wantedSpreadPercent").orThrow();
    int[] turns = turns(targetN, order);
    double[] loads = new double[count()];
    for (int pass = 1; pass <= MOST_PASSES; pass++) {
      tightenOnce(loads, turns, targetN);
      if (spreadPercent(loads, targetN) <= wantedPercent) {
        return pass;
      }
    }
    return 0;
  }

  private int[] turns(double targetN, List<Integer> order) {
    new Problems()
        .positive(targetN, 1e7, "targetN")
        .require(isPermutation(order), "order", "must name each fastener once, numbered from 1.")
        .orThrow();
    return order.stream().mapToInt(n -> n - 1).toArray();
  }

  /** The spread after some passes in an order; for the search, without what leads there. */
  double spreadPercent(double targetN, int[] turns, int passes) {
    double[] loads = new double[count()];
    for (int pass = 0; pass < passes; pass++) {
      tightenOnce(loads, turns, targetN);
    }
    return spreadPercent(loads, targetN);
  }

  private void tightenOnce(double[] loads, int[] turns, double targetN) {
    for (int i : turns) {
      double added = targetN - loads[i];
      if (added <= 0) {
        continue;
      }
      loads[i] = targetN;
      int[] neighbours = near[i];
      double[] lost = share[i];
      for (int k = 0; k < neighbours.length; k++) {
        double left = loads[neighbours[k]] - lost[k] * added;
        loads[neighbours[k]] = left > 0 ? left : 0;
      }
    }
  }

  private static double spreadPercent(double[] loads, double targetN) {
    double min = Double.MAX_VALUE;
    double max = 0;
    for (double load : loads) {
      min = Math.min(min, load);
      max = Math.max(max, load);
    }
    return 100 * (max - min) / targetN;
  }

  private boolean isPermutation(List<Integer> order) {
    boolean[] met = new boolean[count()];
    for (Integer n : order) {
      if (n == null || n < 1 || n > met.length || met[n - 1]) {
        return false;
      }
      met[n - 1] = true;
    }
    return order.size() == met.length;
  }
}
