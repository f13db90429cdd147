package app.unimetric.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A lead brings people in; they choose their own password and PIN, and go again. */
@InWorkshop
class CrewTest {
  private static final String PASSWORD = "three dry seals";
  private final Workshop workshop;
  private final Visitor asta;

  CrewTest(Workshop workshop) {
    this.workshop = workshop;
    asta = Visitor.signedIn(workshop, "Asta");
  }

  /** Somebody with the word to begin with. */
  private record Brought(String id, String name, String word) {}

  private Brought bring(String role) {
    String name = "Zz " + UUID.randomUUID().toString().substring(0, 8);
    Answer added =
        asta.post("/api/crew", Map.of("id", UUID.randomUUID(), "name", name, "role", role));
    assertThat(added.status()).as(added.detail()).isEqualTo(200);
    JsonNode invited = added.body().path("invited");
    return new Brought(invited.path("id").asString(), name, invited.path("word").asString());
  }

  private static Map<String, Object> first(Brought who, String password, String pin) {
    return Map.of("name", who.name(), "word", who.word(), "password", password, "pin", pin);
  }

  private Visitor came(Brought who) {
    Visitor visitor = stranger();
    Answer answer = visitor.post("/api/session/first", first(who, PASSWORD, "7294"));
    assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
    return visitor;
  }

  private Visitor stranger() {
    Visitor visitor = new Visitor(workshop);
    visitor.get("/api/session");
    return visitor;
  }

  private JsonNode member(Brought who) {
    for (JsonNode p : asta.get("/api/crew").body().path("people")) {
      if (p.path("id").asString().equals(who.id())) {
        return p;
      }
    }
    throw new AssertionError(who.name());
  }

  private Answer edit(Brought who, String what, Map<String, Object> more) {
    Map<String, Object> body = new HashMap<>(more);
    body.put("version", member(who).path("version").asInt());
    return asta.post("/api/crew/" + who.id() + "/" + what, body);
  }

  @Test
  void somebodyAddedChoosesPasswordAndPinAndIsInTheShopFromThenOn() {
    Brought zz = bring("MECHANIC");
    assertThat(member(zz).path("state").asString()).isEqualTo("INVITED");
    Visitor visitor = stranger();
    Answer word = visitor.post("/api/session", Map.of("name", zz.name(), "password", zz.word()));
    assertThat(word.status()).isEqualTo(428);
    assertThat(word.detail()).contains("choose a password and a PIN");
    assertThat(visitor.get("/api/machines").status()).as("not in yet").isEqualTo(401);
    Brought whispered = new Brought(zz.id(), zz.name(), zz.word().toLowerCase().replace("-", " "));
    assertThat(visitor.post("/api/session/first", first(whispered, PASSWORD, "7294")).status())
        .isEqualTo(200);
    assertThat(visitor.get("/api/machines").status()).isEqualTo(200);
    assertThat(member(zz).path("state").asString()).isEqualTo("HERE");
    assertThat(member(zz).path("devices").asInt()).isEqualTo(1);
    assertThat(stranger().post("/api/session/first", first(zz, PASSWORD, "7294")).status())
        .as("the word opens nothing twice")
        .isEqualTo(401);
    assertThat(
            stranger()
                .post("/api/session", Map.of("name", zz.name(), "password", PASSWORD))
                .status())
        .isEqualTo(200);
  }

