package app.unimetric.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.Seeded;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class PrecedenceTest {
  private static OrderRule rule(String before, String after) {
    return OrderRule.ofFinals(before, after, "test");
  }

  @Test
  void keepsThePacksOwnOrderWhereNoRuleSpeaks() {
    assertThat(Precedence.order(List.of("c", "a", "b"), List.of()).order())
        .containsExactly("c", "a", "b");
  }

  @Test
  void aRingIsReportedWithTheStepsInItAndNoOthers() {
    Precedence.Result result =
        Precedence.order(
            List.of("a", "b", "c", "d"),
            List.of(rule("a", "b"), rule("b", "c"), rule("c", "b"), rule("c", "d")));
    assertThat(result.order()).isEmpty();
    assertThat(result.cycle()).containsExactlyInAnyOrder("b", "c");
  }

  @Test
  void aGroupCannotWaitForItself() {
    assertThat(Precedence.order(List.of("a"), List.of(rule("a", "a"))).cycle())
        .containsExactly("a");
  }

  @Test
  void rulesAboutOthersArePassedOver() {
    assertThat(Precedence.order(List.of("a"), List.of(rule("x", "a"), rule("a", "y"))).order())
        .containsExactly("a");
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void everyOrderIsAPermutationThatKeepsTheRulesOrARingThatIsOne(Seeded.Case random) {
    int count = 2 + random.nextInt(12);
    String[] ids = new String[count];
    for (int i = 0; i < count; i++) {
      ids[i] = "j" + i;
    }
    List<OrderRule> rules = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      rules.add(rule("j" + random.nextInt(count), "j" + random.nextInt(count)));
    }
    Precedence.Result result = Precedence.order(List.of(ids), rules);
    if (result.cycle().isEmpty()) {
      assertThat(result.order()).containsExactlyInAnyOrder(ids);
      for (OrderRule rule : rules) {
        assertThat(result.order().indexOf(rule.before()))
            .isLessThan(result.order().indexOf(rule.after()));
      }
      return;
    }
    assertThat(result.order()).isEmpty();
    assertThat(result.cycle()).doesNotHaveDuplicates();
    for (int i = 0; i < result.cycle().size(); i++) {
      String from = result.cycle().get(i);
      String to = result.cycle().get((i + 1) % result.cycle().size());
      assertThat(rules).anyMatch(r -> r.before().equals(from) && r.after().equals(to));
    }
  }
}
