package app.unimetric.server.compute.fit;

import app.unimetric.core.fit.FitVerdict;
import app.unimetric.core.fit.HubStack;
import app.unimetric.core.pack.FitCall;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.why.Derivation;
import app.unimetric.server.compute.ComputeCall;
import app.unimetric.server.compute.Fields;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;

/** Spacers beside two hubs. */
@ComputeCall
public final class HubStackCall implements FitAsked<HubStackCall.Request> {

  @Schema(name = "HubFaces")
  public record Meeting(HubStack.Face face, HubStack.Face against) {}

  @Schema(name = "SpacerSeat", description = "mm")
  public record Seat(double boreMm, double shoulderMm) {}

  @Schema(
      name = "HubThread",
      description =
          "mm; pin: from the nut to the far edge of the pin's hole, 0 where there is none")
  public record Thread(double outsideMm, double nutMm, double pinMm) {}

  @Schema(name = "HubSide")
  public record OneSide(
      @Schema(description = "from the machine outwards, mm") List<Double> spacersMm,
      @Schema(description = "of each spacer, whether it stands inboard of the hub")
          List<Boolean> inboard,
      @Schema(description = "faces that meet") @Nullable List<Meeting> meetings,
      @Nullable List<Seat> seats,
      @Nullable Thread thread) {
    HubStack.OneSide side() {
      Fields.noNulls(spacersMm, "spacersMm");
      Fields.noNulls(inboard, "inboard");
      Fields.noNulls(meetings, "meetings");
      Fields.noNulls(seats, "seats");
      return new HubStack.OneSide(
          spacersMm,
          inboard,
          meetings == null
              ? List.of()
              : meetings.stream().map(m -> new HubStack.Meeting(m.face(), m.against())).toList(),
          seats == null
              ? List.of()
              : seats.stream().map(s -> new HubStack.Seat(s.boreMm(), s.shoulderMm())).toList(),
          thread == null
              ? null
              : new HubStack.ThreadLeft(thread.outsideMm(), thread.nutMm(), thread.pinMm()));
    }
  }

  @Schema(name = "HubSides")
  public record Sides(OneSide left, OneSide right) {}

  @Schema(
      name = "HubStackRequest",
      example =
          "{\"left\": {\"spacersMm\": [25, 15], \"inboard\": [true, false]}, \"right\": {\"spacersMm\": [25, 15], \"inboard\": [true, false]}, \"before\": {\"left\": {\"spacersMm\": [10, 30], \"inboard\": [true, false]}, \"right\": {\"spacersMm\": [10, 30], \"inboard\": [true, false]}}}")
  public record Request(
      OneSide left,
      OneSide right,
      @Schema(description = "left out: as against nothing inboard") @Nullable Sides before,
      @Schema(description = "by how much each width may be wrong, mm; left out: 0")
          @Nullable Double measuredToMm) {}

  @Schema(
      name = "HubStackResponse",
      description = "mm, both sides together; balanced: both wheels stand out alike")
  public record Response(
      double trackChangeMm,
      boolean balanced,
      @Nullable FitVerdict inShort,
      List<String> fails,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Override
  public FitCall call() {
    return FitCall.HUB_STACK;
  }

  @Operation(summary = "How far out the wheels stand with their spacers")
  @PostMapping("/hub-stack")
  Response hubs(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    HubStack h = judge(r);
    return new Response(
        h.trackChangeMm(),
        h.balanced(),
        h.inShort(),
        h.fails(),
        h.reasons(),
        why ? h.derivation() : null);
  }

  @Override
  public HubStack judge(Request r) {
    Problems problems = new Problems();
    HubStack.OneSide left = problems.under("left", r.left()::side);
    HubStack.OneSide right = problems.under("right", r.right()::side);
    Sides was = r.before();
    HubStack.OneSide leftBefore =
        was == null ? null : problems.under("before.left", was.left()::side);
    HubStack.OneSide rightBefore =
        was == null ? null : problems.under("before.right", was.right()::side);
    problems.orThrow();
    return HubStack.of(
        new HubStack.Sides(Objects.requireNonNull(left), Objects.requireNonNull(right)),
        leftBefore == null || rightBefore == null
            ? null
            : new HubStack.Sides(leftBefore, rightBefore),
        Fields.or(r.measuredToMm(), 0));
  }
}
