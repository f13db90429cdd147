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
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What was left standing overnight says so to whoever opens the bench. */
@InWorkshop
class LeftStandingTest {
  private final Workshop workshop;

  LeftStandingTest(Workshop workshop) {
    this.workshop = workshop;
  }

  private static JsonNode say(Visitor who, JobRun job, String kind, JsonNode page, Duration ago) {
    Map<String, Object> said = job.said(kind, page.path("state"));
    Instant now = Instant.now();
    said.put("doneAt", now.minus(ago).toString());
    Answer answer =
        who.post(
            "/api/jobs/" + job.id + "/run/events",
            Map.of("device", job.device, "sentAt", now.toString(), "events", JobRun.sent(said)));
    assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
    return who.get("/api/jobs/" + job.id + "/run").body();
  }

  @Test
  void aJointLeftInTheMiddleOfItsPassesIsBegunAgain() throws IOException, SQLException {
    JobRun job = JobRun.skidPlate(Visitor.signedIn(workshop, "Bram"));
    try (Connection owner = workshop.asOwner();
        Statement statement = owner.createStatement()) {
      // Time cannot be waited for, and what is evidence is changed by nobody else.
      statement.execute("ALTER TABLE job_run DISABLE TRIGGER USER");
      statement.execute(
          "UPDATE job_run SET started_at = started_at - interval '2 days' WHERE job_id = '"
              + job.id
              + "'");
      statement.execute("ALTER TABLE job_run ENABLE TRIGGER USER");
    }
    // Another server knows nothing of the moment it was started but what is written down.
    try (Workshop second = workshop.another(Map.of("unimetric.demo", "true"))) {
      Visitor ilse = Visitor.signedIn(second, "Ilse");
      JsonNode page = ilse.get("/api/jobs/" + job.id + "/run").body();
      for (int i = 0; i < 60 && !page.has("interruption"); i++) {
        page =
            say(
                ilse,
                job,
                page.path("state").path("answers").get(0).path("kind").asString(),
                page,
                Duration.ofHours(20));
      }
      JsonNode stood = page.path("interruption");
      assertThat(stood.path("words").asString()).isNotBlank();
      String step = page.path("state").path("currentStep").asString();
      assertThat(page.path("state").path("answers").toString()).contains("BEGUN_AGAIN");
      JsonNode again = say(ilse, job, "BEGUN_AGAIN", page, Duration.ZERO);
      assertThat(again.has("interruption")).isFalse();
      JsonNode entries = again.path("state").path("entries");
      assertThat(entries.get(entries.size() - 1).has("notCounted")).isFalse();
      assertThat(again.path("state").path("doneSteps").toString()).doesNotContain(step);
    }
  }
}
