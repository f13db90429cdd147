package app.unimetric.server.pack;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A job's pack goes out as a file, is edited, and comes back as the next version. */
@InWorkshop
class PackRoundTripTest {
  private final Workshop workshop;
  private final Visitor bram;

  PackRoundTripTest(Workshop workshop) {
    this.workshop = workshop;
    bram = Visitor.signedIn(workshop, "Bram");
  }

  private UUID open(String packKey) {
    String machine = bram.get("/api/machines?q=Gravel").body().get(0).path("id").asString();
    UUID job = UUID.randomUUID();
    Answer sheet =
        bram.post("/api/jobs", Map.of("id", job, "machineId", machine, "packKey", packKey));
    assertThat(sheet.status()).as(sheet.detail()).isEqualTo(200);
    return job;
  }

  private ObjectNode pack(UUID job) {
    return (ObjectNode) bram.get("/api/jobs/" + job + "/pack.json").body();
  }

  @Test
  void comesBackAsTheNextVersionAndARunningJobKeepsItsOwn() {
    UUID before = open("bi-pedals");
    ObjectNode pack = pack(before);
    pack.put("title", "Pedals, the depot's way");
    Answer taken = bram.post("/api/packs", pack.toString());
    assertThat(taken.status()).as(taken.body().toString()).isEqualTo(200);
    assertThat(taken.body().path("version").asInt()).isEqualTo(1);
    Answer again = bram.post("/api/packs", pack.toString());
    assertThat(again.body().path("version").asInt()).as("nothing changed").isEqualTo(1);
    pack.put("summary", "Left and right, greased.");
    assertThat(bram.post("/api/packs", pack.toString()).body().path("version").asInt())
        .isEqualTo(2);

    assertThat(bram.get("/api/jobs/" + before + "/sheet").body().path("title").asString())
        .isEqualTo("Pedals");
    UUID after = open("bi-pedals@own");
    JsonNode sheet = bram.get("/api/jobs/" + after + "/sheet").body();
    assertThat(sheet.path("title").asString()).isEqualTo("Pedals, the depot's way");
    assertThat(sheet.path("summary").asString()).isEqualTo("Left and right, greased.");
    assertThat(pack(after)).isEqualTo(pack);
    assertThat(
            bram.get("/api/jobs/" + open("bi-pedals") + "/sheet").body().path("title").asString())
        .as("the catalogue's keeps its place")
        .isEqualTo("Pedals");
  }

  private JsonNode brought(Visitor who, String key) {
    String machine = who.get("/api/machines?q=Gravel").body().get(0).path("id").asString();
    for (JsonNode job : who.get("/api/machines/" + machine + "/offered-jobs").body()) {
      if (job.path("key").asString().equals(key)) {
        return job.path("brought");
      }
    }
    return null;
  }

