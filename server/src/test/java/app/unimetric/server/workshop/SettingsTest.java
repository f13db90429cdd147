package app.unimetric.server.workshop;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.util.Map;
import java.util.UUID;
import java.util.function.Consumer;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What the workshop decides for itself holds at once, and says since when. */
@InWorkshop
class SettingsTest {
  private final Visitor asta;
  private final Visitor bram;

  SettingsTest(Workshop workshop) {
    asta = Visitor.signedIn(workshop, "Asta");
    bram = Visitor.signedIn(workshop, "Bram");
  }

  @AfterEach
  void asItUsuallyIs() {
    JsonNode page = asta.get("/api/settings").body();
    asta.post(
        "/api/settings",
        Map.of(
            "id",
            UUID.randomUUID(),
            "version",
            page.path("version").asInt(),
            "settings",
            page.path("usual")));
  }

  private Answer change(Visitor who, int version, Consumer<ObjectNode> how) {
    ObjectNode now = (ObjectNode) asta.get("/api/settings").body().path("now");
    how.accept(now);
    return who.post(
        "/api/settings", Map.of("id", UUID.randomUUID(), "version", version, "settings", now));
  }

  private int version() {
    return asta.get("/api/settings").body().path("version").asInt();
  }

  @Test
  void aChangeHoldsForThePlansMadeFromThenOnAndIsDated() {
    Answer opened =
        asta.post(
            "/api/jobs",
            Map.of(
                "id",
                UUID.randomUUID(),
                "machineId",
                bram.get("/api/machines?q=Haul%202").body().get(0).path("id").asString(),
                "packKey",
                "stem-and-bar"));
    assertThat(opened.status()).as(opened.detail()).isEqualTo(200);
    String id = opened.body().path("jobId").asString();
    String before = bram.get("/api/jobs/" + id + "/plan.json").raw().body();
    Answer changed =
        change(
            asta, version(), now -> now.put("aim", "LOWER_THIRD").put("tolerancePercent", "7,5"));
    assertThat(changed.status()).as(changed.detail()).isEqualTo(200);
    assertThat(changed.body().path("changes").get(0).path("changed").asString())
        .contains("aim: the middle → the lower third", "± 10 % → ± 7.5 %");
    assertThat(changed.body().path("changes").get(0).path("saidBy").asString()).isEqualTo("Asta");
    assertThat(bram.get("/api/jobs/" + id + "/plan.json").raw().body()).isNotEqualTo(before);
    Answer sheet = bram.get("/api/jobs/" + id + "/sheet");
    assertThat(sheet.body().path("rules").asString()).as(sheet.raw().body()).contains("Asta");
    asta.post(
        "/api/jobs/" + id + "/cancelling",
        Map.of("id", UUID.randomUUID(), "reason", "Opened by a test.", "version", 1));
  }

