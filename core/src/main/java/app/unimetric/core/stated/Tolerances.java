package app.unimetric.core.stated;

import app.unimetric.core.problem.Problems;

/**
 * The workshop's band round a single value.
 *
 * @param usualPercent either way, percent, 0 to 50
 * @param criticalPercent on critical joints, percent; not above the usual one
 */
public record Tolerances(double usualPercent, double criticalPercent) {
  private static final double MOST = 50;
  private static final double PERCENT = 100;

  /** What a workshop begins with. */
  public static final Tolerances USUAL = new Tolerances(10, 5);

  public Tolerances {
    Problems problems =
        new Problems()
            .within(usualPercent, 0, MOST, "usualPercent")
            .within(criticalPercent, 0, MOST, "criticalPercent");
    problems
        .require(
            !problems.isEmpty() || criticalPercent <= usualPercent,
            "criticalPercent",
            "must not be above what holds for joints that are not critical.")
        .orThrow();
  }

  /**
   * The same on every joint.
   *
   * @param percent either way, 0 to 50
   * @throws app.unimetric.core.problem.InvalidInput at “tolerancePercent”
   */
  public static Tolerances same(double percent) {
    new Problems().within(percent, 0, MOST, "tolerancePercent").orThrow();
    return new Tolerances(percent, percent);
  }

  /** What holds for a joint, as a share. */
  public double of(Duty duty) {
    return (duty.isCritical() ? criticalPercent : usualPercent) / PERCENT;
  }

  /** Whether critical joints are held to more than others. */
  boolean isStricterWhenCritical() {
    return criticalPercent < usualPercent;
  }
}
