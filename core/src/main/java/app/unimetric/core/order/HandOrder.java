package app.unimetric.core.order;

import app.unimetric.core.problem.InvalidInput;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * An order that a person changes by hand, one group at a time, within the rules.
 *
 * @param order after the move; as before when the move is refused
 * @param broken the rule that forbids the move; null when it is allowed
 */
public record HandOrder(List<String> order, @Nullable OrderRule broken) {
  public HandOrder {
    order = List.copyOf(order);
  }

  public boolean allowed() {
    return broken == null;
  }

  /**
   * Moves one group to another place; all others keep their order.
   *
   * @param order as it stands, within the rules
   * @param id the group that is moved
   * @param place where it is to stand, from 0
   * @throws InvalidInput when there is no such group or place
   */
  public static HandOrder move(
      List<String> order, Collection<OrderRule> rules, String id, int place) {
    if (!order.contains(id)) {
      throw InvalidInput.at("jointId", "names no joint of this job.");
    }
    if (place < 0 || place >= order.size()) {
      throw InvalidInput.at("place", "must be from 0 to " + (order.size() - 1) + ".");
    }
    List<String> moved = new ArrayList<>(order);
    moved.remove(id);
    moved.add(place, id);
    OrderRule broken = broken(moved, rules);
    return new HandOrder(broken == null ? moved : order, broken);
  }

  /** Whether an order kept from earlier still names the same groups and breaks no rule. */
  public static boolean holds(
      List<String> order, Collection<String> ids, Collection<OrderRule> rules) {
    return order.size() == ids.size()
        && new HashSet<>(order).equals(new HashSet<>(ids))
        && broken(order, rules) == null;
  }

  private static @Nullable OrderRule broken(List<String> order, Collection<OrderRule> rules) {
    for (OrderRule rule : rules) {
      int before = order.indexOf(rule.before());
      int after = order.indexOf(rule.after());
      if (before >= 0 && after >= 0 && before > after) {
        return rule;
      }
    }
    return null;
  }
}
