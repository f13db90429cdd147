package app.unimetric.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Somebody else makes entries at the device of whoever is signed in, by PIN. */
@InWorkshop
class OnTabletTest {
  private final Workshop workshop;

  OnTabletTest(Workshop workshop) {
    this.workshop = workshop;
  }

  private static Answer note(Visitor by, UUID job, String step, int counter, String saidBy) {
    Map<String, Object> said = new HashMap<>();
    said.put("id", UUID.randomUUID());
    said.put("counter", counter);
    said.put("stepId", step);
    said.put("kind", "NOTE");
    said.put("reason", "Grease on the left thread only.");
    said.put("by", saidBy);
    return by.post(
        "/api/jobs/" + job + "/run/events",
        Map.of("device", "tablet-of-asta", "events", JobRun.sent(said)));
  }

  @Test
  void entriesStandUnderTheNameOfWhoeverSignedOnUntilTheShiftIsHandedBack() {
    Visitor asta = Visitor.signedIn(workshop, "Asta");
    JobRun begun = JobRun.skidPlate(asta);
    UUID job = begun.id;
    String step = begun.run().path("state").path("currentStep").asString();
    assertThat(asta.get("/api/session").body().path("onTablet")).isEmpty();

    Answer wrong = asta.post("/api/session/tablet", Map.of("name", "Bram", "pin", "0000"));
    assertThat(wrong.status()).isEqualTo(403);
    Answer on = asta.post("/api/session/tablet", Map.of("name", "Bram", "pin", "1357"));
    assertThat(on.status()).as(on.detail()).isEqualTo(200);
    assertThat(on.body().path("person").path("name").asString()).isEqualTo("Asta");
    String bram = on.body().path("onTablet").get(0).path("id").asString();
    String own = on.body().path("person").path("id").asString();

    assertThat(note(asta, job, step, 1, bram).status()).isEqualTo(200);
    assertThat(note(asta, job, step, 2, own).status()).isEqualTo(200);
    assertThat(note(asta, job, step, 3, null).status()).isEqualTo(200);
    JsonNode entries = asta.get("/api/jobs/" + job + "/run").body().path("state").path("entries");
    assertThat(entries.get(0).path("event").path("by").path("name").asString()).isEqualTo("Bram");
    assertThat(entries.get(0).path("event").path("by").path("lead").asBoolean()).isFalse();
    assertThat(entries.get(1).path("event").path("by").path("name").asString()).isEqualTo("Asta");
    assertThat(entries.get(2).path("event").path("by").path("name").asString()).isEqualTo("Asta");

    assertThat(asta.delete("/api/session/tablet/" + bram).body().path("onTablet")).isEmpty();
    Answer after = note(asta, job, step, 4, bram);
    assertThat(after.status()).isEqualTo(401);
    assertThat(after.detail()).contains("has not signed on");
    assertThat(asta.get("/api/jobs/" + job + "/run").body().path("state").path("entries"))
        .hasSize(3);
  }

  @Test
  void nobodySpeaksForAnotherAndNoGuestLendsADevice() {
    Visitor asta = Visitor.signedIn(workshop, "Asta");
    JobRun begun = JobRun.skidPlate(asta);
    UUID job = begun.id;
    String step = begun.run().path("state").path("currentStep").asString();
    String ilse =
        Visitor.signedIn(workshop, "Ilse")
            .get("/api/session")
            .body()
            .path("person")
            .path("id")
            .asString();
    assertThat(note(asta, job, step, 1, ilse).status()).isEqualTo(401);
    Visitor guest = Visitor.signedIn(workshop, "Visitor");
    Answer lent = guest.post("/api/session/tablet", Map.of("name", "Bram", "pin", "1357"));
    assertThat(lent.status()).isEqualTo(403);
    assertThat(lent.detail()).contains("guest");
    assertThat(
            new Visitor(workshop)
                .post("/api/session/tablet", Map.of("name", "Bram", "pin", "1357"))
                .status())
        .isIn(401, 403);
    // What was signed on at one session holds for no other of the same person.
    asta.post("/api/session/tablet", Map.of("name", "Bram", "pin", "1357"));
    assertThat(Visitor.signedIn(workshop, "Asta").get("/api/session").body().path("onTablet"))
        .isEmpty();
  }
}
