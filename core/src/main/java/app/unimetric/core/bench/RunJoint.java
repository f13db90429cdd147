package app.unimetric.core.bench;

import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.sequence.FastenerPosition;
import app.unimetric.core.sequence.Layout;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the bench shows of a joint.
 *
 * @param stated the governing value as stated
 * @param compound what goes on the thread, in words
 * @param direction which way tightens
 * @param leftHand whether that is unusual
 * @param cure null when nothing on it sets
 */
public record RunJoint(
    String id,
    String title,
    String thread,
    int count,
    Layout layout,
    List<FastenerPosition> positions,
    boolean critical,
    String stated,
    @Nullable TorqueBand band,
    @Nullable Double aimNm,
    @Nullable Double ceilingNm,
    String compound,
    String direction,
    boolean leftHand,
    @Nullable Cure cure) {

  /**
   * A product that sets, with the times of its own sheet.
   *
   * @param product what it is called
   * @param fixtureMinutes null when the sheet was not entered
   * @param fullCureMinutes null when the sheet was not entered
   */
  public record Cure(
      String product, @Nullable Double fixtureMinutes, @Nullable Double fullCureMinutes) {}
}
