package app.unimetric.core.order;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Which joints are started, snugged and brought to their torque together: those of one assembly, as
 * far as no rule makes one of them wait for the torque of another.
 *
 * <p>An assembly is what closes one interface or hangs one part. A rule that lets a joint only be
 * touched when another is finished splits it into blocks, one after the other. Where whole
 * assemblies would wait for each other, their joints are gathered by how much must be finished
 * before them instead.
 */
public final class Assemblies {
  private final Map<String, Integer> blocks;
  private final Map<String, Integer> wholes;

  private Assemblies(Map<String, Integer> blocks, Map<String, Integer> wholes) {
    this.blocks = blocks;
    this.wholes = wholes;
  }

  /**
   * Gathers joints.
   *
   * @param ids joints in the pack's own order
   * @param assemblyOf the assembly of each joint by its name; joints left out form one together
   * @param rules rules between these joints, free of rings; others are passed over
   */
  public static Assemblies of(
      Collection<String> ids, Map<String, String> assemblyOf, Collection<OrderRule> rules) {
    List<String> order = Precedence.order(ids, rules).order();
    Map<String, List<OrderRule>> from = new HashMap<>();
    rules.forEach(r -> from.computeIfAbsent(r.before(), id -> new ArrayList<>()).add(r));
    Map<String, Integer> levels = levels(order, from, new LinkedHashSet<>(order));
    Map<String, List<String>> members =
        ids.stream()
            .collect(
                Collectors.groupingBy(
                    id -> assemblyOf.getOrDefault(id, ""),
                    LinkedHashMap::new,
                    Collectors.toList()));
    Map<String, String> group = new LinkedHashMap<>();
    members.forEach(
        (assembly, joints) -> {
          Map<String, Integer> own =
              members.size() == 1 ? levels : levels(order, from, new LinkedHashSet<>(joints));
          joints.forEach(id -> group.put(id, assembly + '\n' + own.get(id)));
        });
    Set<String> waiting = waitingInARing(group, rules);
    group.replaceAll((id, name) -> waiting.contains(name) ? "\n\n" + levels.get(id) : name);
    Map<String, String> whole = new LinkedHashMap<>();
    ids.forEach(id -> whole.put(id, assemblyOf.getOrDefault(id, "")));
    Set<String> entangled = waitingInARing(whole, rules);
    whole.replaceAll((id, name) -> entangled.contains(name) ? group.getOrDefault(id, "") : name);
    return new Assemblies(numbered(group), numbered(whole));
  }

  private static Map<String, Integer> numbered(Map<String, String> names) {
    Map<String, Integer> number = new LinkedHashMap<>();
    Map<String, Integer> numbered = new LinkedHashMap<>();
    names.forEach((id, name) -> numbered.put(id, number.computeIfAbsent(name, n -> number.size())));
    return numbered;
  }

  /** Number of the block of a joint, from 0; the numbers say nothing about the order. */
  public int blockOf(String id) {
    return blocks.getOrDefault(id, 0);
  }

  /**
   * Number of the whole assembly of a joint, from 0: its blocks follow each other before another
   * assembly is begun.
   */
  int wholeOf(String id) {
    return wholes.getOrDefault(id, 0);
  }

  /** How many blocks there are. */
  public int count() {
    return (int) blocks.values().stream().distinct().count();
  }

  /**
   * How many joints must be finished one after the other before each may be touched, counted from
   * any of the given ones.
   */
  private static Map<String, Integer> levels(
      List<String> order, Map<String, List<OrderRule>> from, Set<String> start) {
    Map<String, Integer> levels = new HashMap<>();
    start.forEach(id -> levels.put(id, 0));
    for (String id : order) {
      Integer level = levels.get(id);
      if (level != null) {
        for (OrderRule rule : from.getOrDefault(id, List.of())) {
          int next = level + (rule.binding() == Binding.FINAL ? 0 : 1);
          levels.merge(rule.after(), next, Math::max);
        }
      }
    }
    return levels;
  }

  /** The groups that cannot be put in a row because they wait for each other. */
  private static Set<String> waitingInARing(
      Map<String, String> group, Collection<OrderRule> rules) {
    List<OrderRule> between = new ArrayList<>();
    for (OrderRule rule : rules) {
      String before = group.get(rule.before());
      String after = group.get(rule.after());
      if (before != null && after != null && !before.equals(after)) {
        between.add(OrderRule.ofFinals(before, after, rule.reason()));
      }
    }
    Set<String> left = new LinkedHashSet<>(group.values());
    boolean freed = true;
    while (freed) {
      Set<String> held =
          between.stream()
              .filter(r -> left.contains(r.before()))
              .map(OrderRule::after)
              .collect(Collectors.toSet());
      freed = left.removeIf(g -> !held.contains(g));
    }
    return left;
  }
}
