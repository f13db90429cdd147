package app.unimetric.server.recheck;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

@InWorkshop
class RecheckTest {
  private final Visitor ilse;
  private final Visitor bram;

  RecheckTest(Workshop workshop) {
    ilse = Visitor.signedIn(workshop, "Ilse");
    bram = Visitor.signedIn(workshop, "Bram");
  }

  private JsonNode due(String machine) {
    for (JsonNode r : ilse.get("/api/today").body().path("due")) {
      if (r.path("machineName").asString().equals(machine)) {
        return r;
      }
    }
    throw new AssertionError("nothing is due on " + machine);
  }

  private static Map<String, Object> finding(String outcome, String note) {
    return Map.of("id", UUID.randomUUID(), "outcome", outcome, "note", note, "cause", "NOT_FOUND");
  }

  private Map<String, Object> moved(JsonNode due, String cause) {
    Map<String, Object> found = new HashMap<>(finding("MOVED", "a hand's breadth"));
    found.put("cause", cause);
    found.put("jointId", due.path("jointIds").get(0).asString());
    found.put("angleDeg", "12");
    found.put("gripMm", "20");
    return found;
  }

  private JsonNode onItsMachine(JsonNode due) {
    for (JsonNode r :
        bram.get("/api/machines/" + due.path("machineId").asString() + "/rechecks").body()) {
      if (r.path("id").equals(due.path("id"))) {
        return r;
      }
    }
    throw new AssertionError("not on its machine");
  }

  @Test
  void whatIsCheckedShowsItsTargetAndTool() {
    JsonNode shown = onItsMachine(due("Patrol 2"));
    JsonNode target = shown.path("targets").get(0);
    assertThat(target.path("target").asString()).contains("N·m");
    assertThat(target.path("setting").asString()).contains(" on ");
    assertThat(target.path("title").asString()).isNotBlank();
  }

  @Test
  void whatMovedOpensWhatFollows() {
    JsonNode due = due("Mule 1");
    String path = "/api/rechecks/" + due.path("id").asString() + "/result";
    Map<String, Object> found = moved(due, "CONTAMINATED");
    Map<String, Object> uncaused = new HashMap<>(found);
    uncaused.remove("cause");
    assertThat(ilse.post(path, uncaused).body().path("errors").get(0).path("field").asString())
        .isEqualTo("cause");
    Map<String, Object> nonsense = new HashMap<>(found);
    nonsense.put("angleDeg", "a lot");
    assertThat(ilse.post(path, nonsense).body().path("errors").get(0).path("field").asString())
        .isEqualTo("angleDeg");
    Answer settled = ilse.post(path, found);
    assertThat(settled.status()).as(settled.detail()).isEqualTo(200);
    JsonNode moved = settled.body().path("moved");
    assertThat(moved.path("load").asString()).startsWith("12° of ").contains(" kN");
    assertThat(moved.path("cause").asString()).contains("grease or dirt");
    JsonNode job = bram.get("/api/jobs/" + moved.path("jobId").asString() + "/sheet").body();
    assertThat(job.path("title").asString()).startsWith("Redo: ");
    assertThat(job.path("number")).isEqualTo(moved.path("jobNumber"));
    assertThat(ilse.post(path, found).body().path("moved")).as("a resend").isEqualTo(moved);
  }

  @Test
  void whatMovedMustBeSaidAndIsSettledOnce() {
    JsonNode due = due("Mule 1");
    String path = "/api/rechecks/" + due.path("id").asString() + "/result";
    Answer silent = ilse.post(path, finding("MOVED", " "));
    assertThat(silent.status()).isEqualTo(400);
    assertThat(silent.body().path("errors").get(0).path("field").asString()).isEqualTo("note");
    Map<String, Object> moved = moved(due, "NOT_FOUND");
    assertThat(ilse.post(path, moved).status()).isEqualTo(200);
    assertThat(ilse.post(path, moved).status()).as("a resend").isEqualTo(200);
    Answer other = bram.post(path, finding("HELD", ""));
    assertThat(other.status()).isEqualTo(409);
    assertThat(other.detail()).contains("Ilse");
  }

  @Test
  void whatHeldIsOffTodayAndStaysOnTheMachine() {
    JsonNode due = due("Haul 1");
    String id = due.path("id").asString();
    Answer settled = bram.post("/api/rechecks/" + id + "/result", finding("HELD", ""));
    assertThat(settled.body().path("outcome").asString()).isEqualTo("HELD");
    assertThat(bram.get("/api/today").body().path("due").toString()).doesNotContain(id);
    assertThat(
            bram.get("/api/machines/" + due.path("machineId").asString() + "/rechecks")
                .body()
                .toString())
        .contains(id);
  }

  @Test
  void nonsenseIsRefused() {
    assertThat(
            bram.post("/api/rechecks/" + UUID.randomUUID() + "/result", finding("HELD", ""))
                .status())
        .isEqualTo(404);
    String path = "/api/rechecks/" + due("Patrol 2").path("id").asString() + "/result";
    assertThat(bram.post(path, finding("MAYBE", "")).status()).isEqualTo(400);
    assertThat(bram.post(path, finding("MOVED", "x".repeat(5000))).status()).isEqualTo(400);
    assertThat(bram.post(path, "{}").status()).isEqualTo(400);
  }

  private JsonNode byKilometres(String machine) {
    for (JsonNode r : bram.get("/api/machines/" + machine + "/rechecks").body()) {
      if (r.hasNonNull("dueAt") && !r.hasNonNull("outcome")) {
        return r;
      }
    }
    throw new AssertionError("nothing goes by kilometres");
  }

  @Test
  void aReplacedMeterLeavesAsManyKilometresToGo() {
    String machine = bram.get("/api/machines?q=Patrol%202").body().get(0).path("id").asString();
    JsonNode before = byKilometres(machine);
    double toGo = before.path("dueAt").asDouble() - before.path("meterNow").asDouble();
    int version =
        bram.get("/api/machines/" + machine).body().path("machine").path("version").asInt();
    Map<String, Object> replaced =
        Map.of("id", UUID.randomUUID(), "figure", "3", "meterReplaced", true, "version", version);
    assertThat(bram.post("/api/machines/" + machine + "/readings", replaced).status())
        .isEqualTo(200);
    JsonNode after = byKilometres(machine);
    assertThat(after.path("meterNow").asDouble()).isEqualTo(3);
    assertThat(after.path("dueAt").asDouble() - 3).isCloseTo(toGo, within(1e-6));
    assertThat(after.path("urgency")).isEqualTo(before.path("urgency"));
  }
}
