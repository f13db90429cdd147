package app.unimetric.core.plan;

import app.unimetric.core.sequence.Pass;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What a job card said when it was printed, so that a later plan can tell what is no longer true of
 * the paper.
 *
 * @param joints in the order printed
 * @param blockers what stood in the way
 */
public record PlanPrint(List<Line> joints, List<String> blockers) {
  public PlanPrint {
    joints = List.copyOf(joints);
    blockers = List.copyOf(blockers);
  }

  /** A joint as printed. */
  public record Line(
      String jointId, String title, String target, String product, String setting, String passes) {}

  /**
   * One thing that differs.
   *
   * @param jointId null when it is about the whole job
   */
  public record Change(@Nullable String jointId, String words) {}

  public static PlanPrint of(JobPlan plan) {
    return new PlanPrint(
        plan.joints().stream().map(PlanPrint::line).toList(),
        plan.blockers().stream().map(b -> title(plan, b.jointId()) + b.message()).toList());
  }

  private static String title(JobPlan plan, @Nullable String jointId) {
    return plan.joints().stream()
        .filter(j -> j.joint().id().equals(jointId))
        .map(j -> j.joint().title() + ": ")
        .findFirst()
        .orElse("");
  }

  /** What a card printed now would say that this print did not; empty while it is still true. */
  public List<Change> changesIn(PlanPrint now) {
    List<Change> changes = new ArrayList<>();
    List<String> before = joints.stream().map(Line::jointId).toList();
    List<String> after = now.joints.stream().map(Line::jointId).toList();
    for (Line line : now.joints) {
      int place = before.indexOf(line.jointId());
      if (place < 0) {
        changes.add(new Change(line.jointId(), "new"));
        continue;
      }
      Line was = joints.get(place);
      compare(line.jointId(), "target", was.target(), line.target(), changes);
      compare(line.jointId(), "on the thread", was.product(), line.product(), changes);
      compare(line.jointId(), "setting", was.setting(), line.setting(), changes);
      compare(line.jointId(), "passes", was.passes(), line.passes(), changes);
      int then = after.indexOf(line.jointId());
      if (then != place) {
        changes.add(new Change(line.jointId(), "place: " + (place + 1) + " is now " + (then + 1)));
      }
    }
    for (String blocker : now.blockers) {
      if (!blockers.contains(blocker)) {
        changes.add(new Change(null, "in the way: " + blocker));
      }
    }
    for (String blocker : blockers) {
      if (!now.blockers.contains(blocker)) {
        changes.add(new Change(null, "settled: " + blocker));
      }
    }
    return List.copyOf(changes);
  }

  private static void compare(
      String jointId, String what, String was, String is, List<Change> changes) {
    if (!was.equals(is)) {
      changes.add(new Change(jointId, what + ": " + was + " is now " + is));
    }
  }

  private static Line line(PlannedJoint j) {
    return new Line(
        j.joint().id(),
        j.joint().title(),
        j.target(),
        j.compound().advice().words(),
        j.setting(),
        j.passes().stream().map(Pass::words).collect(Collectors.joining(" → ")));
  }
}
