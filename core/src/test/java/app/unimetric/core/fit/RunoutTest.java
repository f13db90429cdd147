package app.unimetric.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class RunoutTest {
  private static final List<Double> BENT =
      List.of(0.10, 0.0707107, 0.0, -0.0707107, -0.10, -0.0707107, 0.0, 0.0707107);
  private static final List<Double> DENTED = List.of(0.0, 0.0, 0.0, 0.3, 0.0, 0.0, 0.0, 0.0);

  @Test
  void aBentRotorRisesOnceATurn() {
    Runout r = Runout.of(BENT, null, 0.1, null, 0);
    assertThat(r.totalMm()).isCloseTo(0.2, within(1e-9));
    assertThat(r.wobbleMm()).isCloseTo(0.2, within(1e-6));
    assertThat(r.wobbleAtDeg()).isCloseTo(0, within(1e-6));
    assertThat(r.residualMm()).isLessThan(1e-6);
    assertThat(r.verdict()).isEqualTo(Runout.Verdict.WOBBLE);
    assertThat(r.reasons()).anyMatch(s -> s.contains("Clean the seat"));
  }

  @Test
  void aDentIsToldFromABend() {
    Runout r = Runout.of(DENTED, null, 0.1, null, 0);
    // By hand: a, b are 2/8 of 0.3, so the wave runs over 0.15; at the dent 0.3·(1 − 1/8 − 2/8)
    // is left, opposite to it −0.3·(1/8 − 2/8)… − and at its neighbours the least.
    assertThat(r.wobbleMm()).isCloseTo(0.15, within(1e-9));
    assertThat(r.wobbleAtDeg()).isCloseTo(135, within(1e-6));
    assertThat(r.fittedMm().get(3)).as("0.3/8 + 2·0.3/8").isCloseTo(0.1125, within(1e-9));
    assertThat(r.residualMm()).isCloseTo(0.1875 + 0.0375 + 0.075 * Math.sqrt(0.5), within(1e-9));
    assertThat(r.verdict()).isEqualTo(Runout.Verdict.WARPED);
  }

  @Test
  void turnedOnItsHubOnlyTheHighPlaceMoves() {
    List<Double> turned = new ArrayList<>(BENT);
    Collections.rotate(turned, 2);
    Runout r = Runout.of(turned, null, 0.1, null, 0);
    assertThat(r.wobbleAtDeg()).isCloseTo(90, within(1e-6));
    assertThat(r.wobbleMm())
        .isCloseTo(Runout.of(BENT, null, 0.1, null, 0).wobbleMm(), within(1e-9));
  }

  @Test
  void withinItsLimitItRunsTrueAndJustBeyondItDoesNot() {
    assertThat(Runout.of(DENTED, null, 0.3, null, 0).verdict()).isEqualTo(Runout.Verdict.TRUE);
    assertThat(Runout.of(DENTED, null, 0.299, null, 0).verdict()).isEqualTo(Runout.Verdict.WARPED);
  }

  @Test
  void thicknessIsJudgedFirstAndItsVariationIsTold() {
    Runout worn = Runout.of(DENTED, null, 0.1, new Runout.Thickness(List.of(4.0, 3.99), 4.0), 0);
    assertThat(worn.verdict()).isEqualTo(Runout.Verdict.WORN);
    assertThat(worn.thicknessVariationMm()).isCloseTo(0.01, within(1e-9));
    Runout pulses = Runout.of(BENT, null, 0.5, new Runout.Thickness(List.of(4.10, 4.04), 4.0), 0);
    assertThat(pulses.verdict()).isEqualTo(Runout.Verdict.TRUE);
    assertThat(pulses.reasons()).anyMatch(s -> s.contains("pulses at the lever"));
    Runout even = Runout.of(BENT, null, 0.5, new Runout.Thickness(List.of(4.05, 4.0), 4.0), 0);
    assertThat(even.reasons()).noneMatch(s -> s.contains("pulses"));
  }

  @Test
  void sevenReadingsDoNotTellADentFromABend() {
    assertThatThrownBy(() -> Runout.of(BENT.subList(0, 7), null, 0.1, null, 0))
        .hasMessageContaining("needs 8");
    assertThatThrownBy(() -> new Runout.Thickness(List.of(-4.0), 4))
        .hasMessageContaining("greater than 0");
  }
}
