package app.unimetric.core.carbon;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.Seeded;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class CarbonTest {
  @Test
  void aPinchUsesEveryBoltOnItsOneSide() {
    double plate =
        ClampPressure.of(30, 40, ClampPressure.Style.FACEPLATE, 2, 3000, 0.2, null).meanMPa();
    double pinch =
        ClampPressure.of(30, 40, ClampPressure.Style.PINCH, 2, 3000, 0.2, null).meanMPa();
    assertThat(pinch).isCloseTo(2 * plate, within(1e-9));
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
}
