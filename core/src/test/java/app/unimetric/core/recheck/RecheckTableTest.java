package app.unimetric.core.recheck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.recheck.RecheckDue.Urgency;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** When to look again, pinned: the three rules, and when due becomes overdue. */
class RecheckTableTest {
  private static final LocalDate FITTED = LocalDate.of(2026, 3, 1);

  @Test
  void theThreeRules() {
    assertThat(RecheckRule.FIRST_RIDE)
        .returns(true, RecheckRule::afterFirstRide)
        .returns(null, RecheckRule::km)
        .returns(null, RecheckRule::days)
        .returns(null, RecheckRule::hours);
    assertThat(RecheckRule.SETTLING)
        .returns(false, RecheckRule::afterFirstRide)
        .returns(100.0, RecheckRule::km)
        .returns(30, RecheckRule::days)
        .returns(10.0, RecheckRule::hours);
    assertThat(RecheckRule.WHEEL)
        .returns(false, RecheckRule::afterFirstRide)
        .returns(5.0, RecheckRule::km)
        .returns(null, RecheckRule::days)
        .returns(0.25, RecheckRule::hours);
  }

  @ParameterizedTest
  @CsvSource({
    // km, days, hours of the rule → fitted at 4200 km and 100 h: where it stands
    "100, 30, 10, 2026-03-30, 4299.9, 109.9, WAITING",
    "100, 30, 10, 2026-03-31, 4299.9, 109.9, DUE",
    "100, 30, 10, 2026-03-30, 4300,   109.9, DUE",
    "100, 30, 10, 2026-03-30, 4299.9, 110,   DUE",
    "100, 30, 10, 2026-04-07, 4349.9, 114.9, DUE",
    "100, 30, 10, 2026-04-08, 4349.9, 114.9, OVERDUE",
    "100, 30, 10, 2026-04-07, 4350,   114.9, OVERDUE",
    "100, 30, 10, 2026-04-07, 4349.9, 115,   OVERDUE",
    "5,   ,   ,   2030-01-01, 4204.9, 900,   WAITING",
    "5,   ,   ,   2030-01-01, 4205,   900,   DUE",
    "5,   ,   ,   2030-01-01, 4255,   900,   OVERDUE",
    ",   30,  ,   2026-03-30, 99999,  900,   WAITING",
    ",   ,   10,  2030-01-01, 99999,  109,   WAITING",
    "100, 30, ,   2026-03-02, ,       ,      WAITING",
    "100, ,   10, 2030-01-01, ,       ,      WAITING"
  })
  void whicheverComesFirst(
      Double km,
      Integer days,
      Double hours,
      LocalDate today,
      Double odometer,
      Double meter,
      Urgency urgency) {
    RecheckRule rule = new RecheckRule("k", "why", false, km, days, hours);
    RecheckDue due = RecheckDue.from(List.of(rule), FITTED, 4200.0, 100.0).get(0);
    assertThat(due.urgency(today, odometer, meter, true)).isEqualTo(urgency);
  }

  @Test
  void theFirstRideIsDueOnceTheMachineMovedAndNeverOverdue() {
    RecheckDue due = RecheckDue.from(List.of(RecheckRule.FIRST_RIDE), FITTED, 10.0, null).get(0);
    assertThat(due.urgency(FITTED.plusYears(1), 10.0, null, false)).isEqualTo(Urgency.WAITING);
    assertThat(due.urgency(FITTED.plusYears(1), 900.0, null, true)).isEqualTo(Urgency.DUE);
  }

  @Test
  void withoutAMeterAtFittingOnlyTheDateCounts() {
    RecheckDue due = RecheckDue.from(List.of(RecheckRule.SETTLING), FITTED, null, null).get(0);
    assertThat(due.atKm()).isNull();
    assertThat(due.atHours()).isNull();
    assertThat(due.onDate()).isEqualTo(LocalDate.of(2026, 3, 31));
    assertThat(due.rule()).isEqualTo("settling");
    assertThat(due.why()).isEqualTo(RecheckRule.SETTLING.why());
  }

  @ParameterizedTest
  @CsvSource({
    "why, false, , , , 'A rule needs a distance, a time or hours.'",
    "' ', true, , , , why",
    "why, false, 0, , , km",
    "why, false, 1000001, , , km",
    "why, false, , 0, , days",
    "why, false, , 36501, , days",
    "why, false, , , 0, hours",
    "why, false, , , 1000001, hours"
  })
  void aRuleThatCannotBeIsRefused(
      String why, boolean first, Double km, Integer days, Double hours, String names) {
    assertThatThrownBy(() -> new RecheckRule("k", why, first, km, days, hours))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining(names);
  }

  @Test
  void theEndsOfEachSpanAreTaken() {
    assertThat(new RecheckRule("k", "why", false, 1e6, 36_500, 1e6).days()).isEqualTo(36_500);
    assertThat(new RecheckRule("k", "why", false, null, 1, null).days()).isEqualTo(1);
  }
}
