package app.unimetric.core.pack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.problem.InvalidInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MeasureTest {
  private static final Measure PADS =
      new Measure("pad thickness", "mm", 1.5, null, "groove in the pad");
  private static final Measure GAP = new Measure("gap", "mm", 2.0, 4.0, null);

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "1.4 | BELOW",
        "1,49 mm left, 2 right | BELOW",
        "1.5 | WITHIN",
        "3 mm | WITHIN",
        "3, as it was | WITHIN",
        "1, worn | BELOW",
        "1.2.3 | NOTED",
        "1-3 mm | NOTED",
        "-1 | BELOW",
        "thin | NOTED"
      })
  void isJudgedByTheFigureThatStandsFirst(String found, Measure.Judged standing) {
    assertThat(PADS.standing(found)).isEqualTo(standing);
  }

  @Test
  void bothLimitsCount() {
    assertThat(GAP.standing("1.9")).isEqualTo(Measure.Judged.BELOW);
    assertThat(GAP.standing("4")).isEqualTo(Measure.Judged.WITHIN);
    assertThat(GAP.standing("4.1")).isEqualTo(Measure.Judged.ABOVE);
    assertThat(new Measure("play", "mm", null, null, null).standing("9"))
        .isEqualTo(Measure.Judged.NOTED);
  }

  @Test
  void asksForAFigureOnlyWhereItHasAUnit() {
    assertThat(GAP.accepts("about right")).isFalse();
    assertThat(GAP.accepts("3,2 mm")).isTrue();
    assertThat(GAP.accepts("1.2.3")).isFalse();
    assertThat(GAP.accepts("3/16 in")).isFalse();
    assertThat(GAP.accepts("10-12 mm")).isFalse();
    assertThat(GAP.accepts("3 mm - left 2 mm")).isTrue();
    assertThat(Measure.of("which side").accepts("left")).isTrue();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "42.5 both sides | 42 | WITHIN",
        "12,4 | 12.9 mm | WITHIN",
        "12.4 | 13 | ABOVE",
        "12.4 | 11.8 | BELOW",
        "left | 11.8 | NOTED",
        "12.4 | as before | NOTED"
      })
  void whatIsLeftIsHeldAgainstWhatWasFound(String found, String left, Measure.Judged standing) {
    Measure reach = new Measure("lever reach", "mm", null, null, null, 0.5);
    assertThat(reach.cameBack(found, left)).isEqualTo(standing);
    assertThat(PADS.cameBack(found, left)).isEqualTo(Measure.Judged.NOTED);
    assertThat(reach.withinWords()).isEqualTo("within ± 0.5 mm");
  }

  @Test
  void saysItsLimits() {
    assertThat(PADS.words()).isEqualTo("pad thickness, mm (at least 1.5 mm; groove in the pad)");
    assertThat(GAP.limitWords()).isEqualTo("2 to 4 mm");
    assertThat(new Measure("runout", "mm", null, 0.25, null).limitWords())
        .isEqualTo("at most 0.25 mm");
    assertThat(Measure.of("adjuster marks").words()).isEqualTo("adjuster marks");
  }

  @Test
  void aLimitNeedsItsUnitAndItsEndsInOrder() {
    assertThatThrownBy(() -> new Measure("gap", null, 1.0, null, null))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("unit");
    assertThatThrownBy(() -> new Measure("gap", "mm", 4.0, 2.0, null))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("above max");
    assertThatThrownBy(() -> new Measure("roll", null, null, null, null, 1.0))
        .isInstanceOf(InvalidInput.class);
  }
}
