package app.unimetric.core.ask;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LookedForTest {
  @ParameterizedTest
  @CsvSource({
    "front pads, ANYTHING, front pads,",
    "What locks caliper bolts?, PRODUCT, caliper bolts,",
    "what goes on the pad pins, PRODUCT, pad pins,",
    "caliper bolt torque, TORQUE, caliper bolt,",
    "torque for the axle nut on Patrol 1, TORQUE, axle nut patrol 1,",
    "due, DUE, '',",
    "what is overdue, DUE, '',",
    "job 12, ANYTHING, 12, 12",
    "#12, ANYTHING, #12, 12",
    "12, ANYTHING, 12, 12",
    "bb, ANYTHING, bb,",
    "'', ANYTHING, '',"
  })
  void whatIsWantedOfWhat(String typed, LookedFor.Intent intent, String words, Integer job) {
    LookedFor read = LookedFor.of(typed);
    assertThat(read.intent()).isEqualTo(intent);
    assertThat(String.join(" ", read.words())).isEqualTo(words);
    assertThat(read.jobNumber()).isEqualTo(job);
  }

  @ParameterizedTest
  @CsvSource({
    "caliper bolts, 'Caliper bolts, right', true",
    "caliper bolt, Caliper bolts, true",
    "cal bo, Caliper bolts, true",
    "caliper pins, Caliper bolts, false",
    "bolts, bolt, true",
    "gas, gasket, true",
    "'', anything, false"
  })
  void everyWordBeginsOneOfTheText(String typed, String text, boolean meets) {
    assertThat(LookedFor.of(typed).meets(text)).isEqualTo(meets);
  }

  @Test
  void aNameIsTakenOut() {
    LookedFor asked = LookedFor.of("front pads Patrol 1");
    assertThat(asked.names("Patrol 1")).isTrue();
    assertThat(asked.names("Patrol 2")).isFalse();
    assertThat(asked.names("")).isFalse();
    assertThat(asked.without("Patrol 1").words()).isEqualTo(List.of("front", "pads"));
  }
}
