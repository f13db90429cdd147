package app.unimetric.core.plan;

import app.unimetric.core.fastener.Fastener;
import app.unimetric.core.fastener.Material;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.joint.AssemblyPreload;
import app.unimetric.core.joint.Engagement;
import app.unimetric.core.joint.Friction;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.joint.TighteningTorque;
import app.unimetric.core.order.OrderRule;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.pack.TorqueSheet;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.sequence.Pass;
import app.unimetric.core.sequence.PassKind;
import app.unimetric.core.stated.Form;
import app.unimetric.core.stated.JointContext;
import app.unimetric.core.stated.Resolution;
import app.unimetric.core.stated.Resolver;
import app.unimetric.core.stated.StatedValue;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.surface.CompoundAdvice;
import app.unimetric.core.surface.CompoundChoice;
import app.unimetric.core.thread.ScrewThread;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.ToolChoice;
import app.unimetric.core.why.Why;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Works out one joint of a job. */
final class JointPlanner {
  private JointPlanner() {}

  static PlannedJoint plan(
      PackJoint joint,
      List<OrderRule> rules,
      List<Decision> decisions,
      List<CribTool> crib,
      @Nullable String chosenTool,
      Policy policy,
      LocalDate today) {
    JointContext context = joint.context(policy.aimOn(joint), policy.tolerances());
    List<StatedValue> values = joint.torque().stated();
    Resolution asStated =
        values.isEmpty() ? Resolution.nothingStated() : Resolver.resolve(values, context);
    Decision decision = latest(joint, decisions);
    Resolution resolution =
        decision == null ? asStated : decided(joint.torque(), decision, context);
    Integer holds = resolution.governing();
    StatedValue governing = holds == null ? null : values.get(holds);
    Why why = new Why().add(resolution.derivation());
    boolean plastic = joint.situation().female() == Material.PLASTIC;
    Ceiling ceiling = plastic ? null : ceiling(joint.fastener(), governing, why);
    CompoundAdvice compound = CompoundChoice.choose(joint.situation());
    Double leftAtNm = joint.turning().leftAtNm();
    TorqueBand band =
        leftAtNm == null ? resolution.band() : asLeft(leftAtNm, resolution.capNm(), context);
    Double aimNm = leftAtNm == null ? resolution.aimNm() : leftAtNm;
    List<ToolChoice> tools =
        band == null ? List.of() : tools(joint, resolution, band, aimNm, crib, today);
    ToolChoice best = tools.stream().filter(ToolChoice::usable).findFirst().orElse(null);
    ToolChoice tool =
        tools.stream()
            .filter(t -> t.usable() && t.tool().id().equals(chosenTool))
            .findFirst()
            .orElse(best);
    Climb climb = Climb.of(joint, resolution, tool).orElse(null);
    return new PlannedJoint(
        joint,
        asStated,
        resolution,
        decision,
        climb == null ? band : climb.band(),
        climb == null ? aimNm : (Double) climb.lastNm(),
        climb,
        ceiling,
        compound,
        tools,
        tool,
        passes(joint, governing, climb),
        joint.pattern().positions(),
        rules.stream().filter(r -> r.after().equals(joint.id())).map(OrderRule::reason).toList(),
        reasons(joint, climb),
        notes(
            joint,
            governing,
            resolution,
            NextSlot.of(joint, resolution, band, ceiling).orElse(null),
            compound,
            tool,
            best),
        why.derivation());
  }

  private static List<ToolChoice> tools(
      PackJoint joint,
      Resolution resolution,
      TorqueBand band,
      @Nullable Double aimNm,
      List<CribTool> crib,
      LocalDate today) {
    Double capNm = resolution.capNm();
    List<ToolChoice> ranked =
        ToolChoice.rank(
            band, aimNm, capNm, joint.duty().isCritical(), joint.fastener().hand(), crib, today);
    return capNm != null && Climb.isDue(joint, resolution)
        ? Climb.reachingFirst(ranked, capNm).stream()
            .map(t -> Climb.begunWith(t, joint, resolution))
            .toList()
        : ranked;
  }

  /** Round the torque it held at, as round any single value, and never beyond a part's limit. */
  private static TorqueBand asLeft(double nm, @Nullable Double capNm, JointContext context) {
    double tolerance = context.tolerances().of(context.duty());
    double most = nm * (1 + tolerance);
    return TorqueBand.of(
        nm * (1 - tolerance), capNm == null ? most : Math.max(nm, Math.min(most, capNm)));
  }

  private static List<Pass> passes(
      PackJoint joint, @Nullable StatedValue governing, @Nullable Climb climb) {
    if (joint.isTried()) {
      return List.of(joint.pattern().tried());
    }
    if (joint.turning().setToCheck() != null) {
      return setToCheck(joint, governing);
    }
    return climb == null
        ? StatedPasses.of(joint.pattern(), governing)
        : climb.passes(joint.pattern());
  }

