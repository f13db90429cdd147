package app.unimetric.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/** A job played over the wire, as a tablet does it. */
final class JobRun {
  final Visitor mechanic;
  final UUID id = UUID.randomUUID();
  final String device = "tablet " + UUID.randomUUID();
  int counter;

  JobRun(Visitor mechanic) {
    this.mechanic = mechanic;
  }

  /** A job of the demo that is ready once its part is named, started. */
  static JobRun skidPlate(Visitor mechanic) {
    JobRun job = new JobRun(mechanic);
    int version = job.open("Mule 2", "skid-plate-front").path("version").asInt();
    Answer named =
        mechanic.post(
            "/api/jobs/" + job.id + "/part",
            Map.of("id", UUID.randomUUID(), "name", "Tolvan P-7", "version", version));
    assertThat(job.start(named.body().path("version").asInt()).status()).isEqualTo(200);
    return job;
  }

  /** A job of the demo whose collar is climbed to hold, started. */
  static JobRun carbonPost(Visitor mechanic) {
    JobRun job = new JobRun(mechanic);
    JsonNode sheet = job.open("Gravel 1", "bi-seatpost-carbon");
    for (JsonNode blocker : sheet.path("blockers")) {
      Answer fits =
          mechanic.post(
              "/api/jobs/" + job.id + "/fits",
              Map.of(
                  "id",
                  UUID.randomUUID(),
                  "question",
                  blocker.path("about").asString(),
                  "fits",
                  true,
                  "note",
                  "measured",
                  "version",
                  sheet.path("version").asInt()));
      assertThat(fits.status()).as(blocker.toString()).isEqualTo(200);
      sheet = fits.body();
    }
    assertThat(job.start(sheet.path("version").asInt()).status()).isEqualTo(200);
    return job;
  }

  /** A job of the demo whose nuts go on to their next slots, started. */
  static JobRun frontHub(Visitor mechanic) {
    JobRun job = new JobRun(mechanic);
    JsonNode sheet = job.open("Mule 2", "atv-hub-front");
    for (int i = 0; i < 20 && !sheet.path("ready").asBoolean(); i++) {
      JsonNode blocker = sheet.path("blockers").get(0);
      String about = blocker.path("about").asString("");
      boolean fit = blocker.path("kind").asString().equals("FIT_NOT_CHECKED");
      Map<String, Object> said = new HashMap<>(Map.of("id", UUID.randomUUID()));
      if (fit) {
        said.putAll(Map.of("question", about, "fits", true, "note", "measured"));
        said.put("version", sheet.path("version").asInt());
      } else {
        said.putAll(Map.of("name", about, "pieces", 20, "price", "", "why", "test"));
        said.putAll(Map.of("size", "", "strength", "", "orderNumber", ""));
      }
      Answer answer =
          mechanic.post(fit ? "/api/jobs/" + job.id + "/fits" : "/api/shelf/parts", said);
      assertThat(answer.status()).as(blocker + " " + answer.detail()).isEqualTo(200);
      sheet = mechanic.get("/api/jobs/" + job.id + "/sheet").body();
    }
    assertThat(job.start(sheet.path("version").asInt()).status())
        .as(sheet.path("blockers").toString())
        .isEqualTo(200);
    return job;
  }

  /** A job of looking again at what a skid plate signed just now asks for, started. */
  static JobRun lookAgain(Visitor mechanic) {
    JobRun fitted = skidPlate(mechanic);
    fitted.sign();
    JobRun look = new JobRun(mechanic);
    for (JsonNode r :
        mechanic.get("/api/machines/" + machineId(mechanic, "Mule 2") + "/rechecks").body()) {
      if (r.path("jobId").asString().equals(fitted.id.toString())) {
        mechanic.post("/api/rechecks/" + r.path("id").asString() + "/look", Map.of("id", look.id));
        JsonNode sheet = mechanic.get("/api/jobs/" + look.id + "/sheet").body();
        assertThat(look.start(sheet.path("version").asInt()).status()).isEqualTo(200);
        return look;
      }
    }
    throw new AssertionError("nothing is to be looked at again");
  }

