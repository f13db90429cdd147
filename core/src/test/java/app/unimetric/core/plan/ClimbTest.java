package app.unimetric.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.order.Task;
import app.unimetric.core.order.TaskKind;
import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.sequence.Pass;
import app.unimetric.core.sequence.PassKind;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.ToolType;
import app.unimetric.core.tool.TorqueTool;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which joints are climbed to hold, and by which torques (field guide, carbon-safe clamping). */
class ClimbTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);

  private static CribTool tool(String id, double min, double max, double graduation) {
    return new CribTool(
        id,
        "Tool " + id,
        ToolType.CLICK,
        new TorqueTool(min, max, 6.0, graduation, TorqueUnit.NEWTON_METRE, List.of()),
        LocalDate.of(2026, 1, 1),
        1,
        null);
  }

  /** The plate of the sample with something else said of it. */
  private static Map<String, Object> plate(Map<String, Object> document) {
    Map<String, Object> plate = SamplePack.jointOf(document, 1);
    plate.put("carbon", true);
    plate.put("values", SamplePack.list(SamplePack.maximum(5)));
    return plate;
  }

  private static PlannedJoint planned(Map<String, Object> document, CribTool... crib) {
    return plan(document, crib).joints().stream()
        .filter(j -> j.id().equals("plate"))
        .findFirst()
        .orElseThrow();
  }

  private static JobPlan plan(Map<String, Object> document, CribTool... crib) {
    return JobPlan.of(SamplePack.read(document), Circumstances.of(List.of(crib), TODAY));
  }

  private static List<Double> torques(PlannedJoint joint) {
    Climb climb = joint.climb();
    return climb == null ? List.of() : climb.torquesNm();
  }

  /** From 60 % down to the grid, by 0.25 below 4 N·m and 0.5 above, to limit/(1 + a), a = 6 %. */
  @ParameterizedTest
  @CsvSource({
    "5,    0.05, 3 3.25 3.5 3.75 4 4.5",
    "5.3,  0.05, 3 3.25 3.5 3.75 4 4.5 5",
    "5.29, 0.05, 3 3.25 3.5 3.75 4 4.5",
    "10,   0.25, 6 6.5 7 7.5 8 8.5 9",
    "5,    0.5,  3 3.5 4 4.5",
    "6,    0.5,  3.5 4 4.5 5 5.5",
  })
  void isClimbedByTheGridAndByWhatTheToolCanBeSetTo(double limit, double marks, String wanted) {
    Map<String, Object> document = SamplePack.document();
    plate(document).put("values", SamplePack.list(SamplePack.maximum(limit)));
    PlannedJoint joint = planned(document, tool("a", 2, 25, marks));
    assertThat(torques(joint))
        .isEqualTo(Arrays.stream(wanted.split(" ")).map(Double::valueOf).toList());
    assertThat(joint.aimNm()).isEqualTo(torques(joint).get(torques(joint).size() - 1));
    assertThat(joint.band().minNm()).isEqualTo(torques(joint).get(0));
    assertThat(joint.band().maxNm()).isEqualTo(limit);
  }

  @ParameterizedTest
  @CsvSource({
    "carbon, false",
    "role, ADJUST",
    "role, PIVOT",
    "role, LOCK",
    "tried, true",
  })
  void nothingElseIsClimbed(String field, String code) {
    Map<String, Object> document = SamplePack.document();
    Map<String, Object> plate = plate(document);
    assertThat(planned(document, tool("a", 2, 25, 0.25)).climb()).isNotNull();
    plate.put(field, field.equals("role") ? code : Boolean.valueOf(code));
    PlannedJoint joint = planned(document, tool("a", 2, 25, 0.25));
    assertThat(joint.climb()).isNull();
    assertThat(joint.passes()).noneMatch(p -> p.kind() == PassKind.CLIMB);
    assertThat(joint.band().minNm()).isEqualTo(4);
  }

  @Test
  void aStatedValueOrRangeIsTightenedToItsBandEvenOnCarbon() {
    Map<String, Object> document = SamplePack.document();
    plate(document)
        .put("values", SamplePack.list(SamplePack.maximum(6), SamplePack.range(4.5, 5.5)));
    assertThat(planned(document, tool("a", 2, 25, 0.25)).climb()).isNull();
  }

  @Test
  void whereTheRangeLiesAboveTheLimitOnlyTheLimitIsLeft() {
    Map<String, Object> document = SamplePack.document();
    plate(document).put("values", SamplePack.list(SamplePack.maximum(5), SamplePack.range(6, 7)));
    PlannedJoint joint = planned(document, tool("a", 2, 25, 0.25));
    assertThat(joint.climb()).isNotNull();
    assertThat(joint.climb().limitNm()).isEqualTo(5);
  }

  @Test
  void theLowestLimitOfAllPartsIsTheOne() {
    Map<String, Object> document = SamplePack.document();
    plate(document).put("values", SamplePack.list(SamplePack.maximum(6), SamplePack.maximum(5)));
    assertThat(planned(document, tool("a", 2, 25, 0.25)).climb().limitNm()).isEqualTo(5);
  }

  @Test
  void theToolThatReachesTheFirstTorqueIsTakenBeforeOneThatDoesNot() {
    Map<String, Object> document = SamplePack.document();
    plate(document);
    CribTool high = tool("a", 4, 20, 0.25);
    CribTool low = tool("b", 2, 25, 0.25);
    assertThat(planned(document, high, low).tool().tool().id()).isEqualTo("b");
    assertThat(planned(document, high, low).tools())
        .extracting(t -> t.setting().applied().nominalNm())
        .as("each as a climb with it begins")
        .containsExactly(3.0, 4.0);
    PlannedJoint alone = planned(document, high);
    assertThat(torques(alone)).containsExactly(4.0, 4.5);
    assertThat(alone.passReasons())
        .contains("It would begin at 3 N·m; the tool cannot be set so low, so it begins at 4 N·m.");
    assertThat(planned(document, low).passReasons()).noneMatch(r -> r.startsWith("It would begin"));
  }

  @Test
  void withoutAToolItIsLaidOutAllTheSame() {
    Map<String, Object> document = SamplePack.document();
    plate(document);
    PlannedJoint joint = planned(document);
    assertThat(torques(joint)).containsExactly(3.0, 3.25, 3.5, 3.75, 4.0, 4.5);
    assertThat(joint.reading()).isNull();
  }

  @Test
  void aToolWithOneTorqueClimbsToThat() {
    Map<String, Object> document = SamplePack.document();
    plate(document);
    CribTool preset =
        new CribTool(
            "p",
            "Key",
            ToolType.PRESET,
            new TorqueTool(4.2, 4.2, 4.0, null, TorqueUnit.NEWTON_METRE, List.of(4.2)),
            LocalDate.of(2026, 1, 1),
            1,
            null);
    PlannedJoint joint = planned(document, preset);
    assertThat(torques(joint)).hasSize(1);
    assertThat(joint.target()).contains("where it must hold");
    assertThat(joint.reading().newtonMetres()).isEqualTo(4.2);
  }

  @Test
  void aLimitNobodyCanClimbBelowIsTightenedAsUsual() {
    Map<String, Object> document = SamplePack.document();
    plate(document).put("values", SamplePack.list(SamplePack.maximum(0.25)));
    assertThat(planned(document, tool("a", 0.1, 1, 0.05)).climb()).isNull();
  }

  @Test
  void thePassesGoByHandAndSnugThenToEachTorqueInTheirOrderThenRound() {
    Map<String, Object> document = SamplePack.document();
    plate(document);
    PlannedJoint joint = planned(document, tool("a", 2, 25, 0.5));
    assertThat(joint.passes())
        .extracting(Pass::kind)
        .containsExactly(
            PassKind.HAND,
            PassKind.SNUG,
            PassKind.CLIMB,
            PassKind.CLIMB,
            PassKind.CLIMB,
            PassKind.CLIMB,
            PassKind.CIRCULAR_CHECK);
    List<Pass> climbs = joint.passes().stream().filter(p -> p.kind() == PassKind.CLIMB).toList();
    assertThat(climbs).allMatch(p -> p.order().equals(List.of(1, 3, 2, 4)));
    assertThat(climbs.get(0).percent()).isCloseTo(100 * 3 / 4.5, within(1e-9));
    assertThat(climbs.get(3).percent()).isEqualTo(100);
    assertThat(joint.climb().torqueNm(climbs.get(1))).isCloseTo(3.5, within(1e-9));
    assertThat(joint.climb().round(3.5).minNm()).isCloseTo(3.275, within(1e-9));
    assertThat(joint.climb().round(3.5).maxNm()).isCloseTo(3.725, within(1e-9));
    assertThat(joint.climb().round(4.9).maxNm()).isEqualTo(5);
  }

  @Test
  void theSheetSaysWhereItBeginsAndWhereItEnds() {
    Map<String, Object> document = SamplePack.document();
    plate(document);
    JobPlan plan = plan(document, tool("a", 2, 25, 0.5));
    PlannedJoint joint = planned(document, tool("a", 2, 25, 0.5));
    assertThat(joint.target()).isEqualTo("from 3 N·m until it holds, at most 4.5 N·m");
    assertThat(joint.reading().newtonMetres()).isEqualTo(3);
    assertThat(joint.setting()).startsWith("3");
    assertThat(planned(document, tool("a", 2, 25, 0.5), tool("b", 2, 10, 0.25)).tools())
        .as("nobody who reads them off sets the last torque first")
        .allMatch(t -> t.setting().applied().nominalNm() == 3);
    assertThat(joint.passReasons()).anyMatch(r -> r.contains("first torque that holds"));
    assertThat(WorkLine.of(plan))
        .filteredOn(l -> "plate".equals(l.jointId()))
        .extracting(WorkLine::text)
        .contains("from 3 N·m until it holds, at most 4.5 N·m, once round");
    List<TaskKind> kinds = new ArrayList<>();
    for (Task task : plan.work().tasks()) {
      if ("plate".equals(task.jointId())) {
        kinds.add(task.kind());
      }
    }
    assertThat(kinds)
        .endsWith(
            TaskKind.SNUG,
            TaskKind.PASS,
            TaskKind.PASS,
            TaskKind.PASS,
            TaskKind.FINAL,
            TaskKind.CHECK_ROUND);
  }

  /** ± 5 % on a critical joint, never beyond the limit of a part. */
  @ParameterizedTest
  @CsvSource({"3.5, 3.325, 3.675", "4.9, 4.655, 5.0", "6, 5.7, 6"})
  void whatHeldIsTriedAtThatAndNoHigher(double leftAt, double from, double to) {
    Map<String, Object> document = SamplePack.document();
    Map<String, Object> plate = plate(document);
    plate.put("tried", true);
    plate.put("leftAtNm", leftAt);
    PlannedJoint joint = planned(document, tool("a", 2, 25, 0.1));
    assertThat(joint.aimNm()).isEqualTo(leftAt);
    assertThat(joint.band().minNm()).isCloseTo(from, within(1e-9));
    assertThat(joint.band().maxNm()).isCloseTo(to, within(1e-9));
  }
}
