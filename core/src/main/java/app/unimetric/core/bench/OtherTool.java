package app.unimetric.core.bench;

import app.unimetric.core.quantity.ScaleReading;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Another tool of the crib that would do for a joint, laid out beforehand so that it can be taken
 * up at the bench by itself.
 *
 * @param words what it costs in certainty
 * @param steps how it is set for each step of the joint that is done with a tool, by the step's id
 */
public record OtherTool(String toolId, String name, String words, Map<String, SetTo> steps) {
  public OtherTool {
    steps = Map.copyOf(steps);
  }

  /**
   * How a tool is set for one step.
   *
   * @param reading null when it cannot be set so low
   * @param settingNm what that brings to the fastener, N·m
   * @param mayStandToNm the highest torque its own deviation accounts for, N·m
   */
  public record SetTo(
      @Nullable ScaleReading reading, @Nullable Double settingNm, @Nullable Double mayStandToNm) {}
}
