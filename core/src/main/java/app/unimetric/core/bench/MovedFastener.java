package app.unimetric.core.bench;

import app.unimetric.core.joint.Movement;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.DecimalText;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.recheck.MovedCause;
import org.jspecify.annotations.Nullable;

/**
 * How a fastener moved that was only tried: why, as far as known, and how far before the click.
 *
 * @param angleDeg degrees; null when nobody looked
 * @param gripMm thickness of what is clamped, mm; null when not known
 */
public record MovedFastener(MovedCause cause, @Nullable Double angleDeg, @Nullable Double gripMm) {
  public MovedFastener {
    Problems problems = new Problems();
    if (angleDeg != null) {
      problems.positive(angleDeg, Movement.MOST_DEG, "angleDeg");
    }
    if (gripMm != null) {
      problems.positive(gripMm, Movement.MOST_GRIP_MM, "gripMm");
    }
    problems.orThrow();
  }

  /**
   * As it was typed; what is empty was not looked at.
   *
   * @throws InvalidInput where a figure is none or out of range
   */
  public static MovedFastener parse(
      MovedCause cause, @Nullable String angleDeg, @Nullable String gripMm) {
    return new MovedFastener(cause, figure(angleDeg, "angleDeg"), figure(gripMm, "gripMm"));
  }

  /** What comes of it on this joint. */
  public MovedCause.Follows follows(RunJoint joint) {
    return cause.follows(joint.onThread().cured());
  }

  /** How far and why, what load had gone where that can be told, and what follows. */
  public String words(RunJoint joint) {
    String load = load(joint);
    return (load == null ? "" : load + " ")
        + "Why: "
        + cause.words()
        + "; "
        + follows(joint).words()
        + ".";
  }

  /** How far, and what load had gone where that can be told; null when nobody looked. */
  public @Nullable String load(RunJoint joint) {
    Double angle = angleDeg;
    return angle == null
        ? null
        : joint
            .size()
            .map(thread -> Movement.of(thread, angle, gripMm, joint.aimNm()).words())
            .orElse(Figure.rounded(angle, 0) + "°.");
  }

  private static @Nullable Double figure(@Nullable String typed, String field) {
    return typed == null || typed.isBlank() ? null : (Double) DecimalText.parse(typed, field);
  }
}
