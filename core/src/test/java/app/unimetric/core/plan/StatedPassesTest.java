package app.unimetric.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.order.Task;
import app.unimetric.core.order.TaskKind;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackJoint;
import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.sequence.BoltPattern;
import app.unimetric.core.sequence.Layout;
import app.unimetric.core.sequence.Pass;
import app.unimetric.core.sequence.PassKind;
import app.unimetric.core.stated.StatedValue;
import app.unimetric.core.stated.Statement;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.ToolType;
import app.unimetric.core.tool.TorqueTool;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Passes as stated, and the small answers of a plan. */
class StatedPassesTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);
  private static final BoltPattern FOUR = BoltPattern.of(4, Layout.CIRCLE);

  private static List<Pass> passes(Statement statement) {
    return StatedPasses.of(FOUR, StatedValue.of(statement));
  }

  @Test
  void aPlainValueOrNoneTakesTheUsualPasses() {
    assertThat(StatedPasses.of(FOUR, null)).isEqualTo(FOUR.passes());
    assertThat(passes(new Statement.Value(10, TorqueUnit.NEWTON_METRE))).isEqualTo(FOUR.passes());
  }

  @Test
  void stagesAreSharesOfTheLast() {
    List<Pass> staged =
        passes(new Statement.Staged(List.of(5.0, 8.0, 20.0), TorqueUnit.FOOT_POUND));
    assertThat(staged).extracting(Pass::percent).containsExactly(0.0, 25.0, 40.0, 100.0, 100.0);
    assertThat(staged.get(4).kind()).isEqualTo(PassKind.CIRCULAR_CHECK);
  }

  @Test
  void aTurnComesLastInTheOrderOfTheTorqueAndNoRoundFollows() {
    List<Pass> turned = passes(new Statement.TorqueAngle(10, TorqueUnit.NEWTON_METRE, 90));
    assertThat(turned)
        .extracting(Pass::kind)
        .containsExactly(
            PassKind.HAND, PassKind.SNUG, PassKind.CROSS, PassKind.CROSS, PassKind.ANGLE);
    assertThat(turned.get(4)).isEqualTo(new Pass(100, turned.get(3).order(), PassKind.ANGLE));
    assertThat(turned.get(4).order()).containsExactly(1, 3, 2, 4);
  }

  private static CribTool tool() {
    TorqueTool tool = new TorqueTool(2, 25, 4.0, 0.5, TorqueUnit.NEWTON_METRE, List.of());
    return new CribTool("t", "Tool", ToolType.CLICK, tool, LocalDate.of(2026, 1, 1), 1, null);
  }

  private static JobPlan plan(Map<String, Object> document) {
    return JobPlan.of(SamplePack.read(document), Circumstances.of(List.of(tool()), TODAY));
  }

  @Test
  void theTaskOfATurnIsTheFinalOneAndKnowsThatItIsByAngle() {
    Map<String, Object> document = SamplePack.document();
    Map<String, Object> value = SamplePack.value(10, "N.m", "MANUAL");
    value.put("form", "TORQUE_ANGLE");
    value.put("angleDeg", 90.0);
    SamplePack.jointOf(document, 1).put("values", SamplePack.list(value));
    JobPlan plan = plan(document);
    List<Task> ofPlate =
        plan.work().tasks().stream().filter(t -> "plate".equals(t.jointId())).toList();
    assertThat(ofPlate)
        .filteredOn(t -> plan.is(PassKind.ANGLE, t))
        .extracting(Task::kind)
        .containsExactly(TaskKind.FINAL);
    assertThat(ofPlate.get(0).pass()).isNegative();
    assertThat(plan.is(PassKind.ANGLE, ofPlate.get(0))).isFalse();
    assertThat(plan.percent(ofPlate.get(0))).isNull();
    assertThat(plan.percent(ofPlate.get(ofPlate.size() - 1))).isEqualTo(100);
    assertThat(plan.work().tasks().stream().filter(t -> "pair".equals(t.jointId())))
        .noneMatch(t -> plan.is(PassKind.ANGLE, t));
    assertThat(WorkLine.of(plan))
        .extracting(WorkLine::text)
        .contains("65 %, 100 %, by the stated angle");
  }

  @Test
  void whatIsStatedIsSaidAlsoWhereNothingHoldsYet() {
    Map<String, Object> document = SamplePack.document();
    Map<String, Object> snug = SamplePack.value(0, "N.m", "MANUAL");
    snug.remove("value");
    snug.remove("unit");
    snug.put("form", "SNUG");
    SamplePack.jointOf(document, 1).put("values", SamplePack.list(snug));
    SamplePack.jointOf(document, 0).put("values", List.of());
    JobPlan plan = plan(document);
    PlannedJoint plate = one(plan, "plate");
    assertThat(plate.resolution().governing()).isNull();
    assertThat(plate.stated()).isEqualTo("snug, by hand");
    assertThat(plate.target()).isEqualTo("none");
    assertThat(plate.setting()).isEqualTo("none");
    assertThat(one(plan, "pair").stated()).isEqualTo("none");
  }

  private static PlannedJoint one(JobPlan plan, String id) {
    return plan.joints().stream().filter(j -> j.id().equals(id)).findFirst().orElseThrow();
  }

  @Test
  void theShelfGivesWhatIsInDateThenWhatStatesItsTimes() {
    Shelf.Product old = new Shelf.Product("Old", Compound.MEDIUM, 10.0, 60.0, TODAY);
    Shelf.Product bare = new Shelf.Product("Bare", Compound.MEDIUM, null, 60.0, null);
    Shelf.Product half = new Shelf.Product("Half", Compound.MEDIUM, 10.0, null, null);
    Shelf.Product good = new Shelf.Product("Good", Compound.MEDIUM, 10.0, 60.0, TODAY.plusDays(1));
    Shelf.Product other = new Shelf.Product("Other", Compound.LOW, 10.0, 60.0, null);
    assertThat(
            new Shelf(List.of(other, old, bare, half, good), List.of())
                .product(Compound.MEDIUM, TODAY))
        .isEqualTo(good);
    assertThat(new Shelf(List.of(old, half), List.of()).product(Compound.MEDIUM, TODAY))
        .isEqualTo(half);
    assertThat(new Shelf(List.of(other, old), List.of()).product(Compound.MEDIUM, TODAY))
        .isEqualTo(old);
    assertThat(new Shelf(List.of(old), List.of()).product(Compound.GREASE, TODAY)).isNull();
  }

  @Test
  void aRecheckNamesItsJoints() {
    JobPack pack = SamplePack.read(SamplePack.document());
    List<String> ids = pack.joints().stream().map(PackJoint::id).toList();
    assertThat(Policy.USUAL.rechecks(pack))
        .isNotEmpty()
        .allSatisfy(g -> assertThat(g.jointIds()).isEqualTo(ids));
  }

  @Test
  void aWettingSaysWhyItIsLateAndWhenItWicks() {
    assertThat(new Wetting(Wetting.Placed.WHEN_TIGHT, 0, 5.0, true).words())
        .isEqualTo("Wicks in when all is tight.");
    assertThat(new Wetting(Wetting.Placed.BEFORE_START, 4, null, true).words()).isEmpty();
    assertThat(new Wetting(Wetting.Placed.BEFORE_START, 4, 5.0, true).words()).isEmpty();
    assertThat(new Wetting(Wetting.Placed.AT_ITS_TURN, 4, 5.0, true).words())
        .startsWith("Started dry and wetted late");
    assertThat(new Wetting(Wetting.Placed.AT_ITS_TURN, 6, 5.0, false).words())
        .startsWith("Too slow for this product: about 6 min")
        .contains("sets in 5");
    assertThat(new Wetting(Wetting.Placed.BEFORE_SNUG, 4, 5.0, true).isStartedDry()).isTrue();
    assertThat(new Wetting(Wetting.Placed.BEFORE_START, 4, 5.0, true).isStartedDry()).isFalse();
  }

  @Test
  void aPrintTellsWhatChangedSince() {
    PlanPrint.Line line = new PlanPrint.Line("a", "A", "9–11 N·m", "grease", "10 on t", "30 % 1 2");
    PlanPrint before = new PlanPrint(List.of(line), List.of("No value."));
    PlanPrint now =
        new PlanPrint(
            List.of(
                new PlanPrint.Line("b", "B", "none", "none", "none", "none"),
                new PlanPrint.Line("a", "A", "19–21 N·m", "paste", "20 on t", "65 % 1 2")),
            List.of("No tool."));
    assertThat(before.changesIn(now))
        .extracting(PlanPrint.Change::words)
        .satisfies(
            words -> {
              assertThat(words).hasSize(8);
              assertThat(words.get(0)).isEqualTo("new");
              assertThat(words.get(1)).contains("target").contains("19–21");
              assertThat(words.get(2)).contains("on the thread").contains("paste");
              assertThat(words.get(3)).contains("setting").contains("20 on t");
              assertThat(words.get(4)).contains("passes").contains("65 %");
              assertThat(words.get(5)).isEqualTo("place: 1 is now 2");
              assertThat(words.get(6)).isEqualTo("in the way: No tool.");
              assertThat(words.get(7)).isEqualTo("settled: No value.");
            });
    assertThat(before.changesIn(before)).isEmpty();
  }
}