  @ParameterizedTest
  @CsvSource({
    "three dry, 7294, password, 10 to 128",
    "password1234, 7294, password, very many people use",
    "aaaaaaaaaaaab, 7294, password, very many people use",
    "three dry seals, 123, pin, 4 to 8 digits",
    "three dry seals, 123456789, pin, 4 to 8 digits",
    "three dry seals, 72a4, pin, 4 to 8 digits",
    "three dry seals, 4567, pin, first anybody would try",
    "three dry seals, 8888, pin, first anybody would try",
  })
  void aPoorChoiceIsToldAndTheWordHoldsOn(String password, String pin, String field, String words) {
    Brought zz = bring("MECHANIC");
    Answer answer = stranger().post("/api/session/first", first(zz, password, pin));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body().path("errors").get(0).path("field").asString()).isEqualTo(field);
    assertThat(answer.body().toString()).contains(words);
    came(zz);
  }

  @Test
  void whatALeadTakesAwayIsGoneFromOpenSessionsAtOnce() {
    Brought zz = bring("LEAD");
    Visitor visitor = came(zz);
    assertThat(visitor.get("/api/crew").status()).isEqualTo(200);
    assertThat(edit(zz, "role", Map.of("role", "GUEST")).status()).isEqualTo(200);
    assertThat(visitor.get("/api/crew").status()).as("no lead any more").isEqualTo(403);
    assertThat(visitor.post("/api/shelf/parts", "{}").status()).as("reads only").isEqualTo(403);
    assertThat(visitor.get("/api/machines").status()).isEqualTo(200);
    assertThat(edit(zz, "lock", Map.of("out", true)).status()).isEqualTo(200);
    assertThat(visitor.get("/api/machines").status()).as("shut out").isEqualTo(401);
    Map<String, Object> proof = Map.of("name", zz.name(), "password", PASSWORD);
    assertThat(stranger().post("/api/session", proof).status()).isEqualTo(401);
    edit(zz, "lock", Map.of("out", false));
    assertThat(stranger().post("/api/session", proof).status()).isEqualTo(200);
    edit(zz, "retirement", Map.of("out", true));
    assertThat(stranger().post("/api/session", proof).status()).isEqualTo(401);
    assertThat(member(zz).path("state").asString()).isEqualTo("RETIRED");
    assertThat(member(zz).path("changes").toString())
        .contains(
            "added as lead", "now guest, before lead", "locked out", "let in again", "retired")
        .contains("Asta");
  }

  @Test
  void aResetEndsAllSessionsAndBeginsAnew() {
    Brought zz = bring("MECHANIC");
    Visitor visitor = came(zz);
    Answer reset = edit(zz, "reset", Map.of());
    assertThat(reset.status()).isEqualTo(200);
    assertThat(visitor.get("/api/machines").status()).isEqualTo(401);
    assertThat(
            stranger()
                .post("/api/session", Map.of("name", zz.name(), "password", PASSWORD))
                .status())
        .isEqualTo(401);
    came(new Brought(zz.id(), zz.name(), reset.body().path("invited").path("word").asString()));
  }

  @Test
  void theLastLeadStaysAndOnlyLeadsDecide() {
    String asta = person("Asta");
    for (String what : new String[] {"retirement", "lock", "reset"}) {
      Answer answer =
          this.asta.post("/api/crew/" + asta + "/" + what, Map.of("version", 1, "out", true));
      assertThat(answer.status()).as(what).isEqualTo(409);
      assertThat(answer.detail()).contains("only lead");
    }
    Answer guest =
        this.asta.post("/api/crew/" + asta + "/role", Map.of("version", 1, "role", "MECHANIC"));
    assertThat(guest.status()).isEqualTo(409);
    Visitor bram = Visitor.signedIn(workshop, "Bram");
    assertThat(bram.get("/api/crew").status()).isEqualTo(403);
    assertThat(
            bram.post(
                    "/api/crew", Map.of("id", UUID.randomUUID(), "name", "Zz Own", "role", "LEAD"))
                .status())
        .isEqualTo(403);
  }

  private String person(String name) {
    for (JsonNode p : asta.get("/api/crew").body().path("people")) {
      if (p.path("name").asString().equals(name)) {
        return p.path("id").asString();
      }
    }
    throw new AssertionError(name);
  }

  @Test
  void aNameIsSomebodysForGoodAndTwoLeadsDoNotOverrunEachOther() {
    Brought zz = bring("MECHANIC");
    edit(zz, "retirement", Map.of("out", true));
    Answer again =
        asta.post(
            "/api/crew",
            Map.of("id", UUID.randomUUID(), "name", zz.name().toUpperCase(), "role", "MECHANIC"));
    assertThat(again.status()).isEqualTo(409);
    assertThat(again.detail()).contains("told apart");
    Answer late = asta.post("/api/crew/" + zz.id() + "/lock", Map.of("version", 1, "out", true));
    assertThat(late.status()).isEqualTo(409);
    assertThat(late.body().path("currentVersion").asInt()).isEqualTo(2);
  }

  @Test
  void ownPasswordAndPinAreChangedWithTheOldPasswordAndOtherDevicesGo() {
    Brought zz = bring("MECHANIC");
    Visitor here = came(zz);
    Visitor there = stranger();
    there.post("/api/session", Map.of("name", zz.name(), "password", PASSWORD));
    assertThat(here.get("/api/session/devices").body()).hasSize(2);
    Answer wrong =
        here.post(
            "/api/session/password",
            Map.of("password", "not the one", "newPassword", "four wet seals"));
    assertThat(wrong.status()).isEqualTo(400);
    assertThat(
            here.post(
                    "/api/session/password",
                    Map.of("password", PASSWORD, "newPassword", "four wet seals"))
                .status())
        .isEqualTo(200);
    assertThat(here.get("/api/machines").status()).isEqualTo(200);
    assertThat(there.get("/api/machines").status()).isEqualTo(401);
    assertThat(
            here.post("/api/session/pin", Map.of("password", "four wet seals", "newPin", "905173"))
                .status())
        .isEqualTo(200);
    assertThat(workshop.bean(People.class).witness(zz.name(), "905173").name())
        .isEqualTo(zz.name());
  }

  @Test
  void aLostTabletIsSignedOutFromAnother() {
    Brought zz = bring("GUEST");
    Visitor here = came(zz);
    Visitor lost = stranger();
    lost.post("/api/session", Map.of("name", zz.name(), "password", PASSWORD));
    String key = "";
    for (JsonNode device : here.get("/api/session/devices").body()) {
      key = device.path("here").asBoolean() ? key : device.path("key").asString();
    }
    assertThat(here.delete("/api/session/devices/" + key).body()).hasSize(1);
    assertThat(lost.get("/api/machines").status()).isEqualTo(401);
    assertThat(Visitor.signedIn(workshop, "Bram").delete("/api/session/devices/" + key).status())
        .as("not his, and nothing happens")
        .isEqualTo(200);
    assertThat(here.get("/api/machines").status()).isEqualTo(200);
  }

  @Test
  void whatTheDatabaseHoldsOfASessionOpensNone() {
    Visitor here = came(bring("GUEST"));
    String stored = here.get("/api/session/devices").body().get(0).path("key").asString();
    Visitor thief = new Visitor(workshop);
    String cookie =
        java.util.Base64.getEncoder()
            .encodeToString(stored.getBytes(java.nio.charset.StandardCharsets.UTF_8));
    Answer answer =
        thief.send(
            java.net.http.HttpRequest.newBuilder(
                    java.net.URI.create(workshop.url() + "/api/machines"))
                .header("Cookie", "UNIMETRIC=" + cookie));
    assertThat(answer.status()).isEqualTo(401);
  }
}
