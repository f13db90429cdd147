package app.unimetric.server.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import app.unimetric.server.InWorkshop;
import app.unimetric.server.Visitor;
import app.unimetric.server.Visitor.Answer;
import app.unimetric.server.Workshop;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What is written on a sheet before its job starts: order, fits, price, prints. */
@InWorkshop
class SheetsTest {
  private final Visitor bram;
  private final Visitor asta;
  private final Visitor guest;
  private String job = "";
  private JsonNode sheet;

  private final Workshop workshop;

  SheetsTest(Workshop workshop) {
    this.workshop = workshop;
    bram = Visitor.signedIn(workshop, "Bram");
    asta = Visitor.signedIn(workshop, "Asta");
    guest = Visitor.signedIn(workshop, "Visitor");
  }

  @BeforeEach
  void open() {
    job = UUID.randomUUID().toString();
    Answer opened =
        bram.post(
            "/api/jobs", Map.of("id", job, "machineId", machine(), "packKey", "mc-wheel-front"));
    assertThat(opened.status()).as(opened.detail()).isEqualTo(200);
    sheet = opened.body();
  }

  private String machine() {
    return bram.get("/api/machines?q=Patrol%201").body().get(0).path("id").asString();
  }

  private Answer write(String what, Map<String, Object> body) {
    Map<String, Object> entry = new HashMap<>(Map.of("id", UUID.randomUUID()));
    entry.put("version", sheet.path("version").asInt());
    entry.putAll(body);
    Answer answer = bram.post("/api/jobs/" + job + "/" + what, entry);
    if (answer.status() == 200) {
      sheet = answer.body();
    }
    return answer;
  }

  private List<String> order() {
    List<String> ids = new ArrayList<>();
    sheet.path("joints").forEach(j -> ids.add(j.path("id").asString()));
    return ids;
  }

  @Test
  void aJointIsMovedWithinTheRulesAndTheOrderGivenBack() {
    List<String> own = order();
    assertThat(own).containsExactly("axle", "pinch", "caliper.LEFT", "caliper.RIGHT");
    Answer moved = write("arrangement", Map.of("jointId", "caliper.LEFT", "place", 1));
    assertThat(moved.status()).as(moved.detail()).isEqualTo(200);
    assertThat(order()).containsExactly("axle", "caliper.LEFT", "pinch", "caliper.RIGHT");
    assertThat(sheet.path("handOrder").asBoolean()).isTrue();
    assertThat(bram.get("/api/jobs/" + job + "/sheet").body().path("joints"))
        .isEqualTo(sheet.path("joints"));
    write("arrangement/planner", Map.of());
    assertThat(order()).isEqualTo(own);
    assertThat(sheet.path("handOrder").asBoolean()).isFalse();
  }

  @Test
  void theAnswersToAJobsQuestionsPickItsJointsAndStandUntilAnotherIsGiven() {
    assertThat(sheet.path("questions").path("options").size()).isEqualTo(2);
    assertThat(sheet.path("questions").path("sided").asBoolean()).isTrue();
    assertThat(sheet.path("questions").path("sidesQuestion").asString())
        .isEqualTo("On which side is a front caliper?");
    Map<String, String> two = Map.of("pinch", "both", "axle", "nut");
    Answer chosen = write("choices", Map.of("options", two, "sides", List.of("RIGHT")));
    assertThat(chosen.status()).as(chosen.detail()).isEqualTo(200);
    assertThat(order()).containsExactly("axle-nut", "pinch", "pinch-far", "caliper.RIGHT");
    assertThat(bram.get("/api/jobs/" + job + "/sheet").body().path("questions").toString())
        .contains("\"answer\":\"nut\"", "\"answer\":\"both\"", "\"sides\":[\"RIGHT\"]");
    write("choices", Map.of("options", Map.of("pinch", "one"), "sides", List.of()));
    assertThat(order()).containsExactly("axle", "pinch", "caliper.LEFT", "caliper.RIGHT");
    Answer wrong = write("choices", Map.of("options", Map.of("pinch", "six"), "sides", List.of()));
    assertThat(wrong.status()).isEqualTo(400);
    assertThat(wrong.body().path("errors").toString()).contains("options.pinch");
    Answer sides = write("choices", Map.of("options", Map.of(), "sides", List.of("MIDDLE")));
    assertThat(sides.status()).isEqualTo(400);
    Answer denied =
        guest.post(
            "/api/jobs/" + job + "/choices",
            Map.of("id", UUID.randomUUID(), "options", two, "sides", List.of(), "version", 1));
    assertThat(denied.status()).isEqualTo(403);
  }

