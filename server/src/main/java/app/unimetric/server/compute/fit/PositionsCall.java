package app.unimetric.server.compute.fit;

import app.unimetric.core.fit.FitVerdict;
import app.unimetric.core.fit.Position;
import app.unimetric.core.fit.Positions;
import app.unimetric.core.pack.FitCall;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.why.Derivation;
import app.unimetric.server.compute.ComputeCall;
import app.unimetric.server.compute.Fields;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;

/** What stands again where it stood. */
@ComputeCall
public final class PositionsCall implements FitAsked<PositionsCall.Request> {
  private static final int MOST = 200;

  @Schema(name = "FoundAndLeft", description = "mm")
  public record Item(
      String name,
      double foundMm,
      double leftMm,
      double toleranceMm,
      @Schema(description = "of its adjuster, mm") @Nullable Double pitchMm) {
    Position position() {
      return new Position(name, foundMm, leftMm, toleranceMm, pitchMm);
    }
  }

  @Schema(
      name = "PositionsRequest",
      example =
          "{\"items\": [{\"name\": \"lever reach\", \"foundMm\": 72, \"leftMm\": 73, \"toleranceMm\": 0.5, \"pitchMm\": 0.8}]}")
  public record Request(
      @Schema(description = "1 to 200") List<Item> items,
      @Schema(description = "by how much each length may be wrong, mm; left out: 0")
          @Nullable Double measuredToMm) {}

  @Schema(
      name = "PositionAnswer",
      description = "left less found, mm; turns back to where it stood")
  public record Answer(String name, double differenceMm, boolean within, @Nullable Double turns) {}

  @Schema(name = "PositionsResponse")
  public record Response(
      List<Answer> items,
      @Nullable FitVerdict inShort,
      List<String> fails,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Override
  public FitCall call() {
    return FitCall.POSITIONS;
  }

  @Operation(summary = "What stands again where it stood")
  @PostMapping("/positions")
  Response positions(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    Positions p = judge(r);
    return new Response(
        p.items().stream()
            .map(i -> new Answer(i.name(), i.differenceMm(), i.isWithin(), i.turns()))
            .toList(),
        p.inShort(),
        p.fails(),
        p.reasons(),
        why ? p.derivation() : null);
  }

  @Override
  public Positions judge(Request r) {
    Fields.noNulls(r.items(), "items");
    Problems problems =
        new Problems()
            .require(
                !r.items().isEmpty() && r.items().size() <= MOST, "items", "must be 1 to 200.");
    List<Position> positions = new ArrayList<>();
    for (int i = 0; i < Math.min(r.items().size(), MOST); i++) {
      Position one = problems.under("items[" + i + "]", r.items().get(i)::position);
      if (one != null) {
        positions.add(one);
      }
    }
    problems.orThrow();
    return new Positions(positions, Fields.or(r.measuredToMm(), 0));
  }
}
