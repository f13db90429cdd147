package app.unimetric.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.net.URI;
import java.net.http.HttpRequest;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;

@InWorkshop
class SessionTest {
  private final Workshop workshop;

  SessionTest(Workshop workshop) {
    this.workshop = workshop;
  }

  @Test
  void anybodyMayAskWhoIsHereAndGetsTheUnitsWithFactorsOfTheCore() {
    Answer answer = new Visitor(workshop).get("/api/session");

    assertThat(answer.status()).isEqualTo(200);
    assertThat(answer.body().has("person")).isFalse();
    assertThat(answer.body().path("units").size()).isEqualTo(5);
    assertThat(answer.body().path("units").get(1).path("newtonMetres").asDouble())
        .isEqualTo(1.3558179483314003);
  }

  @Test
  void signsInAndOut() {
    Visitor asta = Visitor.signedIn(workshop, "Asta");
    assertThat(asta.get("/api/session").body().path("person").path("role").asString())
        .isEqualTo("LEAD");
    assertThat(asta.get("/api/today").status()).isEqualTo(200);

    assertThat(asta.delete("/api/session").status()).isEqualTo(200);
    assertThat(asta.get("/api/today").status()).isEqualTo(401);
  }

  @Test
  void aWrongPasswordIsRefusedWithoutSayingWhichOfTheTwoIsWrong() {
    Visitor visitor = new Visitor(workshop);
    visitor.get("/api/session");
    Answer wrong = visitor.post("/api/session", Map.of("name", "Ilse", "password", "guess-1234"));
    Answer nobody = visitor.post("/api/session", Map.of("name", "Nobody", "password", "guess-1"));

    assertThat(wrong.status()).isEqualTo(401);
    assertThat(nobody.status()).isEqualTo(401);
    assertThat(wrong.detail()).isEqualTo(nobody.detail());
  }

  @Test
  void guessingIsSlowedDown() {
    Visitor visitor = new Visitor(workshop);
    visitor.get("/api/session");
    int status = 0;
    for (int i = 0; i < 12 && status != 429; i++) {
      status =
          visitor.post("/api/session", Map.of("name", "Mallory", "password", "x" + i)).status();
    }
    assertThat(status).isEqualTo(429);
  }

  @Test
  void aForeignCsrfTokenIsRefusedInPlainWords() {
    Visitor bram = Visitor.signedIn(workshop, "Bram");
    Answer answer =
        bram.send(
            HttpRequest.newBuilder(URI.create(bram.url() + "/api/jobs"))
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", "00000000-0000-0000-0000-000000000000")
                .POST(HttpRequest.BodyPublishers.ofString("{}")));

    assertThat(answer.status()).isEqualTo(403);
    assertThat(answer.detail()).contains("reload");
  }

  @Test
  void aGuestReadsAndChangesNothing() {
    Visitor guest = Visitor.signedIn(workshop, "Visitor");
    assertThat(guest.get("/api/machines").status()).isEqualTo(200);
    Answer answer = guest.post("/api/jobs", "{}");

    assertThat(answer.status()).isEqualTo(403);
    assertThat(answer.detail()).contains("role");
  }

  @Test
  void namesOfTenThousandLettersAndMissingFieldsAreBadRequests() {
    Visitor visitor = new Visitor(workshop);
    visitor.get("/api/session");
    Answer longName =
        visitor.post("/api/session", Map.of("name", "x".repeat(10_000), "password", "secret-12"));
    Answer none = visitor.post("/api/session", "{}");
    Answer broken = visitor.post("/api/session", "{\"name\":");

    assertThat(longName.status()).isEqualTo(400);
    assertThat(longName.body().path("errors").get(0).path("field").asString()).isEqualTo("name");
    assertThat(none.status()).isEqualTo(400);
    assertThat(broken.status()).isEqualTo(400);
  }

  @Test
  void passwordsAreKeptAsArgon2idAndOlderOnesAreAtTheNextSignIn() {
    People people = workshop.bean(People.class);
    assertThat(people.nobody()).isFalse();
    SignedIn old = people.add("Zz dated", Role.GUEST, "depot-zz dated", null);
    workshop
        .bean(PersonMapper.class)
        .rehash(old.id(), new BCryptPasswordEncoder(4).encode("depot-zz dated"));
    Visitor.signedIn(workshop, "Zz dated");
    Visitor.signedIn(workshop, "Zz dated");
    assertThat(people.all())
        .filteredOn(p -> p.passwordHash() != null)
        .extracting(Person::passwordHash)
        .allMatch(h -> h.startsWith("{argon2id}$argon2id$"));
  }

  @ParameterizedTest
  @CsvSource({"29, false", "31, true"})
  void whenASessionWasLastUsedIsWrittenDownEveryHalfMinute(int secondsAgo, boolean written)
      throws SQLException {
    Visitor ilse = Visitor.signedIn(workshop, "Ilse");
    ilse.get("/api/today");
    long used = System.currentTimeMillis() - secondsAgo * 1000L;
    try (Connection owner = workshop.asOwner();
        Statement statement = owner.createStatement()) {
      statement.execute("UPDATE spring_session SET last_access_time = " + used);
      ilse.get("/api/today");
      try (ResultSet stands =
          statement.executeQuery(
              "SELECT max(last_access_time) > " + used + " FROM spring_session")) {
        assertThat(stands.next()).isTrue();
        assertThat(stands.getBoolean(1)).isEqualTo(written);
      }
    }
  }
}