  private Map<String, Object> found(String joint, String typed) {
    return Map.of("jointId", joint, "typed", typed, "source", "MANUAL", "document", "p. 3");
  }

  @Test
  void aValueIsTakenBackByWhoWroteItOrALeadAndStaysInTheHistory() {
    write("values", found("axle", "80 Nm"));
    String value = joint("axle").path("values").get(0).path("id").asString();
    Map<String, Object> back = new HashMap<>(Map.of("valueId", value, "reason", "Wrong page."));
    back.putAll(Map.of("id", UUID.randomUUID(), "version", sheet.path("version").asInt()));
    Visitor ilse = Visitor.signedIn(workshop, "Ilse");
    Answer others = ilse.post("/api/jobs/" + job + "/withdrawals", back);
    assertThat(others.status()).isEqualTo(403);
    assertThat(others.detail()).contains("Bram wrote this value down");
    assertThat(write("withdrawals", Map.of("valueId", value, "reason", " ")).status())
        .isEqualTo(400);
    assertThat(write("withdrawals", Map.of("valueId", value, "reason", "Wrong page.")).status())
        .isEqualTo(200);
    assertThat(joint("axle").path("values").size()).isZero();
    assertThat(joint("axle").path("takenBack").toString())
        .contains("80 N·m", "p. 3", "Wrong page.", "Bram");
    assertThat(write("withdrawals", Map.of("valueId", "pack.1", "reason", "x")).status())
        .isEqualTo(400);
  }

  @Test
  void byFeelIsForWhatNoToolReachesAndNeverForACriticalJoint() {
    Answer critical = write("by-feel", Map.of("jointId", "axle", "reason", "No room."));
    assertThat(critical.status()).isEqualTo(400);
    assertThat(critical.body().path("errors").toString()).contains("critical joint");
    job = UUID.randomUUID().toString();
    sheet =
        bram.post(
                "/api/jobs",
                Map.of("id", job, "machineId", bicycle(), "packKey", "bi-crank-collar"))
            .body();
    write("values", found("collar", "0.7 Nm"));
    assertThat(kinds("collar")).contains("NO_TOOL");
    write("by-feel", Map.of("jointId", "collar", "reason", "No tool so small."));
    assertThat(kinds("collar")).doesNotContain("NO_TOOL");
    assertThat(joint("collar").path("byFeel").asString()).isEqualTo("No tool so small.");
  }

  private String bicycle() {
    return bram.get("/api/machines?q=Haul%201").body().get(0).path("id").asString();
  }

  private JsonNode joint(String id) {
    return sheet
        .path("joints")
        .valueStream()
        .filter(j -> j.path("id").asString().equals(id))
        .findFirst()
        .orElseThrow();
  }

  private List<String> kinds(String joint) {
    return sheet
        .path("blockers")
        .valueStream()
        .filter(b -> b.path("jointId").asString("").equals(joint))
        .map(b -> b.path("kind").asString())
        .toList();
  }

  @Test
  void theWorkStandsOnTheSheetInItsOrder() {
    List<String> work = new ArrayList<>();
    sheet
        .path("work")
        .forEach(l -> work.add(l.path("doing").asString() + " " + l.path("title").asString()));
    assertThat(work)
        .containsSubsequence(
            "break loose Axle",
            "take off Lift the front",
            "by hand Axle",
            "tighten Axle",
            "by hand Axle pinch bolts",
            "do Work the fork up and down",
            "snug Axle pinch bolts",
            "tighten Axle pinch bolts",
            "by hand Caliper to bracket, left");
  }

  @Test
  void aMoveAgainstARuleIsRefusedWithItsReasonAndOneSentTwiceCountsOnce() {
    int before = sheet.path("version").asInt();
    Answer refused = write("arrangement", Map.of("jointId", "pinch", "place", 0));
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.detail())
        .contains(" has to come before ")
        .contains("The axle sets the fork legs");
    assertThat(bram.get("/api/jobs/" + job + "/sheet").body().path("version").asInt())
        .isEqualTo(before);

