package app.unimetric.server.machine;

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

/** A machine comes into the fleet on the screen. */
@InWorkshop
class BroughtMachineTest {
  private final Workshop workshop;
  private final Visitor ilse;

  BroughtMachineTest(Workshop workshop) {
    this.workshop = workshop;
    ilse = Visitor.signedIn(workshop, "Ilse");
  }

  private static Map<String, Object> machine(String name, String frame) {
    Map<String, Object> m = new HashMap<>();
    m.put("id", UUID.randomUUID());
    m.put("name", name);
    m.put("kind", "MOTORCYCLE");
    m.put("make", "Skerrow");
    m.put("model", "Zz 300");
    m.put("modelYear", 2024);
    m.put("variant", "");
    m.put("frameNumber", frame);
    m.put("registration", "");
    m.put("owner", "");
    m.put("meter", "KM");
    m.put("note", "Harbour");
    return m;
  }

  private static String aName() {
    return "Zz " + UUID.randomUUID().toString().substring(0, 8);
  }

  @Test
  void isFoundAndWorkedOnAtOnce() {
    String name = aName();
    Answer added = ilse.post("/api/machines", machine("  " + name + " ", ""));
    assertThat(added.status()).as(added.detail()).isEqualTo(200);
    assertThat(added.body().path("name").asString()).isEqualTo(name);
    String id = added.body().path("id").asString();
    assertThat(ilse.get("/api/machines?q=" + name.replace(" ", "%20")).body()).hasSize(1);
    Answer job =
        ilse.post(
            "/api/jobs",
            Map.of("id", UUID.randomUUID(), "machineId", id, "packKey", "mc-oil-drain"));
    assertThat(job.status()).as(job.detail()).isEqualTo(200);
    ilse.post(
        "/api/jobs/" + job.body().path("jobId").asString() + "/cancelling",
        Map.of("id", UUID.randomUUID(), "reason", "Opened by a test.", "version", 1));
  }

  @Test
  void isTakenOnceAndTwoOfOneNameOrFrameAreNot() {
    String frame = UUID.randomUUID().toString().substring(0, 12);
    Map<String, Object> first = machine(aName(), frame);
    assertThat(ilse.post("/api/machines", first).status()).isEqualTo(200);
    assertThat(ilse.post("/api/machines", first).status()).as("sent again").isEqualTo(200);
    Map<String, Object> sameName = machine(first.get("name").toString().toUpperCase(), "");
    Answer called = ilse.post("/api/machines", sameName);
    assertThat(called.status()).isEqualTo(409);
    assertThat(called.detail()).contains("call this one otherwise");
    Answer framed = ilse.post("/api/machines", machine(aName(), frame.toUpperCase()));
    assertThat(framed.status()).isEqualTo(409);
    assertThat(framed.detail()).contains("is it the same machine?");
  }

  @ParameterizedTest
  @CsvSource({
    "name, '', what the workshop calls it",
    "make, ' ', who made it",
    "modelYear, 24, with four digits",
    "kind, BOAT, kind",
  })
  void whatIsWrongIsSaidAtItsField(String field, String typed, String words) {
    Map<String, Object> wrong = machine(aName(), "");
    wrong.put(field, field.equals("modelYear") ? (Object) Integer.valueOf(typed) : typed);
    Answer answer = ilse.post("/api/machines", wrong);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body().toString()).contains(words);
  }

  @Test
  void aGuestBringsNone() {
    Visitor guest = Visitor.signedIn(workshop, "Visitor");
    assertThat(guest.post("/api/machines", machine(aName(), "")).status()).isEqualTo(403);
  }

  @Test
  void isChangedAndRetiredWithWhoDidIt() {
    Map<String, Object> m = machine(aName(), "");
    String id = ilse.post("/api/machines", m).body().path("id").asString();
    m.put("modelYear", 2023);
    m.put("meter", "NONE");
    Answer changed = ilse.post("/api/machines/" + id, Map.of("version", 1, "machine", m));
    assertThat(changed.status()).as(changed.detail()).isEqualTo(200);
    assertThat(changed.body().path("changes").get(0).path("what").asString())
        .isEqualTo("model year: 2024 → 2023; meter counts: kilometres → nothing, it has none");
    assertThat(changed.body().path("changes").get(0).path("saidBy").asString()).isEqualTo("Ilse");
    m.put("note", "Elsewhere");
    assertThat(ilse.post("/api/machines/" + id, Map.of("version", 1, "machine", m)).status())
        .as("somebody was quicker")
        .isEqualTo(409);
    Answer retired =
        ilse.post("/api/machines/" + id + "/retirement", Map.of("version", 2, "retired", true));
    assertThat(retired.body().path("machine").has("retiredAt")).isTrue();
    Answer job =
        ilse.post(
            "/api/jobs",
            Map.of("id", UUID.randomUUID(), "machineId", id, "packKey", "mc-oil-drain"));
    assertThat(job.status()).isEqualTo(409);
    assertThat(job.detail()).contains("is retired");
    String words = m.get("name").toString().replace(" ", "%20");
    assertThat(ilse.get("/api/machines?q=" + words + "%202023%20skerrow").body())
        .as("found by any of its words")
        .hasSize(1);
    assertThat(ilse.get("/api/machines").body().toString())
        .as("not among those here")
        .doesNotContain(m.get("name").toString());
    Answer back =
        ilse.post("/api/machines/" + id + "/retirement", Map.of("version", 3, "retired", false));
    assertThat(back.body().path("machine").has("retiredAt")).isFalse();
  }

  @Test
  void anotherMachinesNameIsNotTakenByAChange() {
    String taken = aName();
    ilse.post("/api/machines", machine(taken, ""));
    Map<String, Object> second = machine(aName(), "");
    String id = ilse.post("/api/machines", second).body().path("id").asString();
    second.put("name", taken);
    assertThat(ilse.post("/api/machines/" + id, Map.of("version", 1, "machine", second)).status())
        .isEqualTo(409);
  }

  @Test
  void theOneCalledSoStandsFirst() {
    // “640 Patrol 2023” has the words “patrol” and “2” too.
    assertThat(ilse.get("/api/machines?q=patrol%202").body().get(0).path("name").asString())
        .isEqualTo("Patrol 2");
  }
}
