package app.unimetric.server.machine;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.util.HashMap;
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

  private Answer say(String figure, Map<String, Object> besides) {
    JsonNode machine = bram.get("/api/machines/" + id).body().path("machine");
    Map<String, Object> reading = new HashMap<>(besides);
    reading.put("id", UUID.randomUUID());
    reading.put("figure", figure);
    reading.put("version", machine.path("version").asInt());
    return bram.post("/api/machines/" + id + "/readings", reading);
  }

  @Test
  void aLeapIsAskedAboutAndTakenWhenItIsMeant() {
    String far = Long.toString((long) last + 100_000);
    Answer asked = say(far, Map.of());
    assertThat(asked.status()).isEqualTo(400);
    assertThat(asked.detail()).contains("more than the last reading").contains("Check the digits");
    Answer taken = say(far, Map.of("leapMeant", true));
    assertThat(taken.status()).as(taken.detail()).isEqualTo(200);
    assertThat(taken.body().path("machine").path("meterFigure").asDouble())
        .isEqualTo((long) last + 100_000);

    Answer mended = say(Long.toString((long) last + 100), Map.of("slip", "a nought too many"));
    assertThat(mended.status()).as(mended.detail()).isEqualTo(200);
    JsonNode readings = mended.body().path("readings");
    assertThat(readings.get(0).path("corrects")).isEqualTo(readings.get(1).path("id"));
    assertThat(readings.get(0).path("reason").asString()).isEqualTo("a nought too many");
    assertThat(mended.body().path("machine").path("meterFigure").asDouble())
        .isEqualTo((long) last + 100);
    assertThat(say(Long.toString((long) last + 90), Map.of("slip", "two digits swapped")).status())
        .as("a slip of a slip is held against the last that stands")
        .isEqualTo(200);
    assertThat(say(Long.toString((long) last - 1), Map.of("slip", "no")).status()).isEqualTo(400);
    assertThat(say("1", Map.of("slip", "x".repeat(1001))).status()).isEqualTo(400);
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
