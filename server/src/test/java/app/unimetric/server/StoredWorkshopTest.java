package app.unimetric.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Visitor.Answer;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A workshop filled at version 8 of the database goes on after the newest program migrated it. */
class StoredWorkshopTest {
  private static final String ON_THE_PLAN = "6801bbed-55b0-44bc-abc4-f4b177cc4a71";
  private static final String ON_THE_BENCH = "5bcfd743-b6ef-4ad3-bda6-1410fb75c7ff";
  private static final String SIGNED = "e9297e62-c948-4524-825b-788560168374";
  private static Workshop workshop;
  private static Visitor bram;

  @BeforeAll
  static void migrates() throws Exception {
    workshop = Workshop.filledAt(8, "/stored/workshop-v8.sql");
    bram = Visitor.signedIn(workshop, "Bram");
  }

  @AfterAll
  static void stops() throws Exception {
    workshop.closeAll();
  }

  private static JsonNode read(String path) {
    Answer answer = bram.get(path);
    assertThat(answer.status()).as(path + " " + answer.detail()).isEqualTo(200);
    return answer.body();
  }

  private static List<String> texts(JsonNode list, String field) {
    List<String> all = new ArrayList<>();
    list.forEach(n -> all.add(n.path(field).asString()));
    return all;
  }

  private static JsonNode joint(JsonNode sheet, String id) {
    for (JsonNode joint : sheet.path("joints")) {
      if (joint.path("id").asString().equals(id)) {
        return joint;
      }
    }
    throw new AssertionError("no joint " + id);
  }

  @Test
  void makeAndModelOfAMachineAreApartAndItIsFoundByBoth() {
    JsonNode machine = read("/api/jobs/" + ON_THE_PLAN + "/sheet").path("machine");
    assertThat(machine.path("make").asString()).isEqualTo("Skerrow");
    assertThat(machine.path("model").asString()).endsWith("Patrol");
    assertThat(read("/api/machines?q=skerrow%20640")).isNotEmpty();
  }

  @Test
  void theSheetSaysAllThatWasSaidOnIt() {
    JsonNode sheet = read("/api/jobs/" + ON_THE_PLAN + "/sheet");
    assertThat(sheet.toString())
        .contains("98 N·m", "Vehicle manual, p. 61", "rolled on glass", "80", "laced anew");
    assertThat(sheet.path("handOrder").asBoolean()).isTrue();
    assertThat(joint(sheet, "axle-nut").path("values").size()).isEqualTo(1);
  }

  @Test
  void aDecisionOfAPlaceInTheListIsNowOneOfThatValue() {
    JsonNode sheet = read("/api/jobs/" + SIGNED + "/sheet");
    JsonNode stay = joint(sheet, "tank-stay");
    assertThat(stay.toString()).contains("88 on the sheet is in·lbf; the stamp says 10 N·m.");
    assertThat(stay.path("values").path(0).path("id").asString()).isEqualTo("pack.1");
    assertThat(sheet.path("blockers"))
        .noneMatch(b -> b.path("jointId").asString("").equals("tank-stay"));
  }

  @Test
  void theRecordKeepsItsEvidence() {
    JsonNode line = read("/api/log").path(0);
    assertThat(line.path("jobId").asString()).isEqualTo(SIGNED);
    assertThat(line.path("signedBy").asString()).isEqualTo("Bram");
    JsonNode record = read("/api/log/" + SIGNED);
    assertThat(record.path("line")).isEqualTo(line);
    assertThat(line.path("readings").asInt()).isPositive();
    assertThat(record.path("asBuilt").path("joints").size()).isEqualTo(5);
  }

  @Test
  void theRunGoesOnWhereItStood() {
    JsonNode before = read("/api/jobs/" + ON_THE_BENCH + "/run");
    int entries = before.path("state").path("entries").size();
    assertThat(entries).isEqualTo(34);
    String step = before.path("state").path("currentStep").asString();
    assertThat(step).isNotBlank();
    Answer said =
        bram.post(
            "/api/jobs/" + ON_THE_BENCH + "/run/events",
            Map.of(
                "device",
                "tablet",
                "events",
                List.of(
                    Map.of(
                        "id",
                        UUID.randomUUID(),
                        "counter",
                        1,
                        "stepId",
                        step,
                        "kind",
                        "NOTE",
                        "reason",
                        "lunch",
                        "doneAt",
                        Instant.now().toString()))));
    assertThat(said.status()).as(said.body().toString()).isEqualTo(200);
    assertThat(read("/api/jobs/" + ON_THE_BENCH + "/run").path("state").path("entries").size())
        .isEqualTo(35);
  }

  @Test
  void reChecksNameTheirJointsById() {
    String machine = read("/api/jobs/" + SIGNED + "/sheet").path("machine").path("id").asString();
    JsonNode rechecks = read("/api/machines/" + machine + "/rechecks");
    assertThat(texts(rechecks, "why"))
        .anyMatch(why -> why.contains("first ride"))
        .anyMatch(why -> why.contains("keep settling"))
        .hasSize(2);
    for (JsonNode recheck : rechecks) {
      assertThat(recheck.path("joints").asString()).contains("Frame plate to frame");
      assertThat(recheck.path("jointIds").size())
          .isEqualTo(recheck.path("joints").asString().split(", ").length);
    }
  }
}
