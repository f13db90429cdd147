package app.unimetric.server.shelf;

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

/** The shelf, and what its gaps mean for a job. */
@InWorkshop
class ShelfTest {
  private final Visitor bram;

  ShelfTest(Workshop workshop) {
    bram = Visitor.signedIn(workshop, "Bram");
  }

  private static Map<String, Object> product(String name, String fixture, String fullCure) {
    Map<String, Object> product = new HashMap<>();
    product.put("id", UUID.randomUUID());
    product.put("name", name);
    product.put("compound", "WICKING");
    product.put("times", List.of(Map.of("atC", "21", "fixture", fixture, "fullCure", fullCure)));
    product.put("breakaway", "");
    product.put("gapMm", "");
    product.put("hottestC", "");
    product.put("notFor", List.of());
    product.put("monthsOpen", "");
    product.put("lot", "L1");
    product.put("sheet", "Data sheet 7");
    return product;
  }

  private static JsonNode named(JsonNode shelf, String name) {
    for (JsonNode p : shelf.path("products")) {
      if (p.path("product").path("name").asString().equals(name)) {
        return p;
      }
    }
    return tools.jackson.databind.node.MissingNode.getInstance();
  }

  private Answer move(String part, int pieces, String price) {
    return bram.post("/api/shelf/parts", moved(part, pieces, price));
  }

  private static Map<String, Object> moved(String part, int pieces, String price) {
    Map<String, Object> move = new HashMap<>();
    move.put("id", UUID.randomUUID());
    move.put("name", part);
    move.put("pieces", pieces);
    move.put("price", price);
    move.put("size", "");
    move.put("strength", "");
    move.put("orderNumber", "");
    move.put("why", "test");
    return move;
  }

  private static int pieces(JsonNode shelf, String part) {
    for (JsonNode p : shelf.path("parts")) {
      if (p.path("name").asString().equals(part)) {
        return p.path("pieces").asInt();
      }
    }
    return -1;
  }

  @Test
  void aProductIsPutOnWithTheTimesOfItsSheetAndThrownAway() {
    Map<String, Object> wick = product("Thin wick", "15 min", "24 h");
    assertThat(bram.post("/api/shelf/products", wick).status()).isEqualTo(200);
    JsonNode shelf = bram.post("/api/shelf/products", wick).body();
    JsonNode there = named(shelf, "Thin wick");
    JsonNode times = there.path("times").get(0);
    assertThat(times.path("on").asString()).isEqualTo("all metals at 21 °C");
    assertThat(times.path("fixtureMinutes").asDouble()).isEqualTo(15);
    assertThat(times.path("fullCureMinutes").asDouble()).isEqualTo(1440);
    assertThat(there.path("cures").asBoolean()).isTrue();
    assertThat(there.path("expired").asBoolean()).isFalse();
    String gone = "/api/shelf/products/" + wick.get("id") + "/gone";
    assertThat(named(bram.post(gone, "{}").body(), "Thin wick").isMissingNode()).isTrue();
    assertThat(bram.post(gone, "{}").status()).isEqualTo(404);
  }

