package app.unimetric.server.find;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** What the workshop itself answers to a line of words. */
@InWorkshop
class FindTest {
  private final Workshop workshop;
  private final Visitor bram;
  private final Visitor anybody;

  FindTest(Workshop workshop) {
    this.workshop = workshop;
    bram = Visitor.signedIn(workshop, "Bram");
    anybody = new Visitor(workshop);
  }

  private JsonNode find(String q) {
    Answer answer = bram.get("/api/find?q=" + URLEncoder.encode(q, StandardCharsets.UTF_8));
    assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
    return answer.body();
  }

  private String machine(String name) {
    return bram.get("/api/machines?q=" + URLEncoder.encode(name, StandardCharsets.UTF_8))
        .body()
        .get(0)
        .path("id")
        .asString();
  }

  private JsonNode opened(String machine, String pack) {
    return bram.post(
            "/api/jobs",
            Map.of(
                "id", UUID.randomUUID().toString(), "machineId", machine(machine), "packKey", pack))
        .body();
  }

  @Test
  void aMachineIsFoundByItsNameHoweverManyThereAre() {
    JdbcClient db = workshop.bean(JdbcClient.class);
    String many =
        " FROM generate_series(1, 300) n WHERE NOT EXISTS (SELECT 1 FROM machine WHERE name = 'Aaa fleet ' || n)";
    db.sql(
            "INSERT INTO machine (id, name, kind, model, model_year, variant, frame_number, meter, note)"
                + " SELECT gen_random_uuid(), 'Aaa fleet ' || n, 'MOTORCYCLE', 'Fleet', 2020, '', '', 'KM', ''"
                + many)
        .update();
    try {
      for (String line : List.of("aaa fleet 300", "front wheel of Aaa Fleet 300")) {
        assertThat(find(line).get(0).path("title").asString()).as(line).isEqualTo("Aaa fleet 300");
      }
    } finally {
      db.sql("DELETE FROM machine WHERE name LIKE 'Aaa fleet %'").update();
    }
  }

  @Test
  void aKindOfJobIsOfferedOnTheMachinesItSuits() {
    JsonNode pads = find("front pads");
    assertThat(pads.findValuesAsString("kind")).contains("OFFERED");
    assertThat(pads.toString()).contains("open it on Patrol 1").contains("?job=");
    JsonNode bracket = find("bb");
    assertThat(bracket.findValuesAsString("title").toString())
        .containsIgnoringCase("bottom bracket");
    JsonNode named = find("front pads patrol 2");
    assertThat(named.get(0).path("title").asString()).isEqualTo("Patrol 2");
    assertThat(named.findValuesAsString("detail"))
        .anyMatch(d -> d.equals("open it on Patrol 2"))
        .noneMatch(d -> d.equals("open it on Patrol 1"));
  }

  @Test
  void aJointIsAnsweredWithWhatIsStatedForItAndWhere() {
    JsonNode sheet = opened("Patrol 1", "mc-pads-front");
    JsonNode found = find("caliper bolts torque patrol 1");
    JsonNode joint = found.get(1);
    assertThat(found.get(0).path("kind").asString()).isEqualTo("MACHINE");
    assertThat(joint.path("kind").asString()).isEqualTo("JOINT");
    assertThat(joint.path("title").asString()).startsWith("Caliper to bracket");
    assertThat(found.toString()).contains("job " + sheet.path("number").asInt());
    assertThat(joint.path("detail").asString()).startsWith("no value yet");
    Answer stated =
        bram.post(
            "/api/jobs/" + sheet.path("jobId").asString() + "/values",
            Map.of(
                "id", UUID.randomUUID(),
                "jointId", "caliper.LEFT",
                "typed", "30 Nm",
                "source", "MANUAL",
                "document", "manual p. 12",
                "version", sheet.path("version").asInt()));
    assertThat(stated.status()).as(stated.detail()).isEqualTo(200);
    assertThat(find("caliper bolts torque patrol 1").get(1).path("detail").asString())
        .startsWith("30 N·m, manual p. 12; aim within 28.5");
    assertThat(joint.path("path").asString()).startsWith("/jobs/").endsWith("/sheet");
  }

  @Test
  void whatGoesOnAJointIsSaidWithItsReasonAndTheShelfsOwnName() {
    opened("Patrol 1", "mc-pads-front");
    JsonNode found = find("what locks caliper bolts?");
    assertThat(found.get(0).path("kind").asString()).isEqualTo("PRODUCT");
    assertThat(found.get(0).path("title").asString()).startsWith("Caliper to bracket");
    assertThat(found.get(0).path("detail").asString()).isNotBlank();
    JsonNode shelf = find("medium");
    assertThat(shelf.findValuesAsString("path")).contains("/shelf");
  }

  @Test
  void aJobIsFoundByItsNumberAndDueByTheWord() {
    int number = opened("Haul 1", "bi-stem-carbon").path("number").asInt();
    JsonNode found = find("job " + number);
    assertThat(found.get(0).path("kind").asString()).isEqualTo("JOB");
    assertThat(found.get(0).path("title").asString()).startsWith("Job " + number + ", ");
    assertThat(find("#" + number).get(0)).isEqualTo(found.get(0));
    for (JsonNode due : find("due")) {
      assertThat(due.path("kind").asString()).isEqualTo("RECHECK");
      assertThat(due.path("path").asString()).endsWith("#rechecks");
    }
    assertThat(find("due").size()).isPositive();
  }

  @Test
  void theMachineInHandComesFirstAndNothingIsFoundByNothing() {
    opened("Haul 1", "bi-stem-carbon");
    Answer here = bram.get("/api/find?q=pinch&machineId=" + machine("Haul 1"));
    assertThat(here.body().toString()).contains("Haul 1").doesNotContain("Patrol");
    assertThat(find("zzzz").size()).isZero();
    assertThat(find(" ").size()).isZero();
    assertThat(bram.get("/api/find?q=" + "x".repeat(201)).status()).isEqualTo(400);
    assertThat(anybody.get("/api/find?q=pads").status()).isEqualTo(401);
  }
}
