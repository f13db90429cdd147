package app.unimetric.core.tool;

import static app.unimetric.core.quantity.TorqueUnit.NEWTON_METRE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.tool.Setting.Status;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The setting, pinned: nominal inside first, then least spill, then nearest the aim, then lower.
 */
class SettingTableTest {
  private static TorqueTool adjustable(double min, double max, Double percent, Double graduation) {
    return new TorqueTool(min, max, percent, graduation, NEWTON_METRE, List.of());
  }

  @ParameterizedTest
  @CsvSource({
    // band, aim, span, deviation %, graduation → figure, status, spill % and what arrives
    "18,  22,   20,  5, 25, 4, 0.5,  20,    INSIDE, 0,      19.2,  20.8",
    "18,  22,   22,  5, 25, 4, 0.5,  21,    INSIDE, 0,      20.16, 21.84",
    "18,  22,   18,  5, 25, 4, 0.5,  19,    INSIDE, 0,      18.24, 19.76",
    "9.6, 10.4, 10,  5, 25, 4, 0.5,  10,    INSIDE, 0,      9.6,   10.4",
    "9.7, 10.3, 10,  5, 25, 4, 0.5,  10,    SPILLS, 1.0309, 9.6,   10.4",
    "10,  11,   10.5,5, 25, 0, 1,    10,    INSIDE, 0,      10,    10",
    "10.1,10.9, ,    5, 25, 4, 1,    10,    NO_MARK,4.9505, 9.6,   10.4",
    "0,   10,   ,    5, 25, 4, 5,    5,     INSIDE, 0,      4.8,   5.2",
    "4,   5.5,  ,    5, 25, 4, 0.5,  5,     INSIDE, 0,      4.8,   5.2",
    "24,  30,   ,    5, 25, 4, 0.5,  25,    INSIDE, 0,      24,    26",
    "18,  22,   20,  5, 25, 4, ,     20,    INSIDE, 0,      19.2,  20.8",
    "18,  22,   22,  5, 25, 4, ,     21.1538,INSIDE,0,      20.3077, 22",
    "18,  22,   18,  5, 25, 4, ,     18.75, INSIDE, 0,      18,    19.5",
    "9.5, 9.6,  9.5, 5, 25, 4, ,     9.5518,SPILLS, 3.4779, 9.1697, 9.9339"
  })
  void theBestMarkIsChosen(
      double low,
      double high,
      Double aim,
      double min,
      double max,
      double percent,
      Double graduation,
      double figure,
      Status status,
      double spillPercent,
      double lowNm,
      double highNm) {
    Setting s =
        Setting.choose(
            TorqueBand.of(low, high), aim, null, adjustable(min, max, percent, graduation), null);
    assertThat(s.reading().figure()).isCloseTo(figure, within(1e-3));
    assertThat(s.status()).isEqualTo(status);
    assertThat(s.spillPercent()).isCloseTo(spillPercent, within(1e-3));
    assertThat(s.applied().lowNm()).isCloseTo(lowNm, within(1e-3));
    assertThat(s.applied().highNm()).isCloseTo(highNm, within(1e-3));
    assertThat(s.isPossible()).isEqualTo(status != Status.NO_MARK);
    assertThat(s.withinBand()).isEqualTo(status == Status.INSIDE);
  }

  @ParameterizedTest
  @CsvSource({"25.1, 30, larger", "40,   50, larger", "1,  4.9, smaller"})
  void aBandBeyondTheTrustedSpanNamesTheOtherTool(double low, double high, String word) {
    Setting s =
        Setting.choose(TorqueBand.of(low, high), null, null, adjustable(5, 25, null, 0.5), null);
    assertThat(s.status()).isEqualTo(Status.OUT_OF_RANGE);
    assertThat(s.isPossible()).isFalse();
    assertThat(s.settingNm()).isNull();
    assertThat(s.reasons())
        .singleElement()
        .asString()
        .contains("Take a " + word + " tool", "5", "25");
  }

  @ParameterizedTest
  @CsvSource({"25, 30, 25", "1, 5, 5"})
  void aBandThatTouchesTheSpanIsMet(double low, double high, double figure) {
    Setting s =
        Setting.choose(TorqueBand.of(low, high), null, null, adjustable(5, 25, null, 0.5), null);
    assertThat(s.reading().figure()).isEqualTo(figure);
    assertThat(s.isPossible()).isTrue();
  }

