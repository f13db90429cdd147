package app.unimetric.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.Seeded;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToIntFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class SettingOrderTest {
  private static OrderRule rule(String before, String after) {
    return OrderRule.ofFinals(before, after, "test");
  }

  private static boolean keeps(List<String> order, List<OrderRule> rules) {
    return rules.stream().allMatch(r -> order.indexOf(r.before()) < order.indexOf(r.after()));
  }

  @Test
  void gathersWhatNeedsTheSameSetting() {
    Map<String, String> settings = new LinkedHashMap<>();
    settings.put("a", "10");
    settings.put("b", "22");
    settings.put("c", "10");
    settings.put("d", null);
    settings.put("e", "22");
    SettingOrder order = SettingOrder.of(settings, List.of(rule("a", "b")));
    assertThat(order.changes()).isEqualTo(1);
    assertThat(order.isProvedLeast()).isTrue();
    assertThat(order.order()).containsExactlyInAnyOrder("a", "b", "c", "d", "e");
  }

  @Test
  void whatNeedsNoToolKeepsThePacksOwnOrderWithinItsRules() {
    Map<String, String> settings = new LinkedHashMap<>();
    settings.put("a", null);
    settings.put("b", null);
    settings.put("c", null);
    SettingOrder order = SettingOrder.of(settings, List.of(rule("c", "a")));
    assertThat(order).isEqualTo(new SettingOrder(List.of("b", "c", "a"), 0, 0));
  }

  @Test
  void whatARuleFreesIsDoneWhileTheSettingIsInHand() {
    Map<String, String> settings = new LinkedHashMap<>();
    settings.put("a", "10");
    settings.put("b", "10");
    settings.put("c", "20");
    SettingOrder order = SettingOrder.of(settings, List.of(rule("b", "a"), rule("a", "c")));
    assertThat(order).isEqualTo(new SettingOrder(List.of("b", "a", "c"), 1, 1));
    assertThat(order.isProvedLeast()).isTrue();
    assertThat(new SettingOrder(List.of("b", "a", "c"), 2, 1).isProvedLeast()).isFalse();
  }

  @Test
  void aRingHasNoOrder() {
    Map<String, String> settings = new LinkedHashMap<>();
    settings.put("a", "1");
    settings.put("b", "2");
    List<OrderRule> ring = List.of(rule("a", "b"), rule("b", "a"));
    assertThat(SettingOrder.of(settings, ring)).isEqualTo(new SettingOrder(List.of(), 0, 0));
  }

  /** Left and right, a hub then a wheel each: one side is closed before the other is begun. */
  @Test
  void anAssemblyIsFinishedBeforeAnotherIsBegunWhateverItCosts() {
    Map<String, String> settings = new LinkedHashMap<>();
    settings.put("hub left", "120");
    settings.put("hub right", "120");
    settings.put("wheel left", "60");
    settings.put("wheel right", "60");
    List<OrderRule> rules =
        List.of(
            new OrderRule("hub left", "wheel left", Binding.HANG, "test"),
            new OrderRule("hub right", "wheel right", Binding.HANG, "test"));
    Map<String, String> sides =
        Map.of("hub left", "l", "wheel left", "l", "hub right", "r", "wheel right", "r");
    Assemblies blocks = Assemblies.of(settings.keySet(), sides, rules);
    assertThat(blocks.count()).isEqualTo(4);
    SettingOrder order = SettingOrder.of(settings, rules, blocks);
    assertThat(order.order()).containsExactly("hub left", "wheel left", "hub right", "wheel right");
    assertThat(order.changes()).isEqualTo(3);
    assertThat(order.atLeast()).isEqualTo(3);
    assertThat(SettingOrder.of(settings, rules).changes()).as("mixed").isEqualTo(1);
  }

  @Test
  void whatIsNearestIsNotAlwaysLeast() {
    Map<String, String> settings = new LinkedHashMap<>();
    settings.put("a", "1");
    settings.put("b", "2");
    settings.put("c", "1");
    settings.put("d", "2");
    settings.put("e", "1");
    List<OrderRule> rules = List.of(rule("b", "c"), rule("c", "d"));
    SettingOrder order = SettingOrder.of(settings, rules);
    assertThat(order.changes()).isEqualTo(2);
    assertThat(keeps(order.order(), rules)).isTrue();
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void isAsFewAsBruteForceFindsOnSmallCases(Seeded.Case random) {
    int count = 2 + random.nextInt(6);
    Map<String, String> settings = new LinkedHashMap<>();
    for (int i = 0; i < count; i++) {
      settings.put("j" + i, random.nextInt(6) == 0 ? null : "s" + random.nextInt(3));
    }
    List<OrderRule> rules = rules(random, count, 0.3);
    SettingOrder order = SettingOrder.of(settings, rules);
    assertThat(keeps(order.order(), rules)).isTrue();
    assertThat(order.order()).containsExactlyInAnyOrderElementsOf(settings.keySet());
    int least = least(new ArrayList<>(), new LinkedHashSet<>(settings.keySet()), rules, settings);
    assertThat(order.changes()).isEqualTo(least);
    assertThat(order.atLeast()).isEqualTo(least);
  }

  /** Kept together, then as few changes as there can be: no better row by trying all. */
  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void blocksStayTogetherAndNoOtherRowOfThemChangesLess(Seeded.Case random) {
    int count = 2 + random.nextInt(6);
    Map<String, String> settings = new LinkedHashMap<>();
    Map<String, String> named = new LinkedHashMap<>();
    for (int i = 0; i < count; i++) {
      settings.put("j" + i, random.nextInt(6) == 0 ? null : "s" + random.nextInt(3));
      named.put("j" + i, "a" + random.nextInt(3));
    }
    List<OrderRule> rules =
        rules(random, count, 0.2).stream()
            .map(
                r ->
                    new OrderRule(
                        r.before(),
                        r.after(),
                        random.nextInt(4) == 0 ? Binding.TOUCH : Binding.FINAL,
                        r.reason()))
            .toList();
    Assemblies blocks = Assemblies.of(settings.keySet(), named, rules);
    SettingOrder order = SettingOrder.of(settings, rules, blocks);
    assertThat(keeps(order.order(), rules)).isTrue();
    assertThat(inOnePiece(order.order(), blocks::blockOf)).isTrue();
    assertThat(inOnePiece(order.order(), blocks::wholeOf)).isTrue();
    List<List<String>> all = new ArrayList<>();
    rows(new ArrayList<>(), new LinkedHashSet<>(settings.keySet()), rules, all);
    int least =
        all.stream()
            .filter(row -> inOnePiece(row, blocks::blockOf))
            .filter(row -> inOnePiece(row, blocks::wholeOf))
            .mapToInt(row -> SettingOrder.changes(row, settings))
            .min()
            .orElseThrow();
    assertThat(order.changes()).isEqualTo(least);
    assertThat(order.atLeast()).isEqualTo(least);
  }

  private static boolean inOnePiece(List<String> row, ToIntFunction<String> group) {
    Set<Integer> closed = new LinkedHashSet<>();
    for (int i = 1; i < row.size(); i++) {
      int before = group.applyAsInt(row.get(i - 1));
      if (before != group.applyAsInt(row.get(i))) {
        closed.add(before);
      }
      if (closed.contains(group.applyAsInt(row.get(i)))) {
        return false;
      }
    }
    return true;
  }

  private static void rows(
      List<String> done, Set<String> left, List<OrderRule> rules, List<List<String>> all) {
    if (left.isEmpty()) {
      all.add(List.copyOf(done));
    }
    for (String id : List.copyOf(left)) {
      if (rules.stream().noneMatch(r -> r.after().equals(id) && left.contains(r.before()))) {
        left.remove(id);
        done.add(id);
        rows(done, left, rules, all);
        done.remove(done.size() - 1);
        left.add(id);
      }
    }
  }

  /**
   * So many that time runs out on the way: what is gathered until then stands, the rest follows.
   */
  @Test
  @Timeout(60)
  void endsWithAWholeRowWhenTimeRunsOutOnTheWay() {
    Seeded.Case random = Seeded.cases().toList().get(0);
    Map<String, String> settings = new LinkedHashMap<>();
    List<OrderRule> rules = new ArrayList<>();
    for (int i = 0; i < 400; i++) {
      settings.put("j" + i, "s" + random.nextInt(40));
      if (i > 0) {
        rules.add(rule("j" + random.nextInt(i), "j" + i));
      }
    }
    Assemblies blocks = Assemblies.of(settings.keySet(), Map.of(), rules);
    SettingOrder order = SettingOrder.of(settings, rules, blocks);
    assertThat(keeps(order.order(), rules)).isTrue();
    assertThat(order.order()).containsExactlyInAnyOrderElementsOf(settings.keySet());
    int own = SettingOrder.changes(List.copyOf(settings.keySet()), settings);
    assertThat(order.changes()).isLessThan(own).isGreaterThanOrEqualTo(order.atLeast());
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void neverChangesMoreOftenThanThePacksOwnOrder(Seeded.Case random) {
    int count = 20 + random.nextInt(40);
    Map<String, String> settings = new LinkedHashMap<>();
    for (int i = 0; i < count; i++) {
      settings.put("j" + i, "s" + random.nextInt(10));
    }
    List<OrderRule> rules = rules(random, count, 0.03);
    SettingOrder order = SettingOrder.of(settings, rules);
    assertThat(keeps(order.order(), rules)).isTrue();
    assertThat(order.order()).hasSize(count);
    assertThat(order.changes())
        .isLessThanOrEqualTo(SettingOrder.changes(List.copyOf(settings.keySet()), settings))
        .isGreaterThanOrEqualTo(order.atLeast());
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void isProvedForUpToSixteenGroupsOfEqualSetting(Seeded.Case random) {
    int count = 16 + random.nextInt(25);
    Map<String, String> settings = new LinkedHashMap<>();
    for (int i = 0; i < count; i++) {
      settings.put("j" + i, "s" + random.nextInt(16));
    }
    SettingOrder order = SettingOrder.of(settings, rules(random, count, 2.0 / count));
    assertThat(order.isProvedLeast()).as("%s", order).isTrue();
  }

  @Test
  void aChainThatComesBackToASettingNeedsItAgain() {
    Map<String, String> settings = new LinkedHashMap<>();
    List<OrderRule> rules = new ArrayList<>();
    for (int i = 0; i < 40; i++) {
      settings.put("j" + i, i % 2 == 0 ? "a" : "b");
      if (i > 0) {
        rules.add(rule("j" + (i - 1), "j" + i));
      }
    }
    SettingOrder order = SettingOrder.of(settings, rules);
    assertThat(order.changes()).isEqualTo(39);
    assertThat(order.isProvedLeast()).isTrue();
  }

  /** Rules from lower to higher numbers only: never a ring. */
  private static List<OrderRule> rules(Seeded.Case random, int count, double share) {
    List<OrderRule> rules = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      for (int j = i + 1; j < count; j++) {
        if (random.nextDouble() < share) {
          rules.add(rule("j" + i, "j" + j));
        }
      }
    }
    return rules;
  }

  private static int least(
      List<String> done, Set<String> left, List<OrderRule> rules, Map<String, String> settings) {
    if (left.isEmpty()) {
      return SettingOrder.changes(done, settings);
    }
    int least = Integer.MAX_VALUE;
    for (String id : List.copyOf(left)) {
      boolean free =
          rules.stream().noneMatch(r -> r.after().equals(id) && left.contains(r.before()));
      if (free) {
        left.remove(id);
        done.add(id);
        least = Math.min(least, least(done, left, rules, settings));
        done.remove(done.size() - 1);
        left.add(id);
      }
    }
    return least;
  }
}
