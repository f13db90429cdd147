package app.unimetric.server.workshop;

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

/** A clock that somebody set back while the server was off. */
@InWorkshop
class ClockTest {
  @Test
  void aClockThatWentBackIsAskedAboutAndTimeDoesNotFollowIt(Workshop workshop) throws IOException {
    JdbcClient db = workshop.bean(JdbcClient.class);
    Instant seen = Instant.now().plus(Duration.ofHours(3));
    assertThat(Visitor.signedIn(workshop, "Bram").get("/api/clock").body().has("question"))
        .isFalse();
    db.sql("UPDATE clock_seen SET at = now() + interval '3 hours'").update();
    try (Workshop later = workshop.another(Map.of("unimetric.demo", "true"))) {
      Visitor bram = Visitor.signedIn(later, "Bram");
      JsonNode asked = bram.get("/api/clock").body();
      assertThat(asked.path("question").asString()).contains("back", "Is its clock right now?");
      assertThat(Instant.parse(asked.path("now").asString()))
          .isAfterOrEqualTo(seen.minusSeconds(2));
      assertThat(bram.post("/api/clock/confirmation", "").status()).isEqualTo(403);
      Visitor asta = Visitor.signedIn(later, "Asta");
      JsonNode right = asta.post("/api/clock/confirmation", "").body();
      assertThat(right.has("question")).isFalse();
      assertThat(Instant.parse(right.path("now").asString())).isBefore(seen.minusSeconds(3600));
      assertThat(bram.get("/api/clock").body().has("question")).isFalse();
    } finally {
      db.sql("UPDATE clock_seen SET at = now()").update();
    }
  }
}
