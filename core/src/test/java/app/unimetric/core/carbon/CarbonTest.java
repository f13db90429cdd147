package app.unimetric.core.carbon;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.Seeded;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.sequence.GapStyle;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class CarbonTest {
  @Test
  void pressureAndHoldOfAFaceplate() {
    ClampPressure p = ClampPressure.of(31.8, 40, ClampPressure.Style.FACEPLATE, 4, 4000, 0.2, 20.0);
    double mean = 2 * 8000 / (31.8 * 40);
    assertThat(p.meanMPa()).isCloseTo(mean, within(1e-9));
    assertThat(p.peakMPa()).isCloseTo(4 / Math.PI * mean, within(1e-9));
    double slide = 0.2 * mean * Math.PI * 31.8 * 40;
    assertThat(p.slideForceHighN()).isCloseTo(slide, within(1e-6));
    assertThat(p.slideForceLowN()).isCloseTo(2 / Math.PI * slide, within(1e-6));
    assertThat(p.slipTorqueHighNm()).isCloseTo(slide * 15.9 / 1000, within(1e-9));
    assertThat(p.withinLimit()).isTrue();
  }

  @Test
  void aPinchUsesEveryBoltOnItsOneSide() {
    double plate =
        ClampPressure.of(30, 40, ClampPressure.Style.FACEPLATE, 2, 3000, 0.2, null).meanMPa();
    double pinch =
        ClampPressure.of(30, 40, ClampPressure.Style.PINCH, 2, 3000, 0.2, null).meanMPa();
    assertThat(pinch).isCloseTo(2 * plate, within(1e-9));
  }

  @Test
  void climbsFromSixtyPercentToTheLastStepBelowTheLimit() {
    assertThat(ClimbToHold.steps(6, null, 0.6)).containsExactly(3.5, 3.75, 4.0, 4.5, 5.0, 5.5);
    assertThat(ClimbToHold.steps(5, 0.06, 0.6)).containsExactly(3.0, 3.25, 3.5, 3.75, 4.0, 4.5);
    assertThatThrownBy(() -> ClimbToHold.steps(0.2, null, 0.6))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("no step");
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void everyStepRisesOnTheGridAndTheLastKeepsTheDeviationBelowTheLimit(Seeded.Case random) {
    double limit = random.between(1, 60);
    double a = random.between(0, 0.1);
    List<Double> steps = ClimbToHold.steps(limit, a, 0.6);
    assertThat(steps).isSorted().doesNotHaveDuplicates();
    double last = steps.get(steps.size() - 1);
    assertThat(last * (1 + a)).isLessThanOrEqualTo(limit * (1 + 1e-6));
    assertThat((last + (last < 4 ? 0.25 : 0.5)) * (1 + a)).isGreaterThan(limit * (1 - 1e-6));
    assertThat(steps.get(0)).isLessThanOrEqualTo(Math.max(0.6 * limit * (1 + 1e-9), 0.25));
  }

  @Test
  void gapsMayDifferByThreeTenths() {
    assertThat(GapCheck.of(List.of(2.0, 2.3, 2.1, 2.2), GapStyle.EVEN).even()).isTrue();
    GapCheck uneven = GapCheck.of(List.of(2.0, 2.4), GapStyle.EVEN);
    assertThat(uneven.even()).isFalse();
    assertThat(uneven.reasons()).singleElement().asString().contains("differ by 0.40 mm");
    assertThatThrownBy(() -> GapCheck.of(List.of(2.0, -1.0), GapStyle.EVEN))
        .hasMessageContaining("must be");
  }

  @Test
  void aPlateThatClosesOnOneSideIsJudgedOnEachSideByItself() {
    List<Double> topShut = List.of(0.0, 0.05, 3.1, 3.0);
    assertThat(GapCheck.of(topShut, GapStyle.EVEN).even()).isFalse();
    assertThat(GapCheck.of(topShut, GapStyle.CLOSE_TOP_FIRST).even()).isTrue();
    GapCheck wrongSide = GapCheck.of(topShut, GapStyle.CLOSE_BOTTOM_FIRST);
    assertThat(wrongSide.even()).isFalse();
    assertThat(wrongSide.reasons().get(0)).contains("The bottom", "3.10 mm");
    assertThat(GapCheck.of(topShut, GapStyle.FULL_CONTACT).even()).isFalse();
    assertThat(GapCheck.of(List.of(0.0, 0.0, 0.04, 0.0), GapStyle.FULL_CONTACT).even()).isTrue();
  }
}
