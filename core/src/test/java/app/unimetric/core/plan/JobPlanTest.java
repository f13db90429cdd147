package app.unimetric.core.plan;

import static app.unimetric.core.quantity.TorqueUnit.INCH_POUND;
import static app.unimetric.core.quantity.TorqueUnit.NEWTON_METRE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.bench.RunJoint;
import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.RunSheetWriter;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.pack.Schools;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.recheck.RecheckRule;
import app.unimetric.core.stated.Aim;
import app.unimetric.core.stated.Tolerances;
import app.unimetric.core.surface.Compound;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.ToolType;
import app.unimetric.core.tool.TorqueTool;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class JobPlanTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);
  private final Map<String, Object> document = SamplePack.document();

  static CribTool tool() {
    TorqueTool tool = new TorqueTool(2, 25, 4.0, 0.5, NEWTON_METRE, List.of());
    return new CribTool(
        "t1", "Small click", ToolType.CLICK, tool, LocalDate.of(2026, 1, 1), 10, null);
  }

  private JobPlan plan(Decision... decisions) {
    return given().decided(List.of(decisions)).plan(SamplePack.read(document));
  }

  private static Given given() {
    return Given.of(List.of(tool()), TODAY);
  }

  private static PlannedJoint joint(JobPlan plan, String id) {
    return plan.joints().stream().filter(j -> j.joint().id().equals(id)).findFirst().orElseThrow();
  }

  @ParameterizedTest
  @CsvSource({
    "KNOW, true",
    "SECURE, true",
    "LOOSEN, true",
    "REMOVE, false",
    "CLEAN, true",
    "PREPARE, false",
    "TIGHTEN, false",
    "LOCK, false",
    "CHECK, false",
    "FIRST_RIDE, true"
  })
  void aJobThatTightensTakesOffOrProvesNothingIsNotReady(String phase, boolean nothing) {
    document.put("joints", List.of());
    document.put("order", List.of());
    document.put("steps", SamplePack.list(SamplePack.step("one", phase)));
    assertThat(plan().blockers().stream().anyMatch(b -> b.kind() == Blocker.Kind.NOTHING_TO_DO))
        .isEqualTo(nothing);
  }

  @Test
  void worksOutJointsInWorkingOrder() {
    JobPlan plan = plan();
    assertThat(plan.ready()).isTrue();
    assertThat(plan.joints()).extracting(j -> j.joint().id()).containsExactly("plate", "pair");
    PlannedJoint plate = joint(plan, "plate");
    assertThat(plate.tool().setting().reading().figure()).isEqualTo(10);
    assertThat(plate.compound().advice()).isEqualTo(Compound.MEDIUM);
    assertThat(plate.passes()).hasSize(5);
    assertThat(joint(plan, "pair").orderReasons()).containsExactly("The plate locates.");
    assertThat(plate.ceiling().torqueNm()).isGreaterThan(plate.resolution().band().maxNm());
    assertThat(plate.derivation()).extracting("symbol").contains("d2", "A_s", "T_90", "T_aim");
  }

  @Test
  void aPlasticThreadIsPromisedNoCeiling() {
    SamplePack.jointOf(document, 1)
        .put("surface", new LinkedHashMap<>(Map.of("female", "PLASTIC")));
    PlannedJoint plate = joint(plan(), "plate");
    assertThat(plate.ceiling()).isNull();
    assertThat(plate.notes()).anyMatch(n -> n.startsWith("No promise can be made"));
    assertThat(joint(plan(), "pair").notes()).noneMatch(n -> n.startsWith("No promise"));
  }

  @Test
  void aSingleValueOnAPinnedNutIsItsMinimum() {
    assertThat(joint(plan(), "plate").band().minNm()).isEqualTo(9.5);
    SamplePack.jointOf(document, 1).put("surface", Map.of("lock", "CASTLE_PIN"));
    PlannedJoint pinned = joint(plan(), "plate");
    assertThat(pinned.band().minNm()).isEqualTo(10);
    assertThat(pinned.tool().setting().applied().nominalNm()).isGreaterThan(10);
  }

  @Test
  void aToolChosenByHandIsTakenWithWhatItCostsAsLongAsItWouldDo() {
    CribTool other =
        new CribTool(
            "t2",
            "Old click",
            ToolType.CLICK,
            new TorqueTool(2, 25, 8.0, 0.5, TorqueUnit.NEWTON_METRE, List.of()),
            LocalDate.of(2026, 1, 1),
            10,
            null);
    JobPlan usual = Given.of(List.of(tool(), other), TODAY).plan(SamplePack.read(document));
    String best = joint(usual, "plate").tool().tool().id();
    assertThat(best).isNotEqualTo("t2");
    JobPlan chosen =
        Given.of(List.of(tool(), other), TODAY)
            .choosing("plate", "t2")
            .plan(SamplePack.read(document));
    assertThat(joint(chosen, "plate").tool().tool().id()).isEqualTo("t2");
    assertThat(joint(chosen, "plate").notes())
        .anyMatch(n -> n.startsWith("Chosen by hand: Old click is less sure than "));
    assertThat(joint(chosen, "pair").tool().tool().id()).isEqualTo(best);
    JobPlan gone =
        Given.of(List.of(tool()), TODAY).choosing("plate", "t2").plan(SamplePack.read(document));
    assertThat(joint(gone, "plate").tool().tool().id()).isEqualTo(best);
    assertThat(joint(gone, "plate").notes()).noneMatch(n -> n.startsWith("Chosen by hand"));
  }

  /** A left-hand thread is said on the sheet and at the bench; of a right-hand one nothing is. */
  @Test
  void aLeftHandThreadIsSaidWhereverItIsTurned() {
    String words = "Left-hand thread: tighten counter-clockwise, loosen clockwise.";
    SamplePack.jointOf(document, 0).put("hand", "LEFT");
    JobPlan plan = plan();
    assertThat(joint(plan, "pair").notes()).contains(words);
    assertThat(joint(plan, "plate").notes()).noneMatch(n -> n.contains("Left-hand"));
    RunSheet sheet = RunSheetWriter.write(plan);
    assertThat(sheet.joint("pair").orElseThrow())
        .returns(true, RunJoint::leftHand)
        .returns("counter-clockwise", RunJoint::direction);
    assertThat(sheet.joint("plate").orElseThrow())
        .returns(false, RunJoint::leftHand)
        .returns("clockwise", RunJoint::direction);
  }

  @Test
  void whatTheCribLacksStandsInTheWayOnceItWasListed() {
    SamplePack.jointOf(document, 0).put("drive", "8 mm hex key");
    SamplePack.jointOf(document, 1).put("drive", "Bearing press");
    document.put("specialTools", List.of("bearing press", "puller"));
    assertThat(plan().ready()).as("nobody has listed any").isTrue();
    JobPlan lacking =
        given()
            .with(HandTools.of(List.of("8  mm hex key", "Bearing Press")))
            .plan(SamplePack.read(document));
    assertThat(lacking.needs().notInCrib()).containsExactly("puller");
    assertThat(lacking.blockers())
        .singleElement()
        .satisfies(
            b -> {
              assertThat(b.kind()).isEqualTo(Blocker.Kind.NOT_IN_CRIB);
              assertThat(b.about()).isEqualTo("puller");
            });
    assertThat(given().with(HandTools.of(List.of())).plan(SamplePack.read(document)).blockers())
        .extracting(Blocker::about)
        .contains("8 mm hex key", "Bearing press", "puller");
  }

  @Test
  void disagreeingValuesBlockUntilALeadDecides() {
    SamplePack.jointOf(document, 1)
        .put(
            "values",
            SamplePack.list(
                SamplePack.value(10, "N.m", "MANUAL"),
                SamplePack.value(5, "[ft_i].[lbf_av]", "KIT_SHEET")));
    assertThat(plan().blockers()).extracting(Blocker::kind).contains(Blocker.Kind.VALUES_DISAGREE);
    JobPlan decided =
        plan(new Decision("plate", "pack.2", null, "The kit brings its own bolts.", "Lead"));
    assertThat(decided.ready()).isTrue();
    PlannedJoint plate = joint(decided, "plate");
    assertThat(plate.resolution().aimNm()).isCloseTo(6.779, within(0.001));
    assertThat(plate.resolution().reasons().get(0)).contains("Lead").contains("own bolts");
    assertThat(plate.asStated().ready()).isFalse();
  }

  @Test
  void nobodyDecidesALimitOnThePartAway() {
    Map<String, Object> limit = SamplePack.value(8, "N.m", "PART_MARKING");
    limit.put("form", "MAXIMUM");
    limit.put("max", limit.remove("value"));
    SamplePack.jointOf(document, 1)
        .put(
            "values",
            SamplePack.list(
                SamplePack.value(10, "N.m", "MANUAL"),
                SamplePack.value(7, "N.m", "KIT_SHEET"),
                limit));
    JobPlan over = plan(new Decision("plate", "pack.1", null, "As in the book.", "Lead"));
    assertThat(over.ready()).isFalse();
    JobPlan under = plan(new Decision("plate", "pack.2", null, "The kit's own.", "Lead"));
    assertThat(joint(under, "plate").resolution().aimNm()).isCloseTo(7, within(1e-9));
    assertThat(joint(under, "plate").resolution().band().maxNm()).isLessThanOrEqualTo(8);
  }

  @Test
  void aUnitSlipIsSettledByReadingTheFigureInAnotherUnit() {
    SamplePack.jointOf(document, 1)
        .put("values", SamplePack.list(SamplePack.value(88, "N.m", "KIT_SHEET")));
    assertThat(plan().ready()).isFalse();
    assertThat(plan(new Decision("plate", "pack.1", null, "It says so.", "Lead")).ready())
        .as("no decision makes the bolt stronger")
        .isFalse();
    JobPlan read =
        plan(new Decision("plate", "pack.1", INCH_POUND, "Printed for inch pounds.", "Lead"));
    assertThat(read.ready()).isTrue();
    assertThat(joint(read, "plate").resolution().aimNm()).isCloseTo(9.943, within(0.001));
  }

  @Test
  void theLaterDecisionHoldsAndForeignOnesArePassedOver() {
    SamplePack.jointOf(document, 1)
        .put(
            "values",
            SamplePack.list(
                SamplePack.value(10, "N.m", "MANUAL"), SamplePack.value(7, "N.m", "KIT_SHEET")));
    JobPlan plan =
        plan(
            new Decision("plate", "pack.2", null, "first", "A"),
                new Decision("plate", "pack.1", null, "second", "B"),
            new Decision("plate", "pack.10", null, "no such value", "C"),
                new Decision("ghost", "pack.1", null, "no such joint", "C"));
    assertThat(joint(plan, "plate").decision().reason()).isEqualTo("second");
  }

  @Test
  void aMissingToolBlocksWithTheReason() {
    SamplePack.jointOf(document, 0)
        .put("values", SamplePack.list(SamplePack.value(40, "N.m", "MANUAL")));
    assertThat(plan().blockers())
        .filteredOn(b -> b.kind() == Blocker.Kind.NO_TOOL)
        .singleElement()
        .satisfies(b -> assertThat(b.message()).contains("larger tool"));
  }

  @Test
  void contradictingOrderRulesAreNamed() {
    document.put(
        "order",
        SamplePack.list(
            Map.of("before", "plate", "after", "pair", "reason", "a"),
            Map.of("before", "pair", "after", "plate", "reason", "b")));
    assertThat(plan().cycle()).containsExactlyInAnyOrder("pair", "plate");
    assertThat(plan().blockers()).extracting(Blocker::kind).contains(Blocker.Kind.ORDER_CYCLE);
    assertThat(plan().joints()).hasSize(2);
  }

  @Test
  void aDryValueOnWetThreadsIsPointedOutWithTheLowerTorque() {
    Map<String, Object> dry = SamplePack.value(10, "N.m", "MANUAL");
    dry.put("condition", "DRY");
    SamplePack.jointOf(document, 1).put("values", SamplePack.list(dry));
    assertThat(joint(plan(), "plate").notes())
        .anyMatch(n -> n.contains("dry threads") && n.contains("6."));
  }

  @Test
  void settlingJointsAreLookedAtAgainAndWheelsSooner() {
    SamplePack.jointOf(document, 0).put("settles", false);
    SamplePack.jointOf(document, 1).put("wheel", true);
    List<Policy.RecheckGroup> groups = Policy.USUAL.rechecks(SamplePack.read(document));
    assertThat(groups)
        .extracting(g -> g.rule().key())
        .containsExactly("first-ride", "wheel", "settling");
    assertThat(groups.get(0).titles()).containsExactly("Joint pair", "Joint plate");
    assertThat(groups.get(1).titles()).containsExactly("Joint plate");
  }

  @Test
  void anOrderArrangedByHandHoldsWithinTheRulesAndIsPassedOverOtherwise() {
    document.put("order", List.of());
    JobPlan own = plan();
    List<String> ids = own.joints().stream().map(j -> j.joint().id()).toList();
    List<String> turned = List.of(ids.get(1), ids.get(0));
    JobPlan arranged = given().arranged(turned).plan(SamplePack.read(document));
    assertThat(arranged.handOrder()).isTrue();
    assertThat(arranged.joints()).extracting(j -> j.joint().id()).isEqualTo(turned);
    assertThat(arranged.settingChanges()).isGreaterThanOrEqualTo(arranged.settingChangesAtLeast());
    JobPlan ruled =
        given().arranged(List.of("pair", "plate")).plan(SamplePack.read(SamplePack.document()));
    assertThat(ruled.handOrder()).isFalse();
    assertThat(ruled.joints()).extracting(j -> j.joint().id()).containsExactly("plate", "pair");
  }

  @Test
  void byFeelStandsWhereNoToolReachesButNotOnACriticalJoint() {
    SamplePack.jointOf(document, 0).put("values", List.of(SamplePack.value(0.5, "N.m", "MANUAL")));
    SamplePack.jointOf(document, 0).put("propertyClass", null);
    JobPack critical = SamplePack.read(document);
    assertThat(given().feeling("pair", "too small").plan(critical).blockers())
        .extracting(Blocker::kind)
        .contains(Blocker.Kind.NO_TOOL);
    SamplePack.jointOf(document, 0).put("critical", false);
    JobPack ordinary = SamplePack.read(document);
    assertThat(given().plan(ordinary).blockers())
        .extracting(Blocker::kind)
        .contains(Blocker.Kind.NO_TOOL);
    assertThat(given().feeling("pair", "too small").plan(ordinary).ready()).isTrue();
  }

  @Test
  void noRuleIsAddedBetweenJointsThatThePackDoesNotName() {
    document.put("order", List.of());
    SamplePack.jointOf(document, 0).put("role", "ADJUST");
    JobPlan plan = plan();
    assertThat(plan.rules()).isEmpty();
    assertThat(joint(plan, "plate").orderReasons()).noneMatch(r -> r.contains("pair"));
  }

  @Test
  void aRingOverAStepIsReportedWithItsTasks() {
    Map<String, Object> step = SamplePack.step("look", "TIGHTEN");
    step.put("after", "pair");
    document.put("steps", SamplePack.list(step));
    document.put(
        "order",
        SamplePack.list(
            SamplePack.rule("step.look", "plate", "TOUCH"),
            SamplePack.rule("plate", "pair", "FINAL")));
    JobPlan plan = plan();
    assertThat(plan.ready()).isFalse();
    assertThat(plan.cycle()).containsExactlyInAnyOrder("plate", "pair");
    assertThat(plan.work().tasks()).isEmpty();
  }

  @Test
  void theMostDelicateThreadComesFirstAmongEquals() {
    document.put("order", List.of());
    SamplePack.jointOf(document, 0).put("values", List.of(SamplePack.value(10, "N.m", "MANUAL")));
    SamplePack.jointOf(document, 1).put("softThread", true);
    assertThat(plan().joints().get(0).joint().id()).isEqualTo("plate");
  }

  @Test
  void whetherItFitsIsAskedBeforeAnythingIsTakenApart() {
    document.put("fitChecks", List.of("Bolt clears the pipe?"));
    JobPack pack = SamplePack.read(document);
    assertThat(given().plan(pack).ready()).as("not asked here").isTrue();
    JobPlan open = given().answered(List.of()).plan(pack);
    assertThat(open.blockers())
        .extracting(Blocker::kind, Blocker::about)
        .containsExactly(
            org.assertj.core.groups.Tuple.tuple(
                Blocker.Kind.FIT_NOT_CHECKED, "Bolt clears the pipe?"));
    FitAnswer no = new FitAnswer("Bolt clears the pipe?", false, "Touches by 2 mm.", "Bram", null);
    FitAnswer yes = new FitAnswer("Bolt clears the pipe?", true, "", "Asta", null);
    assertThat(given().answered(List.of(no)).plan(pack).blockers().get(0).message())
        .contains("Bram", "Touches by 2 mm.");
    assertThat(given().answered(List.of(no, yes)).plan(pack).ready()).isTrue();
  }

  @Test
  void aPacksOwnRecheckStandsBesideTheWorkshopsRules() {
    document.put(
        "rechecks",
        List.of(Map.of("why", "Beds in with heat.", "days", 14, "joints", List.of("pair"))));
    List<Policy.RecheckGroup> groups = Policy.USUAL.rechecks(SamplePack.read(document));
    assertThat(groups)
        .filteredOn(g -> g.rule().why().equals("Beds in with heat."))
        .singleElement()
        .satisfies(
            g -> {
              assertThat(g.titles()).containsExactly("Joint pair");
              assertThat(g.rule().days()).isEqualTo(14);
            });
  }

  @Test
  void aPlanSaysWhatItWasWorkedOutBy() {
    Policy own =
        new Policy(
            Aim.LOWER_THIRD,
            new Tolerances(6, 2),
            SecondLook.ALONE,
            List.of(),
            List.of(RecheckRule.SETTLING),
            List.of(),
            Schools.USUAL);
    JobPack pack = SamplePack.read(SamplePack.document());
    JobPlan plan = Given.of(List.of(), LocalDate.of(2026, 5, 4)).by(own).plan(pack);
    assertThat(plan.policy()).isEqualTo(own);
    assertThat(plan.joints().get(0).resolution().reasons())
        .anySatisfy(r -> assertThat(r).containsAnyOf("± 6 %", "± 2 %", "lower third"));
    assertThat(own.rechecks(pack)).extracting(g -> g.rule().key()).doesNotContain("first-ride");
  }

  @ParameterizedTest
  @CsvSource({"9", "1441", "-5"})
  void aPauseIsLongEnoughToHelpAndEndsTheNextDay(int minutes) {
    assertThatThrownBy(() -> new SecondLook(minutes))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("10 to 1440");
    assertThat(new SecondLook(10).selfAfterMinutes()).isEqualTo(10);
    assertThat(new SecondLook(1440).selfAfterMinutes()).isEqualTo(1440);
  }

  @Test
  void nobodyLooksAtElevenThings() {
    List<RecheckRule> many = java.util.Collections.nCopies(11, RecheckRule.SETTLING);
    assertThatThrownBy(
            () ->
                new Policy(
                    Aim.MIDDLE,
                    Tolerances.USUAL,
                    SecondLook.ANOTHER_PERSON,
                    List.of(),
                    many,
                    List.of(),
                    Schools.USUAL))
        .hasMessageContaining("more than 10");
  }
}