  /** It is felt last; what is drawn to a torque first has its passes before, and no round. */
  private static List<Pass> setToCheck(PackJoint joint, @Nullable StatedValue governing) {
    List<Pass> drawn =
        joint.turning().isSetByCheckAlone()
            ? List.of()
            : StatedPasses.of(joint.pattern(), governing).stream()
                .filter(p -> p.kind() != PassKind.CIRCULAR_CHECK)
                .toList();
    Pass felt = new Pass(Pass.FULL_PERCENT, joint.pattern().tried().order(), PassKind.SET_TO_CHECK);
    return Stream.concat(drawn.stream(), Stream.of(felt)).toList();
  }

  private static List<String> reasons(PackJoint joint, @Nullable Climb climb) {
    if (joint.isTried()) {
      return List.of();
    }
    return climb == null
        ? joint.pattern().reasons()
        : Stream.concat(joint.pattern().reasons().stream(), climb.reasons().stream()).toList();
  }

  private static @Nullable Decision latest(PackJoint joint, List<Decision> decisions) {
    Decision latest = null;
    for (Decision d : decisions) {
      if (joint.isNamed(d.jointId()) && joint.torque().placeOf(d.valueId()).isPresent()) {
        latest = d;
      }
    }
    return latest;
  }

  /** The decided value with every maximum still over it: nobody decides a part's limit away. */
  private static Resolution decided(TorqueSheet torque, Decision decision, JointContext context) {
    List<StatedValue> values = torque.stated();
    int place = torque.placeOf(decision.valueId()).orElseThrow();
    TorqueUnit readAs = decision.readAs();
    StatedValue decided = values.get(place);
    List<StatedValue> kept = new ArrayList<>();
    kept.add(readAs == null ? decided : decided.readIn(readAs));
    for (int i = 0; i < values.size(); i++) {
      if (i != place && values.get(i).form() == Form.MAXIMUM) {
        kept.add(values.get(i));
      }
    }
    Resolution r = Resolver.resolve(kept, context);
    List<String> reasons = new ArrayList<>(r.reasons());
    reasons.add(0, "Decided by " + decision.by() + ": " + decision.reason());
    return new Resolution(
        r.band(),
        r.aimNm(),
        place,
        r.capNm(),
        r.conflicts(),
        r.unitSlips(),
        r.ready(),
        r.blockers(),
        reasons,
        r.derivation());
  }

  private static @Nullable Ceiling ceiling(
      Fastener fastener, @Nullable StatedValue governing, Why why) {
    PropertyClass material = fastener.propertyClass();
    ScrewThread thread = fastener.thread();
    if (material == null) {
      return null;
    }
    FrictionCondition condition =
        governing == null ? FrictionCondition.UNKNOWN : governing.condition();
    AssemblyPreload at =
        AssemblyPreload.at(
            AssemblyPreload.USUAL_UTILISATION,
            material.yieldMPa(thread),
            thread,
            fastener.face(),
            condition.nominal());
    why.add(thread.derivation());
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
      @Nullable StatedValue governing,
      Resolution resolution,
      @Nullable NextSlot nextSlot,
      CompoundAdvice compound,
      @Nullable ToolChoice tool,
      @Nullable ToolChoice best) {
    List<String> notes = new ArrayList<>();
    notes.add(joint.turning().end().words());
    joint.torque().values().stream()
        .filter(v -> v.statedFor() != null)
        .map(
            v ->
                v.value().asPrinted()
                    + " was stated for "
                    + v.statedFor()
                    + ", not for "
                    + joint.fastener().thread().designation()
                    + ": look it up again.")
        .forEach(notes::add);
    joint.fastener().hand().unusual().ifPresent(notes::add);
    if (nextSlot != null) {
      notes.add(nextSlot.words());
    }
    if (tool != null && best != null && tool != best) {
      notes.add("Chosen by hand: " + tool.costAgainst(best));
    }
    if (governing != null) {
      governing.beyondTorque().ifPresent(notes::add);
    }
    if (joint.situation().female() == Material.PLASTIC) {
      notes.add(Engagement.NO_PROMISE);
    }
    Double aim = resolution.aimNm();
    FrictionCondition wet = friction(compound.advice());
    if (governing != null
        && aim != null
        && governing.condition() == FrictionCondition.DRY
        && wet != null) {
      Friction from = FrictionCondition.DRY.nominal();
      double same =
          TighteningTorque.sameLoadNm(
              aim, joint.fastener().thread(), joint.fastener().face(), from, wet.nominal());
      notes.add(
          "The value was stated for dry threads. With "
              + compound.advice().words()
              + " the same clamp load is reached at about "
              + Figure.rounded(same, 1)
              + " N·m; ask the maker whether to lower it.");
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