  @ParameterizedTest
  @CsvSource({
    "Thin wick,24,24 h,times[0].fixture",
    "Thin wick,15 min,soon,times[0].fullCure",
    "Thin wick,2 h,1 h,times[0].fullCureMinutes",
    "' ',15 min,24 h,name"
  })
  void nonsenseIsRefusedAtItsField(String name, String fixture, String fullCure, String field) {
    Answer answer = bram.post("/api/shelf/products", product(name, fixture, fullCure));
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body().path("errors").get(0).path("field").asString()).isEqualTo(field);
  }

  @Test
  void timesNeedTheSheetTheyStandOn() {
    Map<String, Object> bare = product("Thin wick", "15 min", "24 h");
    bare.put("sheet", "");
    assertThat(
            bram.post("/api/shelf/products", bare)
                .body()
                .path("errors")
                .get(0)
                .path("message")
                .asString())
        .contains("which data sheet");
  }

  @Test
  void allThatItsSheetSaysIsKeptAndAnOpenBottleRunsOut() {
    Map<String, Object> wick = product("Whole wick", "15 min", "24 h");
    wick.put(
        "times",
        List.of(
            Map.of("metal", "STAINLESS", "atC", "21", "fixture", "90 min", "fullCure", "72 h"),
            Map.of("atC", "", "fixture", "", "fullCure", "")));
    wick.put("breakaway", "18 Nm");
    wick.put("gapMm", "0,15");
    wick.put("hottestC", "150");
    wick.put("notFor", List.of("PLASTIC", "CARBON"));
    wick.put("expiresOn", "2099-01-01");
    wick.put("openedOn", "2020-01-15");
    wick.put("monthsOpen", "12");
    JsonNode there = named(bram.post("/api/shelf/products", wick).body(), "Whole wick");
    assertThat(there.path("says").toString())
        .isEqualTo(
            "[\"breaks loose at 18 N·m\",\"fills gaps up to 0.15 mm\",\"holds up to 150 °C\",\"not for plastic, carbon\"]");
    assertThat(there.path("times")).as("an empty row is none").hasSize(1);
    assertThat(there.path("goodUntil").asString()).isEqualTo("2021-01-15");
    assertThat(there.path("expired").asBoolean()).isTrue();

    Map<String, Object> closed = product("Closed wick", "15 min", "24 h");
    bram.post("/api/shelf/products", closed);
    JsonNode open = bram.post("/api/shelf/products/" + closed.get("id") + "/opening", "{}").body();
    assertThat(named(open, "Closed wick").path("product").has("openedOn")).isTrue();
    for (Map<String, Object> one : List.of(wick, closed)) {
      bram.post("/api/shelf/products/" + one.get("id") + "/gone", "{}");
    }
  }

  @Test
  void anEmptyPlaceAmongMaterialsOrRowsIsSaid() {
    String body =
        "{\"id\":\"%s\",\"name\":\"x\",\"compound\":\"LOW\",\"times\":%s,\"breakaway\":\"\",\"gapMm\":\"\",\"hottestC\":\"\",\"notFor\":%s,\"monthsOpen\":\"\",\"lot\":\"\",\"sheet\":\"\"}";
    for (String[] wrong : new String[][] {{"[null]", "[]"}, {"[]", "[null]"}, {"[]", "null"}}) {
      Answer answer =
          bram.post("/api/shelf/products", body.formatted(UUID.randomUUID(), wrong[0], wrong[1]));
      assertThat(answer.status()).as(answer.raw().body()).isEqualTo(400);
    }
    assertThat(
            bram.post(
                    "/api/shelf/products",
                    body.replace("\"gapMm\":\"\"", "\"gapMm\":\"99999999\"")
                        .formatted(UUID.randomUUID(), "[]", "[]"))
                .status())
        .as("a gap nothing fills")
        .isEqualTo(400);
  }

  @Test
  void timesOfAKindThatDoesNotSetAreAskedAbout() {
    Map<String, Object> grease = product("Odd grease", "15 min", "24 h");
    grease.put("compound", "GREASE");
    assertThat(bram.post("/api/shelf/products", grease).body().toString())
        .contains("this kind does not set");
  }

  @Test
  void aPartIsOrderedByWhatIsKnownOfIt() {
    Map<String, Object> washer = moved("Test seal", 2, "");
    washer.put("size", "M8");
    washer.put("orderNumber", "ND-17");
    bram.post("/api/shelf/parts", washer);
    JsonNode shelf = bram.post("/api/shelf/parts", moved("Test seal", 1, "")).body();
    for (JsonNode p : shelf.path("parts")) {
      if (p.path("name").asString().equals("Test seal")) {
        assertThat(p.path("size").asString()).isEqualTo("M8");
        assertThat(p.path("orderNumber").asString()).as("stays").isEqualTo("ND-17");
      }
    }
    assertThat(pieces(shelf, "Test seal")).isEqualTo(3);
  }

  @Test
  void piecesComeAndGoAndNeverBelowNone() {
    assertThat(pieces(move("Test washer", 5, "0.20").body(), "Test washer")).isEqualTo(5);
    assertThat(pieces(move("Test washer", -2, "").body(), "Test washer")).isEqualTo(3);
    Answer tooMany = move("Test washer", -4, "");
    assertThat(tooMany.status()).isEqualTo(400);
    assertThat(tooMany.body().path("errors").get(0).path("message").asString())
        .contains("more than the 3 there are");
    assertThat(move("Test washer", 0, "").status()).isEqualTo(400);
    assertThat(move("Test washer", 1, "1.999").status()).isEqualTo(400);
    Map<String, Object> once = moved("Test washer", 1, "");
    bram.post("/api/shelf/parts", once);
    assertThat(pieces(bram.post("/api/shelf/parts", once).body(), "Test washer")).isEqualTo(4);
  }

  @Test
  void whatAJobLacksBlocksItAndStandsOnTodayUntilItIsThere() {
    String machine = bram.get("/api/machines?q=Trail%201").body().get(0).path("id").asString();
    String job = UUID.randomUUID().toString();
    JsonNode sheet =
        bram.post(
                "/api/jobs",
                Map.of("id", job, "machineId", machine, "packKey", "mc-flywheel-weight"))
            .body();
    assertThat(sheet.path("blockers").toString())
        .contains("To order: Cover gasket, 1 needed, 0 there.");
    assertThat(bram.get("/api/today").body().path("toGet").toString()).contains("Cover gasket");
    move("Cover gasket", 1, "7.80");
    JsonNode after = bram.get("/api/jobs/" + job + "/sheet").body();
    assertThat(after.path("blockers").toString()).doesNotContain("Cover gasket");
    assertThat(after.path("cost").path("parts").asDouble()).isEqualTo(7.8);
    assertThat(bram.get("/api/today").body().path("toGet").toString())
        .doesNotContain("Cover gasket");
  }

  @Test
  void whatThePlannedJobsLackIsOneListAndASheet() {
    JsonNode list = bram.get("/api/shelf/to-buy").body();
    assertThat(list.path("jobs").asInt()).isPositive();
    String csv = bram.get("/api/shelf/to-buy.csv").raw().body();
    assertThat(csv).startsWith("name,to_buy,needed,there,price,order_as,for");
    for (JsonNode line : list.path("parts")) {
      assertThat(line.path("toBuy").asInt())
          .isEqualTo(line.path("needed").asInt() - line.path("there").asInt())
          .isPositive();
      assertThat(csv).contains(line.path("name").asString());
      assertThat(line.path("jobs")).isNotEmpty();
    }
    assertThat(csv.lines().count())
        .isEqualTo(1 + list.path("parts").size() + list.path("products").size());
  }
}
