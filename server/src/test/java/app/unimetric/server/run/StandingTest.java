package app.unimetric.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.io.IOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** What is kept beside a log for speed says nothing the log does not say. */
@InWorkshop
class StandingTest {
  private final Workshop workshop;
  private final Visitor bram;
  private final JdbcClient db;

  StandingTest(Workshop workshop) {
    this.workshop = workshop;
    bram = Visitor.signedIn(workshop, "Bram");
    db = workshop.bean(JdbcClient.class);
  }

  private JsonNode standing(JobRun job) {
    return bram.get("/api/jobs/" + job.id + "/standing").body();
  }

  private int kept(JobRun job) {
    return db.sql("SELECT count(*) FROM run_standing WHERE job_id = ?")
        .param(job.id)
        .query(Integer.class)
        .single();
  }

  private Answer send(Visitor by, JobRun job, Map<String, Object> said, int known) {
    return by.post(
        "/api/jobs/" + job.id + "/run/events",
        Map.of("device", job.device, "known", known, "events", JobRun.sent(said)));
  }

  @Test
  void whatIsKeptFollowsTheLogAndMayBeEmptied() {
    JobRun job = JobRun.skidPlate(bram);
    assertThat(standing(job).path("percent").asInt()).isZero();
    assertThat(kept(job)).isEqualTo(1);
    job.until("TIGHTEN");
    JsonNode further = standing(job);
    assertThat(further.path("percent").asInt()).isPositive();
    assertThat(further.path("station").asString()).isEqualTo("BENCH");
    db.sql("DELETE FROM run_standing WHERE job_id = ?").param(job.id).update();
    assertThat(standing(job)).isEqualTo(further);
    db.sql("UPDATE run_standing SET words = 'wrong', build = 'an older one' WHERE job_id = ?")
        .param(job.id)
        .update();
    assertThat(standing(job)).as("another build's").isEqualTo(further);
    db.sql(
            "UPDATE run_standing SET words = 'wrong', tools_out = gen_random_uuid() WHERE job_id = ?")
        .param(job.id)
        .update();
    assertThat(standing(job)).as("before tools went out of use").isEqualTo(further);
    assertThat(bram.get("/api/today").body().path("jobs").toString())
        .contains(further.path("words").asString());
  }

  @Test
  void onlyWhatTheDeviceDoesNotHaveComesBack() {
    JobRun job = JobRun.skidPlate(bram);
    JsonNode page = job.until("TIGHTEN");
    int known = page.path("state").path("entries").size();
    Map<String, Object> click = job.said("CLICKED", page.path("state"));
    JsonNode moved = send(bram, job, click, known).body();
    assertThat(moved.path("from").asInt()).isEqualTo(known);
    assertThat(moved.path("state").path("entries")).hasSize(1);
    assertThat(moved.path("changed")).isEmpty();
    assertThat(moved.has("summary")).as("until all is done but to sign").isFalse();

    Map<String, Object> strike = job.said("CORRECTION", moved.path("state"));
    strike.remove("fastener");
    strike.put("corrects", click.get("id"));
    JsonNode struck = send(bram, job, strike, known + 1).body();
    assertThat(struck.path("changed")).hasSize(1);
    assertThat(struck.path("changed").get(0).path("correctedBy").asString())
        .isEqualTo(strike.get("id").toString());
    JsonNode whole = send(bram, job, strike, 4000).body();
    assertThat(whole.path("state").path("entries"))
        .as("a resend, of another log")
        .hasSize(known + 2);
  }

  @Test
  void anIdSaysOneThing() {
    JobRun job = JobRun.skidPlate(bram);
    Map<String, Object> note = job.said("NOTE", job.run().path("state"));
    note.put("reason", "scratched before we came");
    assertThat(job.send(note).status()).isEqualTo(200);
    assertThat(job.send(note).status()).as("sent again").isEqualTo(200);
    Map<String, Object> other = new HashMap<>(note);
    other.put("reason", "not scratched at all");
    assertThat(job.send(other).status()).isEqualTo(409);
    JobRun second = JobRun.skidPlate(bram);
    Map<String, Object> elsewhere = second.said("NOTE", second.run().path("state"));
    elsewhere.put("id", note.get("id"));
    elsewhere.put("reason", "scratched before we came");
    assertThat(second.send(elsewhere).status()).as("on another job").isEqualTo(409);
    assertThat(second.run().path("state").path("entries")).isEmpty();
  }