  /** The aim of a band without one is its middle; of two marks as near as each other the lower. */
  @ParameterizedTest
  @CsvSource({
    "4 5 6,   4.5 5.5, 5, INSIDE",
    "4 5 6,   4.3 5.7, 5, INSIDE",
    "4 6,     3.5 6.5, 4, INSIDE",
    "6 4,     3.5 6.5, 4, INSIDE",
    "4 5 6,   5.2 5.6, 5, NO_MARK"
  })
  void presetsOfferOnlyTheirValues(String presets, String band, double figure, Status status) {
    List<Double> values = Arrays.stream(presets.split(" ")).map(Double::valueOf).toList();
    String[] ends = band.split(" ");
    Setting s =
        Setting.choose(
            TorqueBand.of(Double.parseDouble(ends[0]), Double.parseDouble(ends[1])),
            null,
            null,
            new TorqueTool(4, 6, 4.0, null, NEWTON_METRE, values),
            null);
    assertThat(s.reading().figure()).isEqualTo(figure);
    assertThat(s.status()).isEqualTo(status);
  }

  @Test
  void aToolWhoseMarksAllLieBelowItsTrustedSpanHasNone() {
    Setting s =
        Setting.choose(TorqueBand.of(22, 24), null, null, adjustable(21, 24, null, 20.0), null);
    assertThat(s.status()).isEqualTo(Status.NO_MARK);
    assertThat(s.reading()).isNull();
    assertThat(s.reasons()).containsExactly("The tool has no mark in its trusted span.");
  }

  /** The most the deviation may reach is the maximum itself. */
  @ParameterizedTest
  @CsvSource({"5.3, false", "5.29, true", ", false"})
  void aPartsMaximumHoldsForTheDeviationToo(Double maximum, boolean over) {
    Setting s =
        Setting.choose(TorqueBand.of(4.5, 5.5), 5.0, maximum, adjustable(2, 10, 6.0, 0.5), null);
    assertThat(s.overMaximum()).isEqualTo(over);
    assertThat(s.reasons().stream().anyMatch(r -> r.contains("do not use it here")))
        .isEqualTo(over);
  }

  @Test
  void throughAnAdapterTheScaleReadsWhatArrivesDividedByTheLever() {
    Setting s =
        Setting.choose(
            TorqueBand.of(10, 12),
            11.0,
            null,
            adjustable(5, 25, 4.0, 0.5),
            new Adapter(250, 35, 0));
    assertThat(s.reading().figure()).isEqualTo(9.5);
    assertThat(s.applied().nominalNm()).isCloseTo(10.83, within(1e-9));
    assertThat(s.applied().highNm()).isCloseTo(11.2632, within(1e-9));
    assertThat(s.handleForceN()).isCloseTo(38, within(1e-9));
    assertThat(s.reasons()).last().asString().contains("reads 9.5 N·m while 10.83 N·m arrive");
    assertThat(s.derivation())
        .extracting(d -> d.symbol())
        .containsExactly("a", "(L + E·cos θ)/L", "T_set", "T_low", "T_high");
    assertThat(s.derivation().get(0).value()).isEqualTo(4);
    Setting stepless =
        Setting.choose(
            TorqueBand.of(10, 12),
            11.4,
            null,
            adjustable(5, 25, 4.0, null),
            new Adapter(250, 35, 0));
    assertThat(stepless.reading().figure()).isCloseTo(10, within(1e-9));
  }

  @Test
  void withoutAnAdapterNoPullIsClaimed() {
    Setting s =
        Setting.choose(TorqueBand.of(18, 22), 20.0, null, adjustable(5, 25, 4.0, 0.5), null);
    assertThat(s.handleForceN()).isNull();
    assertThat(s.derivation())
        .extracting(d -> d.symbol())
        .containsExactly("a", "T_set", "T_low", "T_high");
    assertThat(s.reasons()).singleElement().asString().startsWith("Set here");
  }

  @Test
  void saysHowFarItSpillsAndWhenNoMarkFits() {
    Setting spills =
        Setting.choose(TorqueBand.of(9.7, 10.3), 10.0, null, adjustable(5, 25, 4.0, 0.5), null);
    assertThat(spills.reasons())
        .singleElement()
        .asString()
        .contains("± 4 %", "can reach 1.03 % beyond");
    Setting none =
        Setting.choose(TorqueBand.of(10.1, 10.9), null, null, adjustable(5, 25, 4.0, 1.0), null);
    assertThat(none.reasons()).singleElement().asString().startsWith("No mark of this tool");
  }

  @Test
  void aBandOfNothingIsRefused() {
    assertThatThrownBy(
            () ->
                Setting.choose(
                    TorqueBand.of(0, 0), null, null, adjustable(5, 25, null, null), null))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("bandMaxNm");
  }
}
