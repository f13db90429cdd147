package app.unimetric.core.plan;

import app.unimetric.core.fastener.BearingFace;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.joint.AssemblyPreload;
import app.unimetric.core.joint.Friction;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.joint.TighteningTorque;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.pack.StatedValue;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.sequence.FastenerPosition;
import app.unimetric.core.sequence.Precedence;
import app.unimetric.core.sequence.TighteningOrder;
import app.unimetric.core.spec.JointContext;
import app.unimetric.core.spec.Resolution;
import app.unimetric.core.spec.Resolver;
import app.unimetric.core.spec.SpecForm;
import app.unimetric.core.spec.SpecValue;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.surface.CompoundAdvice;
import app.unimetric.core.surface.CompoundChoice;
import app.unimetric.core.thread.Hand;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.ToolChoice;
import app.unimetric.core.why.Why;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** Works out one joint of a job. */
final class JointPlanner {
  private JointPlanner() {}

  static PlannedJoint plan(
      PackJoint joint,
      List<Precedence.Rule> rules,
      List<Decision> decisions,
      List<CribTool> crib,
      Policy policy,
      LocalDate today) {
    JointContext context = joint.context(policy.aim());
    List<SpecValue> values = joint.values().stream().map(StatedValue::value).toList();
    Resolution asStated =
        values.isEmpty() ? Resolution.nothingStated() : Resolver.resolve(values, context);
    Decision decision = latest(joint.id(), values.size(), decisions);
    Resolution resolution = decision == null ? asStated : decided(values, decision, context);
    Why why = new Why().add(resolution.derivation());
    Ceiling ceiling = ceiling(joint, governing(values, decision, resolution), why);
    CompoundAdvice compound = CompoundChoice.choose(joint.situation());
    TorqueBand band = resolution.band();
    List<ToolChoice> tools =
        band == null
            ? List.of()
            : ToolChoice.rank(
                band, resolution.aimNm(), resolution.capNm(), joint.critical(), crib, today);
    ToolChoice tool = tools.stream().filter(ToolChoice::usable).findFirst().orElse(null);
    return new PlannedJoint(
        joint,
        asStated,
        resolution,
        decision,
        ceiling,
        compound,
        tools,
        tool,
        TighteningOrder.passes(
            joint.count(), joint.layout(), joint.gapStyle(), joint.passesPercent()),
        FastenerPosition.all(joint.count(), joint.layout()),
        rules.stream()
            .filter(r -> r.after().equals(joint.id()))
            .map(Precedence.Rule::reason)
            .toList(),
        TighteningOrder.reasons(joint.count(), joint.layout(), joint.gapStyle()),
        notes(joint, governing(values, decision, resolution), resolution, compound),
        why.derivation());
  }

  private static @Nullable Decision latest(String jointId, int values, List<Decision> decisions) {
    Decision latest = null;
    for (Decision d : decisions) {
      if (d.jointId().equals(jointId) && d.valueIndex() >= 0 && d.valueIndex() < values) {
        latest = d;
      }
    }
    return latest;
  }

  /** The decided value with every maximum still over it: nobody decides a part's limit away. */
  private static Resolution decided(
      List<SpecValue> values, Decision decision, JointContext context) {
    List<SpecValue> kept = new ArrayList<>();
    kept.add(read(values.get(decision.valueIndex()), decision));
    for (int i = 0; i < values.size(); i++) {
      if (i != decision.valueIndex() && values.get(i).form() == SpecForm.MAXIMUM) {
        kept.add(values.get(i));
      }
    }
    Resolution r = Resolver.resolve(kept, context);
    List<String> reasons = new ArrayList<>(r.reasons());
    reasons.add(0, "Decided by " + decision.by() + ": " + decision.reason());
    return new Resolution(
        r.band(),
        r.aimNm(),
        decision.valueIndex(),
        r.capNm(),
        r.conflicts(),
        r.unitSlips(),
        r.ready(),
        r.blockers(),
        reasons,
        r.derivation());
  }

  private static SpecValue read(SpecValue v, Decision decision) {
    return decision.readAs() == null
        ? v
        : new SpecValue(
            v.form(),
            v.value(),
            v.min(),
            v.max(),
            v.angleDeg(),
            v.stages(),
            decision.readAs(),
            v.source(),
            v.part(),
            v.newPart(),
            v.condition(),
            v.approximate(),
            null);
  }

  private static @Nullable SpecValue governing(
      List<SpecValue> values, @Nullable Decision decision, Resolution resolution) {
    Integer index =
        decision == null ? resolution.governing() : Integer.valueOf(decision.valueIndex());
    return index == null ? null : values.get(index);
  }

  private static @Nullable Ceiling ceiling(
      PackJoint joint, @Nullable SpecValue governing, Why why) {
    PropertyClass material = joint.propertyClass();
    if (material == null) {
      return null;
    }
    FrictionCondition condition =
        governing == null ? FrictionCondition.UNKNOWN : governing.condition();
    BearingFace face = joint.head().face(joint.thread());
    AssemblyPreload at =
        AssemblyPreload.at(
            AssemblyPreload.USUAL_UTILISATION,
            material.yieldMPa(joint.thread()),
            joint.thread(),
            face,
            condition.nominal());
    why.add(joint.thread().derivation());
    why.derive("F_M", at.preloadN(), "N", "σ_M·A_s at ν = 0.9", AssemblyPreload.SOURCE);
    why.derive(
        "T_90",
        at.torqueNm(),
        "N·m",
        "F_M·k at μ = " + condition.nominal().thread() + " (" + condition.words() + ")",
        TighteningTorque.SOURCE);
    return new Ceiling(
        at.torqueNm(),
        "90 % of yield of a " + material.mark() + " bolt, threads " + condition.words());
  }

  private static List<String> notes(
      PackJoint joint,
      @Nullable SpecValue governing,
      Resolution resolution,
      CompoundAdvice compound) {
    List<String> notes = new ArrayList<>();
    notes.add(joint.turn().words());
    if (joint.hand() == Hand.LEFT) {
      notes.add(
          "Left-hand thread: tighten "
              + joint.hand().tighten()
              + ", loosen "
              + joint.hand().loosen()
              + ".");
    }
    Double aim = resolution.aimNm();
    FrictionCondition wet = friction(compound.advice());
    if (governing != null
        && aim != null
        && governing.condition() == FrictionCondition.DRY
        && wet != null) {
      BearingFace face = joint.head().face(joint.thread());
      Friction from = FrictionCondition.DRY.nominal();
      double same = TighteningTorque.sameLoadNm(aim, joint.thread(), face, from, wet.nominal());
      notes.add(
          String.format(
              Locale.ROOT,
              "The value was stated for dry threads. With %s the same clamp load is reached at about %.1f N·m; ask the maker whether to lower it.",
              compound.advice().words(),
              same));
    }
    return notes;
  }

  private static @Nullable FrictionCondition friction(Compound compound) {
    return switch (compound) {
      case LOW, MEDIUM, HIGH -> FrictionCondition.THREADLOCKER_WET;
      case GREASE -> FrictionCondition.GREASED;
      case ANTI_SEIZE -> FrictionCondition.ANTI_SEIZE;
      default -> null;
    };
  }
}
