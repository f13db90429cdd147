package app.unimetric.core.plan;

import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.sequence.Precedence;
import app.unimetric.core.stated.Role;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Order rules that hold for every job, by what its joints are for. A pack's own rules come first: a
 * general one that contradicts them is left out.
 */
final class GeneralRules {
  private static final String ADJUST_FIRST =
      "what sets preload or play comes before what clamps it.";
  private static final String LOCK_LAST =
      "a lock nut is tightened last, while the screw it holds is held.";

  private GeneralRules() {}

  /** The pack's own rules and the general ones that agree with them. */
  static List<Precedence.Rule> with(JobPack pack) {
    List<PackJoint> joints = pack.joints();
    List<Precedence.Rule> rules = new ArrayList<>(pack.order());
    Reach reach = new Reach(joints, rules);
    for (int first = 0; first < joints.size(); first++) {
      for (int later = 0; later < joints.size(); later++) {
        PackJoint one = joints.get(first);
        PackJoint other = joints.get(later);
        String reason = reason(one.duty().role(), other.duty().role());
        if (reason != null && !reach.from(later, first) && !reach.from(first, later)) {
          rules.add(
              new Precedence.Rule(
                  one.id(), other.id(), one.title() + " before " + other.title() + ": " + reason));
          reach.add(first, later);
        }
      }
    }
    return List.copyOf(rules);
  }

  private static @Nullable String reason(Role first, Role later) {
    if (first == Role.ADJUST && later == Role.CLAMP) {
      return ADJUST_FIRST;
    }
    return (first == Role.ADJUST || first == Role.PIVOT) && later == Role.LOCK ? LOCK_LAST : null;
  }

  /** Which joint comes somewhere after which, by the rules so far. */
  private static final class Reach {
    private final BitSet[] after;

    Reach(List<PackJoint> joints, List<Precedence.Rule> rules) {
      after = new BitSet[joints.size()];
      Map<String, Integer> place = new HashMap<>();
      for (int i = 0; i < after.length; i++) {
        after[i] = new BitSet();
        place.put(joints.get(i).id(), i);
      }
      for (Precedence.Rule rule : rules) {
        Integer before = place.get(rule.before());
        Integer later = place.get(rule.after());
        if (before != null && later != null) {
          add(before, later);
        }
      }
    }

    boolean from(int first, int later) {
      return after[first].get(later);
    }

    void add(int first, int later) {
      if (from(first, later)) {
        return;
      }
      BitSet gained = (BitSet) after[later].clone();
      gained.set(later);
      for (int i = 0; i < after.length; i++) {
        if (i == first || after[i].get(first)) {
          after[i].or(gained);
        }
      }
    }
  }
}
