package app.unimetric.server.compute.desk;

import app.unimetric.core.carbon.ClampPressure;
import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.Material;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.order.Binding;
import app.unimetric.core.order.TaskKind;
import app.unimetric.core.pack.FitCall;
import app.unimetric.core.pack.Measure;
import app.unimetric.core.pack.PartRole;
import app.unimetric.core.pack.Phase;
import app.unimetric.core.pack.School;
import app.unimetric.core.pack.Side;
import app.unimetric.core.pack.Turn;
import app.unimetric.core.sequence.GapStyle;
import app.unimetric.core.sequence.Layout;
import app.unimetric.core.stated.Aim;
import app.unimetric.core.stated.Role;
import app.unimetric.core.stated.Source;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.surface.Hole;
import app.unimetric.core.surface.Lock;
import app.unimetric.core.surface.Surface;
import app.unimetric.core.thread.Hand;
import app.unimetric.core.thread.ScrewThread;
import app.unimetric.core.thread.ThreadSeries;
import app.unimetric.documents.pack.UnsaidOfAJoint;
import app.unimetric.server.compute.ComputeCall;
import app.unimetric.server.web.MadeOnce;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import tools.jackson.databind.json.JsonMapper;

/** What a desk offers to choose from, with the figures behind each choice. */
@ComputeCall
public final class ChoicesCall {
  private static final ScrewThread M8 = ScrewThread.parse("M8");

  @Schema(name = "ThreadChoice", description = "mm")
  public record ThreadChoice(
      String name,
      double nominalDiameterMm,
      double pitchMm,
      Hand hand,
      @Schema(description = "which way it is turned, where that is unusual")
          @Nullable String turning,
      String note,
      @Schema(description = "by which any call knows it") String designation) {}

  @Schema(name = "ClassChoice", description = "MPa, up to M16")
  public record ClassChoice(String mark, double ultimateMPa, double yieldMPa, String source) {}

  @Schema(name = "ConditionChoice")
  public record ConditionChoice(
      FrictionCondition code, String words, double min, double nominal, double max) {}

  @Schema(name = "MaterialChoice", description = "MPa, typical; left out where none is promised")
  public record MaterialChoice(Material code, String words, @Nullable Double ultimateMPa) {}

  @Schema(name = "HeadChoice")
  public record HeadChoice(Head code, String words) {}

  @Schema(name = "ChoicesResponse")
  public record Response(
      List<ThreadChoice> threads,
      List<ClassChoice> classes,
      List<HeadChoice> heads,
      List<ConditionChoice> conditions,
      List<MaterialChoice> materials,
      List<Choice> sources,
      List<Choice> roles,
      List<Choice> layouts,
      List<Choice> clampStyles,
      List<Choice> gapStyles,
      List<Choice> schools,
      List<Choice> clampedMaterials,
      List<Choice> locks,
      List<Choice> surfaces,
      List<Choice> holes,
      List<Choice> products,
      List<Choice> aims,
      List<Choice> turns,
      List<Choice> phases,
      List<Choice> stepKinds,
      List<Choice> partRoles,
      List<Choice> bindings,
      @Schema(description = "calculations that answer a question of fit") List<Choice> fitCalls,
      @Schema(description = "which limit of a measure stands on the part") List<Choice> limitEnds,
      List<Choice> sides,
      @Schema(description = "phases whose steps a rule of order may name") List<Choice> boundPhases,
      @Schema(description = "what counts of a joint where its document says nothing, by field")
          Map<String, String> unsaidOfAJoint) {}

  @Schema(name = "Choice", description = "a code of the API and what people call it")
  public record Choice(String code, String words) {
    private static <E extends Enum<E>> List<Choice> all(E[] codes, Function<E, String> words) {
      return Arrays.stream(codes).map(c -> new Choice(c.name(), words.apply(c))).toList();
    }
  }

  private final MadeOnce made;

  ChoicesCall(JsonMapper json) {
    made = new MadeOnce(json.writeValueAsBytes(choices()));
  }

  @Operation(
      summary = "What the desks offer to choose from",
      responses =
          @ApiResponse(
              responseCode = "200",
              description = "OK",
              content = @Content(schema = @Schema(implementation = Response.class))))
  @GetMapping(path = "/choices", consumes = MediaType.ALL_VALUE)
  ResponseEntity<byte[]> answer() {
    return made.answer();
  }

  private static Response choices() {
    return new Response(
        ThreadSeries.all().stream()
            .map(
                t ->
                    new ThreadChoice(
                        t.name(),
                        t.thread().nominalDiameterMm(),
                        t.thread().pitchMm(),
                        t.hand(),
                        t.hand().unusual().orElse(null),
                        t.note(),
                        t.thread().designation()))
            .toList(),
        Arrays.stream(PropertyClass.values())
            .map(c -> new ClassChoice(c.mark(), c.ultimateMPa(M8), c.yieldMPa(M8), c.source()))
            .toList(),
        Arrays.stream(Head.values()).map(h -> new HeadChoice(h, h.words())).toList(),
        Arrays.stream(FrictionCondition.values())
            .map(
                c ->
                    new ConditionChoice(
                        c, c.words(), c.min().thread(), c.nominal().thread(), c.max().thread()))
            .toList(),
        Arrays.stream(Material.values())
            .filter(m -> m != Material.CARBON)
            .map(m -> new MaterialChoice(m, m.words(), m.ultimateMPa()))
            .toList(),
        Choice.all(Source.values(), Source::words),
        Choice.all(Role.values(), Role::words),
        Choice.all(Layout.values(), Layout::words),
        Choice.all(ClampPressure.Style.values(), ClampPressure.Style::words),
        Choice.all(GapStyle.values(), GapStyle::words),
        Choice.all(School.values(), School::question),
        Choice.all(Material.values(), Material::words),
        Choice.all(Lock.values(), Lock::words),
        Choice.all(Surface.values(), Surface::words),
        Choice.all(Hole.values(), Hole::words),
        Choice.all(Compound.values(), Compound::words),
        Choice.all(Aim.values(), Aim::words),
        Choice.all(Turn.values(), Turn::words),
        Choice.all(Phase.values(), Phase::words),
        Choice.all(
            Arrays.stream(TaskKind.values()).filter(TaskKind::isOfAStep).toArray(TaskKind[]::new),
            TaskKind::words),
        Choice.all(PartRole.values(), PartRole::words),
        Choice.all(Binding.values(), Binding::words),
        Arrays.stream(FitCall.values()).map(c -> new Choice(c.call(), c.words())).toList(),
        Choice.all(Measure.End.values(), Measure.End::words),
        Choice.all(Side.values(), Side::words),
        Choice.all(
            Arrays.stream(Phase.values())
                .filter(p -> p.part() == Phase.Part.AMONG)
                .toArray(Phase[]::new),
            Phase::words),
        UnsaidOfAJoint.byField());
  }
}
