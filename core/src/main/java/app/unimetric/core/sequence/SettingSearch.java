package app.unimetric.core.sequence;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Searches for the working order with the least changes of tool and setting.
 *
 * <p>Whoever holds a tool at a setting loses nothing by first doing everything that is free for it;
 * so only the row of settings has to be searched. No row can be shorter than this: along any chain
 * of rules each setting is needed once for every run of it that another setting interrupts. A
 * simple row that meets this bound is the least. Otherwise the search goes on by number of changes,
 * drops whatever the bound shows to be no better than that row, and what it finds first is proved
 * the least. When its budget is spent it takes the simple row, with the bound it had proved until
 * then.
 */
final class SettingSearch {
  /**
   * Steps along rules the search may take: ample for some forty joints; beyond, so that 60 joints
   * take less than 10 ms and 400 less than a fifth of a second.
   */
  private static final long AMPLE = 15_000_000;

  private static final int AMPLE_JOINTS = 40;
  private static final long STEPS_A_JOINT = 8_000;
  private static final int KEPT = 3;
  private static final Comparator<Step> LEAST_LEFT =
      Comparator.comparingInt(Step::left).thenComparingInt(s -> -s.state().done().cardinality());

  private final List<String> ids;
  private final Map<String, @Nullable String> settings;
  private final int[] keys;
  private final int keyCount;
  private final BitSet[] waitsFor;
  private final int[][] unlocks;
  private final int[][] before;
  private final int[] topological;
  private final int[] queue;
  private final int[] left;
  private final int[] leftOfKey;
  private final int[] inRun;
  private final int[] outOfRun;
  private final long budget;
  private long spent;

  /** A row of settings so far. {@code key} is what is in hand; −1 at the beginning. */
  private record State(BitSet done, int key, @Nullable State before) {}

  /** A row and how many settings it still needs at least. */
  private record Step(State state, int left) {}

  SettingSearch(Map<String, @Nullable String> settings, Iterable<Precedence.Rule> rules) {
    this.settings = settings;
    this.ids = List.copyOf(settings.keySet());
    Map<String, Integer> place = new HashMap<>();
    ids.forEach(id -> place.put(id, place.size()));
    Map<String, Integer> keyOf = new LinkedHashMap<>();
    keys = new int[ids.size()];
    for (int i = 0; i < keys.length; i++) {
      String needed = settings.get(ids.get(i));
      keys[i] = needed == null ? -1 : keyOf.computeIfAbsent(needed, k -> keyOf.size());
    }
    keyCount = keyOf.size();
    waitsFor = new BitSet[keys.length];
    List<List<Integer>> after = new ArrayList<>();
    for (int i = 0; i < keys.length; i++) {
      waitsFor[i] = new BitSet();
      after.add(new ArrayList<>());
    }
    for (Precedence.Rule rule : rules) {
      Integer before = place.get(rule.before());
      Integer later = place.get(rule.after());
      if (before != null && later != null && !waitsFor[later].get(before)) {
        waitsFor[later].set(before);
        after.get(before).add(later);
      }
    }
    unlocks =
        after.stream()
            .map(l -> l.stream().mapToInt(Integer::intValue).toArray())
            .toArray(int[][]::new);
    before = Arrays.stream(waitsFor).map(w -> w.stream().toArray()).toArray(int[][]::new);
    topological = ownOrder().stream().mapToInt(place::get).toArray();
    left = new int[keys.length];
    queue = new int[keys.length];
    budget = keys.length <= AMPLE_JOINTS ? AMPLE : STEPS_A_JOINT * keys.length;
    leftOfKey = new int[keyCount];
    inRun = new int[keys.length];
    outOfRun = new int[keys.length];
  }

  SettingOrder run() {
    BitSet none = new BitSet();
    close(none, -1, null);
    if (none.cardinality() == keys.length) {
      return finish(new State(none, -1, null), 0);
    }
    if (topological.length < keys.length) {
      return new SettingOrder(List.of(), 0, 0);
    }
    int bound = rowsLeft(none) - 1;
    List<String> simple = simpleRow(none);
    int changes = SettingOrder.changes(simple, settings);
    return changes <= bound
        ? new SettingOrder(simple, changes, changes)
        : search(none, simple, changes, bound);
  }

  /**
   * Looks for a row with as few changes as the bound allows, then with one more, and so on up to
   * the simple row: what is found first is the least.
   */
  private SettingOrder search(BitSet none, List<String> simple, int most, int bound) {
    for (int aim = bound; aim < most; aim++) {
      State end = deepen(new State(none, -1, null), -1, aim, new HashMap<>());
      if (end != null) {
        return finish(end, aim);
      }
      if (spent > budget) {
        return new SettingOrder(simple, most, aim);
      }
    }
    return new SettingOrder(simple, most, most);
  }

  /** A way on that ends within {@code aim} changes; null when there is none or time is up. */
  private @Nullable State deepen(State at, int changes, int aim, Map<BitSet, Integer> met) {
    if (at.done().cardinality() == keys.length) {
      return at;
    }
    List<Step> steps = new ArrayList<>();
    for (int key = 0; key < keyCount && spent <= budget; key++) {
      BitSet done = (BitSet) at.done().clone();
      close(done, key, null);
      spent += keys.length;
      Integer before = met.get(done);
      if (key == at.key()
          || done.cardinality() == at.done().cardinality()
          || before != null && before <= changes + 1) {
        continue;
      }
      int left = rowsLeft(done);
      if (changes + 1 + left <= aim) {
        met.put(done, changes + 1);
        steps.add(new Step(new State(done, key, at.key() < 0 ? null : at), left));
      }
    }
    steps.sort(
        Comparator.comparingInt(Step::left).thenComparingInt(s -> -s.state().done().cardinality()));
    for (Step step : steps) {
      State end = deepen(step.state(), changes + 1, aim, met);
      if (end != null || spent > budget) {
        return end;
      }
    }
    return null;
  }

