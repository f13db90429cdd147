package app.unimetric.core.plan;

import app.unimetric.core.recheck.RecheckRule;
import app.unimetric.core.spec.Aim;
import java.util.List;

/**
 * What a workshop decides once for all jobs.
 *
 * @param aim where in the band it aims
 * @param always re-check rules for every job
 * @param settling rules for joints that settle
 * @param wheel rules for wheels and axles
 */
public record Policy(
    Aim aim, List<RecheckRule> always, List<RecheckRule> settling, List<RecheckRule> wheel) {
  public static final Policy USUAL =
      new Policy(
          Aim.MIDDLE,
          List.of(RecheckRule.FIRST_RIDE),
          List.of(RecheckRule.SETTLING),
          List.of(RecheckRule.WHEEL, RecheckRule.SETTLING));

  public Policy {
    always = List.copyOf(always);
    settling = List.copyOf(settling);
    wheel = List.copyOf(wheel);
  }
}
