package app.unimetric.tablet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * A run that a server once took, gone on with on a tablet; the browser's own test plays the same.
 */
class RunOnTabletTest {
  private static final String JOB = "this one";
  private JsonObject vector = new JsonObject();

  @BeforeEach
  void take() throws IOException {
    take("/run.json");
  }

  private void take(String name) throws IOException {
    try (InputStream in = RunOnTabletTest.class.getResourceAsStream(name)) {
      vector = Json.parse(new String(in.readAllBytes(), StandardCharsets.UTF_8)).asObject();
    }
    RunOnTablet.take(JOB, vector.get("page").toString());
  }

  private static JsonObject standing(JsonArray waiting) {
    return Json.parse(RunOnTablet.standing(JOB, waiting.toString())).asObject();
  }

  @ParameterizedTest
  @ValueSource(strings = {"/run.json", "/climbed.json", "/slot.json"})
  void comesToWhatTheServerCameTo(String name) throws IOException {
    take(name);
    JsonArray waiting = vector.get("waiting").asArray();
    assertThat(standing(waiting)).isEqualTo(vector.get("standing").asObject());
  }

  @Test
  void anEntryThatIsMetTwiceCountsOnce() {
    JsonArray twice = new JsonArray();
    for (int i = 0; i < 2; i++) {
      vector.get("waiting").asArray().forEach(twice::add);
    }
    assertThat(standing(twice)).isEqualTo(vector.get("standing").asObject());
  }

  @Test
  void saysWhatIsWrongWithAFigureThatIsNone() {
    JsonObject said =
        new JsonObject().add("kind", "READING").add("typed", "about right").add("unit", "N.m");
    JsonObject one =
        new JsonObject()
            .add(
                "entry",
                new JsonObject()
                    .add("id", "6f1f7a4e-6f0e-4a40-9a53-9f3b1d1c2b3a")
                    .add("stepId", "any")
                    .add("said", said))
            .add("by", vector.get("waiting").asArray().get(0).asObject().get("by"))
            .add("at", "2026-01-05T10:00:00Z");
    JsonObject problem = standing(new JsonArray().add(one)).get("problem").asObject();
    assertThat(problem.getString("field", "none")).isEqualTo("text");
    assertThat(problem.getString("message", "")).startsWith("This was not understood as a torque");
  }

  /** What an older page does not know it must not guess: whoever asks says so. */
  @Test
  void aKindThatIsNotKnownHereIsNoRun() {
    String page = vector.get("page").toString();
    String newer = page.replace("\"kind\":\"WORK\"", "\"kind\":\"WELD\"");
    assertThat(newer).isNotEqualTo(page);
    assertThatThrownBy(() -> RunOnTablet.take("newer", newer))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("WELD");
    String told =
        vector.get("standing").asObject().get("state").asObject().get("entries").toString();
    String weld = told.replace("\"kind\":\"FOUND\"", "\"kind\":\"WELDED\"");
    assertThat(weld).isNotEqualTo(told);
    assertThatThrownBy(() -> RunOnTablet.told(JOB, weld))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("WELDED");
  }

  @Test
  void twoRunsKnowNothingOfEachOther() {
    JsonObject before = standing(new JsonArray());
    RunOnTablet.take("another", vector.get("page").toString());
    RunOnTablet.told(
        "another",
        vector.get("standing").asObject().get("state").asObject().get("entries").toString());
    assertThat(standing(new JsonArray())).isEqualTo(before);
    RunOnTablet.leave("another");
    assertThatThrownBy(() -> RunOnTablet.standing("another", "[]"))
        .isInstanceOf(IllegalStateException.class);
    RunOnTablet.told("another", "[]");
  }
}