  /**
   * At least so many settings have to be taken in hand for what is left: for each setting the most
   * runs of it on any chain of rules that another setting interrupts.
   */
  private int rowsLeft(BitSet done) {
    int count = 0;
    Arrays.fill(leftOfKey, 0);
    for (int i : topological) {
      if (done.get(i)) {
        inRun[i] = 0;
        outOfRun[i] = 0;
      } else {
        left[count++] = i;
        if (keys[i] >= 0) {
          leftOfKey[keys[i]]++;
        }
      }
    }
    int rows = 0;
    for (int key = 0; key < keyCount; key++) {
      rows += leftOfKey[key] < 2 ? leftOfKey[key] : runs(key, count);
    }
    return rows;
  }

  /** The most runs of a setting on any chain through the first {@code count} of what is left. */
  private int runs(int key, int count) {
    int most = 0;
    for (int at = 0; at < count; at++) {
      int i = left[at];
      int in = 0;
      int out = 0;
      for (int earlier : before[i]) {
        in = Math.max(in, inRun[earlier]);
        out = Math.max(out, outOfRun[earlier]);
      }
      if (keys[i] == key) {
        in = Math.max(in, out + 1);
        out = 0;
        most = Math.max(most, in);
      } else if (keys[i] >= 0) {
        out = Math.max(in, out);
        in = 0;
      }
      inRun[i] = in;
      outOfRun[i] = out;
      spent += before[i].length + 1;
    }
    return most;
  }

  /** Does all that is free with this setting or without any, in the pack's own order. */
  private void close(BitSet done, int key, @Nullable List<String> written) {
    int end = 0;
    for (int i = 0; i < keys.length; i++) {
      if (!done.get(i) && fits(i, key) && isFree(i, done)) {
        queue[end++] = i;
        done.set(i);
      }
    }
    for (int at = 0; at < end; at++) {
      int i = queue[at];
      if (written != null) {
        written.add(ids.get(i));
      }
      for (int later : unlocks[i]) {
        if (!done.get(later) && fits(later, key) && isFree(later, done)) {
          queue[end++] = later;
          done.set(later);
        }
      }
    }
  }

  private boolean fits(int i, int key) {
    return keys[i] == key || keys[i] < 0;
  }

  private boolean isFree(int i, BitSet done) {
    for (int earlier : before[i]) {
      if (!done.get(earlier)) {
        return false;
      }
    }
    return true;
  }

  private SettingOrder finish(State end, int proved) {
    List<String> order = written(end);
    return new SettingOrder(order, SettingOrder.changes(order, settings), proved);
  }

  private List<String> written(State end) {
    ArrayDeque<Integer> row = new ArrayDeque<>();
    for (State at = end; at != null; at = at.before()) {
      if (at.key() >= 0) {
        row.addFirst(at.key());
      }
    }
    return write(row);
  }

  private List<String> write(Iterable<Integer> row) {
    List<String> order = new ArrayList<>();
    BitSet done = new BitSet();
    close(done, -1, order);
    for (int key : row) {
      close(done, key, order);
    }
    return order;
  }

  /** The better of two: a row that keeps a few promising beginnings, the pack's own order. */
  private List<String> simpleRow(BitSet none) {
    List<String> own = ownOrder();
    List<String> row = narrowRow(none);
    return SettingOrder.changes(row, settings) < SettingOrder.changes(own, settings) ? row : own;
  }

  /** Goes on from a few beginnings at a time: those with the least left, then with most done. */
  private List<String> narrowRow(BitSet none) {
    List<State> kept = List.of(new State(none, -1, null));
    while (true) {
      Map<BitSet, Step> next = new LinkedHashMap<>();
      for (State from : kept) {
        for (int key = 0; key < keyCount; key++) {
          BitSet done = (BitSet) from.done().clone();
          close(done, key, null);
          spent += keys.length;
          if (key != from.key()
              && done.cardinality() > from.done().cardinality()
              && !next.containsKey(done)) {
            State state = new State(done, key, from.key() < 0 ? null : from);
            next.put(done, new Step(state, rowsLeft(done)));
          }
        }
      }
      kept = next.values().stream().sorted(LEAST_LEFT).limit(KEPT).map(Step::state).toList();
      for (State state : kept) {
        if (state.done().cardinality() == keys.length) {
          return written(state);
        }
      }
    }
  }

  /** The pack's own order as far as the rules let it. */
  private List<String> ownOrder() {
    List<String> order = new ArrayList<>();
    BitSet done = new BitSet();
    while (order.size() < keys.length) {
      int next = -1;
      for (int i = 0; i < keys.length && next < 0; i++) {
        next = !done.get(i) && isFree(i, done) ? i : -1;
      }
      if (next < 0) {
        return List.of();
      }
      done.set(next);
      order.add(ids.get(next));
    }
    return order;
  }
}
