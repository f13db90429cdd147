package app.unimetric.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.pack.Answers;
import app.unimetric.core.pack.JobPack;
import app.unimetric.core.pack.PackOption;
import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.pack.School;
import app.unimetric.core.pack.Schools;
import app.unimetric.core.plan.Given;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.plan.Policy;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.stated.Aim;
import app.unimetric.core.tool.CribTool;
import app.unimetric.core.tool.ToolType;
import app.unimetric.core.tool.TorqueTool;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Where good people differ, the workshop's own way reaches the plan and the bench. */
class SchoolsTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);

  private static JobPack pack(boolean control) {
    Map<String, Object> document = SamplePack.document();
    Map<String, Object> lever = SamplePack.joint("lever", "M6", 1, "ROW", 10.0);
    lever.put("control", control);
    document.put("joints", List.of(lever));
    document.remove("order");
    return SamplePack.read(document);
  }

  private static JobPlan plan(JobPack pack, Map<School, String> held) {
    List<CribTool> crib =
        List.of(
            new CribTool(
                "t",
                "Test tool",
                ToolType.CLICK,
                new TorqueTool(1, 25, 3.0, null, TorqueUnit.NEWTON_METRE, List.of()),
                TODAY.minusDays(10),
                5,
                null));
    return Given.of(crib, TODAY).by(Policy.USUAL.withSchools(new Schools(held))).plan(pack);
  }

  private static String lastPull(JobPlan plan) {
    return RunSheetWriter.write(plan).steps().stream()
        .filter(s -> s.kind() == StepKind.TIGHTEN && s.text().startsWith("Final torque"))
        .reduce((a, b) -> b)
        .orElseThrow()
        .text();
  }

  @ParameterizedTest
  @CsvSource({"true, fall, LOWER_THIRD", "true, firm, MIDDLE", "false, fall, MIDDLE"})
  void aControlThatIsToTurnInAFallIsHeldLessFirmly(boolean control, String way, Aim aim) {
    JobPack pack = pack(control);
    Policy policy = Policy.USUAL.withSchools(new Schools(Map.of(School.CONTROLS, way)));
    assertThat(policy.aimOn(pack.joints().get(0))).isEqualTo(aim);
    JobPlan plan = plan(pack, Map.of(School.CONTROLS, way));
    Double aimed = plan.joints().get(0).resolution().aimNm();
    Double usual = plan(pack, Map.of()).joints().get(0).resolution().aimNm();
    assertThat(aimed < usual).isEqualTo(aim == Aim.LOWER_THIRD);
    assertThat(lastPull(plan).contains("as hard as in braking")).isEqualTo(aim == Aim.LOWER_THIRD);
  }

  @Test
  void theSecondPullChecksAndOnlyWhereTheWorkshopHoldsToIt() {
    JobPack pack = pack(false);
    assertThat(lastPull(plan(pack, Map.of(School.CLICK, "twice"))))
        .contains("one more slow pull as a check");
    assertThat(lastPull(plan(pack, Map.of()))).endsWith("then stop.");
  }

  private static JobPack asking(School school, String... answers) {
    return SamplePack.asking(
        pack(false),
        List.of(
            new PackOption(
                "between",
                "Between?",
                java.util.Arrays.stream(answers).map(a -> new PackOption.Answer(a, a)).toList(),
                school)));
  }

  @Test
  void itsWayAnswersTheQuestionOfAJob() {
    Schools own = new Schools(Map.of(School.CUPS, "grease"));
    assertThat(own.answers(asking(School.CUPS, "seize", "grease")).options())
        .containsExactly(Map.entry("between", "grease"));
    assertThat(own.answers(asking(School.CUPS, "seize", "paste")))
        .as("no answer of the job")
        .isEqualTo(Answers.NONE);
    assertThat(own.answers(asking(null, "seize", "grease")))
        .as("a question about the machine")
        .isEqualTo(Answers.NONE);
    assertThat(Schools.USUAL.answers(asking(School.CUPS, "seize", "grease")))
        .isEqualTo(Answers.NONE);
  }

  @Test
  void theUsualWayIsTheFirstAndAnUnknownOneIsRefused() {
    for (School school : School.all()) {
      assertThat(Schools.USUAL.of(school)).isEqualTo(school.choices().get(0));
      assertThat(new Schools(Map.of(school, school.usual().id()))).isEqualTo(Schools.USUAL);
    }
    assertThatThrownBy(() -> new Schools(Map.of(School.CLICK, "thrice")))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("Click once or twice");
  }
}
