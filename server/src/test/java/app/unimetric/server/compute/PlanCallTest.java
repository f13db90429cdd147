package app.unimetric.server.compute;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

@InWorkshop
class PlanCallTest {
  private static final String TOOLS =
      """
      "tools": [
        {"id": "cup", "minNm": 20, "maxNm": 110, "graduation": 1, "unit": "N.m", "calibratedOn": "2026-02-01"},
        {"id": "small", "minNm": 2, "maxNm": 25, "graduation": 0.5, "unit": "N.m", "calibratedOn": "2026-02-01"}],
      "today": "2026-06-01"
      """;
  private static final String SKID_VALUES =
      """
      "values": [
        {"jointId": "centre", "typed": "22 Nm", "source": "MANUAL", "document": "p. 3"},
        {"jointId": "side", "typed": "88 inlb", "source": "KIT_SHEET", "document": "sheet"}],
      """;
  private final Visitor anybody;

  PlanCallTest(Workshop workshop) {
    anybody = new Visitor(workshop);
  }

  private static String pack(String key) throws IOException {
    // Smaller ones than the catalogue's lie apart.
    Path small = Path.of("src/test/resources/packs/" + key + ".json");
    return Files.readString(
        Files.exists(small) ? small : Path.of("src/main/resources/packs/" + key + ".json"));
  }

  private JsonNode plan(String key, String rest) throws IOException {
    Answer answer =
        anybody.post("/api/compute/plan", "{\"pack\": " + pack(key) + ", " + rest + "}");
    assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
    return answer.body();
  }

  @Test
  void withoutValuesItSaysWhatIsMissingAndLaysOutNothing() throws IOException {
    JsonNode a = plan("atv-skid-plates", TOOLS);
    assertThat(a.path("ready").asBoolean()).isFalse();
    assertThat(a.path("blockers").size()).isEqualTo(2);
    assertThat(a.path("blockers").get(0).path("kind").asString()).isEqualTo("MISSING_VALUE");
    assertThat(a.path("steps").size()).isZero();
  }

  @Test
  void withValuesItIsOrderedSetAndRolledUp() throws IOException {
    JsonNode a = plan("atv-skid-plates", SKID_VALUES + TOOLS);
    assertThat(a.path("ready").asBoolean()).as(a.path("blockers").toString()).isTrue();
    assertThat(a.path("joints").get(0).path("id").asString()).isEqualTo("centre");
    assertThat(a.path("joints").get(0).path("scale").path("value").asDouble()).isEqualTo(22);
    assertThat(a.path("settingChanges").asInt()).isEqualTo(1);
    assertThat(a.path("settingChangesAtLeast").asInt()).isEqualTo(1);
    JsonNode needs = a.path("needs");
    assertThat(needs.path("drives").toString()).contains("6 mm hex key", "5 mm hex key");
    assertThat(needs.path("settings").size()).isEqualTo(2);
    assertThat(needs.path("products").get(0).path("cure").asString()).contains("unknown");
    assertThat(needs.path("missing").size()).as("no shelf was given").isZero();
    assertThat(a.path("steps").size()).isGreaterThan(10);
    assertThat(a.path("rechecks").toString()).contains("\"km\":100");
    assertThat(a.path("minutes").asDouble()).isPositive();
  }

  @Test
  void theShelfTellsCureTimesAndWhatToOrder() throws IOException {
    String values =
        """
        "values": [
          {"jointId": "frame", "typed": "60 Nm", "source": "MANUAL", "document": "p. 3"},
          {"jointId": "ball", "typed": "50 Nm", "source": "MANUAL", "document": "p. 4"}],
        """;
    String shelf =
        """
        "shelf": {"products": [{"compound": "MEDIUM", "fixtureMinutes": 20, "fullCureMinutes": 1440}],
                  "parts": [{"name": "Split pin", "count": 5}]},
        """;
    JsonNode a = plan("atv-a-arms", values + shelf + TOOLS);
    assertThat(a.path("ready").asBoolean()).isFalse();
    assertThat(a.path("needs").path("missing").toString())
        .contains("To order: Nylon-insert nut M10, 4 needed, 0 there.")
        .doesNotContain("Split pin");
    JsonNode skid = plan("atv-skid-plates", SKID_VALUES + shelf + TOOLS);
    assertThat(skid.path("ready").asBoolean()).isTrue();
    assertThat(skid.path("needs").path("products").get(0).path("cure").asString())
        .isEqualTo("final torque on all within 20 min; ride after 24 h");
  }

  private static List<String> tasks(JsonNode plan) {
    List<String> tasks = new ArrayList<>();
    for (JsonNode t : plan.path("tasks")) {
      String side = t.path("side").asString("");
      tasks.add(
          t.path("kind").asString()
              + " "
              + t.path("jointId").asString(t.path("stepId").asString(""))
              + (side.isEmpty() ? "" : " " + side));
    }
    return tasks;
  }

