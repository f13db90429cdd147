package app.unimetric.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The simulated wrench streams its curve, and its reading is said with it. */
@InWorkshop
class WrenchTest {
  private static final JsonMapper JSON = new JsonMapper();
  private final Workshop workshop;
  private final Visitor bram;

  WrenchTest(Workshop workshop) {
    this.workshop = workshop;
    bram = Visitor.signedIn(workshop, "Bram");
  }

  private record Told(String event, JsonNode data) {}

  private List<Told> pull(JobRun job, String how) {
    List<Told> told = new ArrayList<>();
    String path = "/api/jobs/" + job.id + "/run/wrench?" + how;
    try (BufferedReader stream =
        new BufferedReader(new InputStreamReader(bram.stream(path), StandardCharsets.UTF_8))) {
      String event = "";
      for (String line = stream.readLine(); line != null; line = stream.readLine()) {
        if (line.startsWith("event:")) {
          event = line.substring(6);
        } else if (line.startsWith("data:")) {
          told.add(new Told(event, JSON.readTree(line.substring(5))));
        }
      }
    } catch (IOException e) {
      throw new AssertionError(e);
    }
    return told;
  }

  private static Map<String, Object> reading(JobRun job, JsonNode state, JsonNode ended) {
    Map<String, Object> said = job.said("READING", state);
    said.put("typed", ended.path("typed").asString());
    said.put("unit", ended.path("unit").asString());
    said.put("curve", ended.path("curve").asString());
    return said;
  }

  @Test
  void nothingIsDialledWhereNoRunoutIsMeasured() {
    JobRun job = JobRun.skidPlate(bram);
    Answer none = bram.get("/api/jobs/" + job.id + "/run/dial");
    assertThat(none.status()).isEqualTo(409);
    assertThat(none.detail()).contains("Nothing is dialled");
    assertThat(bram.get("/api/jobs/" + job.id + "/run/dial?fault=BENT").status()).isEqualTo(400);
  }

  @Test
  void aPullIsFollowedAndItsReadingKeepsItsCurve() {
    JobRun job = JobRun.skidPlate(bram);
    JsonNode page = job.until("TIGHTEN");
    List<Told> told = pull(job, "speed=45");
    assertThat(told.get(0).event()).isEqualTo("begun");
    JsonNode due = told.get(0).data().path("due");
    assertThat(due.path("stepId")).isEqualTo(page.path("state").path("currentStep"));
    assertThat(due.path("fastener")).isEqualTo(page.path("state").path("nextFastener"));
    assertThat(told.stream().filter(t -> t.event().equals("read")).count()).isGreaterThan(10);
    JsonNode ended = told.get(told.size() - 1).data();
    assertThat(ended.path("end").asString()).isEqualTo("CLICKED");
    assertThat(ended.path("words").asString()).contains("Clicked");
    assertThat(ended.path("typed").asString()).matches("\\d+(\\.\\d{1,2})?");

    Answer said = job.send(reading(job, page.path("state"), ended));
    assertThat(said.status()).as(said.detail()).isEqualTo(200);
    JsonNode entries = job.run().path("state").path("entries");
    JsonNode last = entries.get(entries.size() - 1);
    assertThat(last.path("event").path("said").path("curve")).isEqualTo(ended.path("curve"));
    assertThat(last.path("shown").asString()).startsWith(ended.path("typed").asString());
    assertThat(last.has("curve")).as("nothing stands against it").isFalse();
  }

  @Test
  void aThreadThatGivesStopsTheStep() {
    JobRun job = JobRun.skidPlate(bram);
    JsonNode page = job.until("TIGHTEN");
    List<Told> told = pull(job, "speed=90&fault=STRIPPED");
    JsonNode ended = told.get(told.size() - 1).data();
    assertThat(ended.path("end").asString()).isEqualTo("LET_GO");
    assertThat(job.send(reading(job, page.path("state"), ended)).status()).isEqualTo(200);
    JsonNode state = job.run().path("state");
    assertThat(state.path("pending").path("verdict").asString()).isEqualTo("BAD");
    assertThat(state.path("pending").path("curve").path("words").asString())
        .contains("Torque fell");
    assertThat(state.path("answers")).hasSize(1);
    assertThat(state.path("answers").get(0).path("kind").asString()).isEqualTo("REPLACED");
    assertThat(bram.get("/api/jobs/" + job.id + "/run/wrench").status())
        .as("nothing is pulled at it before it is renewed")
        .isEqualTo(409);
  }

  @Test
  void aWrenchThatFallsSilentBringsNoReading() {
    JobRun job = JobRun.skidPlate(bram);
    job.until("TIGHTEN");
    List<Told> told = pull(job, "speed=90&fault=BATTERY");
    JsonNode ended = told.get(told.size() - 1).data();
    assertThat(ended.path("end").asString()).isEqualTo("BATTERY_EMPTY");
    assertThat(ended.path("words").asString()).contains("Nothing was written down");
    assertThat(ended.has("typed")).isFalse();
    assertThat(ended.has("curve")).isFalse();
  }

  @Test
  void whatIsNoPullIsRefused() {
    JobRun job = JobRun.skidPlate(bram);
    String wrench = "/api/jobs/" + job.id + "/run/wrench";
    assertThat(bram.get(wrench).detail()).contains("No torque wrench is pulled");
    JsonNode page = job.until("TIGHTEN");
    assertThat(bram.get(wrench + "?speed=1000").status()).isEqualTo(400);
    assertThat(bram.get(wrench + "?fault=TIRED").status()).isEqualTo(400);
    assertThat(new Visitor(workshop).get(wrench).status()).isEqualTo(401);
    Map<String, Object> said = job.said("READING", page.path("state"));
    said.put("typed", "3");
    said.put("unit", "N.m");
    said.put("curve", "5:1 4:2");
    Answer refused = job.send(said);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.detail()).contains("curve");
  }

  @Test
  void whatIsOnlyTriedHeldOrMovedByItsCurve() {
    JobRun look = JobRun.lookAgain(bram);
    look.until("TRY");
    JsonNode state = look.run().path("state");
    List<Told> tight = pull(look, "speed=45");
    JsonNode held = tight.get(tight.size() - 1).data();
    assertThat(held.path("says").asString()).isEqualTo("HELD");
    assertThat(held.hasNonNull("movedDeg")).isFalse();
    assertThat(held.hasNonNull("typed")).as("a click is no reading").isFalse();
    List<Told> settled = pull(look, "speed=45&fault=SETTLED");
    JsonNode moved = settled.get(settled.size() - 1).data();
    assertThat(moved.path("says").asString()).isEqualTo("MOVED");
    assertThat(moved.path("movedDeg").asInt()).isBetween(5, 30);
    Map<String, Object> said = look.said("HELD", state);
    said.put("curve", held.path("curve").asString());
    Answer answer = look.send(said);
    assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
    JsonNode entries = look.run().path("state").path("entries");
    JsonNode last = entries.get(entries.size() - 1);
    assertThat(last.path("event").path("said").path("curve")).isEqualTo(held.path("curve"));
    assertThat(last.path("verdict").asString()).isEqualTo("HELD");
  }
}
