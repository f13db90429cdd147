package app.unimetric.core.device;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CurveShapeTest {
  /** Run down, a seat at 90°, then straight to 20 N·m within the given turn from nothing. */
  private static String straight(double turnDeg) {
    return "0:0 90:0 " + (90 + turnDeg) + ":20";
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        // Fell to nine tenths within 5° of turn, or not.
        "0:0 90:0 130:20 135:18|STRIPPED",
        "0:0 90:0 130:20 135:18.1|SOUND",
        "0:0 90:0 130:20 134.9:18|SOUND",
        // From 15 % of the torque to the torque: half a turn, or more.
        "0:0 90:0 300:20|SOUND",
        "0:0 90:0 303:20|CROSS_THREADED",
        // A nut that drags all the way down drags; that is no torque of its seat.
        "0:4 400:4 440:20|SOUND",
        // From 30 % to the whole, 4° or less.
        "0:0 90:0 95.8:20|SOUND",
        "0:0 90:0 95.6:20|BOTTOMED",
      })
  void whatStandsByItself(String curve, CurveShape shape) {
    assertThat(CurveShape.of(Curve.parse(curve), 0, List.of())).isEqualTo(shape);
  }

  @ParameterizedTest
  @CsvSource({"16.1,SOUND", "15.9,BOTTOMED", "99,SOUND", "101,YIELDED"})
  void againstTheOthersOfItsPass(double turnDeg, CurveShape shape) {
    List<Curve> others =
        List.of(Curve.parse(straight(38)), Curve.parse(straight(40)), Curve.parse(straight(42)));
    assertThat(CurveShape.of(Curve.parse(straight(turnDeg)), 0, others)).isEqualTo(shape);
    assertThat(CurveShape.of(Curve.parse(straight(turnDeg)), 0, List.of()))
        .isEqualTo(CurveShape.SOUND);
  }

  @Test
  void ofAFastenerAlmostThereTheRestTellsTooLittle() {
    Curve short20 = Curve.parse("0:0 1:17.2 1.5:20");
    assertThat(CurveShape.of(short20, 17.1, List.of())).isEqualTo(CurveShape.SOUND);
    assertThat(CurveShape.of(short20, 16.9, List.of())).isEqualTo(CurveShape.BOTTOMED);
  }

  @Test
  void theBreakawayOfALaterPassIsNoTurn() {
    // 10 N·m were there; 20° more for the other 10.
    Curve later = Curve.parse("0:0 1:10 21:20");
    assertThat(CurveShape.of(later, 10, List.of(Curve.parse("0:0 1.2:10 22:20"))))
        .isEqualTo(CurveShape.SOUND);
    assertThat(CurveShape.of(Curve.parse("0:0 1:10 5:20"), 10, List.of(later)))
        .isEqualTo(CurveShape.BOTTOMED);
  }

  @Test
  void everyOneThatIsNotSoundSaysWhatToDo() {
    assertThat(CurveShape.SOUND.words()).isEmpty();
    for (CurveShape shape : CurveShape.values()) {
      if (shape != CurveShape.SOUND) {
        assertThat(shape.words()).as(shape.name()).containsPattern("Take it out|Turn it back out");
      }
    }
  }
}
