package app.unimetric.core.ask;

import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.Material;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.thread.ScrewThread;
import org.jspecify.annotations.Nullable;

/**
 * A joint asked about in one line, what was not named taken as usual: class 8.8, threads dry to
 * oiled, a hexagon head, engagement of one diameter.
 *
 * @param torque N·m; null when none was named
 * @param female what it is screwed into; null when not named
 * @param engagementMm full thread, mm; counts only with {@code female}
 */
public record JointQuestion(
    ScrewThread thread,
    PropertyClass propertyClass,
    FrictionCondition condition,
    Head head,
    @Nullable TorqueBand torque,
    @Nullable Material female,
    double engagementMm) {}
