package app.unimetric.server.problem;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import java.io.IOException;
import java.util.Map;
import org.junit.jupiter.api.Test;

@InWorkshop
class PostgresAwayTest {
  @Test
  void everythingSays503PlainlyAndGoesOnWithoutARestartWhenItComesBack(Workshop workshop)
      throws IOException {
    Visitor bram = Visitor.signedIn(workshop, "Bram");
    Visitor late = new Visitor(workshop);
    late.get("/api/session");
    workshop.stopPostgres();
    try {
      var today = bram.get("/api/today");
      assertThat(today.status()).isEqualTo(503);
      assertThat(today.detail()).contains("database").doesNotContain("SQL");
      var signIn = late.post("/api/session", Map.of("name", "Ilse", "password", "depot-ilse"));
      assertThat(signIn.status()).isEqualTo(503);
      assertThat(late.post("/api/compute/ask", "{\"text\": \"12 Nm\"}").status())
          .as("the desks need no database")
          .isEqualTo(200);
    } finally {
      workshop.startPostgres();
    }
    assertThat(bram.get("/api/today").status()).isEqualTo(200);
    assertThat(late.post("/api/session", Map.of("name", "Ilse", "password", "depot-ilse")).status())
        .isEqualTo(200);
  }
}
