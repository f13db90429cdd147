package app.unimetric.server.machine;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Two entries for one machine, and the parts that came off it. */
@InWorkshop
class DoublesAndPartsTest {
  private final Visitor ilse;

  DoublesAndPartsTest(Workshop workshop) {
    ilse = Visitor.signedIn(workshop, "Ilse");
  }

  private String machine(String... other) {
    Map<String, Object> m = new HashMap<>();
    m.put("id", UUID.randomUUID());
    m.put("name", "Zz " + UUID.randomUUID().toString().substring(0, 8));
    m.put("kind", "MOTORCYCLE");
    m.put("make", "Skerrow");
    m.put("model", "Zz 300");
    m.put("modelYear", 2024);
    m.put("variant", "");
    m.put("frameNumber", "");
    m.put("registration", "");
    m.put("owner", "");
    m.put("meter", "KM");
    m.put("note", "");
    for (int i = 0; i < other.length; i += 2) {
      m.put(other[i], other[i + 1]);
    }
    Answer added = ilse.post("/api/machines", m);
    assertThat(added.status()).as(added.detail()).isEqualTo(200);
    return added.body().path("id").asString();
  }

  private JsonNode page(String id) {
    return ilse.get("/api/machines/" + id).body();
  }

  private Answer read(String id, String figure) {
    return ilse.post(
        "/api/machines/" + id + "/readings",
        Map.of(
            "id",
            UUID.randomUUID(),
            "figure",
            figure,
            "version",
            page(id).path("machine").path("version").asInt()));
  }

  private Answer merge(String stays, String gone) {
    return ilse.post(
        "/api/machines/" + stays + "/merging",
        Map.of("doubled", gone, "version", page(gone).path("machine").path("version").asInt()));
  }

  @Test
  void whatWasDoneOnTheDoubleIsTheOthersAndComesApartAgain() {
    String stays = machine();
    String gone = machine();
    read(stays, "1000");
    read(gone, "1040");
    Answer job =
        ilse.post(
            "/api/jobs",
            Map.of("id", UUID.randomUUID(), "machineId", gone, "packKey", "mc-oil-drain"));
    String jobId = job.body().path("jobId").asString();
    Answer merged = merge(stays, gone);
    assertThat(merged.status()).as(merged.detail()).isEqualTo(200);
    assertThat(merged.body().path("readings")).hasSize(2);
    assertThat(merged.body().path("machine").path("meterFigure").asDouble()).isEqualTo(1040);
    assertThat(merged.body().path("doubles").get(0).path("id").asString()).isEqualTo(gone);
    assertThat(page(gone).path("mergedInto").path("id").asString()).isEqualTo(stays);
    assertThat(ilse.get("/api/machines/" + stays + "/jobs").body()).hasSize(1);
    assertThat(
            ilse.get("/api/jobs/" + jobId + "/sheet").body().path("machine").path("id").asString())
        .isEqualTo(stays);
    assertThat(merge(stays, gone).status()).as("sent again").isEqualTo(200);
    Answer next =
        ilse.post(
            "/api/jobs",
            Map.of("id", UUID.randomUUID(), "machineId", gone, "packKey", "mc-oil-drain"));
    assertThat(ilse.get("/api/machines/" + stays + "/jobs").body())
        .as("what is opened on the double is opened on the one it is")
        .hasSize(2);

    Answer parted =
        ilse.post(
            "/api/machines/" + gone + "/parting",
            Map.of("version", page(gone).path("machine").path("version").asInt()));
    assertThat(parted.status()).as(parted.detail()).isEqualTo(200);
    assertThat(page(stays).path("readings")).hasSize(1);
    assertThat(ilse.get("/api/machines/" + gone + "/jobs").body()).hasSize(1);
    for (Answer opened : new Answer[] {job, next}) {
      ilse.post(
          "/api/jobs/" + opened.body().path("jobId").asString() + "/cancelling",
          Map.of("id", UUID.randomUUID(), "reason", "Opened by a test.", "version", 1));
    }
  }

