package app.unimetric.server.problem;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

@InWorkshop
class PostgresAwayTest {
  @AfterEach
  void forgetDeadConnections(Workshop workshop) {
    workshop.forgetDeadConnections();
  }

  /** A connection used just before is found dead by the first who asks, once for each of them. */
  private static int onceItIsBack(Visitor who) {
    int status = 503;
    for (int i = 0; i < 30 && status == 503; i++) {
      status = who.get("/api/today").status();
    }
    return status;
  }

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
    assertThat(onceItIsBack(bram)).isEqualTo(200);
    assertThat(late.post("/api/session", Map.of("name", "Ilse", "password", "depot-ilse")).status())
        .isEqualTo(200);
  }

  @Test
  void aReloadOfAnyPageWorksMeanwhileSignedInOrNot(Workshop workshop) throws IOException {
    Visitor bram = Visitor.signedIn(workshop, "Bram");
    Visitor anybody = new Visitor(workshop);
    workshop.stopPostgres();
    try {
      for (String path : List.of("/", "/jobs/" + UUID.randomUUID() + "/bench", "/today")) {
        for (Visitor who : List.of(bram, anybody)) {
          Visitor.Answer page = who.get(path);
          assertThat(page.status()).as(path).isEqualTo(200);
          assertThat(page.raw().body()).contains("<script");
        }
      }
      assertThat(bram.post("/api/compute/ask", "{\"text\": \"12 Nm\"}").status())
          .as("a desk of who is signed in")
          .isEqualTo(200);
      Visitor.Answer api = bram.get("/api/today");
      assertThat(api.status()).isEqualTo(503);
      assertThat(api.raw().headers().firstValue("Retry-After")).isPresent();
    } finally {
      workshop.startPostgres();
    }
    assertThat(onceItIsBack(bram)).as("still signed in").isEqualTo(200);
  }

  @Test
  void whereEveryConnectionIsTakenTheAnswerIsToComeBackLater(Workshop workshop)
      throws SQLException {
    Visitor bram = Visitor.signedIn(workshop, "Bram");
    Visitor anybody = new Visitor(workshop);
    anybody.get("/api/session");
    HikariDataSource pool = workshop.bean(HikariDataSource.class);
    List<Connection> taken = new ArrayList<>();
    try {
      while (taken.size() < pool.getMaximumPoolSize()) {
        taken.add(pool.getConnection());
      }
      for (Visitor.Answer answer :
          List.of(
              bram.get("/api/today"),
              bram.post("/api/jobs", Map.of("id", UUID.randomUUID())),
              anybody.post("/api/session", Map.of("name", "Bram", "password", "depot-bram")))) {
        assertThat(answer.status()).as(answer.detail()).isEqualTo(503);
        assertThat(answer.raw().headers().firstValue("Retry-After")).isPresent();
        assertThat(answer.raw().headers().firstValue("Content-Type").orElse(""))
            .startsWith("application/problem+json");
      }
      assertThat(anybody.get("/").status()).isEqualTo(200);
    } finally {
      for (Connection connection : taken) {
        connection.close();
      }
    }
    assertThat(bram.get("/api/today").status()).isEqualTo(200);
  }
}
