package app.unimetric.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Nothing that matters is kept in memory: a session of one instance is good at another. */
@InWorkshop
class TwoInstancesTest {
  @Test
  void aSessionIsGoodAtBothAndEndsAtBoth(Workshop workshop) throws IOException {
    Visitor asta = Visitor.signedIn(workshop, "Asta");
    try (Workshop second = workshop.another(Map.of("unimetric.demo", "true"))) {
      HttpRequest.Builder there =
          HttpRequest.newBuilder(URI.create(second.url() + "/api/today")).GET();
      assertThat(asta.send(there).status()).isEqualTo(200);
      assertThat(asta.delete("/api/session").status()).isEqualTo(200);
      assertThat(asta.send(there).status()).isEqualTo(401);
    }
  }

  @Test
  void theDemoIsFilledOnce(Workshop workshop) throws IOException {
    Visitor asta = Visitor.signedIn(workshop, "Asta");
    int before = asta.get("/api/machines").body().size();
    try (Workshop second = workshop.another(Map.of("unimetric.demo", "true"))) {
      assertThat(Visitor.signedIn(second, "Asta").get("/api/machines").body().size())
          .isEqualTo(before);
    }
  }
}
