package app.unimetric.core.tool;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.quantity.TorqueBand;
import app.unimetric.core.quantity.TorqueUnit;
import app.unimetric.core.thread.Hand;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Which torques of the shop nobody can set. */
class CoverageTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 5, 4);
  private static final TorqueTool TWO_TO_25 =
      new TorqueTool(2, 25, 4.0, 0.5, TorqueUnit.NEWTON_METRE, List.of());

  private static CribTool tool(boolean leftHand, String out) {
    return new CribTool(
        "t", "Click", ToolType.CLICK, TWO_TO_25, LocalDate.of(2026, 1, 1), 10, null, leftHand, out);
  }

  private static Coverage.Need need(double min, double max, Hand hand) {
    return new Coverage.Need(TorqueBand.of(min, max), null, null, true, hand, min + " to " + max);
  }

  @Test
  void gapsAreToldWithTheOneToolThatClosesMostOfThem() {
    Coverage c =
        Coverage.of(
            List.of(
                need(9, 11, Hand.RIGHT),
                need(38, 46, Hand.RIGHT),
                need(90, 110, Hand.RIGHT),
                need(27, 33, Hand.RIGHT),
                need(0.4, 0.6, Hand.RIGHT)),
            List.of(tool(true, null)),
            TODAY);
    assertThat(c.covered()).isEqualTo(1);
    assertThat(c.gaps())
        .extracting(Coverage.Need::where)
        .containsExactly("0.4 to 0.6", "27.0 to 33.0", "38.0 to 46.0", "90.0 to 110.0");
    // 20 to 100 closes 27–33, 38–46 and 90–110; nothing closes more, and nothing smaller as much
    assertThat(c.advice()).isEqualTo(new Coverage.Advice(20, 100, 3, 4, false));
  }

  @Test
  void aToolThatIsOutOrDoesNotTurnLeftCoversNothingThere() {
    List<Coverage.Need> left = List.of(need(9, 11, Hand.LEFT));
    assertThat(Coverage.of(left, List.of(tool(true, null)), TODAY).gaps()).isEmpty();
    Coverage unrated = Coverage.of(left, List.of(tool(false, null)), TODAY);
    assertThat(unrated.gaps()).hasSize(1);
    assertThat(unrated.advice().leftHand()).isTrue();
    assertThat(
            Coverage.of(List.of(need(9, 11, Hand.RIGHT)), List.of(tool(true, "dropped")), TODAY)
                .gaps())
        .hasSize(1);
  }

  @Test
  void aBandTheToolCanLeaveIsTightAndNoGap() {
    Coverage c =
        Coverage.of(List.of(need(9.9, 10.1, Hand.RIGHT)), List.of(tool(true, null)), TODAY);
    assertThat(c.gaps()).isEmpty();
    assertThat(c.tight()).hasSize(1);
    assertThat(c.advice()).isNull();
  }
}
