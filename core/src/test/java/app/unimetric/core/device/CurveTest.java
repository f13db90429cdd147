package app.unimetric.core.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.problem.InvalidInput;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CurveTest {
  @Test
  void isThinnedButKeepsItsPeakAndItsEnd() {
    List<Sample> read = new ArrayList<>();
    for (int ms = 0; ms < 5000; ms++) {
      read.add(new Sample(ms, ms / 50.0, ms == 3333 ? 30 : ms / 250.0));
    }
    Curve curve = Curve.of(read);
    assertThat(curve.points()).hasSizeBetween(80, 120);
    assertThat(curve.peakNm()).isEqualTo(30);
    assertThat(curve.peakDeg()).isEqualTo(3333 / 50.0);
    assertThat(curve.end()).isEqualTo(new Curve.Point(4999 / 50.0, 4999 / 250.0));
    assertThat(curve.angleAtDeg(10)).isCloseTo(50, within(1.0));
  }

  @Test
  void isReadAsItWasWritten() {
    Curve curve = Curve.parse("0:0.1 12.5:8.4 20:8.4");
    assertThat(curve.points())
        .containsExactly(
            new Curve.Point(0, 0.1), new Curve.Point(12.5, 8.4), new Curve.Point(20, 8.4));
    assertThat(curve.written()).isEqualTo("0:0.1 12.5:8.4 20:8.4");
    assertThat(Curve.of(List.of(new Sample(0, -0.01, -0.2), new Sample(10, 0.26, 1.005))).written())
        .isEqualTo("0:0 0.3:1.01");
  }

  @Test
  void tellsAnglesBetweenItsPoints() {
    Curve curve = Curve.parse("0:0 10:0 20:10 30:10");
    assertThat(curve.angleAtDeg(5)).isEqualTo(15);
    assertThat(curve.angleAtDeg(10)).isEqualTo(20);
    assertThat(curve.angleAtDeg(11)).as("never reached").isEqualTo(30);
    assertThat(curve.peakDeg()).isEqualTo(20);
    assertThat(Curve.parse("0:1 10:3 20:2 40:9").runDownNm()).isEqualTo(3);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "0:1",
        "0:1 1",
        "0:1 :2",
        "0:1 2:",
        "5:1 4:2",
        "0:-1 1:2",
        "0:1 36001:2",
        "0:1 1:1e9",
        "0:1 1:NaN",
        "NaN:1 1:1",
        "0:1  1:2"
      })
  void whatIsNoCurveIsRefused(String text) {
    assertThatThrownBy(() -> Curve.parse(text)).isInstanceOf(InvalidInput.class);
  }

  @Test
  void holdsNoMoreThanCanBeSeen() {
    String most = IntStream.range(0, 120).mapToObj(i -> i + ":1").collect(Collectors.joining(" "));
    assertThat(Curve.parse(most).points()).hasSize(120);
    assertThatThrownBy(() -> Curve.parse(most + " 120:1")).isInstanceOf(InvalidInput.class);
  }
}