  @ParameterizedTest
  @CsvSource({
    "name, '', name",
    "unit, pond, unit",
    "zone, Atlantis/West, zone",
    "tolerancePercent, much, tolerancePercent",
    "criticalTolerancePercent, 11, criticalPercent",
    "lookAgainMinutes, 9, selfAfterMinutes",
    "idleMinutesLead, 4, idleMinutesLead",
    "leastPin, 3, leastPin",
    "currency, money, currency",
  })
  void whatIsWrongIsSaidAtItsFieldAndNothingChanges(String field, String typed, String told) {
    int before = version();
    Answer answer = change(asta, before, now -> now.put(field, typed));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body().path("errors").get(0).path("field").asString()).isEqualTo(told);
    assertThat(version()).isEqualTo(before);
  }

  @Test
  void aRuleNeedsADistanceATimeOrHours() {
    Answer answer =
        change(
            asta,
            version(),
            now ->
                now.putArray("always")
                    .addObject()
                    .put("key", "")
                    .put("why", "To be sure.")
                    .put("afterFirstRide", false)
                    .put("km", "")
                    .put("days", "")
                    .put("hours", ""));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body().toString()).contains("always[0]", "needs a distance");
  }

  @Test
  void onlyALeadDecidesAndTheSecondOfTwoIsTold() {
    assertThat(change(bram, version(), now -> now.put("name", "Bram's")).status()).isEqualTo(403);
    int seen = version();
    assertThat(change(asta, seen, now -> now.put("name", "Zz first")).status()).isEqualTo(200);
    Answer second = change(asta, seen, now -> now.put("name", "Zz second"));
    assertThat(second.status()).isEqualTo(409);
    assertThat(asta.get("/api/session").body().path("workshop").path("name").asString())
        .isEqualTo("Zz first");
  }

  @Test
  void theDayOfTheWorkshopIsThatOfItsZone() {
    String kiritimati = "Pacific/Kiritimati";
    String pago = "Pacific/Pago_Pago";
    change(asta, version(), now -> now.put("zone", kiritimati));
    String there = asta.get("/api/session").body().path("today").asString();
    change(asta, version(), now -> now.put("zone", pago));
    String elsewhere = asta.get("/api/session").body().path("today").asString();
    assertThat(there).as("always a day ahead").isGreaterThan(elsewhere);
  }

  @Test
  void whereACommaStandsInFiguresASemicolonStandsBetweenCellsOfFiles() {
    assertThat(asta.get("/api/shelf/to-buy.csv").raw().body()).startsWith("name,to_buy");
    change(asta, version(), now -> now.put("decimals", "COMMA"));
    assertThat(asta.get("/api/shelf/to-buy.csv").raw().body()).startsWith("name;to_buy");
    assertThat(asta.get("/api/sheets/of-VALUES.csv").raw().body())
        .startsWith("make;model;year_from");
  }

  @Test
  void anEmptyPlaceAmongTheRulesIsSaid() {
    Answer answer = change(asta, version(), now -> now.putArray("always").addNull());
    assertThat(answer.status()).isEqualTo(400);
  }

  @Test
  void anEmptyPlaceAmongRightsOrSchoolsIsSaid() {
    assertThat(change(asta, version(), now -> now.putArray("ofLeads").addNull()).status())
        .isEqualTo(400);
    assertThat(
            change(asta, version(), now -> ((ObjectNode) now.path("schools")).putNull("CUPS"))
                .status())
        .isEqualTo(400);
    assertThat(change(asta, version(), now -> now.put("benchC", "41")).body().toString())
        .contains("benchC");
  }

  @Test
  void whatTheWorkshopHoldsToAnswersAJobsQuestions() {
    change(
        asta,
        version(),
        now -> ((ObjectNode) now.path("schools")).put("CUPS", "grease").put("CLICK", "twice"));
    Answer opened =
        asta.post(
            "/api/jobs",
            Map.of(
                "id",
                UUID.randomUUID(),
                "machineId",
                bram.get("/api/machines?q=Gravel%201").body().get(0).path("id").asString(),
                "packKey",
                "bi-bb-together"));
    assertThat(opened.status()).as(opened.detail()).isEqualTo(200);
    assertThat(opened.body().toString()).contains("\"school\":\"CUPS\"},\"answer\":\"grease\"");
    asta.post(
        "/api/jobs/" + opened.body().path("jobId").asString() + "/cancelling",
        Map.of("id", UUID.randomUUID(), "reason", "Opened by a test.", "version", 1));
    Answer odd =
        change(asta, version(), now -> ((ObjectNode) now.path("schools")).put("CUPS", "honey"));
    assertThat(odd.status()).isEqualTo(400);
    assertThat(odd.body().toString()).contains("schools");
  }

  @Test
  void whatIsKeptToLeadsIsRefusedToMechanicsAtOnceButADropIsAlwaysSaid() {
    change(
        asta,
        version(),
        now ->
            now.putArray("ofLeads")
                .add("KEEP_SHELF")
                .add("KEEP_TOOLS")
                .add("KEEP_MACHINES")
                .add("ENTER_VALUES"));
    assertThat(bram.get("/api/session").body().path("rights").toString())
        .isEqualTo("[\"BRING_SHEETS\",\"CANCEL_JOBS\",\"SET_RATE\"]");
    String tool = bram.get("/api/crib").body().path("tools").get(0).path("id").asString();
    Answer refused =
        bram.post(
            "/api/crib/tools/" + tool + "/happenings",
            Map.of("id", UUID.randomUUID(), "kind", "RETIRED", "note", ""));
    assertThat(refused.status()).isEqualTo(403);
    assertThat(refused.detail()).contains("Only leads may bring tools in");
    Answer dropped =
        bram.post(
            "/api/crib/tools/" + UUID.randomUUID() + "/happenings",
            Map.of("id", UUID.randomUUID(), "kind", "DROPPED", "note", "off the bench"));
    assertThat(dropped.status()).as("not refused for who says it").isEqualTo(404);
    Answer key =
        bram.post(
            "/api/crib/hand-tools",
            Map.of("id", UUID.randomUUID(), "name", "Test key", "here", true));
    assertThat(key.status()).isEqualTo(403);
  }
}
