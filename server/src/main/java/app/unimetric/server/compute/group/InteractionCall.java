package app.unimetric.server.compute.group;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.sequence.FastenerPosition;
import app.unimetric.core.sequence.GroupTightening;
import app.unimetric.core.sequence.Layout;
import app.unimetric.core.sequence.TighteningOrder;
import app.unimetric.core.why.Derivation;
import app.unimetric.server.compute.ComputeCall;
import app.unimetric.server.compute.Fields;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;

/** What the fasteners of one joint do to each other. */
@ComputeCall
public final class InteractionCall {

  @Schema(
      name = "GroupStiffness",
      description = "a first estimate of the coefficients from what the joint itself gives")
  public record Stiffness(
      @Schema(description = "compliance of a bolt") double boltMmPerN,
      @Schema(description = "compliance of the clamped parts") double partsMmPerN,
      @Schema(description = "width of the pressure cone, mm") double coneMm,
      @Schema(description = "between neighbours, mm") double spacingMm) {
    GroupTightening.Coefficients coefficients() {
      return GroupTightening.Coefficients.ofStiffness(boltMmPerN, partsMmPerN, coneMm, spacingMm);
    }
  }

  @Schema(
      name = "InteractionRequest",
      example =
          "{\"count\": 4, \"layout\": \"CIRCLE\", \"neighbour\": 0.1, \"secondNeighbour\": 0.03, \"targetN\": 10000, \"order\": [1, 3, 2, 4], \"passes\": 3}")
  public record Request(
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
  public record Response(
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

  @Operation(summary = "What the fasteners of one joint do to each other, pass by pass")
  @PostMapping("/interaction")
  Response interaction(
      @RequestBody Request request, @RequestParam(defaultValue = "false") boolean why) {
    return answer(request, why);
  }

  public static Response answer(Request r, boolean why) {
    new Problems()
        .require(ways(r) <= 1, "matrix", "Give one of matrix, stiffness and coefficients.")
        .orThrow();
    GroupTightening group = group(r);
    GroupTightening.Coefficients counted = group.coefficients();
    return new Response(
        group.course().afterEachPassN(),
        group.course().spreadPercent(),
        group.passesToEven(),
        group.passesToWanted(),
        counted == null ? null : (Double) counted.neighbour(),
        counted == null ? null : (Double) counted.secondNeighbour(),
        FastenerPosition.all(r.count(), r.layout()),
        group.order(),
        group.bestOrder(),
        group.reasons(),
        why ? group.derivation() : null);
  }

  private static GroupTightening group(Request r) {
    GroupTightening.Pull pull =
        new GroupTightening.Pull(r.targetN(), r.order(), r.passes(), r.wantedSpreadPercent());
    List<List<Double>> matrix = r.matrix();
    Stiffness stiffness = r.stiffness();
    if (matrix != null) {
      checked(matrix);
      return GroupTightening.of(r.count(), r.layout(), matrix, pull);
    }
    if (stiffness != null) {
      return GroupTightening.of(
          r.count(),
          r.layout(),
          Fields.under("stiffness", stiffness::coefficients),
          GroupTightening.Origin.STIFFNESS,
          pull);
    }
    return GroupTightening.of(
        r.count(),
        r.layout(),
        GroupTightening.Coefficients.stated(r.neighbour(), r.secondNeighbour()),
        ways(r) == 0 ? GroupTightening.Origin.ASSUMED : GroupTightening.Origin.STATED,
        pull);
  }

  private static int ways(Request r) {
    boolean coefficients = r.neighbour() != null || r.secondNeighbour() != null;
    return (r.matrix() == null ? 0 : 1) + (r.stiffness() == null ? 0 : 1) + (coefficients ? 1 : 0);
  }

  private static void checked(List<List<Double>> matrix) {
    for (int i = 0; i < Math.min(matrix.size(), TighteningOrder.MOST_FASTENERS); i++) {
      if (matrix.get(i) == null) {
        throw Fields.missingAt("matrix[" + i + "]");
      }
      Fields.noNulls(matrix.get(i), "matrix[" + i + "]");
    }
  }
}
