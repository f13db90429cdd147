package app.unimetric.core.pack;

import org.jspecify.annotations.Nullable;

/**
 * How a joint is undone, the other end of doing it.
 *
 * @param text what to hold and to mind
 * @param beside the step it stands next to; null at the head of what is undone
 */
public record Undoing(String text, @Nullable BesideStep beside) {
  /** Right before or right after a step that undoes or takes off. */
  public record BesideStep(String stepId, boolean after) {}
}
