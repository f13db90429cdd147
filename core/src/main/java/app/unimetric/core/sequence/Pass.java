package app.unimetric.core.sequence;

import java.util.List;

/**
 * One pass over all fasteners of a joint.
 *
 * @param percent share of the final torque; 0 by hand
 * @param order fastener numbers, from 1, in the order they are turned
 * @param kind what the pass is
 */
public record Pass(double percent, List<Integer> order, PassKind kind) {
  public Pass {
    order = List.copyOf(order);
  }
}
