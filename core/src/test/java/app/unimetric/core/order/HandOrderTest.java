package app.unimetric.core.order;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.Seeded;
import app.unimetric.core.problem.InvalidInput;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class HandOrderTest {
  private static final List<String> ABC = List.of("a", "b", "c");
  private static final OrderRule A_FIRST = OrderRule.ofFinals("a", "c", "a locates");

  @Test
  void aMoveWithinTheRulesIsTaken() {
    HandOrder moved = HandOrder.move(ABC, List.of(A_FIRST), "b", 0);
    assertThat(moved.allowed()).isTrue();
    assertThat(moved.order()).containsExactly("b", "a", "c");
    assertThat(HandOrder.move(ABC, List.of(A_FIRST), "b", 2).order())
        .containsExactly("a", "c", "b");
  }

  @Test
  void aMoveAgainstARuleIsRefusedWithTheRuleAndChangesNothing() {
    HandOrder up = HandOrder.move(ABC, List.of(A_FIRST), "c", 0);
    assertThat(up.broken()).isEqualTo(A_FIRST);
    assertThat(up.order()).isEqualTo(ABC);
    assertThat(HandOrder.move(ABC, List.of(A_FIRST), "a", 2).broken()).isEqualTo(A_FIRST);
  }

  @Test
  void aMoveOfAnUnknownJointOrToAPlaceOutsideTheListIsRefused() {
    assertThatThrownBy(() -> HandOrder.move(ABC, List.of(), "x", 0))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("names no joint");
    assertThatThrownBy(() -> HandOrder.move(ABC, List.of(), "a", 3))
        .isInstanceOf(InvalidInput.class)
        .hasMessageContaining("from 0 to 2");
  }

  @Test
  void anOrderKeptFromEarlierHoldsOnlyForTheSameJointsAndRules() {
    assertThat(HandOrder.holds(List.of("b", "a", "c"), ABC, List.of(A_FIRST))).isTrue();
    assertThat(HandOrder.holds(List.of("c", "b", "a"), ABC, List.of(A_FIRST))).isFalse();
    assertThat(HandOrder.holds(List.of("a", "b"), ABC, List.of())).isFalse();
    assertThat(HandOrder.holds(List.of("a", "b", "b"), ABC, List.of())).isFalse();
    assertThat(HandOrder.holds(List.of(), ABC, List.of())).isFalse();
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void noRowOfMovesEverBreaksARule(Seeded.Case random) {
    List<String> order = new ArrayList<>();
    List<OrderRule> rules = new ArrayList<>();
    for (int i = 0; i < 2 + random.nextInt(12); i++) {
      for (String earlier : order) {
        if (random.nextInt(5) == 0) {
          rules.add(OrderRule.ofFinals(earlier, "j" + i, "because"));
        }
      }
      order.add("j" + i);
    }
    List<String> at = List.copyOf(order);
    for (int move = 0; move < 30; move++) {
      String id = at.get(random.nextInt(at.size()));
      HandOrder next = HandOrder.move(at, rules, id, random.nextInt(at.size()));
      assertThat(HandOrder.holds(next.order(), order, rules)).isTrue();
      at = next.order();
    }
  }
}
