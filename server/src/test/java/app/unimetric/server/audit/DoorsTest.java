package app.unimetric.server.audit;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Who tries to come in, and what is written down of it. */
@InWorkshop
class DoorsTest {
  private final Workshop workshop;
  private final Visitor asta;

  DoorsTest(Workshop workshop) {
    this.workshop = workshop;
    asta = Visitor.signedIn(workshop, "Asta");
  }

  @AfterEach
  void forgetTries() throws SQLException {
    tries("DELETE FROM sign_in_try WHERE NOT was_right");
  }

  private void tries(String sql) throws SQLException {
    try (Connection owner = workshop.asOwner();
        Statement statement = owner.createStatement()) {
      statement.execute(sql);
    }
  }

  private Answer tryAs(String name, String password) {
    Visitor visitor = new Visitor(workshop);
    visitor.get("/api/session");
    return visitor.post("/api/session", Map.of("name", name, "password", password));
  }

  @Test
  void blanksAndLettersWrittenOtherwiseGiveNoFurtherTries() {
    String nobody = "Zz " + UUID.randomUUID().toString().substring(0, 8);
    List<String> spelt =
        List.of(
            nobody, " " + nobody, nobody + "  ", nobody.replace(" ", "   "), nobody.toUpperCase());
    for (String name : spelt) {
      assertThat(tryAs(name, "guess-guess").status()).isEqualTo(401);
    }
    Answer next = tryAs("\u00a0" + nobody, "guess-guess");
    assertThat(next.status()).isEqualTo(429);
    assertThat(next.detail()).contains("Too many wrong tries; wait");
    assertThat(next.raw().headers().firstValue("Retry-After")).isPresent();
  }

  @Test
  void strangersElsewhereDoNotKeepOutWhoeverIsRight() throws SQLException {
    tries(
        "INSERT INTO sign_in_try (kind, name, address) SELECT 'PASSWORD', 'ilse', '10.0.0.' || (i % 250) FROM generate_series(1, 500) i");
    assertThat(tryAs("Ilse", "depot-ilse").status()).isEqualTo(200);
  }

  @Test
  void aRightOneEndsTheCount() {
    for (int i = 0; i < 4; i++) {
      assertThat(tryAs("Ilse", "guess-guess").status()).isEqualTo(401);
    }
    assertThat(tryAs("Ilse", "depot-ilse").status()).isEqualTo(200);
    for (int i = 0; i < 4; i++) {
      assertThat(tryAs("Ilse", "guess-guess").status()).isEqualTo(401);
    }
    assertThat(tryAs("Ilse", "depot-ilse").status()).isEqualTo(200);
  }

  private List<String> written(String kind) {
    List<String> words = new ArrayList<>();
    for (JsonNode e : asta.get("/api/audit?kind=" + kind).body().path("entries")) {
      words.add(e.path("who").asString() + " " + e.path("about").asString());
    }
    return words;
  }

  @Test
  void whatHappensAtTheDoorsIsWrittenDownForLeads() {
    String nobody = "Zz\u0007" + UUID.randomUUID().toString().substring(0, 8);
    tryAs(nobody, "guess-guess");
    assertThat(written("SIGN_IN_REFUSED").get(0))
        .isEqualTo(nobody.replace('\u0007', '·') + " POST /api/session");
    Visitor bram = Visitor.signedIn(workshop, "Bram");
    assertThat(written("SIGN_IN").get(0)).isEqualTo("Bram POST /api/session");
    assertThat(bram.get("/api/audit").status()).isEqualTo(403);
    bram.get("/api/audit");
    assertThat(written("REFUSED").stream().filter("Bram GET /api/audit"::equals))
        .as("once a minute")
        .hasSizeLessThanOrEqualTo(1);
    bram.get("/api/sheets/of-MACHINES.csv");
    assertThat(written("TAKEN_OUT").get(0)).isEqualTo("Bram GET /api/sheets/of-MACHINES.csv");
    assertThat(new Visitor(workshop).get("/api/audit").status()).isEqualTo(401);
  }

  @ParameterizedTest
  @CsvSource({
    "POST, /api/crew/1/role, 200, RIGHTS",
    "POST, /api/settings, 200, SETTINGS",
    "POST, /api/settings, 403, REFUSED",
    "POST, /api/packs, 200, PACK",
    "POST, /api/sheets/1/acceptance, 200, BROUGHT_IN",
    "POST, /api/sheets/1/lines/2, 200, ",
    "GET, /api/shelf/to-buy.csv, 200, TAKEN_OUT",
    "GET, /api/crew, 200, ",
    "POST, /api/session, 429, SIGN_IN_REFUSED",
    "POST, /api/session, 400, ",
    "DELETE, /api/session, 200, SIGN_OUT",
    "GET, /api/session, 200, ",
    "POST, /api/jobs/1/run/events, 200, "
  })
  void eachCallIsOfItsKind(String method, String path, int status, AuditKind kind) {
    assertThat(AuditedCalls.kind(method, path, status)).isEqualTo(kind);
  }

  /** Behind one router all have one address; the tablets of the workshop are known apart. */
  @Test
  void whoSignedInOnThisDeviceBeforeIsNotKeptOutByStrangersAtTheSameAddress() throws SQLException {
    Visitor tablet = Visitor.signedIn(workshop, "Ilse");
    tablet.delete("/api/session");
    tablet.get("/api/session");
    tries(
        "INSERT INTO sign_in_try (kind, name, address) SELECT 'PASSWORD', 'nobody ' || i, '127.0.0.1' FROM generate_series(1, 190) i");
    tries(
        "INSERT INTO sign_in_try (kind, name, address) SELECT 'PASSWORD', 'ilse', '127.0.0.1' FROM generate_series(1, 40) i");
    assertThat(tryAs("Ilse", "depot-ilse").status()).as("a device nobody knows").isEqualTo(429);
    Answer known = tablet.post("/api/session", Map.of("name", "Ilse", "password", "depot-ilse"));
    assertThat(known.status()).as(known.detail()).isEqualTo(200);
  }

  @Test
  void onAKnownDeviceGuessingIsSlowedAllTheSame() {
    Visitor tablet = Visitor.signedIn(workshop, "Ilse");
    List<Integer> came = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      came.add(
          tablet.post("/api/session", Map.of("name", "Ilse", "password", "guess-guess")).status());
    }
    assertThat(came).containsExactly(401, 401, 401, 401, 401, 429);
  }

  /** The try that marked the device was counted at its address, not yet at the device. */
  @Test
  void whoSignedInOnceOnADeviceComesInThereWhateverStrangersTryUnderTheName() throws SQLException {
    Visitor tablet = Visitor.signedIn(workshop, "Ilse");
    tries(
        "INSERT INTO sign_in_try (kind, name, address) SELECT 'PASSWORD', 'ilse', 'elsewhere ' || i FROM generate_series(1, 40) i");
    assertThat(
            tablet.post("/api/session", Map.of("name", "Ilse", "password", "depot-ilse")).status())
        .isEqualTo(200);
  }

  @Test
  void aMarkOfADeviceThatWasMadeUpIsWorthNothing() throws SQLException {
    tries(
        "INSERT INTO sign_in_try (kind, name, address) SELECT 'PASSWORD', 'nobody ' || i, '127.0.0.1' FROM generate_series(1, 190) i");
    Visitor stranger = new Visitor(workshop);
    stranger.get("/api/session");
    stranger.cookie("UNIMETRIC_DEVICE", "A".repeat(43));
    assertThat(
            stranger
                .post("/api/session", Map.of("name", "Ilse", "password", "depot-ilse"))
                .status())
        .isEqualTo(429);
  }
}
