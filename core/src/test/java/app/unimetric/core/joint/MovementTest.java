package app.unimetric.core.joint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.fastener.Head;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.thread.ScrewThread;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MovementTest {
  private static final ScrewThread M8 = ScrewThread.parse("M8");

  /** ΔF = θ·(P/360°)/(δ_S + δ_P), with the compliances of the joint desk. */
  @Test
  void theLoadThatHadGoneIsThatOfTheTurn() {
    Compliance steel = Compliance.of(M8, Head.HEX.face(M8), 205_000, new Grip(20, 20, 205_000));
    Movement moved = Movement.of(M8, 10, 20.0, 22.0);
    assertThat(moved.lostN())
        .isCloseTo(10 * (1.25 / 360) / (steel.boltMmPerN() + steel.partsMmPerN()), within(1e-6));
    assertThat(Movement.of(M8, 20, 20.0, 22.0).lostN()).isCloseTo(2 * moved.lostN(), within(1e-6));
    double target =
        22_000
            / TighteningTorque.leverMm(M8, Head.HEX.face(M8), FrictionCondition.UNKNOWN.nominal());
    long percent = Math.round(100 * moved.lostN() / target);
    assertThat(moved.words())
        .startsWith("10° of M8 through 20 mm is about ")
        .contains(", " + percent + " % of the clamp load at its target");
  }

  @Test
  void withoutWhatIsClampedNoLoadIsToldAndAllOfItIsNeverMoreThanAll() {
    assertThat(Movement.of(M8, 10, null, 22.0).lostN()).isNull();
    assertThat(Movement.of(M8, 10, null, 22.0).words()).contains("thickness of what is clamped");
    assertThat(Movement.of(M8, 10, 20.0, null).words()).doesNotContain("target");
    assertThat(Movement.of(M8, 720, 20.0, 22.0).words()).contains("all of the clamp load");
  }

  @ParameterizedTest
  @CsvSource({"0, 20", "1081, 20", "-1, 20", "10, 0", "10, 501"})
  void nonsenseIsRefused(double angle, double grip) {
    assertThatThrownBy(() -> Movement.of(M8, angle, grip, 22.0)).isInstanceOf(InvalidInput.class);
  }
}
