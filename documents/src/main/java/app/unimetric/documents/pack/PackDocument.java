package app.unimetric.documents.pack;

import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.Material;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.order.Binding;
import app.unimetric.core.order.TaskKind;
import app.unimetric.core.pack.MachineKind;
import app.unimetric.core.pack.Measure;
import app.unimetric.core.pack.PartRole;
import app.unimetric.core.pack.Phase;
import app.unimetric.core.pack.School;
import app.unimetric.core.pack.Side;
import app.unimetric.core.pack.Turn;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.sequence.GapStyle;
import app.unimetric.core.sequence.Layout;
import app.unimetric.core.stated.Aim;
import app.unimetric.core.stated.Form;
import app.unimetric.core.stated.Role;
import app.unimetric.core.stated.Source;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.surface.Hole;
import app.unimetric.core.surface.Lock;
import app.unimetric.core.surface.Surface;
import app.unimetric.core.thread.Hand;
import com.fasterxml.jackson.annotation.JsonCreator;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** A job pack, field by field as its schema in docs/formats has it. */
record PackDocument(
    String format,
    int version,
    String key,
    String title,
    String summary,
    MachineKind machineKind,
    @Nullable List<String> models,
    String fits,
    @Nullable List<String> words,
    @Nullable List<String> cautions,
    @Nullable List<MeasureFields> asFound,
    @Nullable List<FitFields> fitChecks,
    @Nullable List<MeasureFields> inspections,
    @Nullable List<String> specialTools,
    @Nullable List<String> consumables,
    @Nullable List<PartFields> oneTimeParts,
    @Nullable List<PartFields> parts,
    @Nullable List<StepFields> steps,
    List<JointFields> joints,
    @Nullable List<RuleFields> order,
    @Nullable List<CheckFields> checks,
    @Nullable List<RecheckFields> rechecks,
    @Nullable List<AssemblyFields> assemblies,
    @Nullable List<OptionFields> options,
    @Nullable Boolean sidesInTurn,
    @Nullable String sidesQuestion,
    @Nullable List<AroundFields> around,
    @Nullable List<TogetherFields> together) {

  /** Something measured or looked at; a bare text is only looked at. */
  record MeasureFields(
      String what,
      @Nullable String unit,
      @Nullable Double min,
      @Nullable Double max,
      @Nullable String limit,
      @Nullable Double within,
      Measure.@Nullable End onPart,
      @Nullable Map<String, List<String>> when,
      @Nullable Boolean eachSide,
      @Nullable Side side) {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    static MeasureFields ofText(String what) {
      return new MeasureFields(what, null, null, null, null, null, null, null, null, null);
    }
  }

  /** A question of fit; a bare text is answered by looking. */
  record FitFields(
      String question,
      @Nullable String call,
      @Nullable Map<String, List<String>> when,
      @Nullable Boolean eachSide,
      @Nullable Side side) {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    static FitFields ofText(String question) {
      return new FitFields(question, null, null, null, null);
    }
  }

  /**
   * A job this one stands inside.
   *
   * @param pack its key
   * @param document as it stood when the job was opened; null in a pack on offer
   */
  record AroundFields(
      String pack,
      @Nullable Map<String, List<String>> when,
      @Nullable Map<String, Object> document) {}

  /**
   * A job done in one visit with others.
   *
   * @param pack its key
   * @param document as it stood when the visit was opened
   */
  record TogetherFields(String pack, @Nullable Map<String, Object> document) {}

  record PartFields(
      String name,
      int count,
      @Nullable PartRole role,
      @Nullable Map<String, List<String>> when,
      @Nullable Boolean eachSide,
      @Nullable Side side) {}

  /** Joints by their ids. */
  record AssemblyFields(
      String id, String title, List<String> joints, @Nullable Boolean onTheBench) {}

  record OptionFields(
      String id, String question, List<AnswerFields> answers, @Nullable School school) {}

  record AnswerFields(String id, String words) {}

  record UndoFields(String text, @Nullable String before, @Nullable String after) {}

  record StepFields(
      String id,
      Phase phase,
      String title,
      String text,
      @Nullable List<String> traps,
      @Nullable Double minutes,
      @Nullable Boolean hold,
      @Nullable String before,
      @Nullable String after,
      @Nullable TaskKind kind,
      @Nullable Map<String, List<String>> when,
      @Nullable Boolean eachSide,
      @Nullable Side side) {}

  record RuleFields(String before, String after, @Nullable Binding binding, String reason) {}

  record CheckFields(
      String id, String title, String text, @Nullable Map<String, List<String>> when) {}

  record RecheckFields(
      String why,
      @Nullable Boolean afterFirstRide,
      @Nullable Double km,
      @Nullable Integer days,
      @Nullable Double hours,
      @Nullable List<String> joints) {}

  record JointFields(
      String id,
      String title,
      String thread,
      @Nullable Hand hand,
      @Nullable String propertyClass,
      @Nullable Head head,
      int count,
      @Nullable Layout layout,
      @Nullable GapStyle gapStyle,
      @Nullable Turn turn,
      @Nullable Role role,
      @Nullable Boolean critical,
      @Nullable Boolean carbon,
      @Nullable Boolean softThread,
      @Nullable Boolean settles,
      @Nullable Boolean wheel,
      @Nullable Boolean control,
      @Nullable Aim aim,
      SurfaceFields surface,
      @Nullable List<Double> passesPercent,
      @Nullable List<ValueFields> values,
      @Nullable List<String> slots,
      @Nullable String drive,
      @Nullable String counterHold,
      @Nullable String access,
      @Nullable Boolean usedOnce,
      @Nullable Double minutes,
      @Nullable Boolean tried,
      @Nullable Double leftAtNm,
      @Nullable String slipTest,
      @Nullable CastellationFields castellation,
      @Nullable SetToCheckFields setToCheck,
      @Nullable List<String> traps,
      @Nullable UndoFields undo,
      @Nullable String place,
      @Nullable Map<String, List<String>> when,
      @Nullable Boolean eachSide,
      @Nullable Side side) {}

  record SetToCheckFields(String feel, @Nullable Double atMost, @Nullable DrawToFields drawTo) {}

  record DrawToFields(double nm, String saidBy) {}

  record CastellationFields(@Nullable Integer slots, @Nullable Integer holes) {}

  record SurfaceFields(
      @Nullable Material bolt,
      @Nullable Material female,
      @Nullable Material clamped,
      @Nullable Lock lock,
      @Nullable Surface kind,
      @Nullable Boolean mustComeApart,
      @Nullable Boolean vibrates,
      @Nullable Boolean nearPlastic,
      @Nullable Boolean nearCarbon,
      @Nullable Double temperatureC,
      @Nullable Hole hole,
      @Nullable Boolean nutAccess,
      @Nullable Compound makerSays) {}

  record ValueFields(
      @Nullable Form form,
      @Nullable TorqueUnit unit,
      @Nullable Double value,
      @Nullable Double min,
      @Nullable Double max,
      @Nullable Double angleDeg,
      @Nullable List<Double> stages,
      Source source,
      @Nullable String part,
      @Nullable Boolean newPart,
      @Nullable FrictionCondition condition,
      @Nullable Boolean approximate,
      @Nullable TwiceFields alsoStated,
      String document) {}

  record TwiceFields(TorqueUnit unit, double value) {}
}