    Map<String, Object> same =
        Map.of("id", UUID.randomUUID(), "jointId", "caliper.LEFT", "place", 1);
    write("arrangement", same);
    int once = sheet.path("version").asInt();
    write("arrangement", same);
    assertThat(sheet.path("version").asInt()).isEqualTo(once);
    Answer stale =
        bram.post(
            "/api/jobs/" + job + "/arrangement",
            Map.of(
                "id", UUID.randomUUID(), "jointId", "caliper.LEFT", "place", 1, "version", before));
    assertThat(stale.status()).isEqualTo(409);
    assertThat(stale.detail()).contains("Someone changed this");
  }

  @Test
  void costIsSetAgainstTheQuotedPriceAndOnlyALeadSetsTheRate() {
    assertThat(sheet.path("cost").path("labour").asDouble()).isPositive();
    assertThat(sheet.path("cost").has("quoted")).isFalse();
    write("quote", Map.of("amount", "20"));
    assertThat(sheet.path("cost").path("quoted").asDouble()).isEqualTo(20);
    assertThat(sheet.path("cost").path("left").asDouble()).isNegative();
    assertThat(
            write("quote", Map.of("amount", "20 EUR"))
                .body()
                .path("errors")
                .get(0)
                .path("field")
                .asString())
        .isEqualTo("amount");
    Map<String, Object> rate = Map.of("id", UUID.randomUUID(), "perHour", "80");
    assertThat(bram.post("/api/shelf/rate", rate).status()).isEqualTo(403);
    double before = sheet.path("cost").path("labour").asDouble();
    assertThat(asta.post("/api/shelf/rate", rate).status()).isEqualTo(200);
    double after =
        bram.get("/api/jobs/" + job + "/sheet").body().path("cost").path("labour").asDouble();
    assertThat(after / before).isCloseTo(80.0 / 62, org.assertj.core.api.Assertions.within(0.001));
    asta.post("/api/shelf/rate", Map.of("id", UUID.randomUUID(), "perHour", "62"));
  }

  @Test
  void whichPartIsFittedIsWrittenDownAndStandsOnTheCard() throws IOException {
    assertThat(sheet.path("fits").asString()).isEqualTo("Front wheel");
    assertThat(sheet.has("part")).isFalse();
    write("part", Map.of("name", "Spoked, mark W-19 "));
    write("part", Map.of("name", "Cast, mark W-21"));
    assertThat(sheet.path("part").asString()).isEqualTo("Cast, mark W-21");
    assertThat(write("part", Map.of("name", " ")).status()).isEqualTo(400);
    assertThat(bram.paper("/api/jobs/" + job + "/card.pdf"))
        .contains("Part: Front wheel: Cast, mark W-21");
  }

  @Test
  void aToolTheCribLacksBlocksUntilItIsSaidToBeHere() {
    assertThat(sheet.path("needs").path("notInCrib").isEmpty()).isTrue();
    inCrib("6 mm hex key", false);
    assertThat(sheet.path("needs").path("notInCrib").get(0).asString()).isEqualTo("6 mm hex key");
    assertThat(sheet.path("blockers").toString()).contains("Not in the crib: 6 mm hex key.");
    inCrib(" 6 mm HEX key", true);
    assertThat(sheet.path("needs").path("notInCrib").isEmpty()).isTrue();
    Map<String, Object> nameless = Map.of("id", UUID.randomUUID(), "name", " ", "here", true);
    assertThat(bram.post("/api/crib/hand-tools", nameless).status()).isEqualTo(400);
    Map<String, Object> any = Map.of("id", UUID.randomUUID(), "name", "saw", "here", true);
    assertThat(guest.post("/api/crib/hand-tools", any).status()).isEqualTo(403);
  }

  private void inCrib(String name, boolean here) {
    Map<String, Object> tool = Map.of("id", UUID.randomUUID(), "name", name, "here", here);
    assertThat(bram.post("/api/crib/hand-tools", tool).status()).isEqualTo(200);
    assertThat(bram.post("/api/crib/hand-tools", tool).status()).as("a resend").isEqualTo(200);
    sheet = bram.get("/api/jobs/" + job + "/sheet").body();
  }

  @Test
  void theSameEntryFromTwoHandsAtOnceCountsOnce() {
    Map<String, Object> body =
        Map.of("id", UUID.randomUUID(), "name", "Both", "version", sheet.path("version").asInt());
    assertThat(atOnce("/api/jobs/" + job + "/part", body)).contains(200).isSubsetOf(200, 409);
    Map<String, Object> twin =
        Map.of("id", UUID.randomUUID(), "machineId", machine(), "packKey", "mc-pads-front");
    List<Integer> opened = atOnce("/api/jobs", twin);
    assertThat(opened).contains(200).isSubsetOf(200, 409);
  }

  private List<Integer> atOnce(String path, Map<String, Object> body) {
    return Stream.of(bram, asta).parallel().map(v -> v.post(path, body).status()).toList();
  }

  @Test
  void whatAPrintNoLongerTellsIsMarkedOnSheetAndCard() throws IOException {
    assertThat(sheet.has("sincePrint")).isFalse();
    sheet = bram.post("/api/jobs/" + job + "/prints", Map.of("id", UUID.randomUUID())).body();
    assertThat(sheet.path("sincePrint").path("printedBy").asString()).isEqualTo("Bram");
    assertThat(sheet.path("sincePrint").path("changes").isEmpty()).isTrue();
    String print = sheet.path("sincePrint").path("id").asString();
    write("arrangement", Map.of("jointId", "caliper.LEFT", "place", 1));
    assertThat(sheet.path("sincePrint").path("changes").toString()).contains("is now");
    assertThat(bram.paper("/api/jobs/" + job + "/card.pdf?since=" + print)).contains("▲ place:");
    assertThat(bram.paper("/api/jobs/" + job + "/card.pdf")).doesNotContain("▲");
  }

  @Test
  void thePlanIsAFileAndEachDrawingShowsTheCoresPlaces() {
    JsonNode plan = bram.get("/api/jobs/" + job + "/plan.json").body();
    assertThat(plan.path("joints").size()).isEqualTo(order().size());
    assertThat(plan.path("derivation").size()).isPositive();
    for (JsonNode joint : sheet.path("joints")) {
      String svg =
          bram.get("/api/jobs/" + job + "/joints/" + joint.path("id").asString() + "/drawing.svg")
              .raw()
              .body();
      List<double[]> drawn =
          Pattern.compile("<circle cx=\"([-\\d.]+)\" cy=\"([-\\d.]+)\"")
              .matcher(svg)
              .results()
              .map(SheetsTest::place)
              .toList();
      JsonNode places = joint.path("positions");
      assertThat(drawn).hasSize(places.size());
      for (int i = 0; i < drawn.size(); i++) {
        assertThat(Math.signum(drawn.get(i)[0]))
            .isEqualTo(Math.signum(round(places.get(i).path("x").asDouble())));
        assertThat(Math.signum(drawn.get(i)[1]))
            .isEqualTo(Math.signum(round(places.get(i).path("y").asDouble())));
      }
    }
    assertThat(bram.get("/api/jobs/" + job + "/joints/none/drawing.svg").status()).isEqualTo(404);
  }

  private static double[] place(MatchResult circle) {
    return new double[] {Double.parseDouble(circle.group(1)), Double.parseDouble(circle.group(2))};
  }

  private static double round(double figure) {
    return Math.rint(figure * 1000) / 1000;
  }

  @ParameterizedTest
  @CsvSource({
    "fits,'{\"question\": \"Never asked?\", \"fits\": true, \"note\": \"\"}',question",
    "arrangement,'{\"jointId\": \"none\", \"place\": 0}',jointId",
    "arrangement,'{\"jointId\": \"axle\", \"place\": 99}',place",
    "part,'{\"name\": \"\"}',name",
    "quote,'{\"amount\": \"-3\"}',amount",
    "choices,'{\"options\": {\"pins\": null}, \"sides\": []}',options.pins",
    "choices,'{\"options\": {}, \"sides\": [null]}',sides[0]",
    "withdrawals,'{\"valueId\": \"none\", \"reason\": \"slip\"}',valueId",
    "by-feel,'{\"jointId\": \"none\", \"reason\": \"no tool\"}',jointId"
  })
  void nonsenseIsRefusedAtItsField(String what, String json, String field) {
    String body =
        json.replaceFirst(
            "\\{",
            "{\"id\": \"" + UUID.randomUUID() + "\", \"version\": " + sheet.path("version") + ", ");
    Answer answer = bram.post("/api/jobs/" + job + "/" + what, body);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body().path("errors").get(0).path("field").asString()).isEqualTo(field);
  }

  @Test
  void aGuestReadsButWritesNothing() {
    assertThat(guest.get("/api/jobs/" + job + "/plan.json").status()).isEqualTo(200);
    assertThat(guest.post("/api/jobs/" + job + "/prints", Map.of("id", UUID.randomUUID())).status())
        .isEqualTo(403);
  }
}
