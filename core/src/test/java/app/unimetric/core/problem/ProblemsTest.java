package app.unimetric.core.problem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ProblemsTest {
  @Test
  void gathersAllInsteadOfTheFirst() {
    Problems problems =
        new Problems()
            .within(12, 0, 10, "a")
            .positive(0, 10, "b")
            .require(false, "c", "is missing.")
            .require(true, "d", "is fine.");
    assertThatThrownBy(problems::orThrow)
        .isInstanceOfSatisfying(
            InvalidInput.class,
            e ->
                assertThat(e.problems()).extracting(Problem::field).containsExactly("a", "b", "c"));
  }

  @ParameterizedTest
  @ValueSource(
      doubles = {0, -1, 1e-300, Double.NaN, Double.POSITIVE_INFINITY, Double.MIN_VALUE, 11})
  void positiveMeansFiniteAndMeasurable(double value) {
    assertThat(new Problems().positive(value, 10, "x").isEmpty()).isFalse();
  }

  @Test
  void noTroubleIsNoException() {
    Problems none = new Problems().within(5, 0, 10, "a").positive(0.001, 10, "b");
    none.orThrow();
    assertThat(none.isEmpty()).isTrue();
  }

  @Test
  void whatIsMadeInsideIsPutBelowItsParent() {
    Problems problems = new Problems();
    String made =
        problems.under(
            "values[1]",
            () -> {
              throw InvalidInput.at("min", "must not be above the maximum.");
            });
    assertThat(made).isNull();
    assertThatThrownBy(problems::orThrow)
        .isInstanceOfSatisfying(
            InvalidInput.class,
            e -> assertThat(e.problems().get(0).field()).isEqualTo("values[1].min"));
  }

  @Test
  void listPlacesAreJoinedWithoutADot() {
    assertThat(new Problem("[2]", "x").under("matrix").field()).isEqualTo("matrix[2]");
    assertThat(new Problem("", "x").under("thread").field()).isEqualTo("thread");
    assertThat(new Problem("pitchMm", "x").under("").field()).isEqualTo("pitchMm");
  }

  @Test
  void messagesNameTheRangeInPlainFigures() {
    assertThatThrownBy(() -> new Problems().within(-1, 0, 10_000, "x").orThrow())
        .hasMessageContaining("0 to 10000");
    assertThatThrownBy(() -> new Problems().within(2, 0.01, 1, "x").orThrow())
        .hasMessageContaining("0.01 to 1");
  }
}
