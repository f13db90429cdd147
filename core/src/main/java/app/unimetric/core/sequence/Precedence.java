package app.unimetric.core.sequence;

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

/**
 * Working order between groups of fasteners: what must come before what, and within that as few
 * tool changes as possible.
 */
public final class Precedence {

  /**
   * One rule.
   *
   * @param before id of the group that comes first
   * @param after id of the group that comes later
   * @param reason why, in words
   */
  public record Rule(String before, String after, String reason) {}

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
   * Orders groups.
   *
   * @param groups id and the tool setting it needs (null for none), in the pack's own order
   * @param rules rules about these ids; others are passed over
   */
  public static Result order(Map<String, @Nullable String> groups, Collection<Rule> rules) {
    Map<String, Set<String>> waitsFor = new LinkedHashMap<>();
    groups.keySet().forEach(id -> waitsFor.put(id, new LinkedHashSet<>()));
    for (Rule rule : rules) {
      Set<String> before = waitsFor.get(rule.after());
      if (before != null && groups.containsKey(rule.before())) {
        before.add(rule.before());
      }
    }
    List<String> order = new ArrayList<>();
    @Nullable String tool = null;
    while (!waitsFor.isEmpty()) {
      String next = next(waitsFor, groups, tool);
      if (next == null) {
        return new Result(List.of(), ring(waitsFor));
      }
      order.add(next);
      tool = groups.get(next);
      waitsFor.remove(next);
      waitsFor.values().forEach(before -> before.remove(next));
    }
    return new Result(order, List.of());
  }

  /** The first free group for the tool in hand, else the first free one. */
  private static @Nullable String next(
      Map<String, Set<String>> waitsFor,
      Map<String, @Nullable String> groups,
      @Nullable String tool) {
    @Nullable String first = null;
    for (Map.Entry<String, Set<String>> group : waitsFor.entrySet()) {
      if (!group.getValue().isEmpty()) {
        continue;
      }
      if (tool != null && tool.equals(groups.get(group.getKey()))) {
        return group.getKey();
      }
      first = first == null ? group.getKey() : first;
    }
    return first;
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
