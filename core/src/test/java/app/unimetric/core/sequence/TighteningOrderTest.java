package app.unimetric.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.order.OrderRule;
import app.unimetric.core.order.Precedence;
import app.unimetric.core.order.SettingOrder;
import app.unimetric.core.problem.InvalidInput;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class TighteningOrderTest {
  static IntStream counts() {
    return IntStream.rangeClosed(1, TighteningOrder.MOST_FASTENERS);
  }

  @ParameterizedTest
  @MethodSource("counts")
  void everyPassMeetsEveryFastenerOnce(int count) {
    Integer[] all = IntStream.rangeClosed(1, count).boxed().toArray(Integer[]::new);
    for (Layout layout : Layout.values()) {
      for (Pass pass : TighteningOrder.passes(count, layout, null, null)) {
        assertThat(pass.order()).containsExactlyInAnyOrder(all);
      }
    }
  }

  @ParameterizedTest
  @MethodSource("counts")
  void noTwoNeighboursInARowOnACircleOfFiveOrMore(int count) {
    List<Integer> order = TighteningOrder.cross(count);
    for (int i = 1; count >= 5 && i < order.size(); i++) {
      int apart = Math.floorMod(order.get(i) - order.get(i - 1), count);
      assertThat(apart)
          .as("%s after %s of %s", order.get(i), order.get(i - 1), count)
          .isNotIn(1, count - 1);
    }
  }

  @Test
  void badRequestsNameTheirField() {
    assertThatThrownBy(() -> TighteningOrder.passes(0, Layout.ROW, null, null))
        .hasMessageContaining("count");
    assertThatThrownBy(
            () -> TighteningOrder.passes(4, Layout.ROW, null, List.of(30.0, 20.0, 100.0)))
        .hasMessageContaining("passesPercent[1]");
    assertThatThrownBy(() -> TighteningOrder.passes(4, Layout.ROW, null, List.of(90.0)))
        .hasMessageContaining("end at 100");
    assertThatThrownBy(() -> TighteningOrder.passes(4, Layout.ROW, GapStyle.EVEN, null))
        .isInstanceOf(InvalidInput.class);
  }

  @Test
  void precedenceIsKeptWithFewToolChanges() {
    Map<String, String> groups = new LinkedHashMap<>();
    groups.put("a", "small");
    groups.put("b", "large");
    groups.put("c", "small");
    groups.put("d", "large");
    List<OrderRule> rules = List.of(OrderRule.ofFinals("d", "a", "locates first"));
    assertThat(SettingOrder.of(groups, rules).order()).containsExactly("b", "d", "a", "c");
  }

  @Test
  void aRingOfRulesIsReportedWithItsSteps() {
    List<String> groups = List.of("a", "b", "c", "d");
    List<OrderRule> rules =
        List.of(
            OrderRule.ofFinals("b", "c", ""),
            OrderRule.ofFinals("c", "d", ""),
            OrderRule.ofFinals("d", "b", ""),
            OrderRule.ofFinals("b", "a", ""));
    Precedence.Result result = Precedence.order(groups, rules);
    assertThat(result.order()).isEmpty();
    assertThat(result.cycle()).containsExactlyInAnyOrder("b", "c", "d");
    assertThat(result.cycle().indexOf("c")).isEqualTo((result.cycle().indexOf("b") + 1) % 3);
  }
}
