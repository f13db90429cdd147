package app.unimetric.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What the person who signs, and whoever reads the record, must see at a glance.
 *
 * @param outOfBand torques let stand outside their band
 * @param foundBad what was found not as it should be, whatever became of it
 * @param left what is left not as it should be
 * @param moved what was only tried and moved
 * @param byFeel titles of joints brought to their torque without a torque tool: unverified
 * @param startedAgain fasteners that were slackened or renewed and began again
 * @param corrected entries that a later one corrects
 */
public record Summary(
    List<Entry> outOfBand,
    List<Entry> foundBad,
    List<Entry> left,
    List<Entry> moved,
    List<String> byFeel,
    List<Entry> startedAgain,
    List<Entry> corrected) {

  /**
   * What is worth seeing once all is done but to sign; null while something else is in hand, when
   * the log is not gone through.
   */
  public static @Nullable Summary whenDue(RunSheet sheet, RunState state) {
    String current = state.currentStep();
    boolean due =
        current == null
            || sheet.step(current).filter(s -> s.kind() == StepKind.SIGN_OFF).isPresent();
    return due ? of(sheet, state) : null;
  }

  /** What is worth seeing of a run so far. */
  public static Summary of(RunSheet sheet, RunState state) {
    List<Entry> outOfBand = new ArrayList<>();
    List<Entry> left = new ArrayList<>();
    for (Entry entry : state.deviations()) {
      (entry.torqueNm() == null ? left : outOfBand).add(entry);
    }
    Set<String> done = Set.copyOf(state.doneSteps());
    Set<String> withoutFigure = stepsSaidDone(state);
    List<String> byFeel =
        sheet.steps().stream()
            .filter(s -> s.kind() == StepKind.TIGHTEN && s.percent() == RunStep.FULL_PERCENT)
            .filter(s -> done.contains(s.id()) && withoutFigure.contains(s.id()))
            .map(RunStep::title)
            .distinct()
            .toList();
    return new Summary(
        outOfBand,
        state.foundBad(),
        left,
        state.moved(),
        byFeel,
        state.entries().stream().filter(e -> isStartedAgain(e, sheet)).toList(),
        state.corrected());
  }

  private static Set<String> stepsSaidDone(RunState state) {
    return state.entries().stream()
        .filter(e -> e.event().kind() == EventKind.DONE && e.counts())
        .map(e -> e.event().stepId())
        .collect(Collectors.toSet());
  }

  private static boolean isStartedAgain(Entry entry, RunSheet sheet) {
    EventKind kind = entry.event().kind();
    boolean again = kind == EventKind.SLACKENED || kind == EventKind.REPLACED;
    if (kind == EventKind.BEGUN_AGAIN) {
      return entry.counts();
    }
    return again
        && entry.counts()
        && sheet.step(entry.event().stepId()).filter(RunStep::turnsEach).isPresent();
  }

  /** Whether there is nothing to see. */
  public boolean isClean() {
    return outOfBand.isEmpty()
        && foundBad.isEmpty()
        && left.isEmpty()
        && moved.isEmpty()
        && byFeel.isEmpty()
        && startedAgain.isEmpty()
        && corrected.isEmpty();
  }
}
