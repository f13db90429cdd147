package app.unimetric.core.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.fit.Runout;
import app.unimetric.core.problem.InvalidInput;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DialReadingTest {
  private static DialReading turned(DialFault fault, double limitMm, long seed) {
    DialTurn turn = SimulatedDial.of(limitMm, fault, seed).turn();
    List<DialSample> read = new ArrayList<>();
    for (var next = turn.next(); next.isPresent(); next = turn.next()) {
      read.add(next.get());
    }
    return DialReading.of(read, turn.isWhole(), limitMm);
  }

  @ParameterizedTest
  @CsvSource({
    "NONE, 0.10, TRUE",
    "NONE, 0.30, TRUE",
    "LEANS, 0.10, WOBBLE",
    "LEANS, 0.30, WOBBLE",
    "DENTED, 0.10, WARPED",
    "DENTED, 0.30, WARPED"
  })
  void tellsWhatIsWrongWithThePart(DialFault fault, double limitMm, Runout.Verdict verdict) {
    for (long seed = 1; seed <= 20; seed++) {
      DialReading reading = turned(fault, limitMm, seed);
      assertThat(reading.runout()).as(reading.words()).isNotNull();
      assertThat(reading.runout().verdict()).as("seed %s", seed).isEqualTo(verdict);
      assertThat(Double.parseDouble(reading.typed()) > limitMm)
          .as("seed %s: %s", seed, reading.words())
          .isEqualTo(verdict != Runout.Verdict.TRUE);
      assertThat(reading.words()).startsWith(reading.typed() + " mm over one turn");
    }
  }

  @ParameterizedTest
  @CsvSource({"FOOT_MOVED, foot moved", "NOT_HEARD, not heard once round"})
  void takesNothingOverWhereTheGaugeFailed(DialFault fault, String words) {
    for (long seed = 1; seed <= 20; seed++) {
      DialReading reading = turned(fault, 0.1, seed);
      assertThat(reading.runout()).isNull();
      assertThat(reading.typed()).isNull();
      assertThat(reading.words()).contains("Nothing was taken over").contains(words);
    }
  }

  /** A part that runs true under a gauge that creeps. */
  private static List<DialSample> creeps(double mm, double upToDeg) {
    List<DialSample> read = new ArrayList<>();
    for (int deg = 0; deg <= upToDeg; deg++) {
      read.add(new DialSample(deg * 10, deg, mm * deg / 360));
    }
    return read;
  }

  @Test
  void comesBackToWhereItBeganWithinTwoHundredths() {
    assertThat(DialReading.of(creeps(0.0199, 365), true, 0.1).typed()).isEqualTo("0.02");
    assertThat(DialReading.of(creeps(0.0201, 365), true, 0.1).typed()).isNull();
    assertThat(DialReading.of(creeps(0, 360), true, 0.1).typed()).isEqualTo("0.00");
    assertThat(DialReading.of(creeps(0, 359), true, 0.1).typed()).isNull();
    assertThat(DialReading.of(creeps(0, 360), false, 0.1).typed()).isNull();
    assertThat(DialReading.of(List.of(), true, 0.1).typed()).isNull();
  }

  @Test
  void judgesNothingWithoutALimit() {
    String words = DialReading.of(creeps(0, 360), true, null).words();
    assertThat(words).endsWith("is left.");
    assertThatThrownBy(() -> DialReading.of(creeps(0, 360), true, 0.0))
        .isInstanceOf(InvalidInput.class);
    assertThatThrownBy(() -> SimulatedDial.of(0, DialFault.NONE, 1))
        .isInstanceOf(InvalidInput.class);
  }

  @Test
  void theSameSeedReadsTheSame() {
    assertThat(turned(DialFault.NONE, 0.2, 7)).isEqualTo(turned(DialFault.NONE, 0.2, 7));
    assertThat(SimulatedDial.of(0.2, DialFault.NONE, 7).name()).isEqualTo("Simulated dial gauge");
  }
}
