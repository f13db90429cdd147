package app.unimetric.server.compute.joint;

import app.unimetric.core.fastener.CastleNut;
import app.unimetric.core.why.Derivation;
import app.unimetric.server.compute.ComputeCall;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;

/** A castellated nut to its next alignment. */
@ComputeCall
public final class CastleNutCall {

  @Schema(
      name = "CastleNutRequest",
      example =
          "{\"slots\": 6, \"holes\": 1, \"angleNowDeg\": 20, \"torqueNowNm\": 80, \"nmPerDegree\": 0.6, \"maxNm\": 120}")
  public record Request(
      @Schema(description = "even, 2 to 36") int slots,
      @Schema(description = "cross holes through the axle") int holes,
      @Schema(description = "past the last alignment, degrees") double angleNowDeg,
      @Schema(description = "N·m") double torqueNowNm,
      @Schema(description = "N·m per degree") double nmPerDegree,
      @Schema(description = "N·m") @Nullable Double maxNm) {}

  @Schema(name = "CastleNutResponse", description = "degrees, N·m")
  public record Response(
      double turnDeg,
      double torqueThereNm,
      boolean allowed,
      double stepDeg,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Operation(summary = "A castellated nut to its next alignment")
  @PostMapping("/castle-nut")
  Response castleNut(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    CastleNut n =
        CastleNut.next(
            r.slots(), r.holes(), r.angleNowDeg(), r.torqueNowNm(), r.nmPerDegree(), r.maxNm());
    return new Response(
        n.turnDeg(),
        n.torqueThereNm(),
        n.allowed(),
        n.stepDeg(),
        n.reasons(),
        why ? n.derivation() : null);
  }
}
