package app.unimetric.core.tool;

import static app.unimetric.core.quantity.TorqueUnit.FOOT_POUND;
import static app.unimetric.core.quantity.TorqueUnit.NEWTON_METRE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.core.Seeded;
import app.unimetric.core.problem.InvalidInput;
import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.thread.Hand;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class SettingTest {
  private static final TorqueTool MEDIUM =
      new TorqueTool(5, 25, null, 0.5, NEWTON_METRE, List.of());
  private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);

  private static Setting choose(TorqueBand band, TorqueTool tool) {
    return Setting.choose(band, null, null, tool, null);
  }

  @Test
  void setsTheMarkNearestTheAim() {
    Setting s = Setting.choose(TorqueBand.of(18, 22), 20.0, null, MEDIUM, null);
    assertThat(s.status()).isEqualTo(Setting.Status.INSIDE);
    assertThat(s.reading().figure()).isEqualTo(20);
    assertThat(s.applied().lowNm()).isCloseTo(19.2, within(1e-9));
    assertThat(s.applied().highNm()).isCloseTo(20.8, within(1e-9));
  }

  @Test
  void readsInTheToolsOwnUnit() {
    TorqueTool american = new TorqueTool(13.6, 108, 4.0, 1.0, FOOT_POUND, List.of());
    Setting s = Setting.choose(TorqueBand.of(52.25, 57.75), 55.0, null, american, null);
    assertThat(s.reading().figure()).isEqualTo(41);
    assertThat(s.settingNm()).isCloseTo(55.588, within(0.001));
  }

  @Test
  void aNarrowBandSpillsAndSaysByHowMuch() {
    Setting s =
        choose(
            TorqueBand.of(9.5, 10.5), new TorqueTool(2, 10, null, 0.25, NEWTON_METRE, List.of()));
    assertThat(s.status()).isEqualTo(Setting.Status.SPILLS);
    assertThat(s.spillPercent()).isCloseTo(1.053, within(0.01));
    assertThat(s.withinBand()).isFalse();
  }

  @Test
  void noMarkAndOutOfRangeAreTold() {
    TorqueTool coarse = new TorqueTool(5, 25, null, 5.0, NEWTON_METRE, List.of());
    assertThat(choose(TorqueBand.of(11, 14), coarse).status()).isEqualTo(Setting.Status.NO_MARK);
    assertThat(choose(TorqueBand.of(40, 50), MEDIUM).status())
        .isEqualTo(Setting.Status.OUT_OF_RANGE);
    assertThat(choose(TorqueBand.of(1, 2), MEDIUM).reading()).isNull();
  }

  @Test
  void presetsOfferOnlyTheirValues() {
    TorqueTool presets = new TorqueTool(4, 6, 4.0, null, NEWTON_METRE, List.of(4.0, 5.0, 6.0));
    assertThat(choose(TorqueBand.of(4.5, 5.5), presets).reading().figure()).isEqualTo(5);
    assertThat(choose(TorqueBand.of(5.2, 5.6), presets).status()).isEqualTo(Setting.Status.NO_MARK);
  }

  @Test
  void aCrowfootLowersTheScaleReading() {
    Adapter crowfoot = new Adapter(250, 35, 0);
    Setting s = Setting.choose(TorqueBand.of(10, 12), 11.0, null, MEDIUM, crowfoot);
    assertThat(s.reading().figure()).isEqualTo(9.5);
    assertThat(s.applied().nominalNm()).isCloseTo(9.5 * 285 / 250, within(1e-9));
    assertThat(s.handleForceN()).isCloseTo(38, within(1e-9));
    assertThat(new Adapter(250, 35, 90).factor()).isEqualTo(1);
  }

  @Test
  void aPartsMaximumIsNotPassedUnnoticed() {
    Setting s =
        Setting.choose(
            TorqueBand.of(4, 5),
            4.9,
            5.0,
            new TorqueTool(2, 10, null, null, NEWTON_METRE, List.of()),
            null);
    assertThat(s.overMaximum()).isFalse();
    Setting close =
        Setting.choose(
            TorqueBand.of(4.9, 5),
            5.0,
            5.0,
            new TorqueTool(2, 10, null, null, NEWTON_METRE, List.of()),
            null);
    assertThat(close.overMaximum()).isTrue();
  }

  @Test
  void nonsenseToolsAreRefused() {
    assertThatThrownBy(() -> new TorqueTool(10, 5, null, null, NEWTON_METRE, List.of()))
        .isInstanceOf(InvalidInput.class);
    assertThatThrownBy(() -> new TorqueTool(1, 5000, null, 1e-9, NEWTON_METRE, List.of()))
        .hasMessageContaining("graduation");
    assertThatThrownBy(() -> new Adapter(100, 100, 180)).isInstanceOf(InvalidInput.class);
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void aSettingNeverLeavesTheBandUnnoticed(Seeded.Case random) {
    double low = random.between(1, 80);
    TorqueBand band = TorqueBand.of(low, low * random.between(1, 1.4));
    double min = random.between(0.5, 40);
    Double graduation = random.nextBoolean() ? null : random.between(0.1, 4);
    TorqueTool tool =
        new TorqueTool(
            min,
            min * random.between(1.5, 6),
            random.between(1, 6),
            graduation,
            random.nextBoolean() ? NEWTON_METRE : FOOT_POUND,
            List.of());
    Adapter adapter =
        random.nextBoolean()
            ? null
            : new Adapter(250, random.between(0, 60), random.between(-90, 90));
    Setting s = Setting.choose(band, null, null, tool, adapter);
    if (s.applied() == null) {
      assertThat(s.status()).isIn(Setting.Status.OUT_OF_RANGE, Setting.Status.NO_MARK);
      return;
    }
    boolean nominalIn = band.contains(s.applied().nominalNm());
    boolean allIn = band.contains(s.applied().lowNm()) && band.contains(s.applied().highNm());
    assertThat(s.withinBand()).isEqualTo(allIn);
    assertThat(s.status() == Setting.Status.NO_MARK).isEqualTo(!nominalIn);
    assertThat(s.spillPercent() > 0).isEqualTo(!allIn);
    assertThat(s.settingNm()).isBetween(tool.minNm() * (1 - 1e-9), tool.maxNm() * (1 + 1e-9));
  }

  @Test
  void theCribIsRankedAndRefusalsSayWhy() {
    CribTool expired = tool("old", MEDIUM, LocalDate.of(2025, 1, 1), 10);
    CribTool fresh = tool("fresh", MEDIUM, LocalDate.of(2026, 1, 1), 10);
    CribTool large =
        tool("large", new TorqueTool(40, 200, null, 1.0, NEWTON_METRE, List.of()), TODAY, 0);
    List<ToolChoice> choices =
        ToolChoice.rank(
            TorqueBand.of(18, 22),
            20.0,
            null,
            true,
            Hand.RIGHT,
            List.of(large, expired, fresh),
            TODAY);
    assertThat(choices).extracting(c -> c.tool().id()).containsExactly("fresh", "old", "large");
    assertThat(choices.get(1).usable()).isFalse();
    assertThat(choices.get(1).reasons())
        .anyMatch(r -> r.contains("Out of calibration since 2026-01-01"));
    assertThat(choices.get(2).reasons()).anyMatch(r -> r.contains("smaller"));
    assertThat(
            ToolChoice.rank(
                    TorqueBand.of(18, 22), 20.0, null, false, Hand.RIGHT, List.of(expired), TODAY)
                .get(0)
                .usable())
        .isTrue();
  }

  @Test
  void calibrationEndsByDateOrByUse() {
    assertThat(tool("t", MEDIUM, LocalDate.of(2025, 5, 4), 0).inCalibration(TODAY)).isFalse();
    assertThat(tool("t", MEDIUM, LocalDate.of(2025, 5, 5), 0).inCalibration(TODAY)).isTrue();
    assertThat(tool("t", MEDIUM, LocalDate.of(2026, 5, 1), 5000).inCalibration(TODAY)).isFalse();
    assertThat(tool("t", MEDIUM, null, 0).inCalibration(TODAY)).isFalse();
  }

  private static CribTool tool(String id, TorqueTool tool, LocalDate calibrated, int cycles) {
    return new CribTool(id, id, ToolType.CLICK, tool, calibrated, cycles, null);
  }
}
