package app.unimetric.documents;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
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
}
