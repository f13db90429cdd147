package app.unimetric.core.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.problem.InvalidInput;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TriedPullTest {
  private static TriedPull pull(double speed, Fault fault, long seed, double settingNm) {
    Pull pull = SimulatedWrench.of(settingNm, speed, fault, seed).pull(settingNm, settingNm);
    List<Sample> read = new ArrayList<>();
    for (Optional<Sample> next = pull.next(); next.isPresent(); next = pull.next()) {
      read.add(next.get());
    }
    return TriedPull.of(Curve.of(read), settingNm);
  }

  @ParameterizedTest
  @CsvSource({"NONE, false", "SETTLED, true"})
  void whatIsTightClicksAndWhatSettledMoves(Fault fault, boolean moved) {
    for (double settingNm : new double[] {6, 20, 110}) {
      for (double speed : new double[] {5, 8, 20, 60, 180}) {
        for (long seed = 0; seed < 20; seed++) {
          TriedPull tried = pull(speed, fault, seed, settingNm);
          assertThat(tried.moved())
              .as(
                  fault
                      + " at "
                      + settingNm
                      + " N·m, "
                      + speed
                      + "°/s, seed "
                      + seed
                      + ": "
                      + tried)
              .isEqualTo(moved);
        }
      }
    }
  }

  /** 10 N·m a degree while it winds up, to 80 N·m; then 1 N·m a degree. */
  @ParameterizedTest
  @CsvSource({
    "0:0 3:30 8:80 10:100, 0, false",
    "0:0 3:30 8:80 11.9:100, 1.9, false",
    "0:0 3:30 8:80 12:100, 2, true",
    "0:0 3:30 8:80 28:100, 18, true",
    "0:0 3:30 8:80 28:100 90:140, 18, true",
    "0:0 9:90 10:100, 0, false",
    "0:0 3:30 8:80 60:85, 51.5, true",
  })
  void windingUpIsNoMovement(String curve, double degrees, boolean moved) {
    TriedPull tried = TriedPull.of(Curve.parse(curve), 100);
    assertThat(tried.movedDeg()).isEqualTo(degrees, within(1e-9));
    assertThat(tried.moved()).isEqualTo(moved);
  }

  @Test
  void aPullThatNeverBegan() {
    assertThat(TriedPull.of(Curve.parse("0:0 0:0"), 20).moved()).isFalse();
    assertThatThrownBy(() -> TriedPull.of(Curve.parse("0:0 1:1"), 0))
        .isInstanceOf(InvalidInput.class);
  }
}
