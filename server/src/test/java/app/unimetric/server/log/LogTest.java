package app.unimetric.server.log;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Workshop;
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
  @ValueSource(strings = {"zzz", "%25", "%27%20OR%201=1", "_"})
  void findsNothingForWhatStandsNowhere(String text) {
    assertThat(guest.get("/api/log?q=" + text).body().size()).isZero();
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
