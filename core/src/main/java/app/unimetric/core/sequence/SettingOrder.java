package app.unimetric.core.sequence;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Orders groups within their rules so that tool and setting change as seldom as can be.
 *
 * <p>Whoever holds a tool at a setting loses nothing by first doing everything that is free for it;
 * so only the row of settings has to be searched. The search goes by number of changes, and what it
 * finds first is proved the least. Past {@value #MOST_STATES} states it stops and takes the better
 * of two simple rows, with the bound it had proved until then.
 *
 * @param order ids in working order; empty when the rules contradict each other
 * @param changes of tool or setting from the first group to the last
 * @param atLeast no order within the rules has fewer changes; equal to {@code changes} when proved
 */
public record SettingOrder(List<String> order, int changes, int atLeast) {
  private static final int MOST_STATES = 40_000;

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
      Map<String, @Nullable String> settings, Iterable<Precedence.Rule> rules) {
    return new Search(settings, rules).run();
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

  private static final class Search {
    private final List<String> ids;
    private final Map<String, @Nullable String> settings;
    private final int[] keys;
    private final int keyCount;
    private final BitSet[] waitsFor;
    private final int[][] unlocks;

    /** A row of settings so far. {@code key} is what is in hand; −1 at the beginning. */
    private record State(BitSet done, int key, @Nullable State before) {}

    Search(Map<String, @Nullable String> settings, Iterable<Precedence.Rule> rules) {
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
    }

    SettingOrder run() {
      BitSet none = new BitSet();
      close(none, -1, null);
      if (none.cardinality() == keys.length) {
        return finish(new State(none, -1, null), 0);
      }
      List<State> level = new ArrayList<>();
      Set<BitSet> met = new HashSet<>();
      for (int key = 0; key < keyCount; key++) {
        add(new State(none, -1, null), key, level, met);
      }
      int states = level.size();
      for (int changes = 0; ; changes++) {
        for (State state : level) {
          if (state.done().cardinality() == keys.length) {
            return finish(state, changes);
          }
        }
        if (level.isEmpty()) {
          return new SettingOrder(List.of(), 0, 0);
        }
        if (states > MOST_STATES) {
          return greedy(Math.max(changes, leftAtLeast(level, changes)));
        }
        List<State> next = new ArrayList<>();
        for (State state : level) {
          for (int key = 0; key < keyCount; key++) {
            if (key != state.key()) {
              add(state, key, next, met);
            }
          }
        }
        level = undominated(next);
        states += level.size();
      }
    }

    /** Every setting still needed costs at least one change more. */
    private int leftAtLeast(List<State> level, int changes) {
      int least = Integer.MAX_VALUE;
      for (State state : level) {
        least = Math.min(least, changes + settingsLeft(state));
      }
      return least;
    }

    private int settingsLeft(State state) {
      BitSet left = new BitSet();
      for (int i = 0; i < keys.length; i++) {
        if (!state.done().get(i) && keys[i] >= 0 && keys[i] != state.key()) {
          left.set(keys[i]);
        }
      }
      return left.cardinality();
    }

    private void add(State from, int key, List<State> into, Set<BitSet> met) {
      BitSet done = (BitSet) from.done().clone();
      close(done, key, null);
      if (done.cardinality() > from.done().cardinality() && met.add(done)) {
        into.add(new State(done, key, from.key() < 0 && from.before() == null ? null : from));
      }
    }

    /**
     * A state whose work is all contained in another's at the same cost leads to nothing better.
     */
    private static List<State> undominated(List<State> states) {
      if (states.size() > 2000) {
        return states;
      }
      List<State> kept = new ArrayList<>();
      states.sort((a, b) -> b.done().cardinality() - a.done().cardinality());
      for (State state : states) {
        boolean beaten = false;
        for (State other : kept) {
          BitSet rest = (BitSet) state.done().clone();
          rest.andNot(other.done());
          if (rest.isEmpty()) {
            beaten = true;
            break;
          }
        }
        if (!beaten) {
          kept.add(state);
        }
      }
      return kept;
    }

    /** Does all that is free with this setting or without any, in the pack's own order. */
    private void close(BitSet done, int key, @Nullable List<String> written) {
      ArrayDeque<Integer> free = new ArrayDeque<>();
      for (int i = 0; i < keys.length; i++) {
        if (!done.get(i) && fits(i, key) && isFree(i, done)) {
          free.add(i);
        }
      }
      while (!free.isEmpty()) {
        int i = free.poll();
        if (done.get(i)) {
          continue;
        }
        done.set(i);
        if (written != null) {
          written.add(ids.get(i));
        }
        for (int later : unlocks[i]) {
          if (!done.get(later) && fits(later, key) && isFree(later, done)) {
            free.add(later);
          }
        }
      }
    }

    private boolean fits(int i, int key) {
      return keys[i] == key || keys[i] < 0;
    }

    private boolean isFree(int i, BitSet done) {
      BitSet open = (BitSet) waitsFor[i].clone();
      open.andNot(done);
      return open.isEmpty();
    }

    private SettingOrder finish(State end, int proved) {
      ArrayDeque<Integer> row = new ArrayDeque<>();
      for (State at = end; at != null; at = at.before()) {
        if (at.key() >= 0) {
          row.addFirst(at.key());
        }
      }
      List<String> order = write(row);
      return new SettingOrder(order, SettingOrder.changes(order, settings), proved);
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

    /** The better of two rows: most work next, or the setting that frees the most others. */
    private SettingOrder greedy(int atLeast) {
      List<String> best = row(false);
      List<String> other = row(true);
      if (SettingOrder.changes(other, settings) < SettingOrder.changes(best, settings)) {
        best = other;
      }
      List<String> own = ownOrder();
      if (SettingOrder.changes(own, settings) < SettingOrder.changes(best, settings)) {
        best = own;
      }
      int changes = SettingOrder.changes(best, settings);
      return new SettingOrder(best, changes, Math.min(atLeast, changes));
    }

    private List<String> row(boolean byWhatItEnds) {
      List<Integer> row = new ArrayList<>();
      BitSet done = new BitSet();
      close(done, -1, null);
      int hand = -1;
      while (done.cardinality() < keys.length) {
        int bestKey = -1;
        int bestScore = -1;
        BitSet bestDone = done;
        for (int key = 0; key < keyCount; key++) {
          if (key == hand) {
            continue;
          }
          BitSet then = (BitSet) done.clone();
          close(then, key, null);
          int gained = then.cardinality() - done.cardinality();
          int score =
              gained == 0 ? 0 : byWhatItEnds && ends(key, then) ? gained + keys.length : gained;
          if (score > bestScore) {
            bestScore = score;
            bestKey = key;
            bestDone = then;
          }
        }
        if (bestScore <= 0) {
          return List.of();
        }
        row.add(bestKey);
        hand = bestKey;
        done = bestDone;
      }
      return write(row);
    }

    /** Whether nothing is left for a setting, so that it is never needed again. */
    private boolean ends(int key, BitSet done) {
      for (int i = 0; i < keys.length; i++) {
        if (keys[i] == key && !done.get(i)) {
          return false;
        }
      }
      return true;
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
}
