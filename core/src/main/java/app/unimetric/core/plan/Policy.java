package app.unimetric.core.plan;

import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.pack.PackRecheck;
import app.unimetric.core.pack.School;
import app.unimetric.core.pack.Schools;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.recheck.RecheckRule;
import app.unimetric.core.stated.Aim;
import app.unimetric.core.stated.Duty;
import app.unimetric.core.stated.Tolerances;
import app.unimetric.core.stated.Trait;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What a workshop decides once for all jobs.
 *
 * @param aim where in the band it aims
 * @param tolerances its band round a single value
 * @param secondLook whose it is on critical jobs
 * @param always re-check rules for every job
 * @param settling rules for joints that settle
 * @param wheel rules for wheels and axles
 * @param schools what it holds to where good people differ
 */
public record Policy(
    Aim aim,
    Tolerances tolerances,
    SecondLook secondLook,
    List<RecheckRule> always,
    List<RecheckRule> settling,
    List<RecheckRule> wheel,
    Schools schools) {
  private static final int MOST_RULES = 10;
  private static final String TURNS_IN_A_FALL = "fall";
  private static final String TWICE = "twice";

  public static final Policy USUAL =
      new Policy(
          Aim.MIDDLE,
          Tolerances.USUAL,
          SecondLook.ANOTHER_PERSON,
          List.of(RecheckRule.FIRST_RIDE),
          List.of(RecheckRule.SETTLING),
          List.of(RecheckRule.WHEEL, RecheckRule.SETTLING),
          Schools.USUAL);

  public Policy {
    always = List.copyOf(always);
    settling = List.copyOf(settling);
    wheel = List.copyOf(wheel);
    new Problems()
        .require(
            always.size() <= MOST_RULES
                && settling.size() <= MOST_RULES
                && wheel.size() <= MOST_RULES,
            "rechecks",
            "hold more than 10 rules for one thing.")
        .orThrow();
  }

  /** The same, aiming elsewhere. */
  public Policy withAim(Aim other) {
    return new Policy(other, tolerances, secondLook, always, settling, wheel, schools);
  }

  /** The same, with another rule for the second look. */
  public Policy withSecondLook(SecondLook other) {
    return new Policy(aim, tolerances, other, always, settling, wheel, schools);
  }

  /** The same, holding to other schools. */
  public Policy withSchools(Schools other) {
    return new Policy(aim, tolerances, secondLook, always, settling, wheel, other);
  }

  /** Where it aims on one joint: a control that is to turn in a fall is held less firmly. */
  public Aim aimOn(PackJoint joint) {
    return joint.duty().is(Trait.CONTROL) && schools.hold(School.CONTROLS, TURNS_IN_A_FALL)
        ? Aim.LOWER_THIRD
        : aim;
  }

  /** What is done on a joint after its last pull by the schools held to; empty for nothing. */
  public String afterLastPull(PackJoint joint) {
    String click =
        schools.hold(School.CLICK, TWICE)
            ? " Then one more slow pull as a check: it clicks and nothing moves."
            : "";
    return joint.duty().is(Trait.CONTROL) && schools.hold(School.CONTROLS, TURNS_IN_A_FALL)
        ? click + " Pull the lever as hard as in braking: it must not move on the bar."
        : click;
  }

  /**
   * What a job's joints ask to be looked at again, by the workshop's rules and the pack's own. One
   * that was only tried asks for nothing: what asked for the trying goes on.
   *
   * @return each rule once, with the joints it is about
   */
  public List<RecheckGroup> rechecks(JobPack pack) {
    Map<RecheckRule, List<PackJoint>> joints = new LinkedHashMap<>();
    for (PackJoint joint : pack.joints()) {
      if (joint.isTried()) {
        continue;
      }
      List<RecheckRule> rules = new ArrayList<>(always);
      rules.addAll(ofDuty(joint.duty()));
      pack.rechecks().stream()
          .filter(r -> r.isAbout(joint))
          .map(PackRecheck::rule)
          .forEach(rules::add);
      rules.forEach(r -> joints.computeIfAbsent(r, k -> new ArrayList<>()).add(joint));
    }
    return joints.entrySet().stream().map(e -> new RecheckGroup(e.getKey(), e.getValue())).toList();
  }

  private List<RecheckRule> ofDuty(Duty duty) {
    if (duty.is(Trait.WHEEL)) {
      return wheel;
    }
    return duty.is(Trait.SETTLES) ? settling : List.of();
  }

  /** A rule and the joints it is about. */
  public record RecheckGroup(RecheckRule rule, List<PackJoint> joints) {
    public RecheckGroup {
      joints = List.copyOf(joints);
    }

    public List<String> jointIds() {
      return joints.stream().map(PackJoint::id).toList();
    }

    public List<String> titles() {
      return joints.stream().map(PackJoint::title).toList();
    }
  }
}
