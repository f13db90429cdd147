package app.unimetric.core.pack;

import app.unimetric.core.order.Binding;
import app.unimetric.core.order.OrderRule;
import app.unimetric.core.stated.Role;
import app.unimetric.core.stated.Trait;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * How strictly a rule binds in a pack of version 1, which does not say it: adjust before clamp,
 * pivot before lock, between two joints of a wheel and past a hold point the later joint is only
 * touched; any other rule orders the final torques.
 */
public final class VersionOneOrder {
  private VersionOneOrder() {}

  /** The rules of such a pack with their bindings. */
  public static List<OrderRule> bind(
      List<PackJoint> joints, List<PackStep> steps, List<OrderRule> rules) {
    Map<String, PackJoint> byId =
        joints.stream().collect(Collectors.toMap(PackJoint::id, Function.identity(), (a, b) -> a));
    return rules.stream()
        .map(
            r ->
                new OrderRule(
                    r.before(),
                    r.after(),
                    binding(byId.get(r.before()), byId.get(r.after()), steps),
                    r.reason()))
        .toList();
  }

  private static Binding binding(
      @Nullable PackJoint first, @Nullable PackJoint later, List<PackStep> steps) {
    if (first == null || later == null) {
      return Binding.FINAL;
    }
    Role role = first.duty().role();
    Role then = later.duty().role();
    boolean adjusted = role == Role.ADJUST && then == Role.CLAMP;
    boolean held = role == Role.PIVOT && then == Role.LOCK;
    boolean wheel = first.duty().is(Trait.WHEEL) && later.duty().is(Trait.WHEEL);
    return adjusted || held || wheel || steps.stream().anyMatch(s -> guards(s, first, later))
        ? Binding.TOUCH
        : Binding.FINAL;
  }

  private static boolean guards(PackStep step, PackJoint first, PackJoint later) {
    PackStep.Beside beside = step.beside();
    return step.hold()
        && beside != null
        && beside.jointId().equals(beside.after() ? first.id() : later.id());
  }
}
