package app.unimetric.core.recheck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.problem.InvalidInput;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

class RecheckDueTest {
  private static final LocalDate FITTED = LocalDate.of(2026, 3, 1);

  private static RecheckDue settling(Double km) {
    return RecheckDue.from(List.of(RecheckRule.SETTLING), FITTED, km, null).get(0);
  }

  @Test
  void fallsDueByDistanceOrDateWhicheverComesFirst() {
    RecheckDue due = settling(4200.0);
    assertThat(due.onDate()).isEqualTo(LocalDate.of(2026, 3, 31));
    assertThat(due.atKm()).isEqualTo(4300);
    assertThat(due.urgency(FITTED.plusDays(5), 4250.0, null, true))
        .isEqualTo(RecheckDue.Urgency.WAITING);
    assertThat(due.urgency(FITTED.plusDays(5), 4300.0, null, true))
        .isEqualTo(RecheckDue.Urgency.DUE);
    assertThat(due.urgency(FITTED.plusDays(30), 4201.0, null, true))
        .isEqualTo(RecheckDue.Urgency.DUE);
    assertThat(due.urgency(FITTED.plusDays(38), 4201.0, null, true))
        .isEqualTo(RecheckDue.Urgency.OVERDUE);
    assertThat(due.urgency(FITTED.plusDays(5), 4350.0, null, true))
        .isEqualTo(RecheckDue.Urgency.OVERDUE);
  }

  @Test
  void aMachineWithAnHourMeterBecomesOverdueByUse() {
    RecheckDue due = RecheckDue.from(List.of(RecheckRule.SETTLING), FITTED, null, 570.0).get(0);
    assertThat(due.atHours()).isEqualTo(580);
    assertThat(due.urgency(FITTED, null, 579.9, true)).isEqualTo(RecheckDue.Urgency.WAITING);
    assertThat(due.urgency(FITTED, null, 580.0, true)).isEqualTo(RecheckDue.Urgency.DUE);
    assertThat(due.urgency(FITTED, null, 585.0, true)).isEqualTo(RecheckDue.Urgency.OVERDUE);
  }

  @Test
  void withoutAnOdometerTheDateStillCounts() {
    assertThat(settling(null).atKm()).isNull();
    assertThat(settling(null).urgency(FITTED.plusDays(30), null, null, false))
        .isEqualTo(RecheckDue.Urgency.DUE);
  }

  @Test
  void theFirstRideMakesItDue() {
    RecheckDue due = RecheckDue.from(List.of(RecheckRule.FIRST_RIDE), FITTED, 10.0, null).get(0);
    assertThat(due.urgency(FITTED, 10.0, null, false)).isEqualTo(RecheckDue.Urgency.WAITING);
    assertThat(due.urgency(FITTED, 11.0, null, true)).isEqualTo(RecheckDue.Urgency.DUE);
  }

  @Test
  void aRuleWithoutAnyLimitIsNone() {
    assertThatThrownBy(() -> new RecheckRule("k", "why", false, null, null, null))
        .isInstanceOf(InvalidInput.class);
    assertThatThrownBy(() -> new RecheckRule("k", "why", false, -1.0, null, null))
        .isInstanceOf(InvalidInput.class);
  }
}
