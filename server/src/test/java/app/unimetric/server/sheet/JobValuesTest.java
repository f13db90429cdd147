package app.unimetric.server.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A job of the catalogue: found by a word, filled in, planned; and what is sent from the desk. */
@InWorkshop
class JobValuesTest {
  private final Visitor bram;
  private final Visitor asta;
  private UUID job;
  private int version;

  JobValuesTest(Workshop workshop) {
    workshop.forgetStatedValues();
    bram = Visitor.signedIn(workshop, "Bram");
    asta = Visitor.signedIn(workshop, "Asta");
    bram.post("/api/packs", fixture());
  }

  /** Two cups alone, without the crank around them, as a workshop's own pack. */
  private static String fixture() {
    try {
      return Files.readString(Path.of("src/test/resources/packs/bi-bb-outboard.json"));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private String machine(String name) {
    return bram.get("/api/machines?q=" + name.replace(" ", "%20"))
        .body()
        .get(0)
        .path("id")
        .asString();
  }

  @BeforeEach
  void open() {
    job = UUID.randomUUID();
    Answer sheet =
        bram.post(
            "/api/jobs",
            Map.of("id", job, "machineId", machine("Haul 1"), "packKey", "depot-outboard"));
    assertThat(sheet.status()).as(sheet.detail()).isEqualTo(200);
    version = sheet.body().path("version").asInt();
  }

  private Map<String, Object> value(String joint, String typed) {
    Map<String, Object> value = new HashMap<>();
    value.put("id", UUID.randomUUID());
    value.put("jointId", joint);
    value.put("typed", typed);
    value.put("source", "PART_MARKING");
    value.put("document", "On the cup");
    value.put("version", version);
    return value;
  }

  private Answer fill(Map<String, Object> value) {
    return bram.post("/api/jobs/" + job + "/values", value);
  }

  @Test
  void aJobIsReadyWhenEveryValueIsFilledIn() {
    Answer first = fill(value("drive-cup", "35-50 Nm"));
    assertThat(first.status()).as(first.detail()).isEqualTo(200);
    assertThat(first.body().path("ready").asBoolean()).isFalse();
    version++;
    Answer second = fill(value("other-cup", "26-37 ftlb"));
    assertThat(second.body().path("blockers").get(0).path("kind").asString())
        .isEqualTo("FIT_NOT_CHECKED");
    version++;
    Map<String, Object> fit = new HashMap<>();
    fit.put("id", UUID.randomUUID());
    fit.put("question", second.body().path("blockers").get(0).path("about").asString());
    fit.put("fits", true);
    fit.put("note", "");
    fit.put("version", version);
    Answer third = bram.post("/api/jobs/" + job + "/fits", fit);
    assertThat(third.body().path("ready").asBoolean())
        .as(third.body().path("blockers").toString())
        .isTrue();
    JsonNode joint = second.body().path("joints").get(0);
    assertThat(joint.path("values").get(0).path("stated").asString()).isEqualTo("35–50 N·m");
    assertThat(joint.path("leftHand").asBoolean()).isTrue();
    version++;
    assertThat(bram.post("/api/jobs/" + job + "/run", Map.of("version", version)).status())
        .isEqualTo(200);
  }

  @Test
  void isTakenOnceAndAStaleTabIsToldBothVersions() {
    Map<String, Object> value = value("drive-cup", "40 Nm");
    assertThat(fill(value).status()).isEqualTo(200);
    Answer again = fill(value);
    assertThat(again.status()).isEqualTo(200);
    assertThat(again.body().path("joints").get(0).path("values").size()).isEqualTo(1);
    Answer stale = fill(value("other-cup", "40 Nm"));
    assertThat(stale.status()).isEqualTo(409);
    assertThat(stale.body().path("currentVersion").asInt()).isEqualTo(version + 1);
  }

  @Test
  void valuesThatDisagreeWaitForALead() {
    fill(value("drive-cup", "40 Nm"));
    version++;
    Answer two = fill(value("drive-cup", "60 Nm"));
    assertThat(two.body().path("blockers").toString()).contains("disagrees");
    version++;
    Answer decided =
        asta.post(
            "/api/jobs/" + job + "/decisions",
            Map.of(
                "id",
                UUID.randomUUID(),
                "jointId",
                "drive-cup",
                "valueId",
                two.body().path("joints").get(0).path("values").get(0).path("id").asString(),
                "reason",
                "The marking is on this very cup.",
                "version",
                version));
    assertThat(decided.status()).as(decided.detail()).isEqualTo(200);
    assertThat(decided.body().path("joints").get(0).path("aimNm").asDouble()).isEqualTo(40);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "drive-cup|40|text",
        "drive-cup|forty Nm|text",
        "drive-cup|1e309 Nm|text",
        "no-cup|40 Nm|jointId",
        "drive-cup|50-40 Nm|min"
      })
  void nonsenseIsRefusedAtItsField(String joint, String typed, String field) {
    Answer answer = fill(value(joint, typed));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body().path("errors").toString()).contains("\"" + field + "\"");
  }

