package app.unimetric.core.thread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.problem.InvalidInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Threads by their own names; inch threads after ASME B1.1. */
class ThreadTextTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "1/4-20            | 6.35    | 1.27     | UN  |       | 1/4-20 UNC",
        "1/4-20 UNC        | 6.35    | 1.27     | UN  |       | 1/4-20 UNC",
        "1/4 unc           | 6.35    | 1.27     | UN  |       | 1/4-20 UNC",
        "1/4 UNF           | 6.35    | 0.907143 | UN  |       | 1/4-28 UNF",
        "5/16\"-18         | 7.9375  | 1.411111 | UN  |       | 5/16-18 UNC",
        "3/8 in x 24       | 9.525   | 1.058333 | UN  |       | 3/8-24 UNF",
        "#10-32            | 4.826   | 0.79375  | UN  |       | #10-32 UNF",
        "# 6-32            | 3.5052  | 0.79375  | UN  |       | #6-32 UNC",
        "3/4-10            | 19.05   | 2.54     | UN  |       | 3/4-10 UNC",
        "9/16 in x 18      | 14.2875 | 1.411111 | UN  |       | 9/16-18 UNF",
        "9/16 in × 20      | 14.2875 | 1.27     | ISO |       | 9/16 in × 20",
        "9/16 in × 20, left-hand | 14.2875 | 1.27 | ISO | LEFT | 9/16 in × 20",
        "1.375 in × 24, left-hand | 34.925 | 1.058333 | ISO | LEFT | 1.375 in × 24",
        "1.375 in x 24 tpi right | 34.925 | 1.058333 | ISO | RIGHT | 1.375 in × 24",
        "36 mm × 24 tpi    | 36      | 1.058333 | ISO |       | 36 mm × 24 tpi",
        "M10x1.25          | 10      | 1.25     | ISO |       | M10×1.25",
        "M20x1, left       | 20      | 1        | ISO | LEFT  | M20×1"
      })
  void byTheirOwnNames(
      String written, double d, double pitch, Profile profile, Hand hand, String shown) {
    ThreadText read = ThreadText.parse(written);
    assertThat(read.thread().nominalDiameterMm()).isCloseTo(d, within(1e-6));
    assertThat(read.thread().pitchMm()).isCloseTo(pitch, within(1e-6));
    assertThat(read.thread().profile()).isEqualTo(profile);
    assertThat(read.hand()).isEqualTo(hand);
    assertThat(read.thread().designation()).isEqualTo(shown);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"", "1/4", "1/4-21", "#7-32", "1.375 × 24", "1.375 in × 0", "1/0 in × 20", "left"})
  void whatIsNoThreadIsRefused(String written) {
    assertThatThrownBy(() -> ThreadText.parse(written)).isInstanceOf(InvalidInput.class);
  }

  @Test
  void everyThreadOfferedIsReadBackFromItsDesignation() {
    for (ThreadSeries offered : ThreadSeries.all()) {
      assertThat(ScrewThread.parse(offered.thread().designation()))
          .as(offered.name())
          .isEqualTo(offered.thread());
    }
  }

  /** A_t of ASME B1.1, in², to the digits of the table. */
  @ParameterizedTest
  @CsvSource({
    "#6-32, 0.00909",
    "#8-32, 0.0140",
    "#10-24, 0.0175",
    "#10-32, 0.0200",
    "1/4-20, 0.0318",
    "1/4-28, 0.0364",
    "5/16-18, 0.0524",
    "3/8-16, 0.0775",
    "7/16-14, 0.1063",
    "1/2-13, 0.1419",
    "9/16-12, 0.182",
    "5/8-11, 0.226",
    "3/4-10, 0.334",
    "3/4-16, 0.373"
  })
  void stressAreasOfTheInchStandard(String written, double squareInches) {
    double area = ScrewThread.parse(written).stressAreaMm2() / (25.4 * 25.4);
    assertThat(area).isCloseTo(squareInches, within(squareInches * 0.004));
  }

  /** The two ways to reckon differ by 1.8 % at 1/4-20. */
  @Test
  void eachStandardReckonsItsOwnStressArea() {
    ScrewThread inch = ScrewThread.parse("1/4-20");
    ScrewThread metric = ScrewThread.of(6.35, 1.27);
    assertThat(metric.stressAreaMm2() / inch.stressAreaMm2() - 1).isCloseTo(0.018, within(0.001));
    assertThat(inch.isCoarse()).isFalse();
    assertThat(inch.derivation().get(3).source()).isEqualTo("ASME B1.1, appendix B");
  }

  @Test
  void cupsAndPedalsClampNothing() {
    assertThat(
            ThreadSeries.all().stream()
                .filter(t -> ThreadSeries.clampsNothing(t.thread()))
                .map(ThreadSeries::name))
        .containsExactly(
            "M47×1",
            "M48.5×1",
            "9/16 in × 20, right pedal",
            "9/16 in × 20, left pedal",
            "1.375 in × 24, drive side",
            "1.375 in × 24, other side",
            "36 mm × 24 tpi");
  }
}
