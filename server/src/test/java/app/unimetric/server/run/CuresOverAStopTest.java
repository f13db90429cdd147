package app.unimetric.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** What cures while the server is off is not ridable because a clock says so that nobody saw. */
@InWorkshop
class CuresOverAStopTest {
  private final Workshop workshop;

  CuresOverAStopTest(Workshop workshop) {
    this.workshop = workshop;
  }

  @Test
  void whoeverComesFirstIsAskedWhetherTheTimeIsRight() throws IOException {
    JdbcClient db = workshop.bean(JdbcClient.class);
    Visitor mechanic = Visitor.signedIn(workshop, "Bram");
    JobRun job = JobRun.skidPlate(mechanic);
    job.sign();
    JsonNode signed = mechanic.get("/api/jobs/" + job.id + "/standing").body();
    assertThat(Instant.parse(signed.path("ridableFrom").asString()))
        .as("it cures")
        .isAfter(Instant.now());
    db.sql("UPDATE clock_seen SET at = now() - interval '59 minutes'").update();
    try (Workshop soon = workshop.another(Map.of("unimetric.demo", "true"))) {
      assertThat(Visitor.signedIn(soon, "Bram").get("/api/clock").body().has("question"))
          .as("a short stop is believed")
          .isFalse();
    }
    db.sql("UPDATE clock_seen SET at = now() - interval '3 hours'").update();
    Instant stopped = Instant.now().minus(Duration.ofHours(3));
    try (Workshop later = workshop.another(Map.of("unimetric.demo", "true"))) {
      Visitor guest = Visitor.signedIn(later, "Visitor");
      JsonNode asked = guest.get("/api/clock").body();
      assertThat(asked.path("question").asString()).contains("while something cures");
      assertThat(asked.path("mayAnswer").asBoolean()).isFalse();
      assertThat(Instant.parse(asked.path("now").asString()))
          .isBetween(stopped.minusSeconds(60), stopped.plusSeconds(600));
      Visitor bram = Visitor.signedIn(later, "Bram");
      assertThat(bram.get("/api/clock").body().path("mayAnswer").asBoolean()).isTrue();
      JsonNode right = bram.post("/api/clock/confirmation", "").body();
      assertThat(right.has("question")).isFalse();
      assertThat(Instant.parse(right.path("now").asString()))
          .isAfter(Instant.now().minusSeconds(60));
    } finally {
      db.sql("UPDATE clock_seen SET at = now()").update();
    }
  }
}
