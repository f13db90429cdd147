package app.unimetric.core.photograph;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.core.bench.EntryTime;
import app.unimetric.core.bench.RunSheet;
import app.unimetric.core.bench.SidesInTurn;
import app.unimetric.core.bench.Signature;
import app.unimetric.core.problem.InvalidInput;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PhotographTest {
  private final RunSheet sheet = SidesInTurn.sheet();

  @ParameterizedTest
  @CsvSource({
    "step.level, AS_FOUND",
    "found.1, AS_FOUND",
    "undo.caliper.LEFT, AS_FOUND",
    "step.push.LEFT, ON_THE_WAY",
    "hand.caliper.LEFT, ON_THE_WAY",
    "found.2, AS_FOUND",
    "undo.caliper.RIGHT, AS_FOUND",
    "hand.guard, ON_THE_WAY",
    "left.1, AS_LEFT",
    "check.lever, AS_LEFT",
    "sign-off, AS_LEFT",
    "of another sheet, ON_THE_WAY"
  })
  void belongsToAMoment(String stepId, Moment expected) {
    assertThat(Moment.of(sheet, stepId)).isEqualTo(expected);
  }

  @Test
  void isLookedAtAgainWhereItMustComeBackTheSame() {
    assertThat(AsItWas.of(sheet))
        .isEqualTo(
            Map.of(
                "surface.caliper.LEFT", List.of("undo.caliper.LEFT"),
                "hand.caliper.LEFT", List.of("undo.caliper.LEFT"),
                "hand.caliper.RIGHT", List.of("undo.caliper.RIGHT"),
                "hand.guard", List.of("undo.guard"),
                "left.1", List.of("found.1")));
  }

  private static Photograph taken(String step, String words, String sha256, int w, int h) {
    return new Photograph(
        UUID.randomUUID(),
        step,
        words,
        new Signature(UUID.randomUUID(), "Bram", false),
        EntryTime.at(Instant.parse("2026-05-04T08:00:00Z")),
        sha256,
        w,
        h);
  }

  @Test
  void keepsWithinItsBounds() {
    String digest = "0123456789abcdef".repeat(4);
    assertThat(taken("s", "x".repeat(300), digest, 2048, 1).heightPx()).isEqualTo(1);
    assertThatThrownBy(() -> taken(" ", "x".repeat(301), digest.substring(1), 2049, 0))
        .isInstanceOfSatisfying(
            InvalidInput.class,
            e ->
                assertThat(e.problems())
                    .extracting(p -> p.field())
                    .containsExactly("step", "words", "sha256", "photograph"));
    assertThatThrownBy(() -> taken("s", "", digest, 1, 2049)).isInstanceOf(InvalidInput.class);
    assertThatThrownBy(() -> taken("s".repeat(201), "", digest, 1, 1))
        .isInstanceOf(InvalidInput.class);
  }
}
