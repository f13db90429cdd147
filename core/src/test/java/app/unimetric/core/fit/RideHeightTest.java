package app.unimetric.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class RideHeightTest {
  private static final RideHeight.Before BEFORE = new RideHeight.Before(1500, 26, 40, 320);

  private static double trail(double rakeDeg) {
    double e = Math.toRadians(rakeDeg);
    return (320 * Math.sin(e) - 40) / Math.cos(e);
  }

  @Test
  void theRearComesDownByTheRatioAndTheHeadLiesBack() {
    RideHeight r = RideHeight.rear(BEFORE, 10, 2.5, RideHeight.Asked.NOTHING);
    assertThat(r.dropMm()).isCloseTo(25, within(1e-12));
    assertThat(r.pitchDeg()).isCloseTo(0.95484, within(1e-4));
    assertThat(r.rakeDeg()).isCloseTo(26.95484, within(1e-4));
    assertThat(r.trailMm()).isCloseTo(trail(r.rakeDeg()), within(1e-9));
    assertThat(r.trailChangeMm()).isCloseTo(trail(r.rakeDeg()) - trail(26), within(1e-9));
    assertThat(r.trailChangeMm()).isPositive();
    assertThat(r.reasons()).anyMatch(s -> s.contains("more trail"));
    assertThat(r.derivation().get(0).value()).isCloseTo(25, within(1e-12));
    assertThat(r.derivation())
        .filteredOn(d -> d.symbol().equals("ε"))
        .extracting(d -> d.formula())
        .containsExactly("ε + θ");
  }

  @Test
  void theFrontComesDownByTheCosineAndTheHeadStandsUp() {
    RideHeight r = RideHeight.front(BEFORE, 10, RideHeight.Asked.NOTHING);
    assertThat(r.dropMm()).isCloseTo(10 * Math.cos(Math.toRadians(26)), within(1e-12));
    assertThat(r.rakeDeg()).isLessThan(26);
    assertThat(r.trailChangeMm()).isNegative();
    assertThat(r.reasons()).anyMatch(s -> s.contains("less trail"));
  }

  @Test
  void raisingUndoesLowering() {
    RideHeight up = RideHeight.rear(BEFORE, -10, 2.5, RideHeight.Asked.NOTHING);
    RideHeight down = RideHeight.rear(BEFORE, 10, 2.5, RideHeight.Asked.NOTHING);
    assertThat(up.dropMm()).isEqualTo(-down.dropMm());
    assertThat(up.pitchDeg()).as("whichever way").isEqualTo(down.pitchDeg());
    assertThat(up.rakeDeg() + down.rakeDeg()).isCloseTo(52, within(1e-9));
    assertThat(RideHeight.rear(BEFORE, 0, 2.5, RideHeight.Asked.NOTHING).reasons().get(0))
        .contains("steers as before");
  }

  @Test
  void littleTrailIsTold() {
    assertThat(
            RideHeight.front(new RideHeight.Before(1400, 23, 50, 300), 20, RideHeight.Asked.NOTHING)
                .reasons())
        .anyMatch(s -> s.contains("shake its head"));
    assertThat(RideHeight.front(BEFORE, 5, RideHeight.Asked.NOTHING).reasons())
        .noneMatch(s -> s.contains("shake"));
  }

  @Test
  void nonsenseIsTold() {
    assertThatThrownBy(() -> new RideHeight.Before(1.5, 26, 40, 320))
        .hasMessageContaining("from 500");
    assertThatThrownBy(() -> RideHeight.front(BEFORE, 201, RideHeight.Asked.NOTHING))
        .hasMessageContaining("forkSlideMm");
    assertThatThrownBy(() -> RideHeight.rear(BEFORE, 10, 0, RideHeight.Asked.NOTHING))
        .hasMessageContaining("greater than 0");
  }
}
