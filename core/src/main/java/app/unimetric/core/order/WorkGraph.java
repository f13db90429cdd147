package app.unimetric.core.order;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.PriorityQueue;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * All tasks of a job and what each must wait for. Of the tasks that are free the one with the first
 * place comes next, so the row breaks no edge and strays from the places only where an edge asks
 * for it.
 */
public final class WorkGraph {
  private final List<@Nullable Task> tasks = new ArrayList<>();
  private final List<@Nullable Place> places = new ArrayList<>();
  private final List<List<Integer>> after = new ArrayList<>();

  /**
   * What comes of a graph.
   *
   * @param tasks in working order; empty when some wait for each other
   * @param cycle tasks that wait for each other in a ring; empty when there is none
   */
  public record Row(List<Task> tasks, List<Task> cycle) {
    public Row {
      tasks = List.copyOf(tasks);
      cycle = List.copyOf(cycle);
    }
  }

  /** A task; what comes back names it in {@link #before}. */
  public int add(Task task, Place place) {
    return node(task, place);
  }

  /** A mark that is no work: all that is before it is done before all that is after it. */
  public int mark() {
    return node(null, null);
  }

  private int node(@Nullable Task task, @Nullable Place place) {
    tasks.add(task);
    places.add(place);
    after.add(new ArrayList<>());
    return tasks.size() - 1;
  }

  /** The later one waits for the earlier one. */
  public void before(int earlier, int later) {
    after.get(earlier).add(later);
  }

  /** Where a task would stand if nothing bound it. */
  public Place placeOf(int node) {
    return Objects.requireNonNull(places.get(node), "a mark has no place");
  }

  /** What each task itself waits for, marks looked through; in the order the tasks were added. */
  public Map<Task, Set<Task>> waits() {
    List<Set<Task>> ahead = new ArrayList<>();
    tasks.forEach(t -> ahead.add(new LinkedHashSet<>()));
    for (int i = 0; i < tasks.size(); i++) {
      Task task = tasks.get(i);
      if (task != null) {
        pass(task, i, ahead);
      }
    }
    Map<Task, Set<Task>> waits = new LinkedHashMap<>();
    for (int i = 0; i < tasks.size(); i++) {
      Task task = tasks.get(i);
      if (task != null) {
        waits.put(task, ahead.get(i));
      }
    }
    return waits;
  }

  private void pass(Task earlier, int node, List<Set<Task>> ahead) {
    for (int later : after.get(node)) {
      boolean isNew = ahead.get(later).add(earlier);
      if (isNew && tasks.get(later) == null) {
        pass(earlier, later, ahead);
      }
    }
  }

  public Row row() {
    int[] waits = new int[tasks.size()];
    after.forEach(later -> later.forEach(l -> waits[l]++));
    Comparator<Integer> byPlace =
        Comparator.comparing(
            (Integer i) -> places.get(i), Comparator.nullsFirst(Comparator.naturalOrder()));
    PriorityQueue<Integer> free = new PriorityQueue<>(byPlace.thenComparing(i -> i));
    for (int i = 0; i < waits.length; i++) {
      if (waits[i] == 0) {
        free.add(i);
      }
    }
    List<Task> row = new ArrayList<>();
    int done = 0;
    while (!free.isEmpty()) {
      int next = free.remove();
      done++;
      Task task = tasks.get(next);
      if (task != null) {
        row.add(task);
      }
      for (int later : after.get(next)) {
        if (--waits[later] == 0) {
          free.add(later);
        }
      }
    }
    return done == waits.length ? new Row(row, List.of()) : new Row(List.of(), ring(waits));
  }

  /** Follows what waits for what until something is met again. */
  private List<Task> ring(int[] waits) {
    Map<Integer, Integer> waitsFor = new HashMap<>();
    for (int i = 0; i < waits.length; i++) {
      for (int later : waits[i] > 0 ? after.get(i) : List.<Integer>of()) {
        if (waits[later] > 0) {
          waitsFor.putIfAbsent(later, i);
        }
      }
    }
    Map<Integer, Integer> seenAt = new HashMap<>();
    Deque<Integer> path = new ArrayDeque<>();
    int at = waitsFor.keySet().iterator().next();
    while (!seenAt.containsKey(at)) {
      seenAt.put(at, path.size());
      path.addLast(at);
      at = waitsFor.getOrDefault(at, at);
    }
    List<Task> ring = new ArrayList<>();
    for (int i : new ArrayList<>(path).subList(seenAt.get(at), path.size())) {
      Task task = tasks.get(i);
      if (task != null) {
        ring.add(task);
      }
    }
    Collections.reverse(ring);
    return ring;
  }
}