  @Test
  void whatAnotherServerTookIsPlayedOnHere() throws IOException {
    JobRun job = JobRun.skidPlate(bram);
    JsonNode page = job.until("TIGHTEN");
    try (Workshop second = workshop.another(Map.of("unimetric.demo", "true"))) {
      Visitor there = Visitor.signedIn(second, "Bram");
      for (int i = 0; i < 3; i++) {
        Visitor who = i % 2 == 0 ? there : bram;
        Map<String, Object> note = job.said("NOTE", page.path("state"));
        note.put("reason", "by turns " + i);
        assertThat(send(who, job, note, 0).status()).isEqualTo(200);
      }
      assertThat(there.get("/api/jobs/" + job.id + "/run").body().path("state"))
          .isEqualTo(job.run().path("state"));
    }
  }

  @Test
  void anEntryThatIsTakenBackWithItsTransactionIsNotKeptInMemory() throws SQLException {
    JobRun job = JobRun.skidPlate(bram);
    JsonNode page = job.until("TIGHTEN");
    int known = page.path("state").path("entries").size();
    String refuses =
        "CREATE FUNCTION refuse_use() RETURNS trigger AS $$ BEGIN RAISE EXCEPTION 'no'; END $$ LANGUAGE plpgsql;"
            + " CREATE CONSTRAINT TRIGGER refuse_use AFTER INSERT ON tool_use DEFERRABLE INITIALLY DEFERRED"
            + " FOR EACH ROW EXECUTE FUNCTION refuse_use()";
    try (Connection owner = workshop.asOwner();
        Statement statement = owner.createStatement()) {
      statement.execute(refuses);
      try {
        assertThat(job.send(job.said("CLICKED", page.path("state"))).status()).isEqualTo(503);
      } finally {
        statement.execute("DROP TRIGGER refuse_use ON tool_use; DROP FUNCTION refuse_use()");
      }
    }
    assertThat(job.run().path("state").path("entries")).hasSize(known);
    job.counter--;
    JsonNode state = job.send(job.said("CLICKED", page.path("state"))).body().path("state");
    assertThat(state.path("entries")).hasSize(known + 1);
  }

  @Test
  void whatWaitedGoesInTogetherAndOnce() {
    JobRun job = JobRun.skidPlate(bram);
    JsonNode state = job.run().path("state");
    Map<String, Object> first = noted(job, state, "first");
    Map<String, Object> second = noted(job, state, "second");
    Map<String, Object> third = noted(job, state, "third");
    assertThat(sendAll(job, first, second, first).status()).isEqualTo(200);
    assertThat(sendAll(job, first, second, third).status()).isEqualTo(200);
    assertThat(job.run().path("state").path("entries"))
        .extracting(e -> e.path("event").path("said").path("reason").asString())
        .containsExactly("first", "second", "third");

    Map<String, Object> fourth = noted(job, state, "fourth");
    job.counter++;
    Map<String, Object> sixth = noted(job, state, "sixth");
    Answer gap = sendAll(job, fourth, sixth);
    assertThat(gap.status()).isEqualTo(409);
    assertThat(gap.body().path("expectedCounter").asInt()).isEqualTo(5);
    Map<String, Object> other = new HashMap<>(fourth);
    other.put("reason", "something else under the same id");
    assertThat(sendAll(job, fourth, other).status()).isEqualTo(409);
    assertThat(job.run().path("state").path("entries")).as("all of it or nothing").hasSize(3);
  }

  private static Map<String, Object> noted(JobRun job, JsonNode state, String words) {
    Map<String, Object> note = job.said("NOTE", state);
    note.put("reason", words);
    return note;
  }

  @SafeVarargs
  private static Answer sendAll(JobRun job, Map<String, Object>... said) {
    return job.mechanic.post(
        "/api/jobs/" + job.id + "/run/events",
        Map.of("device", job.device, "events", JobRun.sent(said)));
  }
}
