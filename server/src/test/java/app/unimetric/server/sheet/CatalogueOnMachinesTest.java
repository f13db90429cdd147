package app.unimetric.server.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** Every job of the catalogue on two machines of the depot that are answered differently. */
@InWorkshop
class CatalogueOnMachinesTest {
  private static final Map<String, List<String>> MACHINES =
      Map.of(
          "mc", List.of("Patrol 2", "Trail 1"),
          "at", List.of("Mule 1", "Mule 2"),
          "bi", List.of("Haul 1", "Gravel 1"));
  private final Visitor bram;

  CatalogueOnMachinesTest(Workshop workshop) {
    bram = Visitor.signedIn(workshop, "Bram");
  }

  static Stream<String> keys() throws IOException {
    try (Stream<Path> found = Files.list(Path.of("src/main/resources/packs"))) {
      return found
          .map(p -> p.getFileName().toString().replace(".json", ""))
          .sorted()
          .toList()
          .stream();
    }
  }

  private JsonNode open(String key, String name, int answer) {
    String machine =
        bram.get("/api/machines?q=" + name.replace(" ", "%20")).body().get(0).path("id").asString();
    UUID job = UUID.randomUUID();
    Answer opened = bram.post("/api/jobs", Map.of("id", job, "machineId", machine, "packKey", key));
    assertThat(opened.status()).as(opened.detail()).isEqualTo(200);
    JsonNode questions = opened.body().path("questions");
    Map<String, String> options = new HashMap<>();
    for (JsonNode q : questions.path("options")) {
      JsonNode answers = q.path("option").path("answers");
      options.put(
          q.path("option").path("id").asString(),
          answers.get(Math.min(answer, answers.size() - 1)).path("id").asString());
    }
    boolean sided = questions.path("sided").asBoolean();
    Answer chosen =
        bram.post(
            "/api/jobs/" + job + "/choices",
            Map.of(
                "id",
                UUID.randomUUID(),
                "options",
                options,
                "sides",
                sided && answer > 0 ? List.of("RIGHT") : List.of(),
                "version",
                opened.body().path("version").asInt()));
    assertThat(chosen.status()).as(chosen.detail()).isEqualTo(200);
    Answer cancelled =
        bram.post(
            "/api/jobs/" + job + "/cancelling",
            Map.of(
                "id", UUID.randomUUID(),
                "reason", "Only planned, by a test.",
                "version", chosen.body().path("version").asInt()));
    assertThat(cancelled.status()).as("the lifts stay as they were").isEqualTo(200);
    return chosen.body();
  }

  @ParameterizedTest
  @MethodSource("keys")
  void isPlannedOnTwoMachinesThatDiffer(String key) {
    List<String> machines = MACHINES.getOrDefault(key.substring(0, 2), List.of());
    JsonNode one = open(key, machines.get(0), 0);
    JsonNode other = open(key, machines.get(1), 1);
    for (JsonNode sheet : List.of(one, other)) {
      assertThat(sheet.path("work")).isNotEmpty();
      assertThat(sheet.path("blockers").toString()).doesNotContain("ORDER_CYCLE");
    }
    assertThat(one.path("work")).isNotEqualTo(other.path("work"));
  }
}
