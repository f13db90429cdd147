package app.unimetric.server.machine;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

@InWorkshop
class MeterTest {
  private final Visitor bram;
  private String id;
  private int version;
  private double last;

  MeterTest(Workshop workshop) {
    bram = Visitor.signedIn(workshop, "Bram");
  }

  @BeforeEach
  void find() {
    JsonNode machine = bram.get("/api/machines?q=Trail").body().get(0);
    id = machine.path("id").asString();
    version = machine.path("version").asInt();
    last = machine.path("meterFigure").asDouble();
  }

  private Answer read(UUID reading, String figure, int basedOn) {
    return bram.post(
        "/api/machines/" + id + "/readings",
        Map.of("id", reading, "figure", figure, "version", basedOn));
  }

  @ParameterizedTest
  @ValueSource(strings = {"twelve", "1e309", "-4", "NaN", "", "1,2,3", "99999999999999999999"})
  void nonsenseIsRefusedAtItsField(String figure) {
    Answer answer = read(UUID.randomUUID(), figure, version);

    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body().path("errors").get(0).path("field").asString()).isEqualTo("figure");
  }

  @Test
  void aLowerReadingNeedsTheWordThatTheMeterWasReplaced() {
    String lower = Long.toString((long) last - 5);
    assertThat(read(UUID.randomUUID(), lower, version).status()).isEqualTo(400);

    Answer replaced =
        bram.post(
            "/api/machines/" + id + "/readings",
            Map.of(
                "id",
                UUID.randomUUID(),
                "figure",
                lower,
                "meterReplaced",
                true,
                "version",
                version));
    assertThat(replaced.status()).isEqualTo(200);
    assertThat(replaced.body().path("machine").path("meterFigure").asDouble()).isEqualTo(last - 5);
  }

  @Test
  void isTakenOnceHoweverOftenItIsSentAndAStaleTabIsToldBothVersions() {
    UUID reading = UUID.randomUUID();
    String figure = Long.toString((long) last + 3);
    Answer first = read(reading, figure, version);
    Answer again = read(reading, figure, version);

    assertThat(first.status()).isEqualTo(200);
    assertThat(again.status()).isEqualTo(200);
    assertThat(again.body().path("readings").size())
        .isEqualTo(first.body().path("readings").size());

    Answer stale = read(UUID.randomUUID(), Long.toString((long) last + 9), version);
    assertThat(stale.status()).isEqualTo(409);
    assertThat(stale.body().path("yourVersion").asInt()).isEqualTo(version);
    assertThat(stale.body().path("currentVersion").asInt()).isEqualTo(version + 1);
  }

  @Test
  void aMachineThatIsNotThereIsNotFound() {
    assertThat(bram.get("/api/machines/" + UUID.randomUUID()).status()).isEqualTo(404);
    assertThat(bram.get("/api/machines/not-an-id").status()).isIn(400, 404);
    assertThat(bram.get("/api/machines?q=" + "x".repeat(2000)).status()).isEqualTo(400);
  }
}
