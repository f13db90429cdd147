package app.unimetric.server.compute.torque;

import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.stated.Aim;
import app.unimetric.core.stated.AlsoStated;
import app.unimetric.core.stated.Conflict;
import app.unimetric.core.stated.Duty;
import app.unimetric.core.stated.Form;
import app.unimetric.core.stated.JointContext;
import app.unimetric.core.stated.Resolution;
import app.unimetric.core.stated.Resolver;
import app.unimetric.core.stated.Role;
import app.unimetric.core.stated.Source;
import app.unimetric.core.stated.StatedValue;
import app.unimetric.core.stated.StatementFields;
import app.unimetric.core.stated.Tolerances;
import app.unimetric.core.stated.Trait;
import app.unimetric.core.stated.UnitSlip;
import app.unimetric.core.thread.ScrewThread;
import app.unimetric.core.why.Derivation;
import app.unimetric.server.compute.ComputeCall;
import app.unimetric.server.compute.Fields;
import app.unimetric.server.compute.joint.ThreadCall;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;

/** Several stated values to one band and one aim. */
@ComputeCall
public final class ResolveCall {

  @Schema(
      name = "StatedTwice",
      description = "the same value stated a second time, in another unit")
  public record Twice(double value, TorqueUnit unit) {}

  @Schema(name = "ResolveValue", description = "one value as stated; figures in its unit")
  public record Value(
      Form form,
      @Nullable Double value,
      @Nullable Double min,
      @Nullable Double max,
      @Nullable Double angleDeg,
      @Nullable List<Double> stages,
      @Nullable TorqueUnit unit,
      Source source,
      @Nullable String part,
      @Schema(description = "speaks for the part being fitted") @Nullable Boolean newPart,
      @Schema(description = "speaks for a part in the clamp") @Nullable Boolean clampedPart,
      @Nullable FrictionCondition condition,
      @Nullable Boolean approximate,
      @Nullable Twice alsoStated) {

    StatedValue value(Problems problems) {
      Twice twice = alsoStated;
      AlsoStated also =
          twice == null
              ? null
              : problems.under("alsoStated", () -> AlsoStated.of(twice.value(), twice.unit()));
      problems.orThrow();
      return new StatedValue(
          new StatementFields(
                  form, value, min, max, angleDeg, stages == null ? List.of() : stages, unit)
              .statement(),
          source,
          part,
          Boolean.TRUE.equals(newPart),
          condition == null ? FrictionCondition.UNKNOWN : condition,
          Boolean.TRUE.equals(approximate),
          also);
    }
  }

  @Schema(
      name = "ResolveRequest",
      example =
          "{\"values\": [{\"form\": \"VALUE\", \"value\": 10, \"unit\": \"N.m\", \"source\": \"PART_MARKING\"},"
              + " {\"form\": \"VALUE\", \"value\": 88, \"unit\": \"N.m\", \"source\": \"KIT_SHEET\"}],"
              + " \"thread\": {\"nominalDiameterMm\": 6, \"pitchMm\": 1}, \"propertyClass\": \"8.8\"}")
  public record Request(
      @Schema(description = "1 to 64 values") List<Value> values,
      ThreadCall.@Nullable Request thread,
      @Schema(description = "mark on the head, such as 8.8 or A2-70")
          @Nullable String propertyClass,
      @Schema(description = "a hexagon where nothing is said") @Nullable Head head,
      @Nullable Role role,
      @Nullable Boolean critical,
      @Nullable Boolean carbon,
      @Nullable Boolean softThread,
      @Nullable Aim aim,
      @Schema(description = "percent, 0 to 50") @Nullable Double toolDeviationPercent,
      @Schema(description = "band round a single value, percent, 0 to 50")
          @Nullable Double tolerancePercent) {}

  @Schema(
      name = "ResolveResponse",
      description = "torques in N·m; without a figure in any source the band is left out")
  public record Response(
      @Nullable Double bandMinNm,
      @Nullable Double bandMaxNm,
      @Nullable Double aimNm,
      @Nullable Integer governing,
      List<Conflict> conflicts,
      List<UnitSlip> unitSlips,
      boolean ready,
      List<String> blockers,
      List<String> reasons,
      @Nullable List<Derivation> derivation) {}

  @Operation(summary = "Stated values to one band and one aim, with conflicts and unit slips")
  @PostMapping("/resolve")
  Response resolve(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    Problems problems = new Problems();
    List<StatedValue> values = new ArrayList<>();
    for (int i = 0; i < Math.min(r.values().size(), 65); i++) {
      Value given = r.values().get(i);
      StatedValue value =
          given == null
              ? problems.under("values[" + i + "]", () -> Fields.missing(""))
              : problems.under("values[" + i + "]", () -> given.value(new Problems()));
      if (value != null) {
        values.add(value);
      }
    }
    ThreadCall.Request givenThread = r.thread();
    ScrewThread thread = givenThread == null ? null : problems.under("thread", givenThread::thread);
    String mark = r.propertyClass();
    PropertyClass material =
        mark == null ? null : problems.under("propertyClass", () -> PropertyClass.parse(mark));
    JointContext joint =
        problems.under(
            "",
            () ->
                new JointContext(
                    thread,
                    material,
                    r.head() == null ? Head.HEX : r.head(),
                    duty(r),
                    r.aim() == null ? Aim.MIDDLE : r.aim(),
                    r.toolDeviationPercent(),
                    r.tolerancePercent() == null
                        ? Tolerances.USUAL
                        : Tolerances.same(r.tolerancePercent()),
                    false));
    problems.orThrow();
    Resolution answer = Resolver.resolve(values, joint == null ? JointContext.plain() : joint);
    TorqueBand band = answer.band();
    return new Response(
        band == null ? null : band.minNm(),
        band == null ? null : band.maxNm(),
        answer.aimNm(),
        answer.governing(),
        answer.conflicts(),
        answer.unitSlips(),
        answer.ready(),
        answer.blockers(),
        answer.reasons(),
        why ? answer.derivation() : null);
  }

  private static Duty duty(Request r) {
    Set<Trait> traits = EnumSet.noneOf(Trait.class);
    if (Boolean.TRUE.equals(r.critical())) {
      traits.add(Trait.CRITICAL);
    }
    if (Boolean.TRUE.equals(r.carbon())) {
      traits.add(Trait.CARBON);
    }
    if (Boolean.TRUE.equals(r.softThread())) {
      traits.add(Trait.SOFT_THREAD);
    }
    return new Duty(r.role() == null ? Role.CLAMP : r.role(), traits, null);
  }
}
