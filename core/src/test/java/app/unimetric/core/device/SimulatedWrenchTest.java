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
import org.junit.jupiter.params.provider.EnumSource;

class SimulatedWrenchTest {
  private record Done(List<Sample> read, Pull.End end) {
    Curve curve() {
      return Curve.of(read);
    }
  }

  private static Done pull(double speed, Fault fault, long seed, double startNm, double settingNm) {
    Pull pull = SimulatedWrench.of(20, speed, fault, seed).pull(startNm, settingNm);
    List<Sample> read = new ArrayList<>();
    for (Optional<Sample> next = pull.next(); next.isPresent(); next = pull.next()) {
      read.add(next.get());
    }
    return new Done(read, pull.end());
  }

  @ParameterizedTest
  @CsvSource({
    "NONE, SOUND, CLICKED",
    "CROSS_THREADED, CROSS_THREADED, CLICKED",
    "STRIPPED, STRIPPED, LET_GO",
    "BOTTOMED, BOTTOMED, CLICKED"
  })
  void everyFaultShowsInItsCurve(Fault fault, CurveShape shape, Pull.End end) {
    for (double settingNm : new double[] {6, 10, 20}) {
      for (double speed : new double[] {5, 20, 60, 120}) {
        for (long seed = 0; seed < 20; seed++) {
          Done done = pull(speed, fault, seed, 0, settingNm);
          String what = fault + " at " + settingNm + " N·m, " + speed + "°/s, seed " + seed;
          assertThat(done.end()).as(what).isEqualTo(end);
          assertThat(CurveShape.of(done.curve(), 0, List.of())).as(what).isEqualTo(shape);
        }
      }
    }
  }

  @ParameterizedTest
  @CsvSource({"5, 10", "10, 20", "15, 20", "19, 20"})
  void aLaterPassIsSoundBesideItsLike(double startNm, double settingNm) {
    for (long seed = 0; seed < 50; seed++) {
      Done done = pull(20, Fault.NONE, seed, startNm, settingNm);
      List<Curve> others = List.of(pull(20, Fault.NONE, seed + 100, startNm, settingNm).curve());
      assertThat(CurveShape.of(done.curve(), startNm, others))
          .as("seed " + seed)
          .isEqualTo(CurveShape.SOUND);
    }
  }

  @Test
  void clicksAtItsSettingAndGoesFurtherTheFasterItIsPulled() {
    double before = 20;
    for (double speed : new double[] {5, 20, 60, 180}) {
      Curve curve = pull(speed, Fault.NONE, 7, 0, 20).curve();
      assertThat(curve.peakNm()).as("at " + speed + "°/s").isGreaterThan(before);
      before = curve.peakNm();
    }
    assertThat(pull(5, Fault.NONE, 7, 0, 20).curve().peakNm()).isCloseTo(20, within(0.6));
    assertThat(before).isGreaterThan(22);
  }

  @Test
  void theSameSeedPullsTheSameWayAndAnotherDoesNot() {
    assertThat(pull(20, Fault.NONE, 1, 0, 12)).isEqualTo(pull(20, Fault.NONE, 1, 0, 12));
    assertThat(pull(20, Fault.NONE, 1, 0, 12)).isNotEqualTo(pull(20, Fault.NONE, 2, 0, 12));
  }

  @ParameterizedTest
  @CsvSource({"BATTERY, BATTERY_EMPTY", "DROP_OUT, DROPPED_OUT"})
  void aWrenchThatFallsSilentHasReadNothing(Fault fault, Pull.End end) {
    for (double startNm : new double[] {0, 10}) {
      Done done = pull(20, fault, 3, startNm, 20);
      assertThat(done.end()).isEqualTo(end);
      assertThat(end.isReading()).isFalse();
      assertThat(done.curve().peakNm()).isLessThan(15);
    }
  }

  @ParameterizedTest
  @EnumSource(Pull.End.class)
  void everyEndSaysSomething(Pull.End end) {
    assertThat(end.words()).endsWith(".");
    assertThat(end.isReading()).isEqualTo(end == Pull.End.CLICKED || end == Pull.End.LET_GO);
  }

  @Test
  void timeAndAngleOnlyGoOn() {
    List<Sample> read = pull(20, Fault.NONE, 5, 0, 20).read();
    for (int i = 1; i < read.size(); i++) {
      assertThat(read.get(i).atMs()).isGreaterThan(read.get(i - 1).atMs());
      assertThat(read.get(i).angleDeg()).isGreaterThan(read.get(i - 1).angleDeg());
    }
    assertThat(read).hasSizeBetween(100, 1000);
  }

  @Test
  void aSpeedNobodyPullsAtIsRefused() {
    assertThatThrownBy(() -> SimulatedWrench.of(20, 4.9, Fault.NONE, 1))
        .isInstanceOf(InvalidInput.class);
    assertThatThrownBy(() -> SimulatedWrench.of(20, 361, Fault.NONE, 1))
        .isInstanceOf(InvalidInput.class);
    assertThatThrownBy(() -> SimulatedWrench.of(0, 20, Fault.NONE, 1))
        .isInstanceOf(InvalidInput.class);
    assertThat(SimulatedWrench.of(20, 20, Fault.NONE, 1).name()).isEqualTo("Simulated wrench");
  }
}
