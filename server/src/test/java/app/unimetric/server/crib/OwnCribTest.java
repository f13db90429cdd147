package app.unimetric.server.crib;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A shop keeps its own tools: brought in, calibrated, checked, dropped, retired. */
@InWorkshop
class OwnCribTest {
  private final Visitor bram;
  private final String name = "Zz " + UUID.randomUUID().toString().substring(0, 8);

  OwnCribTest(Workshop workshop) {
    bram = Visitor.signedIn(workshop, "Bram");
  }

  private Map<String, Object> tool(String... fields) {
    Map<String, Object> tool = new HashMap<>();
    tool.put("name", name);
    tool.put("type", "CLICK");
    tool.put("unit", "[ft_i].[lbf_av]");
    tool.put("min", "");
    tool.put("max", "80");
    tool.put("graduation", "0,5");
    tool.put("deviation", "");
    tool.put("presets", "");
    tool.put("leftHand", false);
    tool.put("adapterLever", "");
    tool.put("adapterExtension", "");
    tool.put("adapterAngle", "");
    for (int i = 0; i < fields.length; i += 2) {
      tool.put(fields[i], fields[i + 1]);
    }
    return tool;
  }

  private Answer bring(UUID id, Map<String, Object> tool) {
    return bram.post(
        "/api/crib/tools",
        Map.of("id", id, "tool", tool, "calibratedOn", "2026-03-01", "cycles", "120"));
  }

  private String brought(String... fields) {
    UUID id = UUID.randomUUID();
    Answer answer = bring(id, tool(fields));
    assertThat(answer.status()).as(answer.detail()).isEqualTo(200);
    return id.toString();
  }

  private JsonNode card(String id) {
    for (JsonNode t : bram.get("/api/crib").body().path("tools")) {
      if (t.path("id").asString().equals(id)) {
        return t;
      }
    }
    throw new AssertionError(id);
  }

  private Answer happened(String id, String kind) {
    return bram.post(
        "/api/crib/tools/" + id + "/happenings",
        Map.of("id", UUID.randomUUID(), "kind", kind, "note", "from the bench"));
  }

  private Answer calibrated(String id, String on, String... points) {
    return bram.post(
        "/api/crib/tools/" + id + "/calibrations",
        Map.of(
            "id",
            UUID.randomUUID(),
            "on",
            on,
            "unit",
            "N.m",
            "certificate",
            "C-17, island laboratory",
            "points",
            java.util.Arrays.stream(points)
                .map(p -> p.split("/"))
                .map(p -> Map.of("set", p[0], "measured", p[1], "stated", ""))
                .toList()));
  }

  @Test
  void aToolIsTypedAsItStandsOnItAndUsableAtOnce() {
    String id = brought("adapterLever", "17.7 in", "adapterExtension", "40", "adapterAngle", "-90");
    JsonNode card = card(id);
    assertThat(card.path("maxNm").asDouble()).isEqualTo(80 * 1.3558179483314003);
    assertThat(card.path("minNm").asDouble()).as("a fifth").isEqualTo(16 * 1.3558179483314003);
    assertThat(card.path("deviationPercent").asDouble()).isEqualTo(4);
    assertThat(card.path("due").asString()).isEqualTo("2027-03-01");
    assertThat(card.path("usesLeft").asInt()).isEqualTo(4880);
    assertThat(card.path("typed").path("adapterLever").asString()).isEqualTo("449.58");
    assertThat(card.path("typed").path("adapterAngle").asString()).isEqualTo("-90");
    String choices = bram.get("/api/crib/choices?bandMinNm=40&bandMaxNm=44").raw().body();
    assertThat(choices).contains(name);
    happened(id, "RETIRED");
    assertThat(bram.get("/api/crib/choices?bandMinNm=40&bandMaxNm=44").raw().body())
        .doesNotContain(name);
    assertThat(card(id).path("retired").asBoolean()).isTrue();
  }

