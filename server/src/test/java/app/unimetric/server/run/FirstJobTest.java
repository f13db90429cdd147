package app.unimetric.server.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import app.unimetric.server.crib.Crib;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

@InWorkshop
class FirstJobTest {
  private final Workshop workshop;
  private final Visitor bram;
  private final Visitor asta;

  FirstJobTest(Workshop workshop) {
    this.workshop = workshop;
    bram = Visitor.signedIn(workshop, "Bram");
    asta = Visitor.signedIn(workshop, "Asta");
  }

  @Test
  void crashBarsAreNotReadyUntilALeadDecidesWithAReason() {
    JobRun job = new JobRun(bram);
    JsonNode sheet = job.open("Patrol 1", "crash-bars-upper");
    int version = sheet.path("version").asInt();
    assertThat(sheet.path("ready").asBoolean()).isFalse();
    assertThat(sheet.path("blockers").toString()).contains("in·lbf").contains("33 ft·lbf");
    assertThat(job.start(version).status()).isEqualTo(409);

    Answer mechanic = job.decide(bram, "hanger-clamp", 0, null, "I think so", version);
    assertThat(mechanic.status()).isEqualTo(403);
    Answer noReason = job.decide(asta, "hanger-clamp", 0, null, "  ", version);
    assertThat(noReason.status()).as(noReason.body().toString()).isEqualTo(400);
    assertThat(noReason.body().path("errors").get(0).path("field").asString()).isEqualTo("reason");
    Answer first = job.decide(asta, "hanger-clamp", 0, null, "Vehicle's own bolt.", version);
    assertThat(first.status()).isEqualTo(200);
    Answer stale = job.decide(asta, "tank-stay", 0, null, "Old tab.", version);
    assertThat(stale.status()).isEqualTo(409);
    Answer second =
        job.decide(asta, "tank-stay", 1, "[in_i].[lbf_av]", "Sheet means in·lbf.", version + 1);
    assertThat(second.body().path("ready").asBoolean()).isTrue();
    JsonNode stay = second.body().path("joints").get(3);
    assertThat(stay.path("aimNm").asDouble()).isBetween(9.9, 10.0);
    assertThat(job.start(version + 2).status()).isEqualTo(200);
  }

  @Test
  void aWholeJobEndsInARecordAFittedPartAndReChecks() {
    JobRun job = JobRun.skidPlate(bram);
    JsonNode asked = job.until("MEASURE");
    Map<String, Object> wordless = job.said("MEASURED", asked.path("state"));
    wordless.put("reason", "enough");
    assertThat(lastEntry(job.send(wordless).body().path("state")).path("notCounted").asString())
        .contains("Type the figure in mm first");
    JsonNode page = job.until("SECOND_LOOK");
    Map<String, Object> own = job.said("SECOND_LOOK", page.path("state"));
    JsonNode refused = job.send(own).body().path("state");
    assertThat(lastEntry(refused).path("notCounted").asString()).contains("another person");

    Map<String, Object> wrongPin = job.said("SECOND_LOOK", refused);
    wrongPin.put("witness", Map.of("name", "Asta", "pin", "0000"));
    assertThat(job.send(wrongPin).status()).isEqualTo(403);
    job.counter--;
    Map<String, Object> look = job.said("SECOND_LOOK", refused);
    look.put("witness", Map.of("name", "Asta", "pin", "2468"));
    JsonNode signable = job.send(look).body().path("state");
    JsonNode end = job.send(job.said("SIGNED_OFF", signable)).body();
    assertThat(end.path("state").path("signedOff").asBoolean()).isTrue();

    Answer record = bram.get("/api/log/" + job.id);
    assertThat(record.body().path("line").path("signedBy").asString()).isEqualTo("Bram");
    assertThat(record.body().path("asBuilt").path("readings").asInt()).isPositive();
    String machine = JobRun.machineId(bram, "Mule 2");
    JsonNode rechecks = bram.get("/api/machines/" + machine + "/rechecks").body();
    assertThat(rechecks.toString()).contains(job.id.toString());
    assertThat(bram.get("/api/machines/" + machine + "/parts").body().path("fitted").toString())
        .contains(job.id.toString(), "Front skid plate: Tolvan P-7");
    JsonNode after = job.send(job.said("NOTE", end.path("state"))).body();
    assertThat(after.path("status").asInt()).as("a note needs its reason").isEqualTo(400);
  }

  @Test
  void aResendChangesNothingAndAGapIsRefusedWithTheNumberExpected() {
    JobRun job = JobRun.skidPlate(bram);
    Map<String, Object> said = job.said("DONE", job.run().path("state"));
    JsonNode first = job.send(said).body();
    JsonNode again = job.send(said).body();
    assertThat(again.path("state")).isEqualTo(first.path("state"));

    Map<String, Object> ahead = job.said("DONE", first.path("state"));
    ahead.put("counter", 7);
    Answer gap = job.send(ahead);
    assertThat(gap.status()).isEqualTo(409);
    assertThat(gap.body().path("expectedCounter").asInt()).isEqualTo(2);

    Map<String, Object> behind = job.said("DONE", first.path("state"));
    behind.put("counter", 1);
    Answer taken = job.send(behind);
    assertThat(taken.status()).as("another entry has this number").isEqualTo(409);
    assertThat(taken.body().path("expectedCounter").asInt()).isEqualTo(2);
    assertThat(job.run().path("state").path("entries")).hasSize(1);
  }

