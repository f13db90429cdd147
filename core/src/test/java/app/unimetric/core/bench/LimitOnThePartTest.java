package app.unimetric.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.pack.Measure;
import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.plan.Circumstances;
import app.unimetric.core.plan.JobPlan;
import app.unimetric.core.problem.InvalidInput;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A limit that is stamped on the part is read off it first and then judges. */
class LimitOnThePartTest {
  private static AtTheBench bench(String end) {
    Map<String, Object> document = SamplePack.document();
    document.put(
        "inspections",
        List.of(
            Map.of("what", "disc", "unit", "mm", "limit", "stamped on the disc", "onPart", end)));
    AtTheBench bench =
        new AtTheBench(
            RunSheetWriter.write(
                JobPlan.of(
                    SamplePack.read(document),
                    Circumstances.of(List.of(AtTheBench.click("a", 4.0)), AtTheBench.TODAY))));
    while (!"inspect.1".equals(bench.state().currentStep())) {
      bench.say(bench.state().permits().get(0));
    }
    return bench;
  }

  @ParameterizedTest
  @CsvSource({
    "LEAST, 4.0, 4.1, GOOD",
    "LEAST, 4.0, 4.0, GOOD",
    "LEAST, 4.0, 3.9, BELOW",
    "MOST, 0.25, 0.24, GOOD",
    "MOST, 0.25, 0.25, GOOD",
    "MOST, 0.25, 0.26, ABOVE"
  })
  void itJudgesWhatWasMeasured(String end, double limit, String found, Verdict verdict) {
    AtTheBench bench = bench(end);
    RunState after = bench.say(EventKind.FOUND, null, found + " mm", limit, null);
    assertThat(bench.last().verdict()).isEqualTo(verdict);
    assertThat(after.pending() == null).isEqualTo(verdict == Verdict.GOOD);
  }

  @Test
  void withoutItNothingIsJudged() {
    AtTheBench bench = bench("LEAST");
    bench.say(EventKind.FOUND, null, "4.1 mm", null, null);
    assertThat(bench.last().notCounted())
        .isEqualTo("Read the limit off the part first and type it, in mm.");
    assertThat(bench.state().currentStep()).isEqualTo("inspect.1");
  }

  @Test
  void itStandsOnThePartOrInThePackAndNeedsItsUnit() {
    Measure disc = new Measure("disc", "mm", null, null, null, null, Measure.End.LEAST, null);
    assertThat(disc.asksLimit()).isTrue();
    assertThat(disc.limitedTo(4).min()).isEqualTo(4);
    assertThat(disc.limitedTo(4).max()).isNull();
    assertThat(disc.limitedTo(4).asksLimit()).isFalse();
    assertThatThrownBy(
            () -> new Measure("d", null, null, null, null, null, Measure.End.LEAST, null))
        .isInstanceOf(InvalidInput.class);
    assertThatThrownBy(() -> new Measure("d", "mm", 4.0, null, null, null, Measure.End.LEAST, null))
        .isInstanceOf(InvalidInput.class);
    assertThatThrownBy(() -> new Measure("d", "mm", null, 4.0, null, null, Measure.End.MOST, null))
        .isInstanceOf(InvalidInput.class);
    assertThat(
            new Measure("d", "mm", null, 4.0, null, null, Measure.End.LEAST, null)
                .limitedTo(3)
                .max())
        .isEqualTo(4);
  }
}