  /** Says the usual thing to the end; the second look is Bram's, or Asta's where he works. */
  JsonNode sign() {
    JsonNode state = run().path("state");
    while (!state.path("signedOff").asBoolean()) {
      Map<String, Object> said = said(state.path("answers").get(0).path("kind").asString(), state);
      if (said.get("kind").equals("SECOND_LOOK")) {
        String worked =
            state.path("entries").get(0).path("event").path("by").path("name").asString();
        said.put(
            "witness",
            worked.equals("Bram")
                ? Map.of("name", "Asta", "pin", "2468")
                : Map.of("name", "Bram", "pin", "1357"));
      }
      Answer answer = send(said);
      assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
      state = answer.body().path("state");
    }
    return state;
  }

  static String machineId(Visitor visitor, String name) {
    return visitor
        .get("/api/machines?q=" + name.replace(" ", "%20"))
        .body()
        .get(0)
        .path("id")
        .asString();
  }

  JsonNode open(String machine, String pack) {
    Answer sheet =
        mechanic.post(
            "/api/jobs",
            Map.of("id", id, "machineId", machineId(mechanic, machine), "packKey", pack));
    assertThat(sheet.status()).as(sheet.detail()).isEqualTo(200);
    return sheet.body();
  }

  Answer decide(Visitor by, String joint, int value, String readAs, String reason, int version) {
    Map<String, Object> body = new HashMap<>();
    body.put("id", UUID.randomUUID());
    body.put("jointId", joint);
    body.put("valueId", "pack." + (value + 1));
    if (readAs != null) {
      body.put("readAs", readAs);
    }
    body.put("reason", reason);
    body.put("version", version);
    return by.post("/api/jobs/" + id + "/decisions", body);
  }

  Answer start(int version) {
    return mechanic.post("/api/jobs/" + id + "/run", Map.of("version", version));
  }

  JsonNode run() {
    return mechanic.get("/api/jobs/" + id + "/run").body();
  }

  Map<String, Object> said(String kind, JsonNode state) {
    Map<String, Object> said = new HashMap<>();
    said.put("id", UUID.randomUUID());
    said.put("counter", ++counter);
    said.put("stepId", state.path("currentStep").asString());
    said.put("kind", kind);
    if (kind.equals("MEASURED")) {
      said.put("reason", "12.5 mm, as it should be");
    }
    if (kind.equals("FOUND")) {
      said.put("reason", "12.5 mm, as it should be");
      said.put("finding", "GOOD");
    }
    if (kind.equals("SECOND_LOOK")) {
      said.put("finding", "GOOD");
    }
    if (kind.equals("SLOT_AHEAD")) {
      said.put("slot", Map.of("turnDeg", "4", "nmPerDegree", "0.5"));
    }
    if (state.has("nextFastener")) {
      said.put("fastener", state.path("nextFastener").asInt());
    }
    return said;
  }

  Answer send(Map<String, Object> said) {
    return mechanic.post(
        "/api/jobs/" + id + "/run/events", Map.of("device", device, "events", JobRun.sent(said)));
  }

  private static final Set<String> OF_THE_ENTRY =
      Set.of("id", "counter", "stepId", "fastener", "by", "witness", "doneAt");

  /** Entries as they are sent, from what a test says flatly. */
  @SafeVarargs
  static List<Map<String, Object>> sent(Map<String, Object>... flat) {
    return Arrays.stream(flat).map(JobRun::entry).toList();
  }

  private static Map<String, Object> entry(Map<String, Object> flat) {
    Map<String, Object> entry = new HashMap<>();
    Map<String, Object> said = new HashMap<>();
    flat.forEach((name, value) -> (OF_THE_ENTRY.contains(name) ? entry : said).put(name, value));
    for (String part : List.of("moved", "slot")) {
      if (said.remove(part) instanceof Map<?, ?> fields) {
        fields.forEach((name, value) -> said.put(String.valueOf(name), value));
      }
    }
    entry.put("said", said);
    return entry;
  }

  /** Says the usual thing until a step of this kind is in hand. */
  JsonNode until(String kind) {
    JsonNode page = run();
    for (int i = 0; i < 200; i++) {
      JsonNode state = page.path("state");
      String current = state.path("currentStep").asString("");
      for (JsonNode step : page.path("sheet").path("steps")) {
        if (step.path("id").asString().equals(current)
            && step.path("kind").asString().equals(kind)) {
          return page;
        }
      }
      Answer answer = send(said(state.path("answers").get(0).path("kind").asString(), state));
      assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
      page = run();
    }
    throw new AssertionError("never came to " + kind);
  }
}
