package app.unimetric.core.stated;

import static app.unimetric.core.quantity.TorqueUnit.FOOT_POUND;
import static app.unimetric.core.quantity.TorqueUnit.NEWTON_METRE;
import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.joint.FrictionCondition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A value stated twice agrees when apart by no more than half the last digit of each. */
class AlsoStatedTest {
  private static StatedValue value(Statement statement, AlsoStated second) {
    return StatedValue.of(statement).from(Source.MANUAL, FrictionCondition.DRY).alsoStated(second);
  }

  /**
   * 1 ft·lbf = 1.355818 N·m, so half a digit of whole ft·lbf is 0.678 N·m. For 22 N·m they may be
   * apart by 0.5 + 0.678 = 1.178 N·m.
   */
  @ParameterizedTest
  @CsvSource({
    "22,   22,   16,   16,   true",
    "22,   22,   17,   17,   true",
    "22,   22,   15.4, 15.4, false",
    "22,   22,   15.9, 15.9, true",
    "22.0, 22.0, 15,   15,   false",
    "22.5, 22.5, 17,   17,   true",
    "22.3, 22.3, 17,   17,   false",
    "18,   18,   12,   12,   false",
    "20,   24,   15,   18,   true",
    "20,   24,   15,   19,   false",
    "20,   24,   14,   18,   true",
    "20,   24,   13,   18,   false",
    "20,   24,   15,   15,   true",
    "20,   24,   18,   18,   true",
    "20,   24,   16.2, 16.2, false"
  })
  void agreesWithinTheRoundingOfWhatIsWritten(
      double low, double high, double secondLow, double secondHigh, boolean agrees) {
    Statement.InTorque first =
        low == high
            ? new Statement.Value(low, NEWTON_METRE)
            : new Statement.Range(low, high, NEWTON_METRE);
    AlsoStated second = new AlsoStated(secondLow, secondHigh, FOOT_POUND);
    assertThat(second.agreesWith(first)).isEqualTo(agrees);
    StatedValue both = value(first, second);
    assertThat(both.agreesWithItself()).isEqualTo(agrees);
    assertThat(both.readAs()).hasSize(2);
    assertThat(both.readAs().get(1))
        .contains(agrees ? "agrees within its rounding" : "disagrees: one of the two is wrong");
  }

  @Test
  void isSaidAsItIsPrintedAndDropsOutWhenTheFirstIsReadOtherwise() {
    StatedValue both = value(new Statement.Value(22, NEWTON_METRE), AlsoStated.of(16, FOOT_POUND));
    assertThat(both.asPrinted()).isEqualTo("22 N·m (16 ft·lbf)");
    assertThat(both.readAs().get(0)).isEqualTo("Read as a value: 22 N·m.");
    StatedValue other = both.readIn(FOOT_POUND);
    assertThat(other.asPrinted()).isEqualTo("22 ft·lbf");
    assertThat(other.readAs()).containsExactly("Read as a value: 22 ft·lbf.");
    assertThat(other.source()).isEqualTo(Source.MANUAL);
    assertThat(other.agreesWithItself()).isTrue();
    StatedValue snug = StatedValue.of(new Statement.Snug());
    assertThat(snug.readIn(FOOT_POUND)).isSameAs(snug);
    assertThat(new AlsoStated(15, 18, FOOT_POUND).asStated()).isEqualTo("15–18 ft·lbf");
  }
}
