package app.unimetric.server.workshop;

import app.unimetric.core.pack.School;
import app.unimetric.core.pack.Schools;
import app.unimetric.core.plan.Policy;
import app.unimetric.core.plan.SecondLook;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.DecimalText;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.LeftEmpty;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.recheck.RecheckRule;
import app.unimetric.core.stated.Aim;
import app.unimetric.core.stated.Tolerances;
import app.unimetric.documents.settings.Right;
import app.unimetric.documents.settings.WorkshopSettings;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Settings as they are typed.
 *
 * @param tolerancePercent figures as typed, here and below
 * @param lookAgainMinutes empty where the second look is another person's
 * @param schools the id of what the workshop holds to, for each
 * @param benchC how warm it is where products set, as typed
 * @param ofLeads what only leads may do
 */
record SettingsFields(
    String name,
    String unit,
    String zone,
    Aim aim,
    String tolerancePercent,
    String criticalTolerancePercent,
    String lookAgainMinutes,
    List<RuleFields> always,
    List<RuleFields> settling,
    List<RuleFields> wheel,
    String idleMinutesMechanic,
    String idleMinutesLead,
    String idleMinutesGuest,
    String leastPin,
    String currency,
    WorkshopSettings.Decimals decimals,
    Map<School, String> schools,
    String benchC,
    List<Right> ofLeads) {
  private static final int LONGEST_RULES = 50;

  /**
   * When to look again; figures as typed, empty where one does not matter.
   *
   * @param key of a rule that was there; empty for a new one
   */
  record RuleFields(
      String key, String why, boolean afterFirstRide, String km, String days, String hours) {
    static RuleFields of(RecheckRule r) {
      return new RuleFields(
          r.key(), r.why(), r.afterFirstRide(), typed(r.km()), typed(r.days()), typed(r.hours()));
    }

    RecheckRule rule() {
      Problems problems = new Problems();
      Double kilometres = problems.under("", () -> figure(km, "km"));
      Double ofDays = problems.under("", () -> figure(days, "days"));
      Double ofHours = problems.under("", () -> figure(hours, "hours"));
      problems.orThrow();
      return new RecheckRule(
          key.isBlank() ? "own-" + UUID.randomUUID() : key,
          why.strip(),
          afterFirstRide,
          LeftEmpty.none(kilometres),
          whole(ofDays, "days"),
          LeftEmpty.none(ofHours));
    }
  }

  static SettingsFields of(WorkshopSettings s) {
    Policy p = s.policy();
    return new SettingsFields(
        s.name(),
        s.unit().code(),
        s.zone(),
        p.aim(),
        typed(p.tolerances().usualPercent()),
        typed(p.tolerances().criticalPercent()),
        typed(p.secondLook().selfAfterMinutes()),
        p.always().stream().map(RuleFields::of).toList(),
        p.settling().stream().map(RuleFields::of).toList(),
        p.wheel().stream().map(RuleFields::of).toList(),
        typed(s.doors().idleMinutesMechanic()),
        typed(s.doors().idleMinutesLead()),
        typed(s.doors().idleMinutesGuest()),
        typed(s.doors().leastPin()),
        s.currency(),
        s.decimals(),
        School.all().stream()
            .collect(
                Collectors.toMap(
                    school -> school,
                    school -> p.schools().of(school).id(),
                    (a, b) -> a,
                    LinkedHashMap::new)),
        typed(s.benchC()),
        s.ofLeads().stream().sorted().toList());
  }

  /**
   * @throws app.unimetric.core.problem.InvalidInput with each field that is not as it should be
   */
  WorkshopSettings settings() {
    Problems problems = new Problems();
    TorqueUnit torque = TorqueUnit.ofCode(unit).orElse(null);
    problems.require(torque != null, "unit", "is not one of the torque units.");
    Tolerances tolerances =
        problems.under(
            "",
            () ->
                new Tolerances(
                    DecimalText.parse(tolerancePercent, "tolerancePercent"),
                    DecimalText.parse(criticalTolerancePercent, "criticalTolerancePercent")));
    SecondLook look =
        problems.under(
            "", () -> new SecondLook(whole(figure(lookAgainMinutes, "lookAgainMinutes"), "")));
    List<RecheckRule> every = rules(problems, always, "always");
    List<RecheckRule> settles = rules(problems, settling, "settling");
    List<RecheckRule> wheels = rules(problems, wheel, "wheel");
    WorkshopSettings.Doors doors =
        problems.under(
            "",
            () ->
                new WorkshopSettings.Doors(
                    minutes(idleMinutesMechanic, "idleMinutesMechanic"),
                    minutes(idleMinutesLead, "idleMinutesLead"),
                    minutes(idleMinutesGuest, "idleMinutesGuest"),
                    minutes(leastPin, "leastPin")));
    Schools held = problems.under("", () -> new Schools(schools));
    Double warm = problems.under("", () -> DecimalText.parse(benchC, "benchC"));
    problems.orThrow();
    if (torque == null
        || tolerances == null
        || look == null
        || doors == null
        || held == null
        || warm == null) {
      throw new IllegalStateException();
    }
    return new WorkshopSettings(
        name.strip(),
        torque,
        zone.strip(),
        new Policy(aim, tolerances, look, every, settles, wheels, held),
        doors,
        currency.strip().toUpperCase(java.util.Locale.ROOT),
        decimals,
        warm,
        Set.copyOf(ofLeads));
  }

  private static List<RecheckRule> rules(Problems problems, List<RuleFields> typed, String field) {
    problems.require(typed.size() <= LONGEST_RULES, field, "hold more than 10 rules.");
    List<RecheckRule> rules = new ArrayList<>();
    for (int i = 0; i < Math.min(typed.size(), LONGEST_RULES); i++) {
      RuleFields one = typed.get(i);
      String at = field + "[" + i + "]";
      problems.require(one != null, at, "is missing; leave the rule out altogether.");
      RecheckRule rule = one == null ? null : problems.under(at, one::rule);
      if (rule != null) {
        rules.add(rule);
      }
    }
    return rules;
  }

  private static String typed(@Nullable Number figure) {
    return figure == null ? "" : Figure.rounded(figure.doubleValue(), 4);
  }

  private static int minutes(String typed, String field) {
    return (int) Math.rint(DecimalText.parse(typed, field));
  }

  private static Double figure(String typed, String field) {
    return LeftEmpty.or(typed, () -> DecimalText.parse(typed, field));
  }

  private static @Nullable Integer whole(@Nullable Double figure, String field) {
    Double there = LeftEmpty.none(figure);
    if (there == null) {
      return null;
    }
    new Problems()
        .require(
            there == Math.rint(there) && Math.abs(there) < Integer.MAX_VALUE,
            field,
            "must be a whole number.")
        .orThrow();
    return there.intValue();
  }
}