  @ParameterizedTest
  @CsvSource({
    "kind, BICYCLE, change the wrong one",
    "frameNumber, B-2, Their frame numbers differ",
  })
  void whatCannotBeOneMachineIsNot(String field, String value, String words) {
    String stays = machine("frameNumber", UUID.randomUUID().toString().substring(0, 8));
    String gone =
        machine(
            field,
            field.equals("frameNumber")
                ? value + UUID.randomUUID().toString().substring(0, 6)
                : value);
    Answer refused = merge(stays, gone);
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.detail()).contains(words);
    assertThat(merge(stays, stays).detail()).contains("this very machine");
  }

  @Test
  void readingsOfMilesAndKilometresAreNotMixedUp() {
    String stays = machine();
    String gone = machine("meter", "MILES");
    read(gone, "20");
    assertThat(merge(stays, gone).detail()).contains("would be mixed up");
  }

  @Test
  void aPartThatCameOffLiesWhereItWasPutAndItsMassCounts() {
    String id = machine();
    UUID swap = UUID.randomUUID();
    Map<String, Object> typed = new HashMap<>();
    typed.put("id", swap);
    typed.put("fitted", "Steel pegs");
    typed.put("fittedMass", "0.9 kg");
    typed.put("off", "Pegs as delivered");
    typed.put("offMass", "760");
    typed.put("place", "Shelf 3, box 12");
    Answer swapped = ilse.post("/api/machines/" + id + "/parts", typed);
    assertThat(swapped.status()).as(swapped.detail()).isEqualTo(200);
    ilse.post("/api/machines/" + id + "/parts", typed);
    JsonNode parts = ilse.get("/api/machines/" + id + "/parts").body();
    assertThat(parts.path("fitted")).as("taken once").hasSize(1);
    assertThat(parts.path("kept").get(0).path("place").asString()).isEqualTo("Shelf 3, box 12");
    assertThat(parts.path("kept").get(0).path("instead").asString()).isEqualTo("Steel pegs");
    assertThat(parts.path("mass").asString()).startsWith("140 g heavier");

    Map<String, Object> back = new HashMap<>();
    back.put("id", UUID.randomUUID());
    back.put("fitted", "Pegs as delivered");
    back.put("fittedMass", "");
    back.put("off", "Steel pegs");
    back.put("offFittedId", swap);
    back.put("offMass", "");
    back.put("place", "Sold");
    ilse.post("/api/machines/" + id + "/parts", back);
    assertThat(ilse.post("/api/machines/" + id + "/parts", back).status())
        .as("sent again")
        .isEqualTo(200);
    back.put("id", UUID.randomUUID());
    Answer twice = ilse.post("/api/machines/" + id + "/parts", back);
    assertThat(twice.status()).as("it came off already").isEqualTo(409);
    assertThat(twice.detail()).contains("not on this machine any more");
    assertThat(ilse.post("/api/machines/" + machine() + "/parts", back).status())
        .as("nor was it ever on another")
        .isEqualTo(409);
    Answer gone =
        ilse.post(
            "/api/parts/" + swap + "/place",
            Map.of("id", UUID.randomUUID(), "place", "back on the machine", "gone", true));
    assertThat(gone.status()).as(gone.detail()).isEqualTo(200);
    parts = gone.body();
    assertThat(parts.path("fitted")).hasSize(1);
    assertThat(parts.path("fitted").get(0).path("name").asString()).isEqualTo("Pegs as delivered");
    assertThat(parts.has("mass")).isFalse();
  }

  @ParameterizedTest
  @CsvSource({
    "fitted, '', fitted",
    "fittedMass, heavy, fittedMass",
    "place, '', place",
    "offMass, 0, offMass"
  })
  void whatIsWrongIsSaidAtItsField(String field, String value, String at) {
    Map<String, Object> typed = new HashMap<>();
    typed.put("id", UUID.randomUUID());
    typed.put("fitted", "Pegs");
    typed.put("fittedMass", "");
    typed.put("off", field.equals("fitted") ? "" : "Old pegs");
    typed.put("offMass", "");
    typed.put("place", "Shelf");
    typed.put(field, value);
    Answer refused = ilse.post("/api/machines/" + machine() + "/parts", typed);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.body().toString()).contains("\"" + at + "\"");
  }
}
