package app.unimetric.core.order;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.Seeded;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class AssembliesTest {
  private static OrderRule rule(String before, String after, Binding binding) {
    return new OrderRule(before, after, binding, "test");
  }

  private static boolean together(Assemblies blocks, String one, String other) {
    return blocks.blockOf(one) == blocks.blockOf(other);
  }

  /** Three joints in a row, a before b before c, and which of them are done together. */
  @ParameterizedTest
  @CsvSource({
    "FINAL, FINAL, true,  true",
    "TOUCH, FINAL, false, true",
    "FINAL, TOUCH, true,  false",
    "HANG,  FINAL, false, true",
    "TOUCH, TOUCH, false, false"
  })
  void whatMayOnlyBeTouchedLaterIsABlockOfItsOwn(
      Binding first, Binding second, boolean ab, boolean bc) {
    Assemblies blocks =
        Assemblies.of(
            List.of("a", "b", "c"),
            Map.of(),
            List.of(rule("a", "b", first), rule("b", "c", second)));
    assertThat(together(blocks, "a", "b")).isEqualTo(ab);
    assertThat(together(blocks, "b", "c")).isEqualTo(bc);
    assertThat(together(blocks, "a", "c")).isEqualTo(ab && bc);
  }

  @Test
  void namedAssembliesStandApartAndStayWholeWhateverWaitsOutside() {
    Map<String, String> named = Map.of("a", "left", "b", "right", "c", "right");
    Assemblies blocks =
        Assemblies.of(List.of("a", "b", "c"), named, List.of(rule("a", "b", Binding.TOUCH)));
    assertThat(blocks.count()).isEqualTo(2);
    assertThat(together(blocks, "b", "c")).isTrue();
  }

  @Test
  void assembliesThatWaitForEachOtherAreGatheredByWhatMustBeFinishedBefore() {
    Map<String, String> named = Map.of("a", "x", "d", "x", "b", "y", "c", "y");
    Assemblies blocks =
        Assemblies.of(
            List.of("a", "b", "c", "d"),
            named,
            List.of(rule("a", "b", Binding.TOUCH), rule("c", "d", Binding.TOUCH)));
    assertThat(together(blocks, "a", "c")).isTrue();
    assertThat(together(blocks, "b", "d")).isTrue();
    assertThat(together(blocks, "a", "b")).isFalse();
  }

  @ParameterizedTest
  @MethodSource("app.unimetric.core.Seeded#cases")
  void blocksNeverWaitForEachOtherInARing(Seeded.Case random) {
    int count = 3 + random.nextInt(12);
    List<String> ids = IntStream.range(0, count).mapToObj(i -> "j" + i).toList();
    List<OrderRule> rules = new ArrayList<>();
    Map<String, String> named = new HashMap<>();
    for (int i = 0; i < count; i++) {
      named.put("j" + i, "assembly " + random.nextInt(4));
      for (int j = i + 1; j < count; j++) {
        if (random.nextInt(4) == 0) {
          rules.add(rule("j" + i, "j" + j, Binding.values()[random.nextInt(3)]));
        }
      }
    }
    Assemblies blocks = Assemblies.of(ids, named, rules);
    Map<String, String> settings = new LinkedHashMap<>();
    ids.forEach(id -> settings.put(id, "one"));
    List<String> order = SettingOrder.of(settings, rules, blocks).order();
    assertThat(order).containsExactlyInAnyOrderElementsOf(ids);
    assertThat(rules).allMatch(r -> order.indexOf(r.before()) < order.indexOf(r.after()));
    assertThat(order.stream().map(blocks::blockOf).toList())
        .as("each block in one piece")
        .satisfies(
            row -> {
              List<Integer> pieces = new ArrayList<>();
              row.forEach(
                  b -> {
                    if (pieces.isEmpty() || !pieces.get(pieces.size() - 1).equals(b)) {
                      pieces.add(b);
                    }
                  });
              assertThat(pieces).doesNotHaveDuplicates();
            });
    for (OrderRule rule : rules) {
      if (rule.binding() != Binding.FINAL) {
        assertThat(together(blocks, rule.before(), rule.after())).isFalse();
      }
    }
  }
}