  @Test
  void aPlainPackHasOneTaskForEachJointAndKindInTheOrderOfTheWork() throws IOException {
    JsonNode plan = plan("mc-mounts", TOOLS);
    assertThat(tasks(plan))
        .doesNotHaveDuplicates()
        .containsSubsequence(
            "START frame-pinch",
            "START hanger",
            "START pivot",
            "SNUG frame-pinch",
            "SNUG hanger",
            "PASS frame-pinch",
            "FINAL frame-pinch",
            "CHECK_ROUND frame-pinch",
            "PASS hanger",
            "FINAL hanger",
            "CHECK_ROUND hanger",
            "FINAL pivot",
            "SECOND_LOOK second-look");
    for (JsonNode task : plan.path("tasks")) {
      String kind = task.path("kind").asString();
      assertThat(task.has("passPercent")).isEqualTo(kind.matches("SNUG|PASS|FINAL|CHECK_ROUND"));
      assertThat(task.has("jointId")).isNotEqualTo(task.has("stepId"));
    }
    JsonNode last =
        plan.path("tasks")
            .valueStream()
            .filter(t -> t.path("kind").asString().equals("FINAL"))
            .reduce((a, b) -> b)
            .orElseThrow();
    assertThat(last.path("why").asString()).isEqualTo("Hangers before pivots.");
  }

  @Test
  void theAnswersPickJointsAndSides() throws IOException {
    String answers = "\"answers\": {\"options\": {\"pins\": \"two\"}, \"sides\": [\"RIGHT\"]}, ";
    JsonNode plan = plan("mc-pads-front", answers + TOOLS);
    assertThat(tasks(plan))
        .containsSubsequence(
            "UNDO pad-pins RIGHT",
            "UNDO caliper RIGHT",
            "STEP seat RIGHT",
            "START caliper RIGHT",
            "START pad-pins RIGHT",
            "CHECK_ROUND caliper RIGHT",
            "FINAL pad-pins RIGHT")
        .noneMatch(t -> t.endsWith("LEFT"));
    assertThat(plan.path("joints").get(0).path("jointId").asString()).isEqualTo("caliper");
    assertThat(plan.path("joints").get(0).path("side").asString()).isEqualTo("RIGHT");
    JsonNode start =
        plan.path("tasks")
            .valueStream()
            .filter(t -> t.path("kind").asString().equals("START"))
            .findFirst()
            .orElseThrow();
    assertThat(start.path("assembly").asString()).isEqualTo("brake.RIGHT");
    Answer wrong =
        anybody.post(
            "/api/compute/plan",
            "{\"pack\": "
                + pack("mc-pads-front")
                + ", \"answers\": {\"options\": {\"pins\": \"nine\"}}, "
                + TOOLS
                + "}");
    assertThat(wrong.status()).isEqualTo(400);
    assertThat(wrong.body().path("errors").toString()).contains("answers.options.pins");
  }

  @Test
  void aRingOfRulesIsNamed() throws IOException {
    String ring =
        pack("atv-skid-plates")
            .replace(
                "\"order\": [",
                "\"order\": [{\"before\": \"side\", \"after\": \"centre\", \"binding\": \"FINAL\", \"reason\": \"x\"},");
    Answer answer =
        anybody.post("/api/compute/plan", "{\"pack\": " + ring + ", " + SKID_VALUES + TOOLS + "}");
    assertThat(answer.body().path("cycle").toString()).contains("centre", "side");
    assertThat(answer.body().path("ready").asBoolean()).isFalse();
  }

  @Test
  void problemsNameTheirPlace() throws IOException {
    String bad = pack("atv-skid-plates").replace("\"M6\"", "\"M6x5\"");
    Answer pack = anybody.post("/api/compute/plan", "{\"pack\": " + bad + ", " + TOOLS + "}");
    assertThat(pack.body().path("errors").toString()).contains("pack.joints[1].thread.pitchMm");
    Answer value =
        anybody.post(
            "/api/compute/plan",
            "{\"pack\": "
                + pack("atv-skid-plates")
                + ", "
                + SKID_VALUES.replace("88 inlb", "88")
                + TOOLS
                + "}");
    assertThat(value.body().path("errors").get(0).path("field").asString())
        .isEqualTo("values[1].typed");
    Answer large =
        anybody.post(
            "/api/compute/plan",
            "{\"pack\": {\"key\": \"" + "x".repeat(100_000) + "\"}, " + TOOLS + "}");
    assertThat(large.status()).as("up to 2 MB is read").isEqualTo(400);
  }
}
