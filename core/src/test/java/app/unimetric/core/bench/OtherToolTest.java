package app.unimetric.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.plan.Circumstances;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.problem.InvalidInput;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/**
 * Another tool, or one that failed: what would do is laid out beforehand and taken up by a word.
 */
class OtherToolTest {
  private final AtTheBench bench =
      new AtTheBench(
          RunSheetWriter.write(
              JobPlan.of(
                  SamplePack.read(SamplePack.document()),
                  Circumstances.of(
                      List.of(AtTheBench.click("a", 4.0), AtTheBench.click("b", 6.0)),
                      AtTheBench.TODAY))));

  @Test
  void whatWouldDoIsLaidOutWithWhatItCosts() {
    RunJoint plate = bench.sheet.joint("plate").orElseThrow();
    assertThat(plate.otherTools()).extracting(OtherTool::toolId).containsExactly("b");
    OtherTool other = plate.otherTools().get(0);
    assertThat(other.words()).startsWith("Tool b is less sure than Tool a: ± 6 % instead of ± 4 %");
    for (RunStep step : bench.sheet.steps()) {
      if (step.isDoneWithATool() && "plate".equals(step.jointId())) {
        assertThat(other.steps()).containsKey(step.id());
        assertThat(other.steps().get(step.id()).mayStandToNm())
            .isCloseTo(step.band().maxNm() * 1.06, within(1e-9));
      }
    }
    assertThat(plate.otherTool("a")).isEmpty();
    assertThat(plate.otherTool(null)).isEmpty();
  }

  @Test
  void fromTheWordOnTheJointIsDoneWithTheOtherTool() {
    bench.until(StepKind.TIGHTEN);
    RunStep laidOut = bench.inHand();
    assertThat(bench.state().permits()).contains(EventKind.AMENDED);
    assertThat(bench.state().stepAmended()).isNull();
    RunState taken = bench.say(EventKind.AMENDED, null, "the first one slipped", null, "b");
    assertThat(taken.toolsTaken()).containsExactly(java.util.Map.entry(laidOut.jointId(), "b"));
    assertThat(taken.stepAmended().toolName()).isEqualTo("Tool b");
    assertThat(taken.stepAmended().mayStandToNm()).isGreaterThan(laidOut.mayStandToNm());
    assertThat(taken.currentStep()).as("it moves nothing on").isEqualTo(laidOut.id());
    assertThat(bench.sheet.step(laidOut.id()).orElseThrow())
        .as("stays as started")
        .isEqualTo(laidOut);
    RunState clicked = bench.say(EventKind.CLICKED);
    assertThat(bench.last().torqueNm()).isEqualTo(taken.stepAmended().settingNm());
    assertThat(clicked.entries()).noneMatch(e -> e.notCounted() != null);
  }

  @Test
  void theRecordNamesBothTools() {
    bench.until(StepKind.TIGHTEN);
    String joint = bench.inHand().jointId();
    bench.say(EventKind.AMENDED, null, "failed", null, "b");
    AsBuilt built =
        new AsBuilt(
            UUID.randomUUID(), bench.sheet, bench.state(), "Asta", null, java.time.Instant.EPOCH);
    assertThat(
            built.joints().stream()
                .filter(j -> j.joint().id().equals(joint))
                .findFirst()
                .orElseThrow()
                .tools())
        .containsExactly("Tool a", "Tool b");
    assertThat(
            built.joints().stream()
                .filter(j -> !j.joint().id().equals(joint))
                .findFirst()
                .orElseThrow()
                .tools())
        .containsExactly("Tool a");
  }

  @Test
  void aToolThatWasNotLaidOutIsRefusedAndItsReasonIsAskedFor() {
    assertThat(bench.state().permits()).doesNotContain(EventKind.AMENDED);
    bench.say(EventKind.AMENDED, null, "why not", null, "b");
    assertThat(bench.last().notCounted()).isEqualTo("This does not fit the step in hand.");
    bench.until(StepKind.TIGHTEN);
    bench.say(EventKind.AMENDED, null, "mine is better", null, "c");
    assertThat(bench.last().notCounted()).contains("was not laid out for this joint");
    assertThat(bench.state().toolsTaken()).isEmpty();
    assertThatThrownBy(() -> bench.say(EventKind.AMENDED, null, " ", null, "b"))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("reason");
  }

  @Test
  void theCheckRoundMayBeDoneWithAnotherToolToo() {
    bench.until(StepKind.CHECK_PASS);
    RunState taken = bench.say(EventKind.AMENDED, null, "battery empty", null, "b");
    assertThat(taken.stepAmended().toolName()).isEqualTo("Tool b");
    assertThat(bench.say(EventKind.HELD).doneFasteners()).hasSize(1);
  }

  @Test
  void whatWasDoneWithAToolWhileItWasOutDoesNotCount() {
    bench.until(StepKind.TIGHTEN);
    RunStep laidOut = bench.inHand();
    java.time.Instant at = java.time.Instant.parse("2026-05-04T08:00:00Z");
    ToolsOut earlier = out(at.minusSeconds(60), at);
    ToolsOut now = out(at, null);
    RunState fine = Replay.of(bench.sheet, bench.log, now);
    assertThat(fine.toolOut()).contains("Tool a is out of use: dropped.", "Take another tool");
    bench.say(EventKind.CLICKED);
    Entry counted = last(Replay.of(bench.sheet, bench.log, earlier));
    assertThat(counted.notCounted()).as("it was good again by then").isNull();
    RunState refused = Replay.of(bench.sheet, bench.log, now);
    assertThat(last(refused).notCounted()).contains("Tool a is out of use: dropped");
    assertThat(refused.currentStep()).isEqualTo(laidOut.id());
    bench.log.remove(bench.log.size() - 1);
    bench.say(EventKind.AMENDED, null, "it was dropped", null, "b");
    bench.say(EventKind.CLICKED);
    RunState other = Replay.of(bench.sheet, bench.log, now);
    assertThat(other.toolOut()).isNull();
    assertThat(last(other).notCounted()).isNull();
  }

  private static Entry last(RunState state) {
    return state.entries().get(state.entries().size() - 1);
  }

  private static ToolsOut out(java.time.Instant from, java.time.Instant until) {
    return new ToolsOut(
        java.util.Map.of(
            "a", List.of(new app.unimetric.core.tool.ToolStanding.Span(from, until, "dropped"))));
  }
}
