package app.unimetric.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
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

  @Test
  void fiftyTakersOnTwoServersTakeNoMoreThanThereIs(Workshop workshop)
      throws IOException, InterruptedException {
    String part = "Zz washer " + UUID.randomUUID();
    try (Workshop second = workshop.another(Map.of("unimetric.demo", "true"))) {
      Visitor here = Visitor.signedIn(workshop, "Bram");
      Visitor there = Visitor.signedIn(second, "Ilse");
      assertThat(here.post("/api/shelf/parts", taken(part, 30)).status()).isEqualTo(200);
      ExecutorService hands = Executors.newFixedThreadPool(10);
      AtomicInteger got = new AtomicInteger();
      for (int i = 0; i < 50; i++) {
        Visitor who = i % 2 == 0 ? here : there;
        hands.execute(
            () -> {
              if (who.post("/api/shelf/parts", taken(part, -1)).status() == 200) {
                got.incrementAndGet();
              }
            });
      }
      hands.shutdown();
      assertThat(hands.awaitTermination(60, TimeUnit.SECONDS)).isTrue();
      assertThat(got).hasValue(30);
      assertThat(here.get("/api/shelf").raw().body())
          .contains("{\"name\":\"" + part + "\",\"pieces\":0");
    }
  }

  @Test
  void whoWaitsForAnotherTakerSeesWhatTheyLeft(Workshop workshop)
      throws SQLException, ExecutionException, InterruptedException {
    String part = "Zz pin " + UUID.randomUUID();
    Visitor bram = Visitor.signedIn(workshop, "Bram");
    assertThat(bram.post("/api/shelf/parts", taken(part, 1)).status()).isEqualTo(200);
    try (Connection other = workshop.asOwner();
        Connection watch = workshop.asOwner()) {
      other.setAutoCommit(false);
      execute(other, "SELECT name FROM shelf_part WHERE name = '" + part + "' FOR UPDATE");
      execute(
          other,
          "INSERT INTO shelf_part_move (id, part, pieces, why, moved_by, moved_by_id, moved_at)"
              + " SELECT gen_random_uuid(), part, -1, '', moved_by, moved_by_id, moved_at"
              + " FROM shelf_part_move WHERE part = '"
              + part
              + "'");
      CompletableFuture<Answer> late =
          CompletableFuture.supplyAsync(() -> bram.post("/api/shelf/parts", taken(part, -1)));
      long deadline = System.nanoTime() + TimeUnit.SECONDS.toNanos(30);
      while (!isAnybodyWaiting(watch) && System.nanoTime() < deadline) {
        Thread.onSpinWait();
      }
      other.commit();
      assertThat(late.get().status()).isEqualTo(400);
      assertThat(late.get().raw().body()).contains("takes off more than the 0 there are");
    }
  }

  private static void execute(Connection connection, String sql) throws SQLException {
    try (Statement statement = connection.createStatement()) {
      statement.execute(sql);
    }
  }

  private static boolean isAnybodyWaiting(Connection connection) throws SQLException {
    try (Statement ask = connection.createStatement();
        ResultSet waiting =
            ask.executeQuery(
                "SELECT EXISTS (SELECT 1 FROM pg_stat_activity WHERE wait_event_type = 'Lock')")) {
      return waiting.next() && waiting.getBoolean(1);
    }
  }

  private static Map<String, Object> taken(String part, int pieces) {
    return Map.of(
        "id",
        UUID.randomUUID(),
        "name",
        part,
        "pieces",
        pieces,
        "price",
        "",
        "size",
        "",
        "strength",
        "",
        "orderNumber",
        "",
        "why",
        "test");
  }
}
