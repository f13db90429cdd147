package app.unimetric.server.compute.surface;

import app.unimetric.core.fastener.Material;
import app.unimetric.core.surface.Circumstance;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.surface.CompoundAdvice;
import app.unimetric.core.surface.CompoundChoice;
import app.unimetric.core.surface.Hole;
import app.unimetric.core.surface.Lock;
import app.unimetric.core.surface.Situation;
import app.unimetric.core.surface.Surface;
import app.unimetric.core.thread.ScrewThread;
import app.unimetric.core.why.Derivation;
import app.unimetric.server.compute.ComputeCall;
import app.unimetric.server.compute.Fields;
import app.unimetric.server.compute.joint.ThreadCall;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;

/** What goes on a surface, and what never does. */
@ComputeCall
public final class CompoundCall {

  @Schema(name = "JointMaterials")
  public record Materials(Material bolt, Material female, @Nullable Material clamped) {}

  @Schema(
      name = "CompoundRequest",
      example =
          "{\"thread\": {\"nominalDiameterMm\": 8, \"pitchMm\": 1.25}, \"materials\": {\"bolt\": \"STEEL\", \"female\": \"ALUMINIUM_CAST\"}, \"vibrates\": true, \"hole\": \"BLIND\"}")
  public record Request(
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
  public record Response(
      Compound advice,
      String words,
      String where,
      List<String> preparation,
      List<String> never,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Operation(summary = "What goes on a surface, and what never does")
  @PostMapping("/compound")
  Response compound(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    ThreadCall.Request given = r.thread();
    ScrewThread thread = given == null ? null : Fields.under("thread", given::thread);
    CompoundAdvice a =
        CompoundChoice.choose(
            new Situation(
                thread,
                r.materials().bolt(),
                r.materials().female(),
                r.materials().clamped(),
                r.lock() == null ? Lock.NONE : r.lock(),
                r.surface() == null ? Surface.THREAD : r.surface(),
                r.hole() == null ? Hole.THROUGH : r.hole(),
                circumstances(r),
                r.temperatureC(),
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

  private static Set<Circumstance> circumstances(Request r) {
    Set<Circumstance> all = EnumSet.copyOf(Situation.USUAL);
    say(all, Circumstance.COMES_APART, r.mustComeApart());
    say(all, Circumstance.VIBRATES, r.vibrates());
    say(all, Circumstance.NEAR_PLASTIC, r.nearPlastic());
    say(all, Circumstance.NEAR_CARBON, r.nearCarbon());
    say(all, Circumstance.NUT_ACCESS, r.nutAccess());
    say(all, Circumstance.ASSEMBLED, r.assembled());
    return all;
  }

  private static void say(Set<Circumstance> all, Circumstance one, @Nullable Boolean holds) {
    if (Boolean.TRUE.equals(holds)) {
      all.add(one);
    } else if (holds != null) {
      all.remove(one);
    }
  }
}
