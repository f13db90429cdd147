package app.unimetric.core.plan;

import app.unimetric.core.carbon.ClimbToHold;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.sequence.BoltPattern;
import app.unimetric.core.sequence.Pass;
import app.unimetric.core.sequence.PassKind;
import app.unimetric.core.stated.Form;
import app.unimetric.core.stated.Resolution;
import app.unimetric.core.stated.Role;
import app.unimetric.core.stated.Trait;
import app.unimetric.core.tool.Setting;
import app.unimetric.core.tool.ToolChoice;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A clamp on carbon of which only a maximum is known is climbed to hold: even passes from well
 * below the limit, a slip test after each, and the first torque that holds is the last (field
 * guide, carbon-safe clamping).
 *
 * @param limitNm the lowest limit of all parts in the clamp, N·m
 * @param torquesNm to try one after the other, N·m, rising; never empty
 * @param fromNm where it would begin with a tool that reaches so low, N·m
 */
public record Climb(double limitNm, List<Double> torquesNm, double fromNm) {
  public Climb {
    torquesNm = List.copyOf(torquesNm);
  }

  /** Whether a joint is climbed: carbon is clamped, and of its torque only a maximum is known. */
  static boolean isDue(PackJoint joint, Resolution resolution) {
    Integer governing = resolution.governing();
    return !joint.isTried()
        && joint.duty().role() == Role.CLAMP
        && joint.duty().is(Trait.CARBON)
        && governing != null
        && joint.torque().stated().get(governing).form() == Form.MAXIMUM
        && resolution.capNm() != null;
  }

  /**
   * The climb of a joint with a tool: only what it can be set to, each torque once.
   *
   * @param tool null where the crib has none
   */
  static Optional<Climb> of(PackJoint joint, Resolution resolution, @Nullable ToolChoice tool) {
    Double limit = resolution.capNm();
    if (limit == null || !isDue(joint, resolution)) {
      return Optional.empty();
    }
    List<Double> all = torques(limit, tool);
    if (all.isEmpty()) {
      return Optional.empty();
    }
    List<Double> settable = tool == null ? all : settable(all, limit, tool);
    return Optional.of(new Climb(limit, settable, all.get(0)));
  }

  /** Those tools first that reach the first torque of the climb; what may be used stays before. */
  static List<ToolChoice> reachingFirst(List<ToolChoice> tools, double limitNm) {
    return tools.stream()
        .sorted(
            Comparator.comparing(
                (ToolChoice t) -> !t.usable() ? 2 : reachesFirst(t, limitNm) ? 0 : 1))
        .toList();
  }

  private static boolean reachesFirst(ToolChoice tool, double limitNm) {
    List<Double> all = torques(limitNm, tool);
    return !all.isEmpty() && setting(tool, all.get(0), last(all), limitNm).isPresent();
  }

  /** None where a limit is so low that no torque lies below it: nobody states such a one. */
  private static List<Double> torques(double limitNm, @Nullable ToolChoice tool) {
    Double deviation = tool == null ? null : (Double) tool.tool().tool().deviation();
    try {
      return ClimbToHold.steps(limitNm, deviation, ClimbToHold.USUAL_START);
    } catch (InvalidInput noStep) {
      return List.of();
    }
  }

  private static List<Double> settable(List<Double> all, double limitNm, ToolChoice tool) {
    List<Double> settable = new ArrayList<>();
    double before = 0;
    for (double nm : all) {
      Double applied = setting(tool, nm, last(all), limitNm).map(Climb::appliedNm).orElse(null);
      if (applied != null && applied > before) {
        settable.add(nm);
        before = applied;
      }
    }
    return settable.isEmpty() ? List.of(appliedNm(tool.setting())) : settable;
  }

  /** How a tool is set for a torque of it, N·m; empty where it cannot be. */
  public Optional<Setting> setting(ToolChoice tool, double nm) {
    return setting(tool, nm, lastNm(), limitNm);
  }

  /**
   * The tool set to the first torque of the climb; unchanged where the joint is not climbed or the
   * tool may not be used.
   */
  static ToolChoice begunWith(ToolChoice tool, PackJoint joint, Resolution resolution) {
    return tool.usable()
        ? of(joint, resolution, tool)
            .flatMap(climb -> climb.setting(tool, climb.torquesNm.get(0)))
            .map(tool::setTo)
            .orElse(tool)
        : tool;
  }

  private static Optional<Setting> setting(
      ToolChoice tool, double nm, double lastNm, double limitNm) {
    return Optional.of(
            Setting.choose(
                round(nm, lastNm, limitNm), nm, limitNm, tool.tool().tool(), tool.tool().adapter()))
        .filter(s -> s.isPossible() && !s.overMaximum());
  }

  private static double appliedNm(Setting setting) {
    Setting.Applied applied = setting.applied();
    return applied == null ? 0 : applied.nominalNm();
  }

  private static double last(List<Double> torques) {
    return torques.get(torques.size() - 1);
  }

  private static TorqueBand round(double nm, double lastNm, double limitNm) {
    double slack = lastNm * Pass.SLACK_PERCENT / Pass.FULL_PERCENT;
    return TorqueBand.of(Math.max(0, nm - slack), Math.min(nm + slack, limitNm));
  }

  /** The last torque that may be tried, N·m. */
  public double lastNm() {
    return last(torquesNm);
  }

  /** Where it may end: from the first torque to the limit. */
  public TorqueBand band() {
    return TorqueBand.of(torquesNm.get(0), limitNm);
  }

  /** What a reading must lie in when a pass goes to this torque, N·m. */
  public TorqueBand round(double nm) {
    return round(nm, lastNm(), limitNm);
  }

  /** The torque of a pass of it, N·m. */
  public double torqueNm(Pass pass) {
    return lastNm() * pass.percent() / Pass.FULL_PERCENT;
  }

  /**
   * By hand and snug as usual, then a pass to each torque; round once more at the one that held
   * where there are several.
   */
  List<Pass> passes(BoltPattern pattern) {
    List<Pass> usual = pattern.passes();
    List<Pass> passes = new ArrayList<>();
    usual.stream()
        .filter(p -> p.kind() == PassKind.HAND || p.kind() == PassKind.SNUG)
        .forEach(passes::add);
    List<Integer> order =
        usual.stream()
            .filter(p -> p.kind() != PassKind.CIRCULAR_CHECK)
            .reduce((first, second) -> second)
            .map(Pass::order)
            .orElseThrow();
    for (double nm : torquesNm) {
      double percent = nm == lastNm() ? Pass.FULL_PERCENT : Pass.FULL_PERCENT * nm / lastNm();
      passes.add(new Pass(percent, order, PassKind.CLIMB));
    }
    usual.stream().filter(p -> p.kind() == PassKind.CIRCULAR_CHECK).forEach(passes::add);
    return passes;
  }

  /** {@code from 3 N·m until it holds, at most 4.5 N·m}. */
  public String words() {
    return torquesNm.size() == 1
        ? "at " + nm(lastNm()) + ", where it must hold"
        : "from " + nm(torquesNm.get(0)) + " until it holds, at most " + nm(lastNm());
  }

  /** How it is done and why so, in words. */
  List<String> reasons() {
    List<String> reasons = new ArrayList<>(ClimbToHold.reasons());
    if (torquesNm.get(0) > fromNm) {
      reasons.add(
          "It would begin at "
              + nm(fromNm)
              + "; the tool cannot be set so low, so it begins at "
              + nm(torquesNm.get(0))
              + ".");
    }
    return reasons;
  }

  private static String nm(double torqueNm) {
    return Figure.rounded(torqueNm, 2) + " N·m";
  }
}
