package app.unimetric.core.bench;

import app.unimetric.core.pack.Side;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What is loose or off and not back yet, by the tray it lies in: left parts to the left, right
 * parts to the right (field guide, the course of a job).
 *
 * @param side null for what belongs to no side
 * @param words what the tray is called
 * @param holds fasteners in words, in the order they came off
 */
public record Tray(@Nullable Side side, String words, List<String> holds) {
  public Tray {
    holds = List.copyOf(holds);
  }

  /** Where the fasteners of a joint go; null for one of no side. */
  static @Nullable String wordsFor(@Nullable Side side) {
    return side == null ? null : side.title() + " parts to the " + side.words() + " tray.";
  }

  /** The trays in use, left before right before the rest; one that holds nothing is left out. */
  public static List<Tray> of(RunSheet sheet, RunState state) {
    Set<String> done = new HashSet<>(state.doneSteps());
    Set<String> back = new HashSet<>();
    for (RunStep step : sheet.steps()) {
      String joint = step.jointId();
      if (joint != null && step.isBack() && done.contains(step.id())) {
        back.add(joint);
      }
    }
    List<Tray> trays = new ArrayList<>();
    for (Side side : new Side[] {Side.LEFT, Side.RIGHT, null}) {
      List<String> holds =
          sheet.steps().stream()
              .filter(s -> done.contains(s.id()))
              .flatMap(s -> sheet.joints().stream().filter(j -> j.undoId().equals(s.id())))
              .filter(j -> !back.contains(j.id()) && Side.named(j.id()).orElse(null) == side)
              .map(j -> j.title() + ", " + j.count() + " × " + j.thread())
              .toList();
      if (!holds.isEmpty()) {
        trays.add(new Tray(side, side == null ? "Loose or off" : side.title() + " tray", holds));
      }
    }
    return trays;
  }
}
