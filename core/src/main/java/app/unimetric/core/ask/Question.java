package app.unimetric.core.ask;

import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.Material;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.spec.SpecValue;
import app.unimetric.core.thread.MetricThread;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One question as understood: a torque, a joint, or a setting; what was taken for granted is said.
 *
 * @param torque the torque in it; null when none was named
 * @param thread the thread in it; null when none was named
 * @param material of the bolt; null when none was named
 * @param female what it is screwed into; null when none was named
 * @param engagementMm how far, mm; null when not named
 * @param head null when not named
 * @param condition of the threads; null when not named
 * @param extensionMm of a crowfoot or adapter, mm; null without one
 * @param angleDeg of the adapter to the handle; null when not named
 * @param leverMm of the tool; null when not named
 * @param tool span of the tool; null when none was named
 * @param assumed what was taken for granted, in words
 */
public record Question(
    @Nullable SpecValue torque,
    @Nullable MetricThread thread,
    @Nullable PropertyClass material,
    @Nullable Material female,
    @Nullable Double engagementMm,
    @Nullable Head head,
    @Nullable FrictionCondition condition,
    @Nullable Double extensionMm,
    @Nullable Double angleDeg,
    @Nullable Double leverMm,
    @Nullable ToolSpan tool,
    List<String> assumed) {

  /** What a question is about. */
  public enum Kind {
    TORQUE,
    JOINT,
    SETTING
  }

  /** A tool named by its span, figures in its unit. */
  public record ToolSpan(double min, double max, TorqueUnit unit) {}

  public Question {
    assumed = List.copyOf(assumed);
  }

  public Kind kind() {
    return tool != null || extensionMm != null
        ? Kind.SETTING
        : thread != null ? Kind.JOINT : Kind.TORQUE;
  }
}
