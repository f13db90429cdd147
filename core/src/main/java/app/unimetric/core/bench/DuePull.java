package app.unimetric.core.bench;

import app.unimetric.core.quantity.ScaleReading;
import app.unimetric.core.quantity.TorqueUnit;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The pull of a torque tool that is due at the bench.
 *
 * @param startNm what the fastener carries already, N·m
 * @param settingNm what the tool brings to it as it is set, N·m
 * @param fullNm what it carries in the end, N·m
 * @param unit of the tool
 * @param tried whether it is tight already and only tried
 */
public record DuePull(
    String stepId,
    int fastener,
    double startNm,
    double settingNm,
    double fullNm,
    TorqueUnit unit,
    boolean tried) {

  /** The pull due in a run; empty where no torque tool is pulled next. */
  public static Optional<DuePull> of(RunSheet sheet, RunState state) {
    RunStep amended = state.stepAmended();
    RunStep step =
        amended != null
            ? amended
            : state.currentStep() == null ? null : sheet.step(state.currentStep()).orElse(null);
    Integer fastener = state.nextFastener();
    boolean tried = state.permits().contains(EventKind.HELD);
    if (step == null
        || fastener == null
        || !tried && !state.permits().contains(EventKind.READING)) {
      return Optional.empty();
    }
    Double setting = step.settingNm();
    ScaleReading reading = step.reading();
    if (setting == null || reading == null || state.toolOut() != null) {
      return Optional.empty();
    }
    String joint = step.jointId();
    Double aim = joint == null ? null : sheet.joint(joint).map(RunJoint::aimNm).orElse(null);
    Entry pending = state.pending();
    return Optional.of(
        new DuePull(
            step.id(),
            fastener,
            startNm(
                aim,
                state.percentByFastener().getOrDefault(fastener, 0.0),
                pending == null ? null : pending.torqueNm()),
            setting,
            aim == null ? setting : Math.max(aim, setting),
            reading.unit(),
            tried));
  }

  /**
   * What a fastener carries before a pull, N·m.
   *
   * @param percent of {@code aimNm} that its earlier passes brought
   * @param leftNm of a pull of the same pass that did not reach its band; null without one
   */
  static double startNm(@Nullable Double aimNm, double percent, @Nullable Double leftNm) {
    double reached = aimNm == null ? 0 : aimNm * percent / RunStep.FULL_PERCENT;
    return Math.max(reached, leftNm == null ? 0 : leftNm);
  }
}
