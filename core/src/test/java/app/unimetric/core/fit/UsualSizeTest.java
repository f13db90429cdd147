package app.unimetric.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.quantity.Inch;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class UsualSizeTest {
  @ParameterizedTest
  @CsvSource({
    "SHELL_68, SHELL, 68, 34.8",
    "SHELL_86_5, SHELL, 86.5, 41",
    "SPINDLE_24_22, SPINDLE, 24, 22",
    "STEERER_1_1_2, STEERER, 28.6, 38.1",
    "AXLE_12_1_75, AXLE, 12, 1.75",
  })
  void isWhatItsNameSays(UsualSize size, UsualSize.Of what, double firstMm, double secondMm) {
    assertThat(size.what()).isEqualTo(what);
    assertThat(size.firstMm()).isEqualTo(firstMm);
    assertThat(size.secondMm()).isEqualTo(secondMm);
  }

  @ParameterizedTest
  @EnumSource(UsualSize.class)
  void isSpokenOfByItsFirstFigure(UsualSize size) {
    String spoken = size.spoken().replace("1-1/8", "1.125").replace("1-1/4", "1.25");
    double named = Double.parseDouble(spoken.replaceAll("[^0-9.].*", "").replaceAll("\\.$", ""));
    double mm = size.what() == UsualSize.Of.STEERER && named < 5 ? named * Inch.MM : named;
    // Steerers are called by the inch they nearly are.
    boolean halves = spoken.startsWith("1-1/2");
    assertThat(halves ? size.firstMm() : mm).isCloseTo(size.firstMm(), within(0.1));
  }

  @Test
  void noTwoAreAlike() {
    assertThat(Arrays.stream(UsualSize.values()).map(UsualSize::spoken)).doesNotHaveDuplicates();
  }
}
