package app.unimetric.core.bench;

import app.unimetric.core.fastener.Castellation;
import app.unimetric.core.pack.Measure;
import app.unimetric.core.quantity.ScaleReading;
import app.unimetric.core.quantity.TorqueBand;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One step of a run sheet.
 *
 * @param id unique within the sheet
 * @param group heading it stands under
 * @param jointId the joint it works on; null when none
 * @param percent share of the final torque, of a climb of the last one it may come to; 0 when none
 * @param order fastener numbers in the order they are turned; empty when confirmed once
 * @param band what a reading must lie in; null when nothing is measured
 * @param reading what to set on the tool; null when it cannot be set so low
 * @param settingNm what that setting brings to the fastener, N·m
 * @param toolId tool to use; null when none
 * @param hold whether it cannot be passed silently
 * @param traps what people get wrong here
 * @param measure what is measured or looked at; null when nothing is
 * @param comparesWith id of the step at which the same was measured as found; null when none
 * @param judged whether it is answered good, bad or put right
 * @param mayStandToNm the highest torque above the band that may be let stand with a reason: what
 *     the tool's own deviation can account for, of a pinned nut the most it may carry; null where
 *     nothing is said of it
 * @param castellation slots and holes of a nut that is turned on to its next slot; null elsewhere
 */
public record RunStep(
    String id,
    StepKind kind,
    String group,
    String title,
    String text,
    @Nullable String jointId,
    double percent,
    List<Integer> order,
    @Nullable TorqueBand band,
    @Nullable ScaleReading reading,
    @Nullable Double settingNm,
    @Nullable String toolId,
    @Nullable String toolName,
    boolean hold,
    List<String> traps,
    @Nullable Measure measure,
    @Nullable String comparesWith,
    boolean judged,
    @Nullable Double mayStandToNm,
    @Nullable Castellation castellation) {
  /** The share of the final torque at a joint's last pass. */
  public static final double FULL_PERCENT = 100;

  public RunStep {
    order = List.copyOf(order);
    traps = List.copyOf(traps);
  }

  /** A step that turns no fastener. */
  static RunStep plain(
      String id,
      StepKind kind,
      String group,
      String title,
      String text,
      @Nullable String jointId,
      boolean hold,
      List<String> traps) {
    return plain(id, kind, group, title, text, jointId, 0, hold, traps);
  }

  private static RunStep plain(
      String id,
      StepKind kind,
      String group,
      String title,
      String text,
      @Nullable String jointId,
      double percent,
      boolean hold,
      List<String> traps) {
    return new RunStep(
        id, kind, group, title, text, jointId, percent, List.of(), null, null, null, null, null,
        hold, traps, null, null, false, null, null);
  }

  /** The test for slip at one torque of a climb. */
  static RunStep slipTest(
      String id, String group, String title, String text, String jointId, double percent) {
    return plain(id, StepKind.SLIP_TEST, group, title, text, jointId, percent, true, List.of());
  }

  /**
   * A castellated nut on to its next slot.
   *
   * @param band from its minimum to the most it may carry; null where that is not known
   */
  static RunStep nextSlot(
      String id,
      String group,
      String title,
      String text,
      String jointId,
      List<Integer> order,
      @Nullable TorqueBand band,
      Castellation nut) {
    return new RunStep(
        id,
        StepKind.NEXT_SLOT,
        group,
        title,
        text,
        jointId,
        FULL_PERCENT,
        order,
        band,
        null,
        null,
        null,
        null,
        true,
        List.of(),
        null,
        null,
        false,
        null,
        nut);
  }

  /** The same step, at which something is measured, perhaps against what was found before. */
  RunStep measuring(Measure what, @Nullable String foundAt) {
    return with(what, foundAt, judged);
  }

  /** The same step, answered good, bad or put right. */
  RunStep asJudged() {
    return with(measure, comparesWith, true);
  }

  private RunStep with(@Nullable Measure what, @Nullable String foundAt, boolean asked) {
    return new RunStep(
        id,
        kind,
        group,
        title,
        text,
        jointId,
        percent,
        order,
        band,
        reading,
        settingNm,
        toolId,
        toolName,
        hold,
        traps,
        what,
        foundAt,
        asked,
        mayStandToNm,
        castellation);
  }

  /** The same step done with another tool. */
  public RunStep with(OtherTool tool) {
    OtherTool.SetTo set = tool.steps().get(id);
    return new RunStep(
        id,
        kind,
        group,
        title,
        text,
        jointId,
        percent,
        order,
        band,
        set == null ? null : set.reading(),
        set == null ? null : set.settingNm(),
        tool.toolId(),
        tool.name(),
        hold,
        traps,
        measure,
        comparesWith,
        judged,
        set == null ? null : set.mayStandToNm(),
        castellation);
  }

  /** Whether a tool is set for it. */
  public boolean isDoneWithATool() {
    return kind == StepKind.TIGHTEN || isTried();
  }

  /** Whether each fastener is tried at full torque: it clicks as it is, or it moves. */
  public boolean isTried() {
    return kind == StepKind.CHECK_PASS || kind == StepKind.TRY;
  }

  /** Whether it turns each fastener further. */
  public boolean turnsEach() {
    return kind == StepKind.TIGHTEN || kind == StepKind.ANGLE || kind == StepKind.NEXT_SLOT;
  }

  /** Whether a joint that was off goes back with it. */
  public boolean isBack() {
    return kind == StepKind.SURFACE || kind == StepKind.HAND || turnsEach();
  }

  /** Whether each fastener is confirmed by itself. */
  public boolean perFastener() {
    return turnsEach() || isTried();
  }
}
