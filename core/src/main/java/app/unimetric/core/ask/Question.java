package app.unimetric.core.ask;

import app.unimetric.core.fastener.Head;
import app.unimetric.core.fastener.Material;
import app.unimetric.core.fastener.PropertyClass;
import app.unimetric.core.joint.FrictionCondition;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.stated.StatedValue;
import app.unimetric.core.surface.Galling;
import app.unimetric.core.thread.ScrewThread;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One question as understood: a torque, a joint, or a setting; what was taken for granted is said.
 *
 * @param torque the torque in it; null when none was named
 * @param wanted the unit it is to be told in; null when none was asked for
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
    @Nullable StatedValue torque,
    @Nullable TorqueUnit wanted,
    @Nullable ScrewThread thread,
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
  public record ToolSpan(double min, double max, TorqueUnit unit) {
    public double minNm() {
      return min * unit.newtonMetres();
    }

    public double maxNm() {
      return max * unit.newtonMetres();
    }
  }

  public Question {
    assumed = List.copyOf(assumed);
  }

  /**
   * The joint it is about, what was not named taken as usual; null when no thread was named, or
   * when its figure would be a promise nobody can give.
   */
  public @Nullable JointQuestion joint() {
    ScrewThread named = thread;
    return named == null || isOfPlastic()
        ? null
        : new JointQuestion(
            named,
            material == null ? PropertyClass.C8_8 : material,
            frictionOf(),
            head == null ? Head.HEX : head,
            torque == null ? null : torque.broughtOnNm(),
            female,
            engagementMm == null ? named.nominalDiameterMm() : engagementMm);
  }

  private FrictionCondition frictionOf() {
    boolean bare = condition == FrictionCondition.DRY;
    return condition == null
        ? FrictionCondition.UNKNOWN
        : bare && material != null && material.isStainless()
            ? FrictionCondition.DRY_STAINLESS
            : condition;
  }

  private boolean isOfPlastic() {
    return female == Material.PLASTIC;
  }

  /** What a person must know besides the figures: galling, a turn, a thread without a promise. */
  public List<String> cautions() {
    List<String> cautions = new ArrayList<>();
    if (thread != null && isOfPlastic()) {
      cautions.add(
          "Plastic creeps and its thread strips without warning: no figure is worked out for it. Use the part maker's value, the lower third, by a small screwdriver-type tool.");
    }
    Galling.warning(material, female).ifPresent(cautions::add);
    if (torque != null) {
      torque.beyondTorque().ifPresent(cautions::add);
    }
    return cautions;
  }

  /**
   * The setting it is about.
   *
   * @throws InvalidInput when torque or tool are not named, or there is no figure to set
   */
  public SettingQuestion setting() {
    return SettingQuestion.of(this);
  }

  public Kind kind() {
    return tool != null || extensionMm != null
        ? Kind.SETTING
        : thread != null && !isOfPlastic() ? Kind.JOINT : Kind.TORQUE;
  }
}
