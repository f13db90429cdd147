package app.unimetric.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.plan.Circumstances;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.TorqueUnit;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the bench shows of the step in hand, and the words of its answers and entries. */
class StepShownTest {
  private static final Signature ASTA = new Signature(UUID.randomUUID(), "Asta", false);

  private static AtTheBench bench(Map<String, Object> more) {
    Map<String, Object> pack = SamplePack.document();
    pack.putAll(more);
    return new AtTheBench(
        RunSheetWriter.write(
            JobPlan.of(
                SamplePack.read(pack),
                Circumstances.of(List.of(AtTheBench.click("t1", 4.0)), LocalDate.of(2026, 5, 4)))));
  }

  private static RunState say(AtTheBench bench, Said said) {
    bench.log.add(
        new RunEvent(
            UUID.randomUUID(),
            bench.state().currentStep(),
            bench.state().nextFastener(),
            said,
            ASTA,
            null,
            EntryTime.at(Instant.parse("2026-05-04T08:00:00Z"))));
    return bench.state();
  }

  private static String words(RunState state, EventKind kind) {
    return state.answers().stream()
        .filter(a -> a.kind() == kind)
        .map(PermittedAnswer::words)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void aFastenerThatIsTurnedAgainIsSaidToBeRedone() {
    AtTheBench bench = bench(Map.of());
    RunState first = bench.until(StepKind.TIGHTEN);
    assertThat(words(first, EventKind.CLICKED)).isEqualTo("Clicked at the setting");
    assertThat(first.shown().advice()).isNull();
    RunState low = say(bench, new Said.Reading("0.5", TorqueUnit.NEWTON_METRE, null));
    assertThat(low.pending().words().came()).isEqualTo("below the band");
    assertThat(low.shown().advice()).startsWith("Turn it again");
    assertThat(words(low, EventKind.CLICKED)).isEqualTo("Redone: clicked at the setting");
  }

  @Test
  void whatMovedInThisRoundIsShownAndAnEntryThatWasCorrectedIsNotCorrectedAgain() {
    AtTheBench bench = bench(Map.of());
    RunState round = bench.until(StepKind.CHECK_PASS);
    int first = round.nextFastener();
    RunState moved = say(bench, new Said.Moved(null, null, null, null));
    assertThat(moved.shown().moved()).containsExactly(first);
    say(bench, new Said.Held(null));
    assertThat(bench.state().shown().moved()).containsExactly(first);
    Entry held = bench.last();
    assertThat(held.isCorrectable()).isTrue();
    bench.correct(held, null);
    assertThat(bench.state().entry(held.event().id()).isCorrectable()).isFalse();
  }

  @Test
  void whatIsMeasuredAgainIsHeldAgainstWhatWasFound() {
    AtTheBench bench =
        bench(Map.of("asFound", List.of(Map.of("what", "lever gap", "unit", "mm", "within", 1.0))));
    bench.until(StepKind.MEASURE);
    assertThat(bench.state().shown().foundBefore()).isNull();
    say(bench, new Said.Measured("10", null));
    while (!"left.1".equals(bench.state().currentStep())) {
      bench.say(bench.state().permits().get(0));
    }
    assertThat(bench.state().shown().foundBefore()).isEqualTo("10");
    RunState off = say(bench, new Said.Measured("12.5", null));
    assertThat(off.pending().words().came()).isEqualTo("above what was found");
    assertThat(off.shown().advice()).startsWith("Set it back");
  }

  @ParameterizedTest
  @CsvSource({"0, typed", "-1, typed", "10001, typed", "10000, ''"})
  void aTorqueIsAboveNothingAndAtMostTenThousand(String typed, String field) {
    if (field.isEmpty()) {
      assertThat(new Said.Reading(typed, TorqueUnit.NEWTON_METRE, null).torqueNm())
          .isEqualTo(10_000);
      return;
    }
    assertThatThrownBy(() -> new Said.Reading(typed, TorqueUnit.NEWTON_METRE, null))
        .isInstanceOfSatisfying(
            InvalidInput.class, e -> assertThat(e.problems().get(0).field()).isEqualTo(field));
  }

  @ParameterizedTest
  @CsvSource({"1000000, true", "1000001, false", "-1000001, false", "'', true", "' ', true"})
  void aLimitOffThePartIsWithinAMillionOrNotThere(String typed, boolean taken) {
    if (taken) {
      assertThat(new Said.Measured("3", typed).limitOnPart() == null).isEqualTo(typed.isBlank());
    } else {
      assertThatThrownBy(() -> new Said.Measured("3", typed)).hasMessageContaining("limit");
    }
  }
}
