package app.unimetric.core.sequence;

import app.unimetric.core.quantity.Figure;
import java.util.List;
import java.util.stream.Collectors;

/**
 * One pass over all fasteners of a joint.
 *
 * @param percent share of the final torque; 0 by hand
 * @param order fastener numbers, from 1, in the order they are turned
 * @param kind what the pass is
 */
public record Pass(double percent, List<Integer> order, PassKind kind) {
  /** The share of the last pass. */
  public static final double FULL_PERCENT = 100;

  /** How far a pull of a pass before the last may lie from its share either way, percent. */
  public static final double SLACK_PERCENT = 5;

  public Pass {
    order = List.copyOf(order);
  }

  /** Its share and order as printed: {@code 30 % 1 3 2 4}. */
  public String words() {
    return share() + " " + order.stream().map(String::valueOf).collect(Collectors.joining(" "));
  }

  /** Its share of the final torque: {@code 30 %}. */
  public String share() {
    return kind == PassKind.SET_TO_CHECK ? "to its check" : Figure.rounded(percent, 1) + " %";
  }
}
