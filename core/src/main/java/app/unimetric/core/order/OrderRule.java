package app.unimetric.core.order;

/**
 * One thing comes before another.
 *
 * @param before id of the joint or step that comes first
 * @param after id of the one that comes later
 * @param binding how much of the later one waits
 * @param reason why, in words
 */
public record OrderRule(String before, String after, Binding binding, String reason) {
  /** Only the final torques are ordered. */
  public static OrderRule ofFinals(String before, String after, String reason) {
    return new OrderRule(before, after, Binding.FINAL, reason);
  }
}
