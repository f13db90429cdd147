package app.unimetric.documents;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.json.JsonMapper;

class StrictJsonTest {
  private final JsonMapper json = StrictJson.mapper();

  record Holding(
      List<String> names,
      @Nullable Map<String, String> answers,
      @Nullable List<@Nullable Double> gaps,
      @Nullable Map<String, Object> anything) {}

  @ParameterizedTest
  @ValueSource(
      strings = {
        "{\"names\": null}",
        "{\"names\": [null]}",
        "{\"names\": [\"a\", null]}",
        "{\"names\": [], \"answers\": {\"pins\": null}}",
        "{}"
      })
  void whatMustBeThereIsRefusedWhenItIsNullAlsoInsideAList(String text) {
    assertThatThrownBy(() -> json.readValue(text, Holding.class))
        .isInstanceOf(DatabindException.class);
  }

  @Test
  void whatMayBeNullIsTaken() {
    Holding read =
        json.readValue(
            "{\"names\": [\"a\"], \"answers\": null, \"gaps\": [1.5, null], \"anything\": {\"x\": null}}",
            Holding.class);

    assertThat(read.names()).containsExactly("a");
    assertThat(read.answers()).isNull();
    assertThat(read.gaps()).containsExactly(1.5, null);
    assertThat(read.anything()).containsEntry("x", null);
  }

  @Test
  void aBoundedMapperStopsAtItsDepthAndAtItsCountOfTokens() {
    JsonMapper bounded = StrictJson.bounded();
    int deepest = StrictJson.DEEPEST;
    assertThat(bounded.readTree("[".repeat(deepest) + "]".repeat(deepest)).isArray()).isTrue();
    assertThatThrownBy(() -> bounded.readTree("[".repeat(deepest + 1) + "]".repeat(deepest + 1)))
        .isInstanceOf(StreamConstraintsException.class);
    int most = (int) StrictJson.MOST_TOKENS - 2;
    assertThat(bounded.readTree("[" + "1,".repeat(most - 1) + "1]")).hasSize(most);
    assertThatThrownBy(() -> bounded.readTree("[" + "1,".repeat(most) + "1]"))
        .isInstanceOf(StreamConstraintsException.class);
  }
}
