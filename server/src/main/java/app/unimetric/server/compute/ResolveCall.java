package app.unimetric.server.compute;

import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.spec.Aim;
import app.unimetric.core.spec.AlsoStated;
import app.unimetric.core.spec.Conflict;
import app.unimetric.core.spec.JointContext;
import app.unimetric.core.spec.Resolution;
import app.unimetric.core.spec.Resolver;
import app.unimetric.core.spec.Role;
import app.unimetric.core.spec.SpecForm;
import app.unimetric.core.spec.SpecSource;
import app.unimetric.core.spec.SpecValue;
import app.unimetric.core.spec.UnitSlip;
import app.unimetric.core.thread.MetricThread;
import app.unimetric.core.why.Derivation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Several stated values to one band and one aim. */
final class ResolveCall {
  private ResolveCall() {}

  @Schema(
      name = "StatedTwice",
      description = "the same value stated a second time, in another unit")
  record Twice(double value, TorqueUnit unit) {}

  @Schema(name = "ResolveValue", description = "one value as stated; figures in its unit")
  record Value(
      SpecForm form,
      @Nullable Double value,
      @Nullable Double min,
      @Nullable Double max,
      @Nullable Double angleDeg,
      @Nullable List<Double> stages,
      @Nullable TorqueUnit unit,
      SpecSource source,
      @Nullable String part,
      @Schema(description = "speaks for the part being fitted") @Nullable Boolean newPart,
      @Schema(description = "speaks for a part in the clamp") @Nullable Boolean clampedPart,
      @Nullable FrictionCondition condition,
      @Nullable Boolean approximate,
      @Nullable Twice alsoStated) {

    SpecValue value(Problems problems) {
      Twice twice = alsoStated;
      AlsoStated also =
          twice == null
              ? null
              : problems.under("alsoStated", () -> AlsoStated.of(twice.value(), twice.unit()));
      problems.orThrow();
      return new SpecValue(
          form,
          value,
          min,
          max,
          angleDeg,
          stages == null ? List.of() : stages,
          unit,
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
  record Request(
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
  record Response(
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

  static Response answer(Request r, boolean why) {
    Problems problems = new Problems();
    List<SpecValue> values = new ArrayList<>();
    for (int i = 0; i < Math.min(r.values().size(), 65); i++) {
      Value given = r.values().get(i);
      SpecValue value =
          given == null
              ? problems.under("values[" + i + "]", () -> Fields.missing(""))
              : problems.under("values[" + i + "]", () -> given.value(new Problems()));
      if (value != null) {
        values.add(value);
      }
    }
    ThreadCall.Request givenThread = r.thread();
    MetricThread thread =
        givenThread == null ? null : problems.under("thread", givenThread::thread);
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
                    r.role() == null ? Role.CLAMP : r.role(),
                    Boolean.TRUE.equals(r.critical()),
                    Boolean.TRUE.equals(r.carbon()),
                    Boolean.TRUE.equals(r.softThread()),
                    r.aim() == null ? Aim.MIDDLE : r.aim(),
                    r.toolDeviationPercent(),
                    r.tolerancePercent()));
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
}
