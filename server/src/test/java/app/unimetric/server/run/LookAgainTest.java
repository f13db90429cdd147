package app.unimetric.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Re-checks run at the bench like a job. */
@InWorkshop
class LookAgainTest {
  private static final String MULE = "Mule 2";
  private final Workshop workshop;
  private final Visitor asta;

  LookAgainTest(Workshop workshop) {
    this.workshop = workshop;
    asta = Visitor.signedIn(workshop, "Asta");
  }

  private List<JsonNode> rechecks(String machine) {
    List<JsonNode> all = new ArrayList<>();
    String id = JobRun.machineId(asta, machine);
    asta.get("/api/machines/" + id + "/rechecks").body().forEach(all::add);
    return all;
  }

  /** What a job signed just now asks to be looked at again. */
  private JsonNode asked() {
    JobRun fitted = JobRun.skidPlate(asta);
    fitted.sign();
    return rechecks(MULE).stream()
        .filter(r -> r.path("jobId").asString().equals(fitted.id.toString()))
        .findFirst()
        .orElseThrow();
  }

  private JsonNode now(JsonNode recheck) {
    return rechecks(MULE).stream()
        .filter(r -> r.path("id").equals(recheck.path("id")))
        .findFirst()
        .orElseThrow();
  }

  private Answer look(Visitor by, String recheck, UUID id) {
    return by.post("/api/rechecks/" + recheck + "/look", Map.of("id", id));
  }

  private JobRun begun(JsonNode recheck) {
    JobRun job = new JobRun(asta);
    Answer opened = look(asta, recheck.path("id").asString(), job.id);
    assertThat(opened.status()).as(opened.detail()).isEqualTo(200);
    JsonNode sheet = asta.get("/api/jobs/" + job.id + "/sheet").body();
    assertThat(sheet.path("blockers")).as("ready as it is").isEmpty();
    Answer started = job.start(sheet.path("version").asInt());
    assertThat(started.status()).as(started.detail()).isEqualTo(200);
    return job;
  }

  @Test
  void whatHeldIsSettledByTheSignatureAndFitsNothing() {
    JsonNode due = asked();
    int fitted = parts(MULE);
    JobRun job = begun(due);
    JsonNode sheet = job.run().path("sheet");
    assertThat(sheet.path("title").asString()).startsWith("Look again: ");
    for (JsonNode step : sheet.path("steps")) {
      assertThat(step.path("group").asString()).isIn("Look again", "Sign off");
    }
    JsonNode first = sheet.path("steps").get(0);
    JsonNode target = due.path("targets").get(0);
    assertThat(first.path("kind").asString()).isEqualTo("TRY");
    assertThat(target.path("setting").asString())
        .as("as it was set before")
        .endsWith(first.path("toolName").asString());
    assertThat(now(due).path("lookJobId").asString()).isEqualTo(job.id.toString());
    assertThat(look(asta, due.path("id").asString(), UUID.randomUUID()).body().path("jobId"))
        .as("it is being looked at already")
        .isEqualTo(now(due).path("lookJobId"));
    job.sign();
    JsonNode settled = now(due);
    assertThat(settled.path("outcome").asString()).isEqualTo("HELD");
    assertThat(settled.path("note").asString())
        .isEqualTo("Looked at in job " + settled.path("lookJobNumber").asInt() + ".");
    assertThat(settled.path("foundBy").asString()).isEqualTo("Asta");
    assertThat(parts(MULE)).isEqualTo(fitted);
    assertThat(rechecks(MULE))
        .as("looking again asks for no looking again of its own")
        .noneMatch(r -> r.path("jobId").asString().equals(job.id.toString()));
    Answer back =
        asta.post("/api/jobs/" + job.id + "/back", Map.of("id", UUID.randomUUID().toString()));
    assertThat(back.status()).isEqualTo(409);
    assertThat(back.detail()).contains("fitted nothing");
    assertThat(asta.get("/api/log/" + job.id).status()).isEqualTo(200);
  }

  private int parts(String machine) {
    return asta.get("/api/machines/" + JobRun.machineId(asta, machine) + "/parts")
        .body()
        .path("fitted")
        .size();
  }

  @Test
  void whatMovedForACauseStillInItIsDoneAgainOnce() {
    JsonNode due = asked();
    JobRun job = begun(due);
    JsonNode state = job.run().path("state");
    Map<String, Object> uncaused = job.said("MOVED", state);
    Answer asked = job.send(uncaused);
    assertThat(asked.body().toString()).contains("Say why it moved");
    Map<String, Object> nonsense = job.said("MOVED", state);
    nonsense.put("moved", Map.of("cause", "CONTAMINATED", "angleDeg", "a lot"));
    job.counter--;
    assertThat(job.send(nonsense).status()).isEqualTo(400);
    Map<String, Object> moved = job.said("MOVED", state);
    moved.put("moved", Map.of("cause", "CONTAMINATED", "angleDeg", "12", "gripMm", "20"));
    Answer taken = job.send(moved);
    assertThat(taken.status()).as(taken.detail()).isEqualTo(200);
    job.sign();
    JsonNode settled = now(due);
    assertThat(settled.path("outcome").asString()).isEqualTo("MOVED");
    assertThat(settled.path("moved").path("cause").asString()).contains("grease or dirt");
    assertThat(settled.path("moved").path("load").asString()).startsWith("12° of ").contains(" kN");
    String redo = settled.path("moved").path("jobId").asString();
    assertThat(asta.get("/api/jobs/" + redo + "/sheet").body().path("title").asString())
        .startsWith("Redo: ");
    assertThat(
            rechecks(MULE).stream()
                .filter(r -> r.path("lookJobId").asString().equals(job.id.toString()))
                .map(r -> r.path("moved").path("jobId").asString(redo))
                .distinct())
        .containsExactly(redo);
    JsonNode record = asta.get("/api/log/" + job.id + "/record.json").body();
    assertThat(record.toString()).contains("\"movedCause\":\"CONTAMINATED\"", "\"movedDeg\":12");
  }

  @Test
  void guestsOpenNoneAndWhatIsSettledIsNotLookedAtAgain() {
    JsonNode due = asked();
    String id = due.path("id").asString();
    assertThat(look(Visitor.signedIn(workshop, "Visitor"), id, UUID.randomUUID()).status())
        .isEqualTo(403);
    assertThat(look(asta, UUID.randomUUID().toString(), UUID.randomUUID()).status()).isEqualTo(404);
    asta.post(
        "/api/rechecks/" + id + "/result",
        Map.of("id", UUID.randomUUID(), "outcome", "HELD", "note", ""));
    Answer taken = look(asta, asked().path("id").asString(), JobRun.skidPlate(asta).id);
    assertThat(taken.status()).as("an id of another job").isEqualTo(409);
    assertThat(taken.detail()).contains("another job's");
    assertThat(asta.post("/api/rechecks/" + id + "/look", "{}").status()).isEqualTo(400);
    Answer late = look(asta, id, UUID.randomUUID());
    assertThat(late.status()).isEqualTo(409);
    assertThat(late.detail()).contains("Settled already by Asta");
  }
}