  @Test
  void oneThatWasBroughtIsItsBringersAloneUntilALeadHasLooked() {
    Visitor asta = Visitor.signedIn(workshop, "Asta");
    Visitor ilse = Visitor.signedIn(workshop, "Ilse");
    ObjectNode pack = pack(open("bi-caliper"));
    ObjectNode joint = (ObjectNode) pack.path("joints").get(0);
    joint
        .putArray("values")
        .addObject()
        .put("value", 4)
        .put("unit", "N.m")
        .put("source", "MANUAL")
        .put("document", "Cage sheet 3");
    pack.put("title", "Caliper, tighter");
    Answer taken = bram.post("/api/packs", pack.toString());
    assertThat(taken.body().path("confirmed").asBoolean()).isFalse();
    String own = "bi-caliper@own";
    assertThat(brought(bram, own).path("by").asString()).isEqualTo("Bram");
    assertThat(brought(ilse, own)).as("not offered to others").isNull();
    String machine = ilse.get("/api/machines?q=Gravel").body().get(0).path("id").asString();
    Map<String, Object> opens =
        Map.of("id", UUID.randomUUID(), "machineId", machine, "packKey", own);
    assertThat(ilse.post("/api/jobs", opens).status()).isEqualTo(404);

    JsonNode seen = brought(asta, own);
    assertThat(seen.path("differs").toString())
        .contains("title: ", "is now Caliper, tighter", "4 N·m");
    assertThat(seen.path("besides").asBoolean()).isTrue();
    Map<String, Object> tries =
        Map.of("id", UUID.randomUUID(), "machineId", machine, "packKey", own);
    assertThat(asta.post("/api/jobs", tries).status()).as("what a lead sees opens").isEqualTo(200);
    assertThat(asta.get("/api/jobs/" + tries.get("id") + "/sheet").body().path("joints").toString())
        .contains("Cage sheet 3; entered by Bram, not confirmed");
    String confirm = "/api/packs/bi-caliper/versions/1/confirmation";
    assertThat(bram.post(confirm, "").status()).as("nobody confirms it for himself").isEqualTo(403);
    assertThat(asta.post(confirm, "").status()).isEqualTo(200);
    assertThat(asta.post(confirm, "").status()).as("once").isEqualTo(404);
    assertThat(ilse.post("/api/jobs", opens).status()).isEqualTo(200);
    assertThat(ilse.get("/api/jobs/" + opens.get("id") + "/sheet").body().path("joints").toString())
        .contains("Cage sheet 3; entered by Bram, confirmed by Asta");
    assertThat(brought(ilse, own).path("confirmedBy").asString()).isEqualTo("Asta");

    pack.put("title", "Caliper, tighter still");
    assertThat(bram.post("/api/packs", pack.toString()).body().path("version").asInt())
        .isEqualTo(2);
    assertThat(brought(ilse, own).path("version").asInt()).as("a later one waits").isEqualTo(1);
    Map<String, Object> visit =
        Map.of(
            "id", UUID.randomUUID(), "machineId", machine, "packKeys", List.of(own, "bi-cassette"));
    Answer both = ilse.post("/api/visits", visit);
    assertThat(both.status()).as(both.detail()).isEqualTo(200);
    assertThat(both.body().path("title").asString()).startsWith("Caliper, tighter + ");
  }

  @Test
  void aBrokenOneIsRefusedWholeWithThePlaceOfEachError() {
    ObjectNode pack = pack(open("bi-cassette"));
    pack.put("version", 7);
    pack.put("motor", true);
    ((ObjectNode) pack.path("joints").get(0)).put("thread", "M30x9");
    ((ObjectNode) pack.path("joints").get(0)).put("count", 900);
    Answer refused = bram.post("/api/packs", pack.toString());
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.body().path("errors").toString())
        .contains(
            "\"version\"", "\"motor\"", "\"joints[0].thread.pitchMm\"", "\"joints[0].count\"");
    assertThat(refused.detail()).contains("entries");
    UUID after = open("bi-cassette");
    assertThat(bram.get("/api/jobs/" + after + "/sheet").body().path("joints").size()).isEqualTo(2);
  }

  @Test
  void theCataloguesStandsBeforeWhatSomebodyBroughtBesideIt() {
    ObjectNode pack = pack(open("bi-cassette"));
    pack.put("title", "Cassette lockring, another way");
    assertThat(bram.post("/api/packs", pack.toString()).status()).isEqualTo(200);
    String machine = bram.get("/api/machines?q=Gravel").body().get(0).path("id").asString();
    JsonNode found = bram.get("/api/machines/" + machine + "/offered-jobs?q=cassette").body();
    assertThat(found.get(0).path("key").asString()).isEqualTo("bi-cassette");
    assertThat(found.get(1).path("key").asString()).isEqualTo("bi-cassette@own");
  }

  @Test
  void aKeyIsOneThatPeopleCanOpenItBy() {
    ObjectNode pack = pack(open("bi-cassette"));
    for (String key : List.of("bi-cassette@own", "a/b", "x".repeat(101), "a b")) {
      pack.put("key", key);
      Answer refused = bram.post("/api/packs", pack.toString());
      assertThat(refused.status()).as(key).isEqualTo(400);
      assertThat(refused.body().path("errors").get(0).path("field").asString()).isEqualTo("key");
    }
  }

  @Test
  void whatIsNoPackIsSaidPlainly() {
    assertThat(bram.post("/api/packs", "[]").status()).isEqualTo(400);
    assertThat(bram.post("/api/packs", "{\"format\": ").status()).isEqualTo(400);
    assertThat(bram.post("/api/packs", "{}").status()).isEqualTo(400);
    assertThat(bram.post("/api/packs", "{\"x\": \"" + "y".repeat(2_200_000) + "\"}").status())
        .isEqualTo(413);
    assertThat(bram.get("/api/jobs/" + UUID.randomUUID() + "/pack.json").status()).isEqualTo(404);
  }
}
