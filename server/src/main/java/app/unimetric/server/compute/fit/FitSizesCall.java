package app.unimetric.server.compute.fit;

import app.unimetric.core.fit.SteererStack;
import app.unimetric.core.fit.ThroughAxle;
import app.unimetric.core.fit.UsualSize;
import app.unimetric.core.pack.FitCall;
import app.unimetric.core.quantity.Inch;
import app.unimetric.server.compute.ComputeCall;
import app.unimetric.server.web.MadeOnce;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.util.Arrays;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import tools.jackson.databind.json.JsonMapper;

/** What the fit desk offers to choose from. */
@ComputeCall
public final class FitSizesCall {

  @Schema(
      name = "UsualSize",
      description =
          "mm: width and bore of a shell, near and far diameter of a spindle, upper and lower of a steerer, diameter and pitch of an axle")
  public record Size(UsualSize.Of what, String name, double firstMm, double secondMm) {}

  @Schema(name = "FitOffered", description = "a calculation by its code, its address and in words")
  public record Offered(FitCall code, String call, String words) {}

  @Schema(name = "FitSizesResponse")
  public record Response(
      double mmPerInch,
      @Schema(description = "gap above a steerer where the part says nothing, mm")
          SteererStackCall.Target gap,
      @Schema(description = "by how much axles may differ in length, mm") double axleToleranceMm,
      List<Size> sizes,
      List<Offered> fits) {}

  private final MadeOnce made;

  FitSizesCall(JsonMapper json) {
    made = new MadeOnce(json.writeValueAsBytes(sizes()));
  }

  @Operation(
      summary = "What the fit desk offers to choose from",
      responses =
          @ApiResponse(
              responseCode = "200",
              description = "OK",
              content = @Content(schema = @Schema(implementation = Response.class))))
  @GetMapping(path = "/fit-sizes", consumes = MediaType.ALL_VALUE)
  ResponseEntity<byte[]> answer() {
    return made.answer();
  }

  private static Response sizes() {
    SteererStack.Target usual = SteererStack.Target.USUAL;
    return new Response(
        Inch.MM,
        new SteererStackCall.Target(usual.minMm(), usual.aimMm(), usual.maxMm()),
        ThroughAxle.TOLERANCE_MM,
        Arrays.stream(UsualSize.values())
            .map(s -> new Size(s.what(), s.spoken(), s.firstMm(), s.secondMm()))
            .toList(),
        Arrays.stream(FitCall.values()).map(c -> new Offered(c, c.call(), c.words())).toList());
  }
}