  @Test
  void aValueWithoutItsDocumentIsRefused() {
    Map<String, Object> value = value("drive-cup", "40 Nm");
    value.put("document", " ");
    assertThat(fill(value).status()).isEqualTo(400);
    value.put("document", "x".repeat(10_000));
    assertThat(fill(value).status()).isEqualTo(400);
    value.put("document", "fine");
    value.put("source", "GOSSIP");
    assertThat(fill(value).status()).isEqualTo(400);
  }

  @ParameterizedTest
  @CsvSource({
    "Haul 1, bottom, bi-bb-outboard",
    "Mule 1, pads, atv-pads-front",
    "Trail 1, pads, mc-pads-front",
    "Patrol 1, crash, crash-bars-upper"
  })
  void jobsAreOfferedThatSuitTheMachineAndTheWord(String name, String word, String key) {
    JsonNode offered =
        bram.get("/api/machines/" + machine(name) + "/offered-jobs?q=" + word).body();
    assertThat(offered.toString()).contains("\"" + key + "\"");
    JsonNode all = bram.get("/api/machines/" + machine(name) + "/offered-jobs").body();
    assertThat(all.size()).isGreaterThan(offered.size());
    assertThat(
            bram.get("/api/machines/" + machine(name) + "/offered-jobs?q=" + "x".repeat(300))
                .status())
        .isEqualTo(400);
  }

  @Test
  void aJobForAnotherKindOfMachineIsNotOpened() {
    Answer answer =
        bram.post(
            "/api/jobs",
            Map.of(
                "id",
                UUID.randomUUID(),
                "machineId",
                machine("Mule 1"),
                "packKey",
                "bi-bb-outboard"));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.detail()).contains("not written for this machine");
    Answer none =
        bram.post(
            "/api/jobs",
            Map.of("id", UUID.randomUUID(), "machineId", machine("Mule 1"), "packKey", "none"));
    assertThat(none.status()).isEqualTo(404);
  }

  @Test
  void whatTheDeskSentStandsOnTheSheetOnce() {
    Map<String, Object> note =
        Map.of(
            "id",
            UUID.randomUUID(),
            "jointId",
            "drive-cup",
            "state",
            "?torque=40+Nm",
            "summary",
            "M8 8.8, 40 N·m");
    String path = "/api/jobs/" + job + "/desk-notes";
    assertThat(bram.post(path, note).status()).isEqualTo(200);
    JsonNode sheet = bram.post(path, note).body();
    assertThat(sheet.path("joints").get(0).path("deskNotes").size()).isEqualTo(1);
    Map<String, Object> foreign = new HashMap<>(note);
    foreign.put("id", UUID.randomUUID());
    foreign.put("state", "https://elsewhere.example/");
    assertThat(bram.post(path, foreign).status()).isEqualTo(400);
    foreign.put("state", "?ok");
    foreign.put("jointId", "none");
    assertThat(bram.post(path, foreign).status()).isEqualTo(400);
  }
}
