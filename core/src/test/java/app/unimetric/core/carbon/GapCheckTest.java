package app.unimetric.core.carbon;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.sequence.GapStyle;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GapCheckTest {
  private static List<Double> gaps(String text) {
    return Arrays.stream(text.split(" ")).map(Double::valueOf).toList();
  }

  /** Even to 0.3 mm; closed is what the 0.05 mm feeler does not enter. */
  @ParameterizedTest
  @CsvSource({
    "EVEN,               2 2.3 2.1 2.2,    0.3,  true",
    "EVEN,               2 2.31 2.1 2.2,   0.31, false",
    "EVEN,               0 0.3,            0.3,  true",
    "CLOSE_TOP_FIRST,    0 0.05 3.1 3.0,   0.1,  true",
    "CLOSE_TOP_FIRST,    0 0.06 3.1 3.0,   0.1,  false",
    "CLOSE_TOP_FIRST,    0 0 3.31 3.0,     0.31, false",
    "CLOSE_TOP_FIRST,    0 0.05 3,         0,    true",
    "CLOSE_TOP_FIRST,    0 0.06 3,         0,    false",
    "CLOSE_BOTTOM_FIRST, 3.1 3.0 0.05 0,   0.1,  true",
    "CLOSE_BOTTOM_FIRST, 0 0.05 3.1 3.0,   0.05, false",
    "FULL_CONTACT,       0 0 0.05 0,       0,    true",
    "FULL_CONTACT,       0 0 0.06 0,       0,    false"
  })
  void theGapsAreJudgedByTheirStyle(GapStyle style, String text, double difference, boolean even) {
    GapCheck check = GapCheck.of(gaps(text), style);
    assertThat(check.even()).isEqualTo(even);
    assertThat(check.differenceMm()).isCloseTo(difference, within(1e-9));
    assertThat(check.reasons().contains("The plate has closed as it is meant to.")).isEqualTo(even);
    assertThat(check.derivation().value()).isEqualTo(check.differenceMm());
    assertThat(check.derivation().formula()).contains("0.3");
  }

  @ParameterizedTest
  @CsvSource({
    "CLOSE_TOP_FIRST,    0.2 0 3 3, The top is to close metal to metal and still gapes 0.20 mm",
    "CLOSE_BOTTOM_FIRST, 3 3 0 0.2, The bottom is to close metal to metal and still gapes 0.20 mm",
    "FULL_CONTACT,       0 0 0 0.2, The whole plate is to close metal to metal and still gapes",
    "EVEN,               2 2.4,     The gaps differ by 0.40 mm; at most 0.3 is even."
  })
  void saysWhatIsWrongAndWhatToDo(GapStyle style, String text, String words) {
    assertThat(GapCheck.of(gaps(text), style).reasons())
        .singleElement()
        .asString()
        .startsWith(words);
  }

  @Test
  void tooFewTooManyAndImpossibleGapsAreRefused() {
    assertThatThrownBy(() -> GapCheck.of(List.of(1.0), GapStyle.EVEN))
        .hasMessageContaining("2 to 16");
    assertThatThrownBy(() -> GapCheck.of(Collections.nCopies(17, 1.0), GapStyle.EVEN))
        .isInstanceOf(InvalidInput.class);
    assertThatThrownBy(() -> GapCheck.of(List.of(1.0, -0.1), GapStyle.EVEN))
        .hasMessageContaining("gapsMm[1]");
    assertThat(GapCheck.of(Collections.nCopies(16, 50.0), GapStyle.EVEN).even()).isTrue();
  }
}
