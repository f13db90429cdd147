package app.unimetric.core.pack;

import app.unimetric.core.fastener.Fastener;
import app.unimetric.core.sequence.BoltPattern;
import app.unimetric.core.stated.Aim;
import app.unimetric.core.stated.Duty;
import app.unimetric.core.stated.JointContext;
import app.unimetric.core.surface.Situation;
import java.util.List;

/**
 * A group of like fasteners that hold one thing.
 *
 * @param fastener what is turned
 * @param pattern how many, how they sit, in which passes
 * @param duty what they are there for
 * @param situation what decides about the product that goes on
 * @param torque what is stated, and where it is to be looked up
 * @param turning how they are reached and turned
 * @param traps what people get wrong here
 */
public record PackJoint(
    String id,
    String title,
    Fastener fastener,
    BoltPattern pattern,
    Duty duty,
    Situation situation,
    TorqueSheet torque,
    Turning turning,
    List<String> traps) {
  public PackJoint {
    traps = List.copyOf(traps);
  }

  /** The joint as the resolution of its values sees it. */
  public JointContext context(Aim workshopAim) {
    return new JointContext(
        fastener.thread(),
        fastener.propertyClass(),
        fastener.head(),
        duty,
        workshopAim,
        null,
        null);
  }

  /** The same joint with more values behind its own. */
  PackJoint with(List<DocumentedValue> found) {
    return new PackJoint(
        id, title, fastener, pattern, duty, situation, torque.with(found), turning, traps);
  }
}
