package app.unimetric.server.log;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
import java.time.LocalDate;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

@InWorkshop
class LogTest {
  private final Visitor guest;

  LogTest(Workshop workshop) {
    guest = Visitor.signedIn(workshop, "Visitor");
  }

  @ParameterizedTest
  @ValueSource(strings = {"crash", "CRASH", "Patrol%202", "Bram", "Skerrow"})
  void isSearchedByJobMachineAndPerson(String text) {
    JsonNode found = guest.get("/api/log?q=" + text).body();
    assertThat(found.size()).isPositive();
    assertThat(found.toString()).contains("Fit crash bars (upper)");
  }

  @ParameterizedTest
  @ValueSource(strings = {"zzz", "%25", "%27%20OR%20zzz=zzz", "_"})
  void findsNothingForWhatStandsNowhere(String text) {
    assertThat(guest.get("/api/log?q=" + text).body().size()).isZero();
  }

  @ParameterizedTest
  @ValueSource(strings = {"Quarter-inch%20click", "quarter%20bar", ""})
  void isFoundByToolsJointsAndWhatWasSaid(String text) {
    JsonNode everything = guest.get("/api/log?q=Patrol%202").body();
    String said = text.isEmpty() ? somethingSaid(everything).replace(" ", "%20") : text;
    assertThat(guest.get("/api/log?q=" + said).body().toString())
        .as(said)
        .contains(everything.get(0).path("jobId").asString());
  }

  private String somethingSaid(JsonNode lines) {
    JsonNode record = guest.get("/api/log/" + lines.get(0).path("jobId").asString()).body();
    for (JsonNode entry : record.path("asBuilt").path("run").path("entries")) {
      if (entry.path("event").path("said").has("reason")) {
        return entry
            .path("event")
            .path("said")
            .path("reason")
            .asString()
            .replaceAll("[^A-Za-z0-9 ]", " ");
      }
    }
    throw new AssertionError("nothing was said");
  }

  @Test
  void isNarrowedByDaysAndByWhatIsToBeSeen() {
    JsonNode line = guest.get("/api/log?q=Patrol%202").body().get(0);
    String id = line.path("jobId").asString();
    String day = line.path("signedAt").asString().substring(0, 10);
    LocalDate signed = LocalDate.parse(day);
    String around = "from=" + signed.minusDays(1) + "&until=" + signed.plusDays(1);
    assertThat(guest.get("/api/log?" + around).body().toString()).contains(id);
    assertThat(guest.get("/api/log?from=" + signed.plusDays(2)).body().toString())
        .doesNotContain(id);
    assertThat(guest.get("/api/log?until=" + signed.minusDays(2)).body().toString())
        .doesNotContain(id);
    JsonNode outside = guest.get("/api/log?outside=true").body();
    assertThat(outside.toString()).contains(id);
    outside.forEach(l -> assertThat(l.path("deviations").asInt()).isPositive());
    guest
        .get("/api/log?corrected=true")
        .body()
        .forEach(l -> assertThat(l.path("corrections").asInt()).isPositive());
    assertThat(guest.get("/api/log?from=%2B999999999-01-01").status()).isEqualTo(400);
  }

  @Test
  void aRecordSaysWhoDidWhatWithWhichToolAndHowItCameOut() {
    JsonNode line = guest.get("/api/log?q=Patrol%202").body().get(0);
    JsonNode record = guest.get("/api/log/" + line.path("jobId").asString()).body();
    JsonNode built = record.path("asBuilt");
    assertThat(built.path("people").toString()).contains("Bram", "Asta");
    assertThat(built.path("readings").asInt()).isGreaterThan(10);
    assertThat(built.path("deviations").asInt()).isPositive();
    assertThat(built.path("sheet").path("steps").toString()).contains("Quarter-inch click");
    assertThat(built.path("run").path("signedOff").asBoolean()).isTrue();
    assertThat(line.path("deviations")).isEqualTo(built.path("deviations"));
  }

  @Test
  void whatIsNotSignedIsNotInIt() {
    assertThat(guest.get("/api/log/" + UUID.randomUUID()).status()).isEqualTo(404);
    assertThat(guest.get("/api/log?q=" + "x".repeat(500)).status()).isEqualTo(400);
  }
}
