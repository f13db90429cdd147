package app.unimetric.core.order;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Order between groups of fasteners: what must come before what, and what contradicts itself. */
public final class Precedence {

  /**
   * What the rules come to.
   *
   * @param order ids in working order; empty when the rules contradict each other
   * @param cycle ids that wait for each other in a ring, each once; empty when there is none
   */
  public record Result(List<String> order, List<String> cycle) {
    public Result {
      order = List.copyOf(order);
      cycle = List.copyOf(cycle);
    }
  }

  private Precedence() {}

  /**
   * Orders groups, each as early as its rules allow.
   *
   * @param ids in the pack's own order
   * @param rules rules about these ids; others are passed over
   */
  public static Result order(Collection<String> ids, Collection<OrderRule> rules) {
    Map<String, Set<String>> waitsFor = new LinkedHashMap<>();
    ids.forEach(id -> waitsFor.put(id, new LinkedHashSet<>()));
    for (OrderRule rule : rules) {
      Set<String> before = waitsFor.get(rule.after());
      if (before != null && waitsFor.containsKey(rule.before())) {
        before.add(rule.before());
      }
    }
    List<String> order = new ArrayList<>();
    while (!waitsFor.isEmpty()) {
      String next = firstFree(waitsFor);
      if (next == null) {
        return new Result(List.of(), ring(waitsFor));
      }
      order.add(next);
      waitsFor.remove(next);
      waitsFor.values().forEach(before -> before.remove(next));
    }
    return new Result(order, List.of());
  }

  private static @Nullable String firstFree(Map<String, Set<String>> waitsFor) {
    return waitsFor.entrySet().stream()
        .filter(e -> e.getValue().isEmpty())
        .map(Map.Entry::getKey)
        .findFirst()
        .orElse(null);
  }

  /** Follows what waits for what until something is met again. */
  private static List<String> ring(Map<String, Set<String>> waitsFor) {
    Map<String, Integer> seenAt = new HashMap<>();
    Deque<String> path = new ArrayDeque<>();
    String at = waitsFor.keySet().iterator().next();
    while (!seenAt.containsKey(at)) {
      seenAt.put(at, path.size());
      path.addLast(at);
      at = waitsFor.getOrDefault(at, Set.of()).iterator().next();
    }
    List<String> backwards = new ArrayList<>(path).subList(seenAt.get(at), path.size());
    List<String> ring = new ArrayList<>(backwards);
    java.util.Collections.reverse(ring);
    return ring;
  }
}
