package app.unimetric.core.pack;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Holds one pack against another, part by part. */
final class PackComparison {
  private final List<PackDifference> leftOut = new ArrayList<>();
  private final List<PackDifference> others = new ArrayList<>();

  List<PackDifference> of(JobPack own, JobPack original) {
    texts(own, original);
    joints(own, original);
    rest(own, original);
    leftOut.addAll(others);
    return List.copyOf(leftOut);
  }

  private void lacks(String words) {
    leftOut.add(new PackDifference(words, true));
  }

  private void differs(String words) {
    others.add(new PackDifference(words, false));
  }

  private void texts(JobPack own, JobPack original) {
    changed("title", original.title(), own.title());
    changed("in a sentence", original.summary(), own.summary());
    changed(
        "for",
        original.models().isEmpty() ? "all models" : String.join(", ", original.models()),
        own.models().isEmpty() ? "all models" : String.join(", ", own.models()));
    named("caution", own.cautions(), original.cautions(), Function.identity());
  }

  private void joints(JobPack own, JobPack original) {
    Map<String, PackJoint> before = byId(original);
    Map<String, PackJoint> after = byId(own);
    named("joint", own.joints(), original.joints(), PackJoint::title);
    before.forEach(
        (id, was) -> {
          PackJoint is = after.get(id);
          if (is != null && !is.equals(was)) {
            joint(was, is);
          }
        });
  }

  private void joint(PackJoint was, PackJoint is) {
    int seen = leftOut.size() + others.size();
    String of = was.title() + ": ";
    if (was.duty().isCritical() && !is.duty().isCritical()) {
      lacks(of + "no longer critical");
    }
    changed(of + "fastener", was.fastener().words(), is.fastener().words());
    changed(of + "torque", values(was), values(is));
    changed(of + "how many", count(was), count(is));
    if (seen == leftOut.size() + others.size()) {
      differs(of + "said otherwise");
    }
  }

  private static String count(PackJoint joint) {
    return String.valueOf(joint.pattern().count());
  }

  private static String values(PackJoint joint) {
    return joint.torque().values().isEmpty()
        ? "no value"
        : joint.torque().values().stream()
            .map(v -> v.value().asPrinted())
            .collect(Collectors.joining(" or "));
  }

  private void rest(JobPack own, JobPack original) {
    named("step", own.steps(), original.steps(), PackStep::title);
    named("check", own.checks(), original.checks(), PackCheck::title);
    named("part", own.parts(), original.parts(), PackPart::name);
    otherwise("order of the joints", original.order(), own.order());
    otherwise("steps", original.steps(), own.steps());
    otherwise("checks", original.checks(), own.checks());
    otherwise("what is looked at again", original.rechecks(), own.rechecks());
    otherwise("questions", original.choices(), own.choices());
    otherwise("preparation", original.preparation(), own.preparation());
  }

  private void otherwise(String what, Object was, Object is) {
    if (!was.equals(is)) {
      differs(what + ": said otherwise");
    }
  }

  private void changed(String what, String was, String is) {
    if (!was.equals(is)) {
      differs(what + ": " + was + " is now " + is);
    }
  }

  private <T> void named(
      String what, List<T> own, List<T> original, Function<? super T, String> name) {
    List<String> is = own.stream().map(name).toList();
    List<String> was = original.stream().map(name).toList();
    was.stream().filter(n -> !is.contains(n)).forEach(n -> lacks(what + " left out: " + n));
    is.stream().filter(n -> !was.contains(n)).forEach(n -> differs(what + " added: " + n));
  }

  private static Map<String, PackJoint> byId(JobPack pack) {
    Map<String, PackJoint> joints = new LinkedHashMap<>();
    pack.joints().forEach(j -> joints.put(j.id(), j));
    return joints;
  }
}
