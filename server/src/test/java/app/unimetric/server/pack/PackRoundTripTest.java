package app.unimetric.server.pack;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A job's pack goes out as a file, is edited, and comes back as the next version. */
@InWorkshop
class PackRoundTripTest {
  private final Visitor bram;

  PackRoundTripTest(Workshop workshop) {
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
    UUID after = open("bi-pedals");
    JsonNode sheet = bram.get("/api/jobs/" + after + "/sheet").body();
    assertThat(sheet.path("title").asString()).isEqualTo("Pedals, the depot's way");
    assertThat(sheet.path("summary").asString()).isEqualTo("Left and right, greased.");
    assertThat(pack(after)).isEqualTo(pack);
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
  void whatIsNoPackIsSaidPlainly() {
    assertThat(bram.post("/api/packs", "[]").status()).isEqualTo(400);
    assertThat(bram.post("/api/packs", "{\"format\": ").status()).isEqualTo(400);
    assertThat(bram.post("/api/packs", "{}").status()).isEqualTo(400);
    assertThat(bram.post("/api/packs", "{\"x\": \"" + "y".repeat(2_200_000) + "\"}").status())
        .isEqualTo(413);
    assertThat(bram.get("/api/jobs/" + UUID.randomUUID() + "/pack.json").status()).isEqualTo(404);
  }
}