  @Test
  void aReadingOutsideTheBandWaitsForARedoOrALead() {
    JobRun job = JobRun.skidPlate(bram);
    JsonNode page = job.until("TIGHTEN");
    Map<String, Object> high = job.said("READING", page.path("state"));
    high.put("typed", "300");
    high.put("unit", "N.m");
    JsonNode over = job.send(high).body().path("state");
    assertThat(over.path("pending").path("verdict").asString()).isEqualTo("ABOVE");
    assertThat(over.path("answers")).hasSize(1);
    assertThat(over.path("answers").get(0).path("kind").asString()).isEqualTo("REPLACED");
    JsonNode renewed = job.send(job.said("REPLACED", over)).body().path("state");
    assertThat(renewed.has("pending")).isFalse();

    Map<String, Object> low = job.said("READING", renewed);
    low.put("typed", "0.5");
    low.put("unit", "N.m");
    JsonNode waiting = job.send(low).body().path("state");
    assertThat(waiting.path("pending").path("verdict").asString()).isEqualTo("BELOW");

    Map<String, Object> alone = job.said("DEVIATION_ACCEPTED", waiting);
    alone.put("reason", "Looks fine");
    JsonNode refused = job.send(alone).body().path("state");
    assertThat(lastEntry(refused).path("notCounted").asString()).contains("lead");

    Map<String, Object> withLead = job.said("DEVIATION_ACCEPTED", refused);
    withLead.put("reason", "Tool was read in the wrong unit.");
    withLead.put("witness", Map.of("name", "Asta", "pin", "2468"));
    JsonNode stands = job.send(withLead).body().path("state");
    assertThat(stands.has("pending")).isFalse();
  }

  @Test
  void aCorrectionStandsBesideWhatItCorrects() {
    JobRun job = JobRun.skidPlate(bram);
    JsonNode page = job.until("TIGHTEN");
    JsonNode state = job.send(job.said("CLICKED", page.path("state"))).body().path("state");
    JsonNode entry = lastEntry(state);
    Map<String, Object> correction = job.said("CORRECTION", state);
    correction.put("stepId", entry.path("event").path("stepId").asString());
    correction.put("corrects", entry.path("event").path("id").asString());
    JsonNode after = job.send(correction).body().path("state");

    assertThat(after.path("entries").size()).isEqualTo(state.path("entries").size() + 1);
    assertThat(after.path("entries").get(after.path("entries").size() - 2).path("correctedBy"))
        .isEqualTo(lastEntry(after).path("event").path("id"));
    assertThat(after.path("nextFastener").asInt())
        .isEqualTo(entry.path("event").path("fastener").asInt());
  }

  @Test
  void readingsThatAreNoNumbersAreRefusedAtTheirPlace() {
    JobRun job = JobRun.skidPlate(bram);
    JsonNode page = job.until("TIGHTEN");
    for (String typed : new String[] {"about ten", "1e309", "", "-5", "9".repeat(10_000)}) {
      Map<String, Object> said = job.said("READING", page.path("state"));
      job.counter--;
      said.put("typed", typed);
      said.put("unit", "N.m");
      Answer answer = job.send(said);
      assertThat(answer.status()).as(typed).isEqualTo(400);
      assertThat(answer.body().path("errors").get(0).path("field").asString())
          .startsWith("events[0]");
    }
    Map<String, Object> stepless = new HashMap<>(job.said("READING", page.path("state")));
    stepless.remove("stepId");
    assertThat(job.send(stepless).status()).isEqualTo(400);
    assertThat(bram.post("/api/jobs/" + UUID.randomUUID() + "/run/events", "{}").status())
        .isEqualTo(400);
  }

  @Test
  void theDatabaseItselfRefusesToChangeEvidence() throws SQLException {
    JobRun job = JobRun.skidPlate(bram);
    job.send(job.said("DONE", job.run().path("state")));
    JdbcClient sql = JdbcClient.create(workshop.bean(DataSource.class));
    List<String> changes =
        List.of("UPDATE run_event SET counter = counter + 100", "DELETE FROM meter_reading");
    for (String change : changes) {
      assertThatThrownBy(() -> sql.sql(change).update())
          .as("the application may not even try")
          .hasStackTraceContaining("permission denied");
    }
    assertThatThrownBy(() -> sql.sql("TRUNCATE run_event").update())
        .hasStackTraceContaining("permission denied");
    assertThatThrownBy(() -> sql.sql("DROP TABLE run_event").update())
        .hasStackTraceContaining("must be owner");
    try (Connection owner = workshop.asOwner();
        Statement statement = owner.createStatement()) {
      for (String change : changes) {
        assertThatThrownBy(() -> statement.execute(change))
            .as("nor does the owner by mistake")
            .hasMessageContaining("evidence");
      }
    }
  }

