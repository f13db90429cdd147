package app.unimetric.core.fastener;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.Seeded;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.why.Derivation;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class CastleNutTest {
  @ParameterizedTest
  @CsvSource({"6, 1, 60", "6, 2, 30", "10, 1, 36", "8, 1, 45", "6, 3, 60", "4, 1, 90", "8, 2, 45"})
  void alignmentsComeEveryGcdDegrees(int slots, int holes, double step) {
    assertThat(CastleNut.next(slots, holes, 1, 50, 0.5, null).stepDeg())
        .isCloseTo(step, within(1e-9));
  }

  @Test
  void turnsOnNeverBackAndNotAtAllWhenAligned() {
    CastleNut nut = CastleNut.next(6, 1, 20, 80, 0.6, 100.0);
    assertThat(nut.turnDeg()).isCloseTo(40, within(1e-9));
    assertThat(nut.torqueThereNm()).isCloseTo(104, within(1e-9));
    assertThat(nut.allowed()).isFalse();
    assertThat(CastleNut.next(6, 1, 0, 80, 0.6, 80.0).turnDeg()).isZero();
    assertThat(CastleNut.next(6, 1, 120, 80, 0.6, 80.0).turnDeg()).isZero();
    assertThatThrownBy(() -> CastleNut.next(7, 1, 0, 80, 0.6, null))
        .hasMessageContaining("even number");
  }

  /** Guide, section 7: reach the minimum, then forward to the next alignment, never back. */
  @ParameterizedTest
  @CsvSource({
    "2, 1, 0, 180, 0, 50",
    "36, 1, 0, 10, 0, 50",
    "36, 36, 4, 5, 1, 50.5",
    "6, 1, 59.9999999999, 60, 0, 50",
    "6, 1, 60.0000000001, 60, 0, 50",
    "6, 1, 60.1, 60, 59.9, 79.95",
    "6, 1, 360, 60, 0, 50"
  })
  void alignments(int slots, int holes, double now, double step, double turn, double there) {
    CastleNut nut = CastleNut.next(slots, holes, now, 50, 0.5, there);
    assertThat(nut.stepDeg()).isCloseTo(step, within(1e-9));
    assertThat(nut.turnDeg()).isCloseTo(turn, within(1e-9));
    assertThat(nut.torqueThereNm()).isCloseTo(there, within(1e-9));
    assertThat(CastleNut.next(slots, holes, now, 50, 0.5, there - 1e-6).allowed()).isFalse();
    assertThat(CastleNut.next(slots, holes, now, 50, 0.5, there + 1e-6).allowed()).isTrue();
    assertThat(nut.derivation())
        .extracting(Derivation::value)
        .usingComparatorForType(
            (a, b) -> Math.abs(a - b) < 1e-9 ? 0 : Double.compare(a, b), Double.class)
        .containsExactly(step, turn, there);
  }

  @ParameterizedTest
  @CsvSource({
    "0, 1, 0, 50, 0.5, 60, slots",
    "38, 1, 0, 50, 0.5, 60, slots",
    "6, 0, 0, 50, 0.5, 60, holes",
    "6, 37, 0, 50, 0.5, 60, holes",
    "6, 1, -0.1, 50, 0.5, 60, angleNowDeg",
    "6, 1, 360.1, 50, 0.5, 60, angleNowDeg",
    "6, 1, 0, -0.1, 0.5, 60, torqueNowNm",
    "6, 1, 0, 10000.1, 0.5, 60, torqueNowNm",
    "6, 1, 0, 50, -0.1, 60, nmPerDegree",
    "6, 1, 0, 50, 1000.1, 60, nmPerDegree",
    "6, 1, 0, 50, 0.5, 0, maxNm",
    "6, 1, 0, 50, 0.5, 10000.1, maxNm"
  })
  void whatIsNoNut(
      int slots, int holes, double now, double torque, double rise, double max, String field) {
    assertThatThrownBy(() -> CastleNut.next(slots, holes, now, torque, rise, max))
        .isInstanceOfSatisfying(
            InvalidInput.class, e -> assertThat(e.problems().get(0).field()).isEqualTo(field));
  }

  @Test
  void whatIsSaidOfIt() {
    assertThat(CastleNut.next(6, 1, 0, 80, 0.6, 80.0).reasons())
        .containsExactly(
            "Slot and hole are aligned: pin it here.", "Slots and holes meet every 60°.");
    assertThat(CastleNut.next(6, 1, 20, 80, 0.6, 103.0).reasons())
        .containsExactly(
            "Turn on to the next alignment, never back: turning back leaves less than the minimum.",
            "Slots and holes meet every 60°.",
            "There it would pass the maximum: take it off and change the washer for a thinner or"
                + " thicker one.");
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void theTurnEndsOnAnAlignment(Seeded.Case random) {
    int slots = 2 * (1 + random.nextInt(12));
    int holes = 1 + random.nextInt(4);
    double now = random.between(0, 360);
    CastleNut nut = CastleNut.next(slots, holes, now, 50, 0.5, null);
    double there = (now + nut.turnDeg()) / nut.stepDeg();
    assertThat(there).isCloseTo(Math.rint(there), within(1e-6));
    assertThat(nut.turnDeg()).isBetween(0.0, nut.stepDeg());
    assertThat(360.0 / slots / nut.stepDeg())
        .as("each alignment step divides the slot's angle")
        .isCloseTo(Math.rint(360.0 / slots / nut.stepDeg()), within(1e-9));
  }
}
