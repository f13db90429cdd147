package app.unimetric.core.tool;

import static app.unimetric.core.quantity.TorqueUnit.NEWTON_METRE;
import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.thread.Hand;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class ToolChoiceTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);
  private static final LocalDate FRESH = LocalDate.of(2026, 1, 1);
  private static final LocalDate OLD = LocalDate.of(2025, 1, 1);
  private static final TorqueBand BAND = TorqueBand.of(18, 22);

  private static CribTool tool(
      String id, double min, double max, Double percent, Double graduation, LocalDate calibrated) {
    return new CribTool(
        id,
        id,
        ToolType.CLICK,
        new TorqueTool(min, max, percent, graduation, NEWTON_METRE, List.of()),
        calibrated,
        10,
        null);
  }

  private static List<ToolChoice> rank(boolean critical, Double maximum, CribTool... crib) {
    return ToolChoice.rank(BAND, 20.0, maximum, critical, Hand.RIGHT, Arrays.asList(crib), TODAY);
  }

  private static List<String> ids(List<ToolChoice> choices) {
    return choices.stream().map(c -> c.tool().id()).toList();
  }

  /** Usable, then how it sits, calibration, spill, distance from the aim, size, name. */
  @Test
  void eachCriterionDecidesOnlyWhereThoseBeforeItAreEven() {
    CribTool spills = tool("a", 5, 25, 12.0, 0.5, FRESH);
    CribTool inside = tool("b", 5, 25, 4.0, 0.5, FRESH);
    assertThat(ids(rank(false, null, spills, inside))).containsExactly("b", "a");

    CribTool insideOld = tool("a", 5, 25, 4.0, 0.5, OLD);
    assertThat(ids(rank(false, null, insideOld, inside))).containsExactly("b", "a");
    assertThat(ids(rank(false, null, spills, insideOld)))
        .as("how it sits weighs more than the calibration of a joint that is not critical")
        .containsExactly("a", "a");
    assertThat(rank(false, null, spills, insideOld).get(0).setting().status())
        .isEqualTo(Setting.Status.INSIDE);

    CribTool spillsLess = tool("b", 5, 25, 11.0, 0.5, FRESH);
    assertThat(ids(rank(false, null, spills, spillsLess))).containsExactly("b", "a");

    CribTool offAim = tool("a", 5, 25, 0.5, 7.0, FRESH);
    CribTool onAim = tool("b", 5, 25, 4.0, 0.5, FRESH);
    assertThat(ids(rank(false, null, offAim, onAim))).containsExactly("b", "a");

    CribTool large = tool("a", 5, 50, 4.0, 0.5, FRESH);
    assertThat(ids(rank(false, null, large, inside))).containsExactly("b", "a");

    CribTool same = tool("c", 5, 25, 4.0, 0.5, FRESH);
    assertThat(ids(rank(false, null, same, inside))).containsExactly("b", "c");
  }

  @Test
  void anExpiredToolIsRefusedOnACriticalJointAndOnlyWarnedOfElsewhere() {
    CribTool expired = tool("old", 5, 25, null, 0.5, OLD);
    ToolChoice critical = rank(true, null, expired).get(0);
    assertThat(critical.usable()).isFalse();
    assertThat(critical.calibrated()).isFalse();
    assertThat(critical.reasons())
        .last()
        .isEqualTo("Out of calibration since 2026-01-01. It is refused on a critical joint.");
    ToolChoice other = rank(false, null, expired).get(0);
    assertThat(other.usable()).isTrue();
    assertThat(other.reasons()).last().asString().contains("may still be used");
    assertThat(rank(true, null, tool("n", 5, 25, null, 0.5, null)).get(0).reasons())
        .last()
        .asString()
        .startsWith("No calibration is on file.");
    CribTool worn = new CribTool("w", "w", ToolType.CLICK, expired.tool(), FRESH, 5000, null);
    assertThat(rank(true, null, worn).get(0).reasons())
        .last()
        .asString()
        .startsWith("Out of calibration: 5000 uses since the last one.");
  }

  @Test
  void aToolThatCanPassAPartsMaximumIsRefused() {
    CribTool inside = tool("a", 5, 25, 4.0, 0.5, FRESH);
    assertThat(rank(false, 20.8, inside).get(0).usable()).isTrue();
    assertThat(rank(false, 20.7, inside).get(0).usable()).isFalse();
    assertThat(rank(false, null, inside).get(0).reasons()).hasSize(1);
  }

  @Test
  void aRefusedToolComesLastHoweverWellItSits() {
    CribTool expired = tool("a", 5, 25, 4.0, 0.5, OLD);
    CribTool spills = tool("b", 5, 25, 12.0, 0.5, FRESH);
    CribTool outOfRange = tool("c", 40, 200, null, 1.0, FRESH);
    assertThat(ids(rank(true, null, outOfRange, expired, spills))).containsExactly("b", "a", "c");
    assertThat(rank(true, null, outOfRange).get(0).usable()).isFalse();
  }

  @Test
  void withoutAnAimTheMiddleOfTheBandIsAimedAt() {
    CribTool tool = tool("a", 5, 25, 4.0, null, FRESH);
    assertThat(
            ToolChoice.rank(BAND, null, null, false, Hand.RIGHT, List.of(tool), TODAY)
                .get(0)
                .setting()
                .settingNm())
        .isEqualTo(20);
  }

  @Test
  void aToolOutOfUseIsRefusedEverywhereAndOneNotRatedOnLeftHandThreads() {
    TorqueTool fine = new TorqueTool(5, 25, 4.0, 0.5, NEWTON_METRE, List.of());
    CribTool out =
        new CribTool("o", "O", ToolType.CLICK, fine, TODAY, 0, null, true, "dropped on a day");
    CribTool right = new CribTool("r", "R", ToolType.CLICK, fine, TODAY, 0, null, false, null);
    List<ToolChoice> onRight =
        ToolChoice.rank(BAND, 20.0, null, false, Hand.RIGHT, List.of(out, right), TODAY);
    assertThat(onRight).extracting(c -> c.tool().id()).containsExactly("r", "o");
    assertThat(onRight).extracting(ToolChoice::usable).containsExactly(true, false);
    assertThat(onRight.get(1).reasons()).contains("Out of use: dropped on a day.");
    ToolChoice onLeft =
        ToolChoice.rank(BAND, 20.0, null, false, Hand.LEFT, List.of(right), TODAY).get(0);
    assertThat(onLeft.usable()).isFalse();
    assertThat(onLeft.reasons()).anySatisfy(w -> assertThat(w).contains("left-handed"));
  }
}
