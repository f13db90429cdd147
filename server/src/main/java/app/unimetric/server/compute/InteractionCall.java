package app.unimetric.server.compute;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.sequence.BestOrder;
import app.unimetric.core.sequence.ElasticInteraction;
import app.unimetric.core.sequence.FastenerPosition;
import app.unimetric.core.sequence.Layout;
import app.unimetric.core.sequence.TighteningOrder;
import app.unimetric.core.why.Derivation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** What the fasteners of one joint do to each other. */
final class InteractionCall {
  private InteractionCall() {}

  private static final int MOST_PASSES = 50;

  @Schema(
      name = "GroupStiffness",
      description = "a first estimate of the coefficients from what the joint itself gives")
  record Stiffness(
      @Schema(description = "compliance of a bolt") double boltMmPerN,
      @Schema(description = "compliance of the clamped parts") double partsMmPerN,
      @Schema(description = "width of the pressure cone, mm") double coneMm,
      @Schema(description = "between neighbours, mm") double spacingMm) {
    private double reaching(int neighbours) {
      return ElasticInteraction.neighbourOf(
          boltMmPerN, partsMmPerN, coneMm, neighbours * spacingMm);
    }
  }

  @Schema(
      name = "InteractionRequest",
      example =
          "{\"count\": 4, \"layout\": \"CIRCLE\", \"neighbour\": 0.1, \"secondNeighbour\": 0.03, \"targetN\": 10000, \"order\": [1, 3, 2, 4], \"passes\": 3}")
  record Request(
      @Schema(description = "2 to 64") int count,
      Layout layout,
      @Schema(description = "load a neighbour loses per load gained; left out: 0.10")
          @Nullable Double neighbour,
      @Schema(description = "left out: 0.03") @Nullable Double secondNeighbour,
      @Schema(description = "[i][j] loss at j per load added at i; instead of the two")
          @Nullable List<List<Double>> matrix,
      @Schema(description = "instead of the coefficients") @Nullable Stiffness stiffness,
      @Schema(description = "N") double targetN,
      @Schema(description = "numbers from 1; left out: the usual order")
          @Nullable List<Integer> order,
      @Schema(description = "1 to 50") int passes,
      @Schema(description = "percent of the target, 0.1 to 100; left out: 5")
          @Nullable Double wantedSpreadPercent) {}

  @Schema(
      name = "InteractionResponse",
      description = "loads N in the fasteners' own numbering; spread in percent of the target")
  record Response(
      List<double[]> afterEachPass,
      List<Double> spreadPercent,
      @Nullable Integer passesToSpread5Percent,
      @Schema(description = "of the spread wanted; 5 % when none is named")
          @Nullable Integer passesToWantedSpread,
      @Schema(description = "the coefficients counted with; not with a matrix")
          @Nullable Double neighbour,
      @Nullable Double secondNeighbour,
      @Schema(description = "where they sit, −1 to 1, y downwards")
          List<FastenerPosition> positions,
      List<Integer> order,
      @Schema(description = "least spread after as many passes; for up to 7")
          @Nullable List<Integer> bestOrder,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  static Response answer(Request r, boolean why) {
    new Problems()
        .require(
            r.passes() >= 1 && r.passes() <= MOST_PASSES,
            "passes",
            "must be a whole number from 1 to 50.")
        .require(ways(r) <= 1, "matrix", "Give one of matrix, stiffness and coefficients.")
        .positive(r.targetN(), 1e7, "targetN")
        .orThrow();
    List<List<Double>> matrix = r.matrix();
    Coefficients c = matrix == null ? coefficients(r) : null;
    ElasticInteraction joint =
        c == null
            ? matrix(r.count(), matrix == null ? List.of() : matrix)
            : ElasticInteraction.of(r.count(), r.layout(), c.neighbour, c.secondNeighbour);
    List<Integer> order = r.order() == null ? usual(r) : r.order();
    ElasticInteraction.Course course = joint.tighten(r.targetN(), order, r.passes());
    List<Integer> best =
        r.count() <= BestOrder.MOST_FASTENERS ? BestOrder.of(joint, r.targetN(), r.passes()) : null;
    List<String> reasons = new ArrayList<>();
    reasons.add(
        "Each bolt pulled relaxes those already tight beside it; more passes even them out, the order alone does not.");
    if (ways(r) == 0) {
      reasons.add("Coefficients are assumed: 10 % to the neighbour, 3 % to the next.");
    }
    if (r.stiffness() != null && c != null) {
      reasons.add(
          c.neighbour == 0
              ? "By their spacing and stiffness these do not reach each other: one pass would do."
              : String.format(
                  Locale.ROOT,
                  "From spacing and stiffness: %.1f %% to the neighbour, %.1f %% to the next; a first estimate.",
                  100 * c.neighbour,
                  100 * c.secondNeighbour));
    }
    double wanted =
        r.wantedSpreadPercent() == null ? ElasticInteraction.EVEN_PERCENT : r.wantedSpreadPercent();
    return new Response(
        course.afterEachPassN(),
        course.spreadPercent(),
        orNull(joint.passesTo(ElasticInteraction.EVEN_PERCENT, r.targetN(), order)),
        orNull(joint.passesTo(wanted, r.targetN(), order)),
        c == null ? null : (Double) c.neighbour,
        c == null ? null : (Double) c.secondNeighbour,
        FastenerPosition.all(r.count(), r.layout()),
        order,
        best,
        reasons,
        why
            ? List.of(
                new Derivation(
                    "spread",
                    course.spreadPercent().get(r.passes() - 1),
                    "%",
                    "100·(max − min)/target",
                    ElasticInteraction.SOURCE))
            : null);
  }

  private static @Nullable Integer orNull(int passes) {
    return passes == 0 ? null : (Integer) passes;
  }

  private static int ways(Request r) {
    boolean coefficients = r.neighbour() != null || r.secondNeighbour() != null;
    return (r.matrix() == null ? 0 : 1) + (r.stiffness() == null ? 0 : 1) + (coefficients ? 1 : 0);
  }

  private record Coefficients(double neighbour, double secondNeighbour) {}

  private static Coefficients coefficients(Request r) {
    Stiffness stiffness = r.stiffness();
    if (stiffness != null) {
      return Fields.under(
          "stiffness", () -> new Coefficients(stiffness.reaching(1), stiffness.reaching(2)));
    }
    double next = r.neighbour() == null ? ElasticInteraction.USUAL_SECOND_NEIGHBOUR : 0;
    return new Coefficients(
        r.neighbour() == null ? ElasticInteraction.USUAL_NEIGHBOUR : r.neighbour(),
        r.secondNeighbour() == null ? next : r.secondNeighbour());
  }

  private static ElasticInteraction matrix(int count, List<List<Double>> matrix) {
    for (int i = 0; i < Math.min(matrix.size(), TighteningOrder.MOST_FASTENERS); i++) {
      if (matrix.get(i) == null) {
        throw Fields.missingAt("matrix[" + i + "]");
      }
      Fields.noNulls(matrix.get(i), "matrix[" + i + "]");
    }
    return ElasticInteraction.of(count, matrix);
  }

  private static List<Integer> usual(Request r) {
    return TighteningOrder.passes(r.count(), r.layout(), null, null).get(1).order();
  }
}
