package app.unimetric.server.compute;

import app.unimetric.core.fastener.Material;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.surface.CompoundAdvice;
import app.unimetric.core.surface.CompoundChoice;
import app.unimetric.core.surface.Hole;
import app.unimetric.core.surface.Lock;
import app.unimetric.core.surface.Situation;
import app.unimetric.core.surface.Surface;
import app.unimetric.core.thread.MetricThread;
import app.unimetric.core.why.Derivation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What goes on a surface, and what never does. */
final class CompoundCall {
  private CompoundCall() {}

  @Schema(name = "JointMaterials")
  record Materials(Material bolt, Material female, @Nullable Material clamped) {}

  @Schema(
      name = "CompoundRequest",
      example =
          "{\"thread\": {\"nominalDiameterMm\": 8, \"pitchMm\": 1.25}, \"materials\": {\"bolt\": \"STEEL\", \"female\": \"ALUMINIUM_CAST\"}, \"vibrates\": true, \"hole\": \"BLIND\"}")
  record Request(
      ThreadCall.@Nullable Request thread,
      Materials materials,
      @Schema(description = "left out: NONE") @Nullable Lock lock,
      @Schema(description = "left out: THREAD") @Nullable Surface surface,
      @Schema(description = "left out: true") @Nullable Boolean mustComeApart,
      @Nullable Boolean vibrates,
      @Nullable Boolean nearPlastic,
      @Nullable Boolean nearCarbon,
      @Schema(description = "highest in use, °C") @Nullable Double temperatureC,
      @Schema(description = "left out: THROUGH") @Nullable Hole hole,
      @Schema(description = "left out: true") @Nullable Boolean nutAccess,
      @Schema(description = "already together") @Nullable Boolean assembled,
      @Nullable Compound makerSays) {}

  @Schema(name = "CompoundResponse")
  record Response(
      Compound advice,
      String words,
      String where,
      List<String> preparation,
      List<String> never,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  static Response answer(Request r, boolean why) {
    ThreadCall.Request given = r.thread();
    MetricThread thread = given == null ? null : Fields.under("thread", given::thread);
    CompoundAdvice a =
        CompoundChoice.choose(
            new Situation(
                thread,
                r.materials().bolt(),
                r.materials().female(),
                r.materials().clamped(),
                r.lock() == null ? Lock.NONE : r.lock(),
                r.surface() == null ? Surface.THREAD : r.surface(),
                !Boolean.FALSE.equals(r.mustComeApart()),
                Boolean.TRUE.equals(r.vibrates()),
                Boolean.TRUE.equals(r.nearPlastic()),
                Boolean.TRUE.equals(r.nearCarbon()),
                r.temperatureC(),
                r.hole() == null ? Hole.THROUGH : r.hole(),
                !Boolean.FALSE.equals(r.nutAccess()),
                Boolean.TRUE.equals(r.assembled()),
                r.makerSays()));
    return new Response(
        a.advice(),
        a.advice().words(),
        a.where(),
        a.preparation(),
        a.never(),
        a.reasons(),
        why ? List.of() : null);
  }
}
