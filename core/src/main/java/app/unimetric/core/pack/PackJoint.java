package app.unimetric.core.pack;

import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.sequence.GapStyle;
import app.unimetric.core.sequence.Layout;
import app.unimetric.core.spec.Aim;
import app.unimetric.core.spec.JointContext;
import app.unimetric.core.spec.Role;
import app.unimetric.core.surface.Situation;
import app.unimetric.core.thread.Hand;
import app.unimetric.core.thread.MetricThread;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A group of like fasteners that hold one thing.
 *
 * @param propertyClass null when not marked
 * @param head what it is turned by; a hexagon where nothing is said
 * @param gapStyle of a faceplate; null is even
 * @param settles painted, plastic, newly bracketed or clamped on carbon: looked at again
 * @param wheel part of a wheel or axle
 * @param aim null for the workshop's own
 * @param passesPercent null for the usual passes
 * @param slots where a value is to be looked up, for packs that state none themselves
 */
public record PackJoint(
    String id,
    String title,
    MetricThread thread,
    Hand hand,
    @Nullable PropertyClass propertyClass,
    Head head,
    int count,
    Layout layout,
    @Nullable GapStyle gapStyle,
    Turn turn,
    Role role,
    boolean critical,
    boolean carbon,
    boolean softThread,
    boolean settles,
    boolean wheel,
    @Nullable Aim aim,
    Situation situation,
    @Nullable List<Double> passesPercent,
    List<StatedValue> values,
    List<String> slots,
    Turning turning,
    List<String> traps) {
  public PackJoint {
    values = List.copyOf(values);
    slots = List.copyOf(slots);
    traps = List.copyOf(traps);
  }

  /** The joint as the resolution of its values sees it. */
  public JointContext context(Aim workshopAim) {
    return new JointContext(
        thread,
        propertyClass,
        head,
        role,
        critical,
        carbon,
        softThread,
        aim == null ? workshopAim : aim,
        null,
        null);
  }

  /** The same joint with more values behind its own. */
  PackJoint with(List<StatedValue> found) {
    if (found.isEmpty()) {
      return this;
    }
    List<StatedValue> all = new ArrayList<>(values);
    all.addAll(found);
    return new PackJoint(
        id,
        title,
        thread,
        hand,
        propertyClass,
        head,
        count,
        layout,
        gapStyle,
        turn,
        role,
        critical,
        carbon,
        softThread,
        settles,
        wheel,
        aim,
        situation,
        passesPercent,
        all,
        slots,
        turning,
        traps);
  }
}
