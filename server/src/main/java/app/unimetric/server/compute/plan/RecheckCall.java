package app.unimetric.server.compute.plan;

import app.unimetric.core.problem.Problems;
import app.unimetric.core.recheck.RecheckDue;
import app.unimetric.core.recheck.RecheckRule;
import app.unimetric.core.why.Derivation;
import app.unimetric.server.compute.ComputeCall;
import app.unimetric.server.compute.Fields;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;

/** When to look again. */
@ComputeCall
public final class RecheckCall {

  private static final int MOST_RULES = 50;

  @Schema(
      name = "RecheckRuleFields",
      description = "a rule by its name, or by what it asks for: distance km, days, hours")
  public record Rule(
      @Schema(description = "FIRST_RIDE, SETTLING or WHEEL; or the rest") @Nullable Named named,
      @Nullable String why,
      @Nullable Boolean afterFirstRide,
      @Nullable Double km,
      @Nullable Integer days,
      @Nullable Double hours) {
    RecheckRule rule(int index) {
      if (named != null) {
        boolean alone =
            why == null && afterFirstRide == null && km == null && days == null && hours == null;
        new Problems()
            .require(alone, "named", "A named rule stands alone; leave the rest out.")
            .orThrow();
        return named.rule;
      }
      return new RecheckRule(
          "rule-" + (index + 1),
          why == null ? "Rule " + (index + 1) + "." : why,
          Boolean.TRUE.equals(afterFirstRide),
          km,
          days,
          hours);
    }
  }

  /** The workshop's usual rules. */
  enum Named {
    FIRST_RIDE(RecheckRule.FIRST_RIDE),
    SETTLING(RecheckRule.SETTLING),
    WHEEL(RecheckRule.WHEEL);

    private final RecheckRule rule;

    Named(RecheckRule rule) {
      this.rule = rule;
    }
  }

  @Schema(
      name = "RecheckRequest",
      example =
          "{\"rules\": [{\"named\": \"FIRST_RIDE\"}, {\"why\": \"Bolts settle.\", \"km\": 100, \"days\": 30}], \"fittedOn\": \"2026-06-01\", \"odometerKm\": 18420}")
  public record Request(
      @Schema(description = "1 to 50") List<Rule> rules,
      LocalDate fittedOn,
      @Nullable Double odometerKm,
      @Nullable Double hours) {}

  @Schema(name = "DueAgain", description = "whichever comes first")
  public record Due(
      String why,
      @Nullable LocalDate onDate,
      @Nullable Double atKm,
      @Nullable Double atHours,
      boolean afterFirstRide) {}

  @Schema(name = "RecheckResponse")
  public record Response(
      List<Due> due, List<String> reasons, @Nullable List<Derivation> derivation) {}

  @Operation(summary = "When to look again")
  @PostMapping("/recheck")
  Response recheck(@RequestBody Request r, @RequestParam(defaultValue = "false") boolean why) {
    Problems problems =
        new Problems()
            .require(
                !r.rules().isEmpty() && r.rules().size() <= MOST_RULES,
                "rules",
                "must hold 1 to 50 rules.")
            .require(
                r.fittedOn().getYear() >= 1900 && r.fittedOn().getYear() <= 9000,
                "fittedOn",
                "is not a day that can be meant.");
    if (r.odometerKm() != null) {
      problems.within(r.odometerKm(), 0, 1e7, "odometerKm");
    }
    if (r.hours() != null) {
      problems.within(r.hours(), 0, 1e7, "hours");
    }
    List<RecheckRule> rules = new ArrayList<>();
    for (int i = 0; i < Math.min(r.rules().size(), MOST_RULES); i++) {
      int index = i;
      Rule given = r.rules().get(i);
      String at = "rules[" + i + "]";
      RecheckRule rule =
          given == null
              ? problems.under(at, () -> Fields.missing(""))
              : problems.under(at, () -> given.rule(index));
      if (rule != null) {
        rules.add(rule);
      }
    }
    problems.orThrow();
    return new Response(
        RecheckDue.from(rules, r.fittedOn(), r.odometerKm(), r.hours()).stream()
            .map(d -> new Due(d.why(), d.onDate(), d.atKm(), d.atHours(), d.afterFirstRide()))
            .toList(),
        List.of("Of distance, date and hours, whichever comes first."),
        why ? List.of() : null);
  }
}
