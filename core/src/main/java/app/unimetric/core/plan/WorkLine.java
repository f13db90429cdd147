package app.unimetric.core.plan;

import app.unimetric.core.order.Task;
import app.unimetric.core.order.TaskKind;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.Measure;
import app.unimetric.core.pack.PackCheck;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.pack.PackStep;
import app.unimetric.core.pack.PartRole;
import app.unimetric.core.pack.Undoing;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.sequence.Pass;
import app.unimetric.core.sequence.PassKind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * One line of the work in its order: a task, or the passes of a joint that follow each other.
 *
 * @param doing what is done, in a word
 * @param jointId the joint it works on; null for a step
 * @param hold whether it cannot be passed silently
 * @param why why it may not come sooner; null where nothing binds it
 * @param origin what of the pack it comes from; null for what every job has
 */
public record WorkLine(
    TaskKind kind,
    String doing,
    String title,
    String text,
    @Nullable String jointId,
    boolean hold,
    List<String> traps,
    @Nullable String why,
    @Nullable Origin origin) {

  public WorkLine {
    traps = List.copyOf(traps);
  }

  /**
   * Where something stands in its pack.
   *
   * @param list the list of the document, such as {@code steps}
   * @param name what it is called there
   */
  public record Origin(String list, String name) {}

  /** All lines of a plan; none when its rules form a ring. */
  public static List<WorkLine> of(JobPlan plan) {
    Map<String, WorkLine> named = named(plan.pack());
    List<WorkLine> lines = new ArrayList<>();
    for (Task task : plan.work().tasks()) {
      String id = task.jointId() == null ? task.stepId() : task.jointId();
      WorkLine line = named.get(id);
      if (line != null) {
        append(lines, line.as(task, plan));
      }
    }
    return lines;
  }

  private static void append(List<WorkLine> lines, WorkLine line) {
    WorkLine last = lines.isEmpty() ? null : lines.get(lines.size() - 1);
    boolean goesOn =
        last != null
            && line.jointId != null
            && line.jointId.equals(last.jointId)
            && line.kind.isAboveFingerTight()
            && line.kind != TaskKind.SNUG
            && (last.kind == TaskKind.PASS || last.kind == TaskKind.FINAL);
    if (!goesOn || last == null) {
      lines.add(line);
      return;
    }
    String why = last.why == null ? line.why : last.why;
    lines.set(
        lines.size() - 1,
        new WorkLine(
            TaskKind.FINAL,
            last.doing,
            last.title,
            Stream.of(last.text, line.text)
                .filter(t -> !t.isEmpty())
                .collect(Collectors.joining(", ")),
            last.jointId,
            false,
            List.of(),
            why,
            last.origin));
  }

  private WorkLine as(Task task, JobPlan plan) {
    if (task.jointId() == null) {
      return this;
    }
    Double percent = plan.percent(task);
    boolean last = percent != null && percent == Pass.FULL_PERCENT;
    if (plan.is(PassKind.SET_TO_CHECK, task)) {
      return of(task, "set", "to its check", plan);
    }
    String share =
        plan.is(PassKind.ANGLE, task)
            ? "by the stated angle"
            : plan.is(PassKind.CLIMB, task)
                ? last ? plan.climb(task) : ""
                : percent == null ? "" : Figure.rounded(percent, 1) + " %";
    return of(
        task,
        task.kind().words(),
        switch (task.kind()) {
          case CHECK_ROUND -> "once round";
          case TRY -> "at its target, as it is";
          default -> share;
        },
        plan);
  }

  private WorkLine of(Task task, String doing, String text, JobPlan plan) {
    return new WorkLine(
        task.kind(), doing, title, text, jointId, false, List.of(), plan.why(task), origin);
  }

  /** All tasks by their names. */
  private static Map<String, WorkLine> named(JobPack pack) {
    Map<String, WorkLine> named = new HashMap<>();
    for (PackJoint joint : pack.joints()) {
      named.put(
          joint.id(),
          line(TaskKind.START, joint.title(), "", joint.id(), false, List.of())
              .from("joints", joint.packId()));
      Undoing undoing = joint.undoing();
      if (undoing != null) {
        named.put(
            joint.undoId(),
            line(TaskKind.UNDO, joint.title(), undoing.text(), null, false, List.of())
                .from("joints", joint.packId()));
      }
    }
    for (PackStep s : pack.steps()) {
      named.put(
          s.taskId(),
          line(s.kind(), s.title(), s.text(), null, s.hold(), s.traps()).from("steps", s.packId()));
    }
    List<Measure> asFound = pack.preparation().asFound();
    measures(TaskKind.MEASURE, "found.", "asFound", "", asFound, named);
    measures(TaskKind.MEASURE, "left.", "asFound", "again", asFound, named);
    List<Measure> inspections = pack.preparation().inspections();
    measures(TaskKind.INSPECT, "inspect.", "inspections", "", inspections, named);
    for (PackCheck c : pack.checks()) {
      named.put(
          c.taskId(),
          line(TaskKind.FUNCTION_CHECK, c.title(), c.text(), null, true, List.of())
              .from("checks", c.id()));
    }
    named.put(
        JobPack.CARRIED_OVER,
        line(
            TaskKind.STEP,
            "Moved over from the old part",
            pack.partsInWords(PartRole.CARRIED_OVER),
            null,
            true,
            List.of()));
    named.put(
        JobPack.KEPT,
        line(
            TaskKind.MEASURE,
            "Originals kept",
            pack.partsInWords(PartRole.ORIGINAL_KEPT),
            null,
            false,
            List.of()));
    named.put(
        "second-look",
        line(
            TaskKind.SECOND_LOOK,
            "Another person",
            "Someone who did not tighten looks at every critical joint.",
            null,
            true,
            List.of()));
    return named;
  }

  private static void measures(
      TaskKind kind,
      String prefix,
      String list,
      String text,
      List<Measure> all,
      Map<String, WorkLine> named) {
    for (int i = 0; i < all.size(); i++) {
      named.put(
          prefix + (i + 1),
          line(kind, all.get(i).words(), text, null, false, List.of())
              .from(list, all.get(i).what()));
    }
  }

  private static WorkLine line(
      TaskKind kind,
      String title,
      String text,
      @Nullable String jointId,
      boolean hold,
      List<String> traps) {
    return new WorkLine(kind, kind.words(), title, text, jointId, hold, traps, null, null);
  }

  private WorkLine from(String list, String name) {
    return new WorkLine(
        kind, doing, title, text, jointId, hold, traps, why, new Origin(list, name));
  }
}
