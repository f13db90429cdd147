package app.unimetric.core.fastener;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.Seeded;
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
