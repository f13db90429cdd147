package app.unimetric.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.EnumSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TaskTest {
  @Test
  void onlyAToolDrawsTighterThanFingers() {
    assertThat(Arrays.stream(TaskKind.values()).filter(TaskKind::isAboveFingerTight))
        .containsExactlyElementsOf(
            EnumSet.of(
                TaskKind.SNUG, TaskKind.PASS, TaskKind.FINAL, TaskKind.CHECK_ROUND, TaskKind.TRY));
  }

  @Test
  void looksAndChecksAreAnsweredGoodOrBad() {
    assertThat(Arrays.stream(TaskKind.values()).filter(TaskKind::isJudged))
        .containsExactly(TaskKind.INSPECT, TaskKind.FUNCTION_CHECK);
    assertThat(Arrays.stream(TaskKind.values()).map(TaskKind::words))
        .doesNotContain("")
        .contains("break loose", "by hand", "snug", "prove");
  }

  @Test
  void whatAJointBringsIsNoStep() {
    assertThat(Arrays.stream(TaskKind.values()).filter(k -> !k.isOfAStep()))
        .containsExactlyInAnyOrder(
            TaskKind.WET,
            TaskKind.START,
            TaskKind.SNUG,
            TaskKind.PASS,
            TaskKind.FINAL,
            TaskKind.CHECK_ROUND,
            TaskKind.TRY,
            TaskKind.SECOND_LOOK);
  }

  @Test
  void isToldByItsJointOrItsStep() {
    Task start = Task.of(TaskKind.START, "axle");
    assertThat(start).isEqualTo(new Task(TaskKind.START, "axle", null, -1));
    assertThat(start.name()).isEqualTo("START axle");
    assertThat(start.is(TaskKind.START, "axle")).isTrue();
    assertThat(start.is(TaskKind.FINAL, "axle")).isFalse();
    assertThat(start.is(TaskKind.START, "pinch")).isFalse();
    assertThat(Task.ofPass(TaskKind.FINAL, "axle", 2))
        .isEqualTo(new Task(TaskKind.FINAL, "axle", null, 2));
    assertThat(Task.ofStep(TaskKind.PRESS, "step.cup").name()).isEqualTo("PRESS step.cup");
  }

  /** Of two bindings between the same two, both must hold. */
  @ParameterizedTest
  @CsvSource({
    "FINAL, FINAL, FINAL",
    "FINAL, TOUCH, TOUCH",
    "TOUCH, FINAL, TOUCH",
    "TOUCH, HANG,  HANG",
    "HANG,  FINAL, HANG"
  })
  void theStricterBindingHoldsBoth(Binding one, Binding other, Binding both) {
    assertThat(one.stricter(other)).isEqualTo(both);
    assertThat(one.words()).isNotBlank();
  }

  @Test
  void besideARowStandsBeforeOrAfterIt() {
    assertThat(Place.besideInRow(0, 3, -1, 9))
        .isBetween(Place.inRow(0, 2), Place.inRow(0, 3))
        .isLessThan(Place.besideInRow(0, 3, 1, 0));
    assertThat(Place.besideInRow(0, 3, 1, 9)).isBetween(Place.inRow(0, 3), Place.inRow(0, 4));
  }
}