  private static JsonNode lastEntry(JsonNode state) {
    return state.path("entries").get(state.path("entries").size() - 1);
  }

  /** What device clocks say is kept; one that is off by more than two minutes is told so. */
  @ParameterizedTest
  @CsvSource({"0, false", "115, false", "-115, false", "130, true", "-130, true"})
  void aDeviceClockThatIsOffIsTold(long aheadSeconds, boolean told) {
    JobRun job = JobRun.skidPlate(bram);
    Map<String, Object> said = job.said("DONE", job.run().path("state"));
    Instant itsTime = Instant.now().plusSeconds(aheadSeconds);
    said.put("doneAt", itsTime.toString());
    JsonNode page =
        bram.post(
                "/api/jobs/" + job.id + "/run/events",
                Map.of(
                    "device",
                    job.device,
                    "sentAt",
                    itsTime.toString(),
                    "events",
                    JobRun.sent(said)))
            .body();
    assertThat(page.hasNonNull("deviceClock"))
        .as(page.path("deviceClock").asString(""))
        .isEqualTo(told);
    JsonNode time = lastEntry(page.path("state")).path("event").path("time");
    assertThat(Math.abs(time.path("deviceAheadSeconds").asLong() - aheadSeconds))
        .isLessThanOrEqualTo(2);
  }

  @Test
  void eachReadingWithATorqueToolIsOneUseOfIt() {
    JobRun job = JobRun.skidPlate(bram);
    JsonNode page = job.until("TIGHTEN");
    String tool = step(page).path("toolId").asString();
    assertThat(tool).isNotBlank();
    int before = uses(tool);
    Map<String, Object> reading =
        job.said(
            page.path("state").path("answers").get(0).path("kind").asString(), page.path("state"));
    assertThat(job.send(reading).status()).isEqualTo(200);
    assertThat(uses(tool)).isEqualTo(before + 1);
    assertThat(job.send(reading).status()).as("a resend").isEqualTo(200);
    assertThat(uses(tool)).isEqualTo(before + 1);
  }

  @Test
  void aToolThatNobodyLaidOutIsNoUseOfAny() {
    JobRun job = JobRun.skidPlate(bram);
    JsonNode state = job.until("TIGHTEN").path("state");
    Map<String, Object> took = job.said("AMENDED", state);
    took.put("toolId", "no tool at all");
    took.put("reason", "It was at hand.");
    Map<String, Object> click = job.said("CLICKED", state);
    Answer answer =
        bram.post(
            "/api/jobs/" + job.id + "/run/events",
            Map.of("device", job.device, "events", JobRun.sent(took, click)));
    assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
    assertThat(lastEntry(answer.body().path("state")).has("notCounted")).isFalse();
  }

  @ParameterizedTest
  @ValueSource(strings = {"WELDED", "", "DONE,typed", "READING", "HELD,reason"})
  void whatIsNoEntryIsRefusedAtItsPlaceAndNothingOfItStands(String said) {
    JobRun job = JobRun.skidPlate(bram);
    Map<String, Object> entry = job.said("DONE", job.run().path("state"));
    String[] parts = said.split(",");
    entry.put("kind", parts[0]);
    if (parts.length > 1) {
      entry.put(parts[1], "14");
    }
    Answer answer = job.send(entry);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body().path("errors").get(0).path("field").asString())
        .startsWith("events[0].said");
    assertThat(answer.detail()).isNotBlank();
    assertThat(job.run().path("state").path("entries")).isEmpty();
  }

  @Test
  void aReadingWithAnotherToolIsAUseOfThatOne() {
    JobRun job = JobRun.skidPlate(bram);
    JsonNode page = job.until("TIGHTEN");
    JsonNode step = step(page);
    String planned = step.path("toolId").asString();
    String other = "";
    for (JsonNode joint : page.path("sheet").path("joints")) {
      if (joint.path("id").asString().equals(step.path("jointId").asString())) {
        other = joint.path("otherTools").get(0).path("toolId").asString();
      }
    }
    int ofPlanned = uses(planned);
    int ofOther = uses(other);
    Map<String, Object> took = job.said("AMENDED", page.path("state"));
    took.put("toolId", other);
    took.put("reason", "The planned one is in use.");
    JsonNode state = job.send(took).body().path("state");
    assertThat(job.send(job.said("CLICKED", state)).status()).isEqualTo(200);
    assertThat(uses(other)).isEqualTo(ofOther + 1);
    assertThat(uses(planned)).isEqualTo(ofPlanned);
  }

  private int uses(String tool) {
    return workshop.bean(Crib.class).tools().stream()
        .filter(t -> t.id().equals(tool))
        .findFirst()
        .orElseThrow()
        .cycles();
  }

  private static JsonNode step(JsonNode page) {
    String current = page.path("state").path("currentStep").asString();
    for (JsonNode step : page.path("sheet").path("steps")) {
      if (step.path("id").asString().equals(current)) {
        return step;
      }
    }
    throw new AssertionError(current);
  }
}
