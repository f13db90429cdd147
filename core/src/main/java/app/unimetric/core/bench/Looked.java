package app.unimetric.core.bench;

import app.unimetric.core.recheck.MovedCause;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What looking again found not to have held.
 *
 * @param joints that moved or were loose
 * @param worst of how they moved: what is taken apart stands before what only settled
 * @param load the worst one's: how far, and what load had gone; null when nobody looked
 * @param follows for all of them
 * @param words of each where there are several; empty else
 */
public record Looked(
    List<RunJoint> joints,
    MovedFastener worst,
    @Nullable String load,
    MovedCause.Follows follows,
    String words) {
  public Looked {
    joints = List.copyOf(joints);
  }

  private record One(RunJoint joint, MovedFastener moved, String words) {
    MovedCause.Follows follows() {
      return moved.follows(joint);
    }
  }

  /**
   * What did not hold of these joints; of all where none is named. Empty when all held.
   *
   * @param jointIds as the run calls them
   */
  public static Optional<Looked> of(RunSheet sheet, RunState state, List<String> jointIds) {
    List<One> found = new ArrayList<>();
    for (Entry entry : state.entries()) {
      RunStep step = sheet.step(entry.event().stepId()).orElse(null);
      RunJoint joint =
          step == null || step.jointId() == null ? null : sheet.joint(step.jointId()).orElse(null);
      MovedFastener moved = step == null || !entry.counts() ? null : moved(step, entry);
      if (joint != null && moved != null && (jointIds.isEmpty() || jointIds.contains(joint.id()))) {
        found.add(new One(joint, moved, joint.title() + ": " + said(entry)));
      }
    }
    Optional<One> worst =
        found.stream()
            .min(Comparator.comparing(one -> one.follows() != MovedCause.Follows.TAKE_APART));
    Set<RunJoint> joints =
        found.stream().map(One::joint).collect(Collectors.toCollection(LinkedHashSet::new));
    return worst.map(
        one ->
            new Looked(
                List.copyOf(joints),
                one.moved(),
                one.moved().load(one.joint()),
                one.follows(),
                found.size() == 1
                    ? ""
                    : found.stream().map(One::words).distinct().collect(Collectors.joining(" "))));
  }

  /** What was only looked at and not as it should be came loose for a cause nobody knows yet. */
  private static @Nullable MovedFastener moved(RunStep step, Entry entry) {
    boolean loose =
        step.judged() && (entry.verdict() == Verdict.BAD || entry.verdict() == Verdict.PUT_RIGHT);
    return loose ? new MovedFastener(MovedCause.NOT_FOUND, null, null) : entry.event().moved();
  }

  private static String said(Entry entry) {
    String shown = entry.shown();
    String reason = entry.event().reason();
    return shown != null ? shown : reason == null ? "not as it should be." : reason + ".";
  }
}
