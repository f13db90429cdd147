package app.unimetric.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.core.pack.SamplePack;
import app.unimetric.core.sequence.Precedence;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which of two joints comes first, by what they are for; pinned. */
class GeneralRulesTest {
  private static final String ADJUST = "what sets preload or play";
  private static final String LOCK = "a lock nut is tightened last";

  private static List<Precedence.Rule> rules(String pair, String plate, boolean own) {
    Map<String, Object> document = SamplePack.document();
    document.put(
        "order",
        own
            ? SamplePack.list(Map.of("before", "plate", "after", "pair", "reason", "Own."))
            : List.of());
    SamplePack.jointOf(document, 0).put("role", pair);
    SamplePack.jointOf(document, 1).put("role", plate);
    return GeneralRules.with(SamplePack.read(document));
  }

  /** The roles of the pair and of the plate; which comes first, and why. */
  @ParameterizedTest
  @CsvSource({
    "CLAMP,  CLAMP,  ,      ",
    "ADJUST, ADJUST, ,      ",
    "PIVOT,  PIVOT,  ,      ",
    "LOCK,   LOCK,   ,      ",
    "ADJUST, CLAMP,  pair,  ADJUST",
    "CLAMP,  ADJUST, plate, ADJUST",
    "ADJUST, LOCK,   pair,  LOCK",
    "LOCK,   ADJUST, plate, LOCK",
    "PIVOT,  LOCK,   pair,  LOCK",
    "LOCK,   PIVOT,  plate, LOCK",
    "PIVOT,  CLAMP,  ,      ",
    "CLAMP,  LOCK,   ,      ",
    "ADJUST, PIVOT,  ,      "
  })
  void theRolesOrderTwoJoints(String pair, String plate, String first, String reason) {
    List<Precedence.Rule> rules = rules(pair, plate, false);
    if (first == null) {
      assertThat(rules).isEmpty();
      return;
    }
    assertThat(rules).hasSize(1);
    assertThat(rules.get(0).before()).isEqualTo(first);
    assertThat(rules.get(0).after()).isEqualTo(first.equals("pair") ? "plate" : "pair");
    assertThat(rules.get(0).reason()).contains(reason.equals("ADJUST") ? ADJUST : LOCK);
  }

  @ParameterizedTest
  @CsvSource({"ADJUST, CLAMP", "CLAMP, ADJUST", "PIVOT, LOCK"})
  void aPacksOwnRuleStandsAboveThem(String pair, String plate) {
    assertThat(rules(pair, plate, true))
        .containsExactly(new Precedence.Rule("plate", "pair", "Own."));
  }
}
