package app.unimetric.core.sequence;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.why.Derivation;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A group of bolts tightened pass by pass: what each holds after each pass, and how many passes
 * even them out.
 *
 * @param course loads and spread after each pass
 * @param coefficients counted with; null with a matrix
 * @param order in which they were pulled, numbers from 1
 * @param passesToEven passes until the spread is 5 %; null when a thousand do not
 * @param passesToWanted passes until the wanted spread; null when a thousand do not
 * @param bestOrder least spread after as many passes; null for more than 7
 * @param reasons in words
 * @param derivation the numbers
 */
public record GroupTightening(
    ElasticInteraction.Course course,
    @Nullable Coefficients coefficients,
    List<Integer> order,
    @Nullable Integer passesToEven,
    @Nullable Integer passesToWanted,
    @Nullable List<Integer> bestOrder,
    List<String> reasons,
    List<Derivation> derivation) {
  /** Most passes asked for at once. */
  public static final int MOST_PASSES = 50;

  private static final String RELAX =
      "Each bolt pulled relaxes those already tight beside it; more passes even them out, the order alone does not.";

  /**
   * How strongly bolts relax each other.
   *
   * @param neighbour load a neighbour loses per load gained
   * @param secondNeighbour likewise the next but one
   */
  public record Coefficients(double neighbour, double secondNeighbour) {
    /** Where nothing is known: 10 % to the neighbour, 3 % to the next. */
    public static final Coefficients USUAL =
        new Coefficients(
            ElasticInteraction.USUAL_NEIGHBOUR, ElasticInteraction.USUAL_SECOND_NEIGHBOUR);

    /**
     * Coefficients as somebody stated them. Without any, both are the usual ones; where only the
     * neighbour's is stated, the next but one is taken to lose nothing.
     */
    public static Coefficients stated(@Nullable Double neighbour, @Nullable Double second) {
      double next = neighbour == null ? USUAL.secondNeighbour : 0;
      return new Coefficients(
          neighbour == null ? USUAL.neighbour : neighbour, second == null ? next : second);
    }

    /**
     * A first estimate from the joint's own stiffness.
     *
     * @param boltMmPerN compliance of a bolt
     * @param partsMmPerN compliance of the clamped parts
     * @param coneMm width of the pressure cone, mm
     * @param spacingMm between neighbours, mm
     */
    public static Coefficients ofStiffness(
        double boltMmPerN, double partsMmPerN, double coneMm, double spacingMm) {
      return new Coefficients(
          ElasticInteraction.neighbourOf(boltMmPerN, partsMmPerN, coneMm, spacingMm),
          ElasticInteraction.neighbourOf(boltMmPerN, partsMmPerN, coneMm, 2 * spacingMm));
    }

    /** How they came about, when they were worked out from the stiffness. */
    List<String> ofStiffnessReasons() {
      return List.of(
          neighbour == 0
              ? "By their spacing and stiffness these do not reach each other: one pass would do."
              : "From spacing and stiffness: "
                  + Figure.fixed(100 * neighbour, 1)
                  + " % to the neighbour, "
                  + Figure.fixed(100 * secondNeighbour, 1)
                  + " % to the next; a first estimate.");
    }
  }

  /** Where the coefficients come from. */
  public enum Origin {
    ASSUMED,
    STATED,
    STIFFNESS
  }

  /** By coefficients of neighbours. */
  public static GroupTightening of(
      int count, Layout layout, Coefficients coefficients, Origin origin, Pull pull) {
    ElasticInteraction group =
        ElasticInteraction.of(count, layout, coefficients.neighbour, coefficients.secondNeighbour);
    List<String> reasons = new ArrayList<>(List.of(RELAX));
    switch (origin) {
      case ASSUMED ->
          reasons.add("Coefficients are assumed: 10 % to the neighbour, 3 % to the next.");
      case STIFFNESS -> reasons.addAll(coefficients.ofStiffnessReasons());
      case STATED -> {
        // What a person states needs no word.
      }
    }
    return of(group, layout, coefficients, pull, reasons);
  }

  /** By a measured or computed matrix, [i][j] loss at j per load added at i. */
  public static GroupTightening of(int count, Layout layout, List<List<Double>> matrix, Pull pull) {
    return of(ElasticInteraction.of(count, matrix), layout, null, pull, List.of(RELAX));
  }

  /**
   * How they are pulled.
   *
   * @param targetN load each is brought to, N
   * @param order numbers from 1, each once; null for the usual order
   * @param passes 1 to 50
   * @param wantedSpreadPercent of the target, 0.1 to 100; null for 5
   */
  public record Pull(
      double targetN,
      @Nullable List<Integer> order,
      int passes,
      @Nullable Double wantedSpreadPercent) {
    public Pull {
      new Problems()
          .require(
              passes >= 1 && passes <= MOST_PASSES,
              "passes",
              "must be a whole number from 1 to 50.")
          .positive(targetN, 1e7, "targetN")
          .orThrow();
    }
  }

  private static GroupTightening of(
      ElasticInteraction group,
      Layout layout,
      @Nullable Coefficients coefficients,
      Pull pull,
      List<String> reasons) {
    List<Integer> order =
        pull.order() == null
            ? TighteningOrder.passes(group.count(), layout, null, null).get(1).order()
            : pull.order();
    ElasticInteraction.Course course = group.tighten(pull.targetN(), order, pull.passes());
    Double wanted = pull.wantedSpreadPercent();
    return new GroupTightening(
        course,
        coefficients,
        List.copyOf(order),
        reached(group.passesTo(ElasticInteraction.EVEN_PERCENT, pull.targetN(), order)),
        reached(
            group.passesTo(
                wanted == null ? ElasticInteraction.EVEN_PERCENT : wanted, pull.targetN(), order)),
        group.count() <= BestOrder.MOST_FASTENERS
            ? BestOrder.of(group, pull.targetN(), pull.passes())
            : null,
        List.copyOf(reasons),
        List.of(
            new Derivation(
                "spread",
                course.spreadPercent().get(pull.passes() - 1),
                "%",
                "100·(max − min)/target",
                ElasticInteraction.SOURCE)));
  }

  private static @Nullable Integer reached(int passes) {
    return passes == 0 ? null : (Integer) passes;
  }
}
