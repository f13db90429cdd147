package app.unimetric.core.order;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntConsumer;
import java.util.function.ToIntFunction;
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
  private static final State BEGIN = new State(new BitSet(), -1, -1, -1, null);
  private static final Comparator<Step> LEAST_LEFT =
      Comparator.comparingInt((Step s) -> s.cost() + s.left())
          .thenComparingInt(s -> -s.state().done().cardinality());

  private final List<String> ids;
  private final Map<String, @Nullable String> settings;
  private final int[] keys;
  private final int keyCount;
  private final BitSet[] waitsFor;
  private final int[] blockOf;
  private final BitSet[] members;
  private final BitSet[] blockWaits;
  private final int[] wholeOf;
  private final BitSet[] wholes;
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

  /**
   * A row of settings so far.
   *
   * @param key what is in hand; −1 at the beginning
   * @param block in which it was last used
   * @param open the block that is begun and not finished; −1 when none is
   */
  private record State(BitSet done, int key, int block, int open, @Nullable State before) {}

  /**
   * A row and how many settings it still needs at least.
   *
   * @param cost 1 when another setting was taken in hand for it, else 0
   */
  private record Step(State state, int cost, int left) {}

  /**
   * What tells two rows of settings apart in the search: the joints done, and the setting in hand,
   * or −1 while a block is begun and not finished.
   */
  private record Met(BitSet done, int key) {}

  SettingSearch(
      Map<String, @Nullable String> settings, Iterable<OrderRule> rules, Assemblies assemblies) {
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
    for (OrderRule rule : rules) {
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
    blockOf = numbered(assemblies::blockOf);
    members = members(blockOf);
    wholeOf = numbered(assemblies::wholeOf);
    wholes = members(wholeOf);
    BitSet[] wholeWaits = waits(wholes);
    blockWaits = waits(members);
    for (int i = 0; i < keys.length; i++) {
      blockWaits[blockOf[i]].or(wholeWaits[wholeOf[i]]);
    }
    topological = ownOrder(BEGIN).stream().mapToInt(place::get).toArray();
    left = new int[keys.length];
    queue = new int[keys.length];
    budget = keys.length <= AMPLE_JOINTS ? AMPLE : STEPS_A_JOINT * keys.length;
    leftOfKey = new int[keyCount];
    inRun = new int[keys.length];
    outOfRun = new int[keys.length];
  }

  private int[] numbered(ToIntFunction<String> group) {
    Map<Integer, Integer> numbers = new LinkedHashMap<>();
    return ids.stream()
        .mapToInt(id -> numbers.computeIfAbsent(group.applyAsInt(id), g -> numbers.size()))
        .toArray();
  }

  private static BitSet[] members(int[] groupOf) {
    BitSet[] members = new BitSet[Arrays.stream(groupOf).max().orElse(-1) + 1];
    Arrays.setAll(members, g -> new BitSet());
    for (int i = 0; i < groupOf.length; i++) {
      members[groupOf[i]].set(i);
    }
    return members;
  }

  /** What each group waits for outside itself. */
  private BitSet[] waits(BitSet[] groups) {
    BitSet[] waits = new BitSet[groups.length];
    for (int g = 0; g < groups.length; g++) {
      waits[g] = new BitSet();
      groups[g].stream().forEach(waitsOf(waits[g]));
      waits[g].andNot(groups[g]);
    }
    return waits;
  }

  private IntConsumer waitsOf(BitSet all) {
    return i -> all.or(waitsFor[i]);
  }

  SettingOrder run() {
    if (topological.length < keys.length) {
      return new SettingOrder(List.of(), 0, 0);
    }
    if (keyCount == 0) {
      return new SettingOrder(ownOrder(BEGIN), 0, 0);
    }
    int bound = rowsLeft(BEGIN.done()) - 1;
    List<String> simple = simpleRow();
    int changes = SettingOrder.changes(simple, settings);
    return changes <= bound
        ? new SettingOrder(simple, changes, changes)
        : search(simple, changes, bound);
  }

  /**
   * Looks for a row with as few changes as the bound allows, then with one more, and so on up to
   * the simple row: what is found first is the least.
   */
  private SettingOrder search(List<String> simple, int most, int bound) {
    for (int aim = bound; aim < most; aim++) {
      State end = deepen(BEGIN, 0, aim, new HashMap<>());
      if (end != null) {
        List<String> order = written(end);
        return new SettingOrder(order, SettingOrder.changes(order, settings), aim);
      }
      if (spent > budget) {
        return new SettingOrder(simple, most, aim);
      }
    }
    return new SettingOrder(simple, most, most);
  }

  /** A way on that ends within {@code aim} changes; null when there is none or time is up. */
  private @Nullable State deepen(State at, int changes, int aim, Map<Met, Integer> met) {
    if (at.done().cardinality() == keys.length) {
      return at;
    }
    List<Step> steps = new ArrayList<>();
    for (Step step : steps(at)) {
      int then = changes + step.cost();
      State state = step.state();
      Met reached = new Met(state.done(), state.open() < 0 ? state.key() : -1);
      Integer before = met.get(reached);
      boolean worse = before != null && before <= then;
      if (!worse && then + step.left() - inHand(state) <= aim) {
        met.put(reached, then);
        steps.add(step);
      }
    }
    steps.sort(LEAST_LEFT);
    for (Step step : steps) {
      State end = deepen(step.state(), changes + step.cost(), aim, met);
      if (end != null || spent > budget) {
        return end;
      }
    }
    return null;
  }

  /** 1 when the setting in hand may serve on in the next block without being taken again. */
  private int inHand(State state) {
    if (state.open() >= 0 || state.key() < 0) {
      return 0;
    }
    for (int i = state.done().nextClearBit(0);
        i < keys.length;
        i = state.done().nextClearBit(i + 1)) {
      if (keys[i] == state.key()) {
        return 1;
      }
    }
    return 0;
  }

  /** All ways on: another setting in the block that is begun, or any setting in a new one. */
  private List<Step> steps(State at) {
    List<Step> steps = new ArrayList<>();
    for (int block = 0; block < members.length && spent <= budget; block++) {
      if (at.open() < 0 ? isFree(block, at) : at.open() == block) {
        for (int key = at.key() < 0 ? -1 : 0; key < keyCount && spent <= budget; key++) {
          Step step = step(at, key, block);
          if (step != null) {
            steps.add(step);
          }
        }
      }
    }
    return steps;
  }

  /** Takes a setting in hand in a block; null when nothing can be done there with it. */
  private @Nullable Step step(State at, int key, int block) {
    BitSet done = (BitSet) at.done().clone();
    close(done, key, block, null);
    spent += keys.length;
    if (done.cardinality() == at.done().cardinality()) {
      return null;
    }
    int open = containsAll(done, members[block]) ? -1 : block;
    int cost = at.key() >= 0 && key != at.key() ? 1 : 0;
    return new Step(new State(done, key, block, open, at), cost, rowsLeft(done));
  }

  /** Whether a block may be begun: nothing it waits for is open, nor is another assembly. */
  private boolean isFree(int block, State at) {
    return isFree(block, at.block(), at.done());
  }

  private boolean isFree(int block, int last, BitSet done) {
    int whole = wholeOf[members[block].nextSetBit(0)];
    int before = last < 0 ? whole : wholeOf[members[last].nextSetBit(0)];
    return !containsAll(done, members[block])
        && containsAll(done, blockWaits[block])
        && (before == whole || containsAll(done, wholes[before]));
  }

  private static boolean containsAll(BitSet all, BitSet some) {
    for (int i = some.nextSetBit(0); i >= 0; i = some.nextSetBit(i + 1)) {
      if (!all.get(i)) {
        return false;
      }
    }
    return true;
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

  /** Does all that is free in a block with this setting or without any, in the pack's own order. */
  private void close(BitSet done, int key, int block, @Nullable List<String> written) {
    int end = 0;
    BitSet mine = members[block];
    for (int i = mine.nextSetBit(0); i >= 0; i = mine.nextSetBit(i + 1)) {
      if (!done.get(i) && fits(i, key) && isFreeJoint(i, done)) {
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
        if (!done.get(later)
            && blockOf[later] == block
            && fits(later, key)
            && isFreeJoint(later, done)) {
          queue[end++] = later;
          done.set(later);
        }
      }
    }
  }

  private boolean fits(int i, int key) {
    return keys[i] == key || keys[i] < 0;
  }

  private boolean isFreeJoint(int i, BitSet done) {
    for (int earlier : before[i]) {
      if (!done.get(earlier)) {
        return false;
      }
    }
    return true;
  }

  private List<String> written(State end) {
    ArrayDeque<State> row = new ArrayDeque<>();
    for (State at = end; at.before() != null; at = at.before()) {
      row.addFirst(at);
    }
    List<String> order = new ArrayList<>();
    BitSet done = new BitSet();
    row.forEach(at -> close(done, at.key(), at.block(), order));
    return order;
  }

  /** The better of two: a row that keeps a few promising beginnings, the pack's own order. */
  private List<String> simpleRow() {
    List<String> own = ownOrder(BEGIN);
    List<String> row = narrowRow();
    return SettingOrder.changes(row, settings) < SettingOrder.changes(own, settings) ? row : own;
  }

  /**
   * Goes on from a few beginnings at a time: those with the least left, then with most done. When
   * time is up, the first of them goes on in the pack's own order.
   */
  private List<String> narrowRow() {
    List<State> kept = List.of(BEGIN);
    while (kept.get(0).done().cardinality() < keys.length) {
      Map<Met, Step> next = new LinkedHashMap<>();
      for (State from : kept) {
        for (Step step : steps(from)) {
          State state = step.state();
          next.putIfAbsent(new Met(state.done(), state.open() < 0 ? state.key() : -1), step);
        }
      }
      if (next.isEmpty()) {
        return ownOrder(kept.get(0));
      }
      kept = next.values().stream().sorted(LEAST_LEFT).limit(KEPT).map(Step::state).toList();
    }
    return written(kept.get(0));
  }

  /** What is left after a beginning, in the pack's own order as far as rules and blocks let it. */
  private List<String> ownOrder(State from) {
    List<String> order = written(from);
    BitSet done = (BitSet) from.done().clone();
    int open = from.open();
    int last = from.block();
    while (order.size() < keys.length) {
      int next = -1;
      for (int i = 0; i < keys.length && next < 0; i++) {
        boolean here = open < 0 ? isFree(blockOf[i], last, done) : blockOf[i] == open;
        next = here && !done.get(i) && isFreeJoint(i, done) ? i : -1;
      }
      if (next < 0) {
        return List.of();
      }
      done.set(next);
      order.add(ids.get(next));
      last = blockOf[next];
      open = containsAll(done, members[blockOf[next]]) ? -1 : blockOf[next];
    }
    return order;
  }
}
