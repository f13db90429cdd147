package app.unimetric.server.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class TypedWordsTest {
  @Test
  void eachWordIsOnePatternAndSignsOfLikeAreOnlySigns() {
    assertThat(TypedWords.patterns("  Rear AXLE 98  "))
        .containsExactly("%rear%", "%axle%", "% 98%");
    assertThat(TypedWords.patterns("50% a_b c\\d"))
        .containsExactly("%50\\%%", "%a\\_b%", "%c\\\\d%");
    assertThat(TypedWords.patterns(" ")).isEmpty();
    assertThat(TypedWords.patterns("a b c d e f g h i j")).hasSize(8);
    assertThatThrownBy(() -> TypedWords.patterns("x".repeat(201))).hasMessageContaining("200");
  }
}
