package app.unimetric.core.joint;

import app.unimetric.core.problem.Problems;

/**
 * Friction as it really is: a band. The least, usual and greatest that the state of the surfaces
 * brings.
 *
 * @param min least at both places
 * @param nominal usual
 * @param max greatest
 */
public record FrictionBand(Friction min, Friction nominal, Friction max) {
  public FrictionBand {
    new Problems()
        .require(
            min.thread() <= nominal.thread() && nominal.thread() <= max.thread(),
            "thread",
            "must rise from min over nominal to max.")
        .require(
            min.head() <= nominal.head() && nominal.head() <= max.head(),
            "head",
            "must rise from min over nominal to max.")
        .orThrow();
  }

  /** What a condition of the surfaces brings. */
  public static FrictionBand of(FrictionCondition condition) {
    return new FrictionBand(condition.min(), condition.nominal(), condition.max());
  }

  /** One number taken for exact. */
  public static FrictionBand exactly(Friction friction) {
    return new FrictionBand(friction, friction, friction);
  }
}
