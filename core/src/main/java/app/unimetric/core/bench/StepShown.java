package app.unimetric.core.bench;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the bench shows of the step in hand beside the sheet.
 *
 * @param advice what to do about what waits; null while nothing waits
 * @param toolOut that the tool in hand is out of use; null when it is not
 * @param dueSlot of a pinned nut that is due at its next slot; null elsewhere
 * @param foundBefore what was found where this is measured again; null elsewhere
 * @param moved numbers of the fasteners that moved in this round
 * @param climb the torques of a joint that is climbed to hold; empty elsewhere
 */
public record StepShown(
    @Nullable String advice,
    @Nullable String toolOut,
    @Nullable DueSlot dueSlot,
    @Nullable String foundBefore,
    List<Integer> moved,
    List<ClimbedTorque> climb) {
  public StepShown {
    moved = List.copyOf(moved);
    climb = List.copyOf(climb);
  }
}
