package app.unimetric.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.tool.CribTool;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a print no longer tells, and what a job costs. */
class PlanPrintTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);
  private final Map<String, Object> document = SamplePack.document();

  private JobPlan plan(CribTool... crib) {
    return JobPlan.of(SamplePack.read(document), Circumstances.of(List.of(crib), TODAY));
  }

  @Test
  void aPrintStaysTrueUntilSomethingChanges() {
    PlanPrint print = PlanPrint.of(plan(JobPlanTest.tool()));
    assertThat(print.changesIn(PlanPrint.of(plan(JobPlanTest.tool())))).isEmpty();
    SamplePack.jointOf(document, 0).put("values", List.of(SamplePack.value(20, "N.m", "MANUAL")));
    SamplePack.jointOf(document, 1).put("surface", Map.of());
    assertThat(print.changesIn(PlanPrint.of(plan(JobPlanTest.tool()))))
        .extracting(PlanPrint.Change::jointId, PlanPrint.Change::words)
        .contains(
            org.assertj.core.groups.Tuple.tuple(
                "pair", "setting: 22.0 N·m on Small click is now 20.0 N·m on Small click"),
            org.assertj.core.groups.Tuple.tuple(
                "plate", "on the thread: medium-strength threadlocker is now grease"));
  }

  @Test
  void placesAndWhatStandsInTheWayAreComparedToo() {
    document.put("order", List.of());
    JobPlan before = plan(JobPlanTest.tool());
    List<String> turned = before.joints().stream().map(j -> j.joint().id()).toList();
    JobPlan after =
        Given.of(List.of(), TODAY)
            .arranged(List.of(turned.get(1), turned.get(0)))
            .plan(SamplePack.read(document));
    assertThat(after.handOrder()).isTrue();
    assertThat(PlanPrint.of(before).changesIn(PlanPrint.of(after)))
        .extracting(PlanPrint.Change::words)
        .contains("place: 1 is now 2", "place: 2 is now 1")
        .anyMatch(w -> w.startsWith("in the way: Joint plate: No tool of the crib"));
    assertThat(PlanPrint.of(after).changesIn(PlanPrint.of(before)))
        .extracting(PlanPrint.Change::words)
        .anyMatch(w -> w.startsWith("settled: Joint pair: No tool of the crib"));
  }

  @Test
  void labourAndPartsAreSetAgainstTheQuotedPrice() {
    SamplePack.jointOf(document, 0).put("minutes", 50);
    document.put(
        "oneTimeParts",
        List.of(Map.of("name", "Split pin", "count", 2), Map.of("name", "Washer", "count", 4)));
    JobPack pack = SamplePack.read(document);
    JobCost cost =
        JobCost.of(
            pack,
            new BigDecimal("66.00"),
            Map.of("Split pin", new BigDecimal("0.35")),
            new BigDecimal("55.00"));
    assertThat(cost.labour()).isEqualByComparingTo("55.00");
    assertThat(cost.parts()).isEqualByComparingTo("0.70");
    assertThat(cost.unpriced()).containsExactly("Washer");
    assertThat(cost.left()).isEqualByComparingTo("-0.70");
    assertThat(cost.reasons()).anyMatch(r -> r.contains("does not cover"));
    JobCost unknown = JobCost.of(pack, null, Map.of(), new BigDecimal("55.00"));
    assertThat(unknown.total()).isNull();
    assertThat(unknown.left()).isNull();
    assertThat(unknown.reasons())
        .containsExactly("The workshop's rate is not set: a lead sets it once.");
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "62 EUR", "-3", "1e5", "62.505", "99999999", "NaN"})
  void nonsenseIsNoAmount(String typed) {
    assertThatThrownBy(() -> JobCost.amount(typed, "quoted"))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("such as 62.50");
  }

  @Test
  void anAmountMayHaveACommaOrNoDecimals() {
    assertThat(JobCost.amount("62,5", "quoted")).isEqualTo(new BigDecimal("62.50"));
    assertThat(JobCost.amount(" 62 ", "quoted")).isEqualTo(new BigDecimal("62.00"));
  }
}
