package app.unimetric.documents.settings;

import app.unimetric.core.pack.School;
import app.unimetric.core.plan.Policy;
import app.unimetric.core.plan.Shelf;
import app.unimetric.core.problem.Problems;
import app.unimetric.core.quantity.Figure;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.recheck.RecheckRule;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What a workshop decided for itself.
 *
 * @param name of the workshop, 1 to 100 characters
 * @param unit torques are read in where nobody chose another
 * @param zone of its days, an IANA name; empty for the machine's own
 * @param policy how its jobs are planned
 * @param doors who stays signed in how long, and how short a PIN may be
 * @param currency three letters, put beside amounts
 * @param decimals what stands between whole and part in files that are written out
 * @param benchC how warm it is where products set, °C, 0 to 40
 * @param ofLeads what only leads may do
 */
public record WorkshopSettings(
    String name,
    TorqueUnit unit,
    String zone,
    Policy policy,
    Doors doors,
    String currency,
    Decimals decimals,
    double benchC,
    Set<Right> ofLeads) {
  private static final double WARMEST_C = 40;
  private static final int LONGEST_NAME = 100;

  /** What stands between whole and part of a figure. */
  public enum Decimals {
    POINT("a point"),
    COMMA("a comma");

    private final String words;

    Decimals(String words) {
      this.words = words;
    }

    String words() {
      return words;
    }

    /** A figure as it is written in files. */
    public String written(BigDecimal figure) {
      String plain = figure.toPlainString();
      return this == COMMA ? plain.replace('.', ',') : plain;
    }
  }

  /**
   * @param idleMinutesMechanic after which a mechanic who does nothing is signed out, 5 to 1440
   * @param idleMinutesLead likewise of a lead
   * @param idleMinutesGuest likewise of a guest
   * @param leastPin digits of a PIN at least, 4 to 8
   */
  public record Doors(
      int idleMinutesMechanic, int idleMinutesLead, int idleMinutesGuest, int leastPin) {
    private static final int SHORTEST = 5;
    private static final int LONGEST = 1440;
    private static final int SHORTEST_PIN = 4;
    private static final int LONGEST_PIN = 8;

    /** What a workshop begins with: a working day at the bench, less for those who decide. */
    public static final Doors USUAL = new Doors(720, 240, 720, SHORTEST_PIN);

    public Doors {
      Problems problems = new Problems();
      minutes(problems, idleMinutesMechanic, "idleMinutesMechanic");
      minutes(problems, idleMinutesLead, "idleMinutesLead");
      minutes(problems, idleMinutesGuest, "idleMinutesGuest");
      problems
          .require(
              leastPin >= SHORTEST_PIN && leastPin <= LONGEST_PIN, "leastPin", "must be 4 to 8.")
          .orThrow();
    }

    private static void minutes(Problems problems, int minutes, String field) {
      problems.require(
          minutes >= SHORTEST && minutes <= LONGEST, field, "must be 5 to 1440 minutes.");
    }
  }

  /** What a workshop begins with. */
  public static final WorkshopSettings USUAL =
      new WorkshopSettings(
          "Workshop",
          TorqueUnit.NEWTON_METRE,
          "",
          Policy.USUAL,
          Doors.USUAL,
          "EUR",
          Decimals.POINT,
          Shelf.USUAL_BENCH_C,
          Right.usualOfLeads());

  public WorkshopSettings {
    ofLeads = Set.copyOf(ofLeads);
    new Problems()
        .within(benchC, 0, WARMEST_C, "benchC")
        .require(
            !name.isBlank() && name.length() <= LONGEST_NAME,
            "name",
            "must have 1 to 100 characters.")
        .require(
            zone.isEmpty() || isZone(zone),
            "zone",
            "is not a time zone; choose one such as Europe/Oslo.")
        .require(currency.matches("[A-Z]{3}"), "currency", "must be three capitals such as EUR.")
        .orThrow();
  }

  /** What is other than before, from what to what, one thing to a sentence. */
  public List<String> changesFrom(WorkshopSettings before) {
    List<String> changes = new ArrayList<>();
    changed(changes, "name", before.name, name);
    changed(changes, "torques read in", before.unit.sign(), unit.sign());
    changed(changes, "time zone", zoneWords(before.zone), zoneWords(zone));
    changed(changes, "aim", before.policy.aim().words(), policy.aim().words());
    changed(
        changes,
        "band round a single value",
        percent(before.policy.tolerances().usualPercent()),
        percent(policy.tolerances().usualPercent()));
    changed(
        changes,
        "band on critical joints",
        percent(before.policy.tolerances().criticalPercent()),
        percent(policy.tolerances().criticalPercent()));
    changed(
        changes, "second look", before.policy.secondLook().words(), policy.secondLook().words());
    rules(changes, "every job", before.policy.always(), policy.always());
    rules(changes, "joints that settle", before.policy.settling(), policy.settling());
    rules(changes, "wheels and axles", before.policy.wheel(), policy.wheel());
    minutes(changes, "a mechanic", before.doors.idleMinutesMechanic(), doors.idleMinutesMechanic());
    minutes(changes, "a lead", before.doors.idleMinutesLead(), doors.idleMinutesLead());
    minutes(changes, "a guest", before.doors.idleMinutesGuest(), doors.idleMinutesGuest());
    changed(
        changes,
        "digits of a PIN at least",
        String.valueOf(before.doors.leastPin()),
        String.valueOf(doors.leastPin()));
    changed(changes, "currency", before.currency, currency);
    changed(changes, "decimals in files", before.decimals.words(), decimals.words());
    changed(changes, "where products set it has", celsius(before.benchC), celsius(benchC));
    for (School school : School.all()) {
      changed(
          changes,
          school.question(),
          before.policy.schools().of(school).words(),
          policy.schools().of(school).words());
    }
    for (Right right : Right.all()) {
      changed(changes, "to " + right.words(), whose(before, right), whose(this, right));
    }
    return changes;
  }

  private static void changed(List<String> changes, String what, String from, String to) {
    if (!from.equals(to)) {
      changes.add(what + ": " + from + " → " + to);
    }
  }

  private static void rules(
      List<String> changes, String what, List<RecheckRule> from, List<RecheckRule> to) {
    changed(changes, "re-checks of " + what, words(from), words(to));
  }

  private static String words(List<RecheckRule> rules) {
    return rules.isEmpty()
        ? "none"
        : rules.stream().map(RecheckRule::when).collect(Collectors.joining("; "));
  }

  private static void minutes(List<String> changes, String who, int from, int to) {
    changed(changes, who + " is signed out after", from + " min idle", to + " min idle");
  }

  private static String celsius(double degrees) {
    return Figure.rounded(degrees, 0) + " °C";
  }

  private static String whose(WorkshopSettings settings, Right right) {
    return settings.ofLeads.contains(right) ? "leads" : "mechanics and leads";
  }

  private static String percent(double percent) {
    return "± " + Figure.rounded(percent, 1) + " %";
  }

  private static String zoneWords(String zone) {
    return zone.isEmpty() ? "the machine's own" : zone;
  }

  private static boolean isZone(String zone) {
    try {
      return ZoneId.getAvailableZoneIds().contains(ZoneId.of(zone).getId());
    } catch (DateTimeException e) {
      return false;
    }
  }
}