  @ParameterizedTest
  @CsvSource({
    "max, '', max",
    "max, lots, max",
    "min, 90, minNm",
    "unit, pond, unit",
    "deviation, 60, deviationPercent",
    "adapterLever, 400, adapterExtension",
    "presets, 4 five, presets",
    "name, ' ', name"
  })
  void whatIsWrongIsSaidAtItsField(String field, String typed, String told) {
    Answer answer = bring(UUID.randomUUID(), tool(field, typed));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body().path("errors").get(0).path("field").asString()).isEqualTo(told);
  }

  @Test
  void aToolIsTakenOnceAndTwoOfOneNameAreNot() {
    UUID id = UUID.randomUUID();
    assertThat(bring(id, tool()).status()).isEqualTo(200);
    assertThat(bring(id, tool()).status()).isEqualTo(200);
    Answer second = bring(UUID.randomUUID(), tool("name", name.toUpperCase()));
    assertThat(second.status()).isEqualTo(409);
    Answer stale =
        bram.post("/api/crib/tools/" + id, Map.of("version", 7, "tool", tool("max", "90")));
    assertThat(stale.status()).isEqualTo(409);
    Answer changed =
        bram.post("/api/crib/tools/" + id, Map.of("version", 1, "tool", tool("max", "90")));
    assertThat(changed.status()).isEqualTo(200);
    assertThat(card(id.toString()).path("typed").path("max").asString()).isEqualTo("90");
    assertThat(card(id.toString()).path("version").asInt()).isEqualTo(2);
  }

  @Test
  void aCertificateIsJudgedAndADropNeedsANewOne() {
    String id = brought();
    assertThat(card(id).path("inCalibration").asBoolean()).isTrue();
    happened(id, "DROPPED");
    assertThat(card(id).path("out").asString()).contains("dropped on");
    Answer failed = calibrated(id, today(), "20/20", "60/60", "108/100");
    assertThat(failed.status()).isEqualTo(200);
    assertThat(card(id).path("out").asString()).contains("failed its calibration");
    assertThat(card(id).path("log").get(0).path("words").asString())
        .contains("C-17", "off by 8.0 %", "± 4 %");
    calibrated(id, today(), "22/22", "65/64", "108/106");
    assertThat(card(id).path("out").isMissingNode()).isTrue();
    assertThat(card(id).path("calibratedOn").asString()).isEqualTo(today());
    assertThat(card(id).path("cycles").asInt()).as("counted anew").isZero();
  }

  private String today() {
    return bram.get("/api/session").body().path("today").asString();
  }

  private Answer checked(String id, String mass, String arm, String armOff, String reading) {
    Map<String, Object> check = new HashMap<>();
    check.put("id", UUID.randomUUID());
    check.put("massKg", mass);
    check.put("massOffKg", "0,02");
    check.put("arm", arm);
    check.put("armOff", armOff);
    check.put("angleDeg", "");
    check.put("reading", reading);
    return bram.post("/api/crib/tools/" + id + "/checks", check);
  }

  @Test
  void aKnownMassPassesFailsOrIsTooClose() {
    String id = brought();
    // 10 kg on 450 mm: 44.13 N·m, 32.55 ft·lbf
    assertThat(checked(id, "10", "450 mm", "1", "32.5").status()).isEqualTo(200);
    assertThat(card(id).path("log").get(0).path("words").asString()).contains("It held");
    Answer unsure = checked(id, "10", "450 mm", "15", "33.5");
    assertThat(unsure.status()).isEqualTo(400);
    assertThat(unsure.body().toString()).contains("Too close to tell");
    assertThat(card(id).path("out").isMissingNode()).isTrue();
    checked(id, "10", "45 cm", "1", "36");
    assertThat(card(id).path("out").asString()).contains("failed its check");
    assertThat(checked(id, "ten", "", "", "").body().path("errors")).hasSize(3);
  }

  @Test
  void whatIsNoHappeningIsNotTaken() {
    String id = brought();
    assertThat(happened(id, "CALIBRATED").status()).isEqualTo(400);
    assertThat(calibrated(id, "2999-01-01", "20/20").status()).isEqualTo(400);
    assertThat(
            calibrated(id, today(), "20/0").body().path("errors").get(0).path("field").asString())
        .isEqualTo("points[0].measured");
    assertThat(calibrated(id, today()).status()).isEqualTo(400);
    assertThat(happened(UUID.randomUUID().toString(), "DROPPED").status()).isEqualTo(404);
  }

  @Test
  void coverageNamesWhatTheOpenJobsNeed() {
    JsonNode page = bram.get("/api/crib/coverage").body();
    assertThat(page.path("needs")).isNotEmpty();
    int covered = 0;
    for (JsonNode need : page.path("needs")) {
      covered += need.path("covered").asBoolean() ? 1 : 0;
    }
    assertThat(covered).isEqualTo(page.path("covered").asInt());
    assertThat(page.path("gaps").asInt()).isEqualTo(page.path("needs").size() - covered);
    assertThat(List.of(page.has("advice"))).containsExactly(page.path("gaps").asInt() > 0);
  }

  @Test
  void emptyPlacesInListsAreSaidAndNothingFallsOver() {
    String at = "/api/crib/tools/" + brought() + "/calibrations";
    String points =
        "{\"id\":\"%s\",\"on\":\"%s\",\"unit\":\"N.m\",\"certificate\":\"C\",\"points\":[null]}"
            .formatted(UUID.randomUUID(), today());
    assertThat(bram.post(at, points).status()).isEqualTo(400);
    assertThat(bram.post(at, "{}").status()).isEqualTo(400);
    assertThat(bram.post("/api/crib/tools", "{\"tool\":null}").status()).isEqualTo(400);
  }
}
