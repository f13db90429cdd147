package app.unimetric.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.order.Task;
import app.unimetric.core.order.TaskKind;
import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.plan.Circumstances;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.plan.WorkLine;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Torque and angle, and stages, are done as they are stated. */
class StatedFormsTest {
  private static JobPlan plan(Map<String, Object> value) {
    Map<String, Object> document = SamplePack.document();
    SamplePack.jointOf(document, 1).put("values", SamplePack.list(value));
    return JobPlan.of(
        SamplePack.read(document),
        Circumstances.of(List.of(AtTheBench.click("a", 4.0)), AtTheBench.TODAY));
  }

  private static Map<String, Object> turned() {
    Map<String, Object> value = SamplePack.value(10, "N.m", "MANUAL");
    value.put("form", "TORQUE_ANGLE");
    value.put("angleDeg", 90.0);
    return value;
  }

  private static List<RunStep> stepsOf(RunSheet sheet, String joint) {
    return sheet.steps().stream().filter(s -> joint.equals(s.jointId())).toList();
  }

  @Test
  void theTurnComesLastAndNoTorqueRoundFollowsIt() {
    JobPlan plan = plan(turned());
    List<RunStep> steps = stepsOf(RunSheetWriter.write(plan), "plate");
    assertThat(steps).noneMatch(s -> s.kind() == StepKind.CHECK_PASS);
    RunStep last = steps.get(steps.size() - 1);
    assertThat(last.kind()).isEqualTo(StepKind.ANGLE);
    assertThat(last.text()).contains("10 N·m + 90°").contains("No torque tool from here on");
    assertThat(last.order()).containsExactlyElementsOf(steps.get(steps.size() - 2).order());
    assertThat(steps.get(steps.size() - 2).percent()).isEqualTo(100);
    assertThat(steps.get(steps.size() - 2).settingNm()).isCloseTo(10, within(0.5));
    List<TaskKind> kinds =
        plan.work().tasks().stream()
            .filter(t -> "plate".equals(t.jointId()))
            .map(Task::kind)
            .toList();
    assertThat(kinds).endsWith(TaskKind.PASS, TaskKind.PASS, TaskKind.FINAL);
    assertThat(kinds).doesNotContain(TaskKind.CHECK_ROUND);
    assertThat(WorkLine.of(plan)).extracting(WorkLine::text).anyMatch(t -> t.contains("angle"));
  }

  @Test
  void eachFastenerIsTurnedAndThatIsNoFeel() {
    AtTheBench bench = new AtTheBench(RunSheetWriter.write(plan(turned())));
    bench.until(StepKind.ANGLE);
    assertThat(bench.state().permits()).containsExactly(EventKind.DONE, EventKind.BEGUN_AGAIN);
    assertThat(bench.inHand().perFastener()).isTrue();
    bench.until(StepKind.SIGN_OFF);
    assertThat(Summary.of(bench.sheet, bench.state()).byFeel()).isEmpty();
    assertThat(bench.say(EventKind.SIGNED_OFF).signedOff()).isTrue();
  }

  @Test
  void statedStagesAreThePasses() {
    Map<String, Object> value = SamplePack.value(0, "N.m", "MANUAL");
    value.remove("value");
    value.put("form", "STAGED");
    value.put("stages", List.of(4.0, 7.0, 10.0));
    List<RunStep> tightened =
        stepsOf(RunSheetWriter.write(plan(value)), "plate").stream()
            .filter(s -> s.kind() == StepKind.TIGHTEN)
            .toList();
    assertThat(tightened).extracting(RunStep::percent).containsExactly(40.0, 70.0, 100.0);
  }

  @Test
  void aSlackenedFastenerIsTurnedByItsAngleAgain() {
    AtTheBench bench = new AtTheBench(RunSheetWriter.write(plan(turned())));
    bench.until(StepKind.ANGLE);
    List<RunStep> steps = stepsOf(bench.sheet, "plate");
    RunStep torque = steps.get(steps.size() - 2);
    bench.say(EventKind.DONE);
    assertThat(bench.state().doneFasteners()).hasSize(1);
    assertThat(torque.percent()).isEqualTo(100);
  }
}
