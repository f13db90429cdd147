package app.unimetric.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The castellated nuts of a front hub of the demo, from the sheet to the look again. */
@InWorkshop
class NextSlotTest {
  private final Visitor asta;

  NextSlotTest(Workshop workshop) {
    asta = Visitor.signedIn(workshop, "Asta");
  }

  private static JsonNode of(JsonNode joints, String id) {
    for (JsonNode joint : joints) {
      if (joint.path("id").asString().equals(id)) {
        return joint;
      }
    }
    throw new AssertionError("no " + id);
  }

  @Test
  void sheetAndCardTellHowFarItMayGo() throws IOException {
    JobRun job = JobRun.frontHub(asta);
    JsonNode castle =
        of(asta.get("/api/jobs/" + job.id + "/sheet").body().path("joints"), "castle.LEFT");
    assertThat(castle.path("nextSlot").path("nut").toString())
        .isEqualTo("{\"slots\":6,\"holes\":1}");
    assertThat(castle.path("nextSlot").path("maxNm").asDouble())
        .isEqualTo(castle.path("ceiling").path("torqueNm").asDouble());
    assertThat(castle.path("notes").toString()).contains("On to the next slot, never back");
    assertThat(castle.path("values").get(0).has("statedFor"))
        .as("M16x1.5 of the book is M16×1.5 of the joint")
        .isFalse();
    assertThat(asta.paper("/api/jobs/" + job.id + "/card.pdf"))
        .contains("by hand → 100 % 84 → next slot, at most 303.2 N·m");
  }

  private int splitPins() {
    for (JsonNode part : asta.get("/api/shelf").body().path("parts")) {
      if (part.path("name").asString().equals("Split pin")) {
        return part.path("pieces").asInt();
      }
    }
    return 0;
  }

  /** Both sides take a pin each; somebody took the second one meanwhile. */
  @Test
  void theSignatureTakesThePinsOffTheShelfAndNoMoreThanLieThere() {
    JobRun job = JobRun.frontHub(asta);
    Map<String, Object> taken = new HashMap<>(Map.of("id", UUID.randomUUID(), "name", "Split pin"));
    taken.putAll(Map.of("pieces", 1 - splitPins(), "price", "", "why", "used elsewhere"));
    taken.putAll(Map.of("size", "", "strength", "", "orderNumber", ""));
    assertThat(asta.post("/api/shelf/parts", taken).status()).isEqualTo(200);
    assertThat(splitPins()).isEqualTo(1);
    job.sign();
    assertThat(splitPins()).isZero();
  }

  @Test
  void nonsenseIsRefusedInWordsAndChangesNothing() {
    JobRun job = JobRun.frontHub(asta);
    JsonNode state = job.until("NEXT_SLOT").path("state");
    for (Map<String, String> slot :
        List.of(
            Map.<String, String>of(),
            Map.of("turnDeg", ""),
            Map.of("turnDeg", "-4"),
            Map.of("turnDeg", "1e9"),
            Map.of("turnDeg", "361"),
            Map.of("turnDeg", "4", "nmPerDegree", "0"),
            Map.of("turnDeg", "4", "nmPerDegree", "999999999"))) {
      Map<String, Object> said = job.said("SLOT_AHEAD", state);
      said.put("slot", slot);
      Answer answer = job.send(said);
      assertThat(answer.status()).as("%s %s", slot, answer.detail()).isEqualTo(400);
      job.counter--;
    }
    assertThat(job.run().path("state").path("entries").size())
        .isEqualTo(state.path("entries").size());
  }

  @Test
  void theRecordTellsHowFarItWent() throws IOException {
    JobRun job = JobRun.frontHub(asta);
    job.sign();
    JsonNode record = asta.get("/api/log/" + job.id + "/record.json").body();
    assertThat(
            SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(Path.of("../docs/formats/record.schema.json")))
                .validate(record.toString(), InputFormat.JSON))
        .isEmpty();
    JsonNode slot = of(record.path("joints"), "castle.LEFT").path("slots").get(0);
    assertThat(slot.path("fastener").asInt()).isEqualTo(1);
    assertThat(slot.path("turnDeg").asDouble()).isEqualTo(4);
    assertThat(slot.path("nmPerDegree").asDouble()).isEqualTo(0.5);
    assertThat(slot.path("torqueThereNm").asDouble()).isEqualTo(86);
    assertThat(of(record.path("joints"), "lugs.LEFT").has("slots")).isFalse();
    assertThat(of(record.path("joints"), "castle.LEFT").path("finals").size()).isEqualTo(1);
    assertThat(asta.paper("/api/log/" + job.id + "/record.pdf"))
        .contains("4° on to the next slot, about 86 N·m there");
    looksAgain(job);
  }

  /** No torque proves a nut that its pin holds. */
  private void looksAgain(JobRun job) {
    for (JsonNode due :
        asta.get("/api/machines/" + JobRun.machineId(asta, "Mule 2") + "/rechecks").body()) {
      if (due.path("jobId").asString().equals(job.id.toString())
          && due.path("targets").toString().contains("castle.LEFT")) {
        JobRun look = new JobRun(asta);
        asta.post("/api/rechecks/" + due.path("id").asString() + "/look", Map.of("id", look.id));
        JsonNode sheet = asta.get("/api/jobs/" + look.id + "/sheet").body();
        assertThat(look.start(sheet.path("version").asInt()).status()).isEqualTo(200);
        JsonNode step = of(look.run().path("sheet").path("steps"), "try.castle.LEFT");
        assertThat(step.path("text").asString()).startsWith("Its pin holds it");
        assertThat(step.path("judged").asBoolean()).isTrue();
        return;
      }
    }
    throw new AssertionError("nothing is to be looked at again");
  }
}
