package app.unimetric.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.device.DialFault;
import app.unimetric.core.device.DialTurn;
import app.unimetric.core.pack.Measure;
import java.util.List;
import org.junit.jupiter.api.Test;

class DueDialTest {
  private static RunStep step(String id, String title, StepKind kind) {
    return RunStep.plain(id, kind, "Group", title, "", null, false, List.of());
  }

  private static Measure measure(String what, String unit, Double max) {
    return new Measure(what, unit, null, max, null, null, null, null);
  }

  private final RunSheet sheet =
      new RunSheet(
          "Rotor",
          true,
          List.of(),
          List.of(),
          List.of(
              step("inspect.1", "Runout of the face", StepKind.MEASURE)
                  .measuring(measure("Runout of the face", "mm", 0.1), null),
              step("found.1", "runout before", StepKind.MEASURE)
                  .measuring(measure("runout before", "mm", null), null),
              step("found.2", "runout in words", StepKind.MEASURE)
                  .measuring(Measure.of("runout in words"), null),
              step("found.3", "disc thickness", StepKind.MEASURE)
                  .measuring(measure("disc thickness", "mm", null), null),
              step("step.dial", "Dial the runout", StepKind.WORK).asJudged(),
              step("step.talk", "Talk of runout", StepKind.WORK)),
          null);

  @Test
  void isDueWhereRunoutIsMeasuredInMillimetresOrJudged() {
    assertThat(DueDial.steps(sheet)).containsExactly("inspect.1", "found.1", "step.dial");
  }

  @Test
  void aSimulatedPartIsRightByItsLimitOrByAUsualOne() {
    for (Double limit : new Double[] {0.1, null, 0.0}) {
      DialTurn turn = new DueDial("s", limit).simulated(DialFault.NONE, 3).turn();
      double most = 0;
      for (var next = turn.next(); next.isPresent(); next = turn.next()) {
        most = Math.max(most, Math.abs(next.get().readingMm()));
      }
      assertThat(most)
          .as("a fifth of the limit leans, a twentieth is warped")
          .isBetween(
              limit == null || limit == 0 ? 0.045 : 0.012,
              limit == null || limit == 0 ? 0.08 : 0.028);
    }
  }

  @Test
  void carriesTheLimitOfTheStepInHand() {
    RunState state = Replay.of(sheet, List.of());
    assertThat(state.currentStep()).isEqualTo("inspect.1");
    assertThat(DueDial.of(sheet, state)).contains(new DueDial("inspect.1", 0.1));
    RunSheet other =
        new RunSheet("Rotor", true, List.of(), List.of(), List.of(sheet.steps().get(3)), null);
    assertThat(DueDial.of(other, Replay.of(other, List.of()))).isEmpty();
  }
}
