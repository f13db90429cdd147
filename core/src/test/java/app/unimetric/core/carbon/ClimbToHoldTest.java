package app.unimetric.core.carbon;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.problem.InvalidInput;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ClimbToHoldTest {
  /** From 60 % by 0.25 below 4 N·m and 0.5 above, never past limit/(1 + a). */
  @ParameterizedTest
  @CsvSource({
    "6,    ,     0.6, 3.5 3.75 4 4.5 5 5.5",
    "5,    0.06, 0.6, 3 3.25 3.5 3.75 4 4.5",
    "5.3,  0.06, 0.6, 3 3.25 3.5 3.75 4 4.5 5",
    "5.29, 0.06, 0.6, 3 3.25 3.5 3.75 4 4.5",
    "10,   ,     0.6, 6 6.5 7 7.5 8 8.5 9",
    "12,   ,     0.6, 7 7.5 8 8.5 9 9.5 10 10.5 11 11.5",
    "4,    0,    1,   4",
    "0.25, 0,    0.1, 0.25",
    "4,    0.5,  0.1, 0.25 0.5 0.75 1 1.25 1.5 1.75 2 2.25 2.5"
  })
  void climbsByTheGrid(double limitNm, Double deviation, double from, String steps) {
    List<Double> wanted = Arrays.stream(steps.split(" ")).map(Double::valueOf).toList();
    assertThat(ClimbToHold.steps(limitNm, deviation, from)).isEqualTo(wanted);
  }

  @ParameterizedTest
  @CsvSource({
    "0, 0.06, 0.6, limitNm",
    "1000.5, 0.06, 0.6, limitNm",
    "0.26, 0.06, 0.6, limitNm",
    "6, 0.51, 0.6, toolDeviationPercent",
    "6, -0.01, 0.6, toolDeviationPercent",
    "6, 0.06, 0.09, startFraction",
    "6, 0.06, 1.01, startFraction"
  })
  void whatLeavesNoStepIsNamed(double limitNm, double deviation, double from, String field) {
    assertThatThrownBy(() -> ClimbToHold.steps(limitNm, deviation, from))
        .isInstanceOfSatisfying(
            InvalidInput.class,
            e -> assertThat(e.problems()).extracting(p -> p.field()).containsExactly(field));
  }

  @Test
  void theGreatestLimitIsTaken() {
    assertThat(ClimbToHold.steps(1000, 0.04, 0.95)).first().isEqualTo(950.0);
  }

  @Test
  void saysHowAndWhenToStop() {
    assertThat(ClimbToHold.reasons())
        .anyMatch(r -> r.contains("first torque that holds"))
        .anyMatch(r -> r.contains("stop: wrong diameter"));
    assertThat(ClimbToHold.USUAL_START).isEqualTo(0.6);
  }
}
