package app.unimetric.core.plan;

import app.unimetric.core.order.Binding;
import app.unimetric.core.order.OrderRule;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.pack.PackStep;
import app.unimetric.core.pack.Phase;
import app.unimetric.core.pack.Side;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What binds the joints and steps of a job: the pack's rules, and the steps that stand beside a
 * joint. A step before a joint keeps it at finger tight, a step after one waits until it is
 * finished; a step that stands between two joints of a rule that lets the later one only be touched
 * stands between them in time as well.
 *
 * @param all between joints and steps; a step is named as in the run sheet
 * @param joints what follows from them between joints alone
 */
record OrderLinks(List<OrderRule> all, List<OrderRule> joints) {
  OrderLinks {
    all = List.copyOf(all);
    joints = List.copyOf(joints);
  }

  static OrderLinks of(JobPack pack) {
    List<OrderRule> all = new ArrayList<>(pack.order());
    all.addAll(byLayout(pack));
    for (PackStep step : pack.steps()) {
      PackStep.Beside beside = step.beside();
      if (beside != null && step.phase() == Phase.TIGHTEN) {
        beside(step, beside, pack.order(), all);
      }
    }
    Set<String> joints = pack.joints().stream().map(PackJoint::id).collect(Collectors.toSet());
    return new OrderLinks(all, between(joints, all));
  }

  /** What is put together on the bench comes first; one side is closed before the other. */
  private static List<OrderRule> byLayout(JobPack pack) {
    List<OrderRule> rules = new ArrayList<>();
    for (PackJoint first : pack.joints()) {
      for (PackJoint later : pack.joints()) {
        boolean bench = pack.isOnTheBench(first.id()) && !pack.isOnTheBench(later.id());
        boolean inTurn =
            pack.layout().sidesInTurn() && first.side() == Side.LEFT && later.side() == Side.RIGHT;
        if (bench || inTurn) {
          rules.add(
              new OrderRule(
                  first.id(),
                  later.id(),
                  Binding.HANG,
                  bench
                      ? "It is put together on the bench before the machine is opened."
                      : "One side is closed before the other is opened."));
        }
      }
    }
    return rules;
  }

  private static void beside(
      PackStep step, PackStep.Beside beside, List<OrderRule> rules, List<OrderRule> all) {
    String id = step.taskId();
    String joint = beside.jointId();
    all.add(
        beside.after()
            ? new OrderRule(joint, id, Binding.TOUCH, step.title())
            : new OrderRule(id, joint, Binding.TOUCH, step.title()));
    for (OrderRule rule : rules) {
      boolean here = joint.equals(beside.after() ? rule.before() : rule.after());
      if (here && rule.binding() != Binding.FINAL) {
        all.add(
            beside.after()
                ? new OrderRule(id, rule.after(), rule.binding(), rule.reason())
                : new OrderRule(rule.before(), id, rule.binding(), rule.reason()));
      }
    }
  }

  /** Rules between joints, those that run over steps among them; of twins the strictest. */
  private static List<OrderRule> between(Set<String> joints, List<OrderRule> all) {
    Map<String, List<OrderRule>> from = new HashMap<>();
    all.forEach(r -> from.computeIfAbsent(r.before(), id -> new ArrayList<>()).add(r));
    Map<List<String>, OrderRule> found = new LinkedHashMap<>();
    for (OrderRule rule : all) {
      if (joints.contains(rule.before())) {
        follow(rule, joints, from, found);
      }
    }
    return List.copyOf(found.values());
  }

  private static void follow(
      OrderRule rule,
      Set<String> joints,
      Map<String, List<OrderRule>> from,
      Map<List<String>, OrderRule> found) {
    Deque<OrderRule> open = new ArrayDeque<>(List.of(rule));
    Set<String> met = new HashSet<>();
    while (!open.isEmpty()) {
      OrderRule at = open.remove();
      if (joints.contains(at.after())) {
        OrderRule one = new OrderRule(rule.before(), at.after(), at.binding(), at.reason());
        found.merge(
            List.of(one.before(), one.after()),
            one,
            (a, b) -> a.binding().stricter(b.binding()) == a.binding() ? a : b);
      } else if (met.add(at.after())) {
        open.addAll(from.getOrDefault(at.after(), List.of()));
      }
    }
  }
}
