package app.unimetric.server.compute;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.sequence.BestOrder;
import app.unimetric.core.sequence.ElasticInteraction;
import app.unimetric.core.sequence.Layout;
import app.unimetric.core.sequence.TighteningOrder;
import app.unimetric.core.why.Derivation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What the fasteners of one joint do to each other. */
final class InteractionCall {
  private InteractionCall() {}

  private static final int MOST_PASSES = 50;

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
      @Schema(description = "N") double targetN,
      @Schema(description = "numbers from 1; left out: the usual order")
          @Nullable List<Integer> order,
      @Schema(description = "1 to 50") int passes) {}

  @Schema(
      name = "InteractionResponse",
      description = "loads N in the fasteners' own numbering; spread in percent of the target")
  record Response(
      List<double[]> afterEachPass,
      List<Double> spreadPercent,
      @Nullable Integer passesToSpread5Percent,
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
        .require(
            r.matrix() == null || r.neighbour() == null && r.secondNeighbour() == null,
            "matrix",
            "Give either a matrix or coefficients, not both.")
        .positive(r.targetN(), 1e7, "targetN")
        .orThrow();
    List<List<Double>> matrix = r.matrix();
    ElasticInteraction joint = matrix == null ? coefficients(r) : matrix(r.count(), matrix);
    List<Integer> order = r.order() == null ? usual(r) : r.order();
    ElasticInteraction.Course course = joint.tighten(r.targetN(), order, r.passes());
    List<Integer> best =
        r.count() <= BestOrder.MOST_FASTENERS ? BestOrder.of(joint, r.targetN(), r.passes()) : null;
    List<String> reasons = new ArrayList<>();
    reasons.add(
        "Each bolt pulled relaxes those already tight beside it; more passes even them out, the order alone does not.");
    if (matrix == null && r.neighbour() == null) {
      reasons.add("Coefficients are assumed: 10 % to the neighbour, 3 % to the next.");
    }
    return new Response(
        course.afterEachPassN(),
        course.spreadPercent(),
        course.passesToEven() == 0 ? null : course.passesToEven(),
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

  private static ElasticInteraction coefficients(Request r) {
    return ElasticInteraction.of(
        r.count(),
        r.layout(),
        r.neighbour() == null ? ElasticInteraction.USUAL_NEIGHBOUR : r.neighbour(),
        r.secondNeighbour() == null
            ? r.neighbour() == null ? ElasticInteraction.USUAL_SECOND_NEIGHBOUR : 0
            : r.secondNeighbour());
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
