package app.unimetric.core.order;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Orders groups within their rules so that tool and setting change as seldom as can be.
 *
 * @param order ids in working order; empty when the rules contradict each other
 * @param changes of tool or setting from the first group to the last
 * @param atLeast no order within the rules has fewer changes; equal to {@code changes} when proved
 */
public record SettingOrder(List<String> order, int changes, int atLeast) {
  public SettingOrder {
    order = List.copyOf(order);
  }

  public boolean isProvedLeast() {
    return changes == atLeast;
  }

  /**
   * Orders groups.
   *
   * @param settings id and what must be set for it (null for none), in the pack's own order
   * @param rules rules about these ids, free of rings; others are passed over
   */
  public static SettingOrder of(
      Map<String, @Nullable String> settings, Collection<OrderRule> rules) {
    return of(settings, rules, Assemblies.of(List.of(), Map.of(), List.of()));
  }

  /**
   * Orders groups, and keeps together what is done together: a block once begun is finished before
   * another is.
   *
   * @param blocks of these ids
   */
  public static SettingOrder of(
      Map<String, @Nullable String> settings, Collection<OrderRule> rules, Assemblies blocks) {
    return new SettingSearch(settings, rules, blocks).run();
  }

  /** Changes of setting along an order; groups that need none change nothing. */
  public static int changes(List<String> order, Map<String, @Nullable String> settings) {
    int changes = 0;
    @Nullable String hand = null;
    for (String id : order) {
      String needed = settings.get(id);
      if (needed != null) {
        changes += hand != null && !hand.equals(needed) ? 1 : 0;
        hand = needed;
      }
    }
    return changes;
  }
}
