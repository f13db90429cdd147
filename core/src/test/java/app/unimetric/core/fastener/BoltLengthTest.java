package app.unimetric.core.fastener;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.Seeded;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class BoltLengthTest {
  private static BoltLength.Stack bolt(double length) {
    return new BoltLength.Stack(20, 1.6, 1.25, length);
  }

  @Test
  void onePitchPastTheNutIsTheShortest() {
    BoltLength good = BoltLength.through(bolt(31), 8, true, null, null);
    assertThat(good.fits()).isTrue();
    assertThat(good.protrusionMm()).isCloseTo(1.4, within(1e-9));
    assertThat(good.shortestMm()).isCloseTo(30.85, within(1e-9));
    assertThat(good.longestMm()).isCloseTo(33.35, within(1e-9));
    BoltLength shorter = BoltLength.through(bolt(30), 8, true, null, null);
    assertThat(shorter.fits()).isFalse();
    assertThat(shorter.reasons()).anyMatch(r -> r.contains("insert"));
  }

  @Test
  void theTipStaysClearOfWhatIsBehind() {
    BoltLength tight = BoltLength.through(bolt(33), 8, false, 12.0, 1.0);
    assertThat(tight.clearanceMm()).isCloseTo(12 - 11.4, within(1e-9));
    assertThat(tight.fits()).isFalse();
    assertThat(tight.longestMm()).isCloseTo(32.6, within(1e-9));
    assertThat(BoltLength.through(bolt(32), 8, false, 12.0, 1.0).fits()).isTrue();
  }

  @Test
  void aBlindHoleWantsThreadAndRoomAtTheBottom() {
    BoltLength good = BoltLength.blind(bolt(35), 16, 10, 1);
    assertThat(good.engagementMm()).isCloseTo(35 - 21.6 - 1 - 1.25, within(1e-9));
    assertThat(good.clearanceMm()).isCloseTo(16 - 13.4, within(1e-9));
    assertThat(good.fits()).isTrue();
    assertThat(BoltLength.blind(bolt(37), 16, 10, 1).reasons())
        .anyMatch(r -> r.contains("bottoms"));
    assertThat(BoltLength.blind(bolt(30), 16, 10, 1).fits()).isFalse();
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void theShortestAndTheLongestFitWhereAnyLengthDoes(Seeded.Case random) {
    double nut = random.between(2, 20);
    Double behind = random.nextBoolean() ? random.between(nut, nut + 20) : null;
    BoltLength any = BoltLength.through(bolt(random.between(20, 60)), nut, false, behind, 1.0);
    boolean possible = any.shortestMm() <= any.longestMm();
    assertThat(BoltLength.through(bolt(any.shortestMm()), nut, false, behind, 1.0).fits())
        .isEqualTo(possible);
    if (possible) {
      assertThat(BoltLength.through(bolt(any.longestMm()), nut, false, behind, 1.0).fits())
          .isTrue();
    }
  }
}
