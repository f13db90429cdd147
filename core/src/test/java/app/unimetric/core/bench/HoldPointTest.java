package app.unimetric.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.plan.Circumstances;
import app.unimetric.core.plan.JobPlan;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A hold point is answered good or not good, and nothing goes past one that is not good. */
class HoldPointTest {
  private static final Signature ASTA = new Signature(UUID.randomUUID(), "Asta", false);
  private static final Signature LEAD = new Signature(UUID.randomUUID(), "Lead", true);

  private final RunSheet sheet =
      RunSheetWriter.write(
          JobPlan.of(
              SamplePack.read(held()),
              Circumstances.of(List.of(AtTheBench.click("t1", 4.0)), LocalDate.of(2026, 5, 4))));
  private final AtTheBench bench = new AtTheBench(sheet);

  /** The sample job with each of its steps a hold point. */
  private static Map<String, Object> held() {
    Map<String, Object> pack = SamplePack.document();
    List<Map<String, Object>> steps = new ArrayList<>();
    for (String id : List.of("stand", "lift", "look")) {
      Map<String, Object> step = SamplePack.step(id, "SECURE");
      step.put("hold", true);
      steps.add(step);
    }
    pack.put("steps", steps);
    return pack;
  }

  private RunState say(Said said, Signature by) {
    bench.log.add(
        new RunEvent(
            UUID.randomUUID(),
            String.valueOf(bench.state().currentStep()),
            bench.state().nextFastener(),
            said,
            by,
            null,
            EntryTime.at(Instant.parse("2026-05-04T08:00:00Z"))));
    return bench.state();
  }

  private RunStep firstHold() {
    RunState state = bench.state();
    while (!bench.inHand().hold()) {
      state = bench.say(state.permits().get(0));
    }
    return bench.inHand();
  }

  @Test
  void noHoldPointIsConfirmedWithoutSayingWhetherItIsGood() {
    assertThat(sheet.steps()).filteredOn(RunStep::hold).hasSizeGreaterThan(3);
    RunState state = bench.state();
    for (int i = 0; i < 300 && state.currentStep() != null; i++) {
      if (bench.inHand().hold()) {
        assertThat(state.permits())
            .as(bench.inHand().title())
            .doesNotContain(EventKind.DONE, EventKind.MEASURED);
      }
      state = bench.say(state.permits().get(0));
    }
    assertThat(state.signedOff()).isTrue();
  }

  @ParameterizedTest
  @EnumSource(
      value = EventKind.class,
      names = {"REPLACED", "LEFT", "FOUND"})
  void whatIsNotGoodKeepsEverythingAfterItUntilItIsAnswered(EventKind answer) {
    RunStep hold = firstHold();
    RunState bad = say(new Said.Found(Finding.BAD, "cracked", null), ASTA);
    assertThat(bad.currentStep()).isEqualTo(hold.id());
    assertThat(bad.shown().advice()).contains("put it right and look again");
    say(new Said.Done(), ASTA);
    assertThat(bench.last().notCounted()).isEqualTo(bad.shown().advice());
    assertThat(say(new Said.SignedOff(), LEAD).signedOff()).isFalse();
    RunState answered =
        switch (answer) {
          case REPLACED -> say(new Said.Replaced("new one in"), ASTA);
          case LEFT -> say(new Said.Left("it holds for the way home"), LEAD);
          default -> say(new Said.Found(Finding.PUT_RIGHT, "filed smooth", null), ASTA);
        };
    assertThat(answered.doneSteps()).contains(hold.id());
    assertThat(answered.foundBad()).as("it stays to be seen").isNotEmpty();
  }

  @Test
  void onACriticalJobOnlyALeadLeavesAHoldPointThatIsNotGood() {
    assertThat(sheet.critical()).isTrue();
    RunStep hold = firstHold();
    say(new Said.Found(Finding.BAD, "cracked", null), ASTA);
    assertThat(say(new Said.Left("it will do"), ASTA).currentStep()).isEqualTo(hold.id());
    assertThat(bench.last().notCounted()).contains("only a lead");
  }

  @Test
  void aSecondLookThatFindsSomethingKeepsTheJobFromItsSignature() {
    bench.until(StepKind.SECOND_LOOK);
    assertThat(say(new Said.SecondLook(Finding.BAD, "the clip is missing"), LEAD).currentStep())
        .isEqualTo("second-look");
    assertThat(say(new Said.SignedOff(), LEAD).signedOff()).isFalse();
    RunState again = say(new Said.SecondLook(Finding.PUT_RIGHT, "clip on"), LEAD);
    assertThat(again.currentStep()).isEqualTo("sign-off");
    assertThat(Summary.of(sheet, again).foundBad())
        .extracting(e -> e.event().reason())
        .containsExactly("the clip is missing");
  }

  @Test
  void whatASecondLookFoundIsLeftByALeadAlone() {
    bench.until(StepKind.SECOND_LOOK);
    RunState bad = say(new Said.SecondLook(Finding.BAD, "scratched"), LEAD);
    assertThat(bad.permits()).containsExactly(EventKind.SECOND_LOOK, EventKind.LEFT);
    assertThat(say(new Said.Left("it will do"), ASTA).currentStep()).isEqualTo("second-look");
    assertThat(bench.last().notCounted()).contains("only a lead");
    assertThat(say(new Said.Left("paint only"), LEAD).currentStep()).isEqualTo("sign-off");
  }
}
